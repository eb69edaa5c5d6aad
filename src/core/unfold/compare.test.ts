import type { Athlete } from '../athlete/athlete';
import { runChecks } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, HALL, HALL_PLACE, lookup, performWeek, session, slot } from '../testing/fixtures';
import { comparePlans, isUnchanged } from './compare';
import { unfold } from './unfold';

const legs = block([session('a', 0, [slot('1', 'barbell-back-squat'), slot('2', 'leg-press')])], {
  weeks: 2,
});

function outlook(who: Athlete) {
  const blockPlan = unfold({
    block: legs,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  return { blockPlan, findings: runChecks({ block: legs, athlete: who, blockPlan, exercises: lookup }) };
}

test('equal inputs have no differences', () => {
  expect(isUnchanged(comparePlans(outlook(athlete()), outlook(athlete())))).toBe(true);
});

test('coarser plates change only the loads made with them', () => {
  const coarse = {
    ...HALL_PLACE,
    loads: { ...HALL, barbell: { ...HALL.barbell, plates: [{ weight: 20, pairs: 6 }] } },
  };
  const changes = comparePlans(outlook(athlete()), outlook(athlete({ places: [coarse] })));
  expect(new Set(changes.loads.map(({ exerciseId }) => exerciseId))).toEqual(new Set(['barbell-back-squat']));
  expect(changes.loads[0]?.to.load).toBe(60);
  expect(changes.marks).toEqual([]);
});

test('a level changes volume ranges and budget; a shorter session time and a joint each add a finding', () => {
  const changes = comparePlans(
    outlook(athlete()),
    outlook(
      athlete({ level: 'novice', minutes: 10, joints: [{ joint: 'knee', since: '2026-11-01', note: '' }] }),
    ),
  );
  expect(changes.budget).toEqual({ from: 90, to: 60 });
  expect(changes.marks).toContainEqual({ muscle: 'chest', mark: 'ceiling', from: 18, to: 13 });
  const rules = changes.appearing.map(({ detail }) => detail.rule);
  expect(rules).toEqual(expect.arrayContaining(['session length', 'irritated joint']));
});

test('a sent week does not change', () => {
  const done = performWeek({ block: legs, athlete: athlete(), issued: [], log: EMPTY_LOG }, 1);
  const run = (who: Athlete) => {
    const blockPlan = unfold({ block: legs, athlete: who, exercises: lookup, ...done, answers: [] });
    return { blockPlan, findings: [] };
  };
  const changes = comparePlans(run(athlete()), run(athlete({ goals: { quads: 'priority' } })));
  expect(changes.goals).toEqual(['quads']);
  expect(changes.loads.every(({ week }) => week > 1)).toBe(true);
});

test('another set: the muscles it counts toward and the session it lengthens, by hand', () => {
  const design = (sets: number) =>
    block([session('a', 0, [slot('1', 'leg-press', { technique: { kind: 'straight', sets } })])], {
      weeks: 1,
    });
  const run = (sets: number) => {
    const blockPlan = unfold({
      block: design(sets),
      athlete: athlete(),
      exercises: lookup,
      issued: [],
      log: EMPTY_LOG,
      answers: [],
    });
    return { blockPlan, findings: [] };
  };
  const { volume, times } = comparePlans(run(3), run(4));
  // A leg press counts fully toward quads, half toward glutes, a quarter toward adductors.
  expect(volume.find(({ muscle }) => muscle === 'quads')).toEqual({ muscle: 'quads', from: 3, to: 4 });
  expect(volume.find(({ muscle }) => muscle === 'glutes')).toEqual({ muscle: 'glutes', from: 1.5, to: 2 });
  expect(volume.some(({ muscle }) => muscle === 'chest')).toBe(false);
  expect(times).toHaveLength(1);
  expect(times[0]?.to).toBeGreaterThan(times[0]?.from ?? Number.POSITIVE_INFINITY);
});
