import { exerciseById } from '../exercises/library';
import { runChecks } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { conventionsWith } from './conventions';
import {
  conventionOrigin,
  conventionsOf,
  EXERCISE_CONVENTIONS,
  MUSCLE_CONVENTIONS,
  NearConventions,
  NO_CONVENTIONS,
  type OwnConventions,
} from './own-conventions';

const press = exerciseById('leg-press');
if (press === undefined) throw new Error('the library lost the leg press');

const own: OwnConventions = {
  coach: { gapHours: 50, sessionCap: 9, fitTolerance: 0.6 },
  athlete: { gapHours: 52, fitTolerance: 0.7 },
  muscles: { quads: { gapHours: 60, fitTolerance: 0.8 } },
  exercises: { 'leg-press': { fitTolerance: 0.9 } },
};

describe('the source of a figure', () => {
  test.each([
    ['fitTolerance', { exercise: press, block: { fitTolerance: 1 } }, 1, 'block'],
    ['fitTolerance', { exercise: press, block: {} }, 0.9, 'exercise'],
    ['gapHours', { exercise: press, block: {} }, 60, 'muscle'],
    ['gapHours', { muscle: 'quads', block: {} }, 60, 'muscle'],
    ['gapHours', { muscle: 'chest', block: {} }, 52, 'athlete'],
    ['sessionCap', { muscle: 'quads', block: {} }, 9, 'coach'],
    ['sessionHeavyCap', { muscle: 'quads', block: {} }, 4, 'usual'],
  ] as const)('%s of %o', (id, of, value, from) => {
    expect(conventionOrigin(id, { own, ...of })).toEqual({ value, from });
    expect(conventionsOf({ own, ...of })[id]).toBe(value);
  });

  test('without a more specific rule the same object is returned', () => {
    const near = new NearConventions(own, {});
    expect(near.ofMuscle('chest')).toBe(near.whole);
    expect(near.ofMuscle('quads')).not.toBe(near.whole);
    expect(near.ofMuscle('quads')).toBe(near.ofMuscle('quads'));
    expect(near.ofExercise(press)).toBe(near.ofExercise(press));
    expect(new NearConventions(NO_CONVENTIONS, {}).whole).toEqual(conventionsWith());
  });

  test('no rule is both per muscle and per exercise', () => {
    expect(MUSCLE_CONVENTIONS.filter((id) => EXERCISE_CONVENTIONS.includes(id))).toEqual([]);
  });
});

describe('they change the figures', () => {
  const base = { exercises: lookup, log: EMPTY_LOG, issued: [], answers: [] };
  const made = block([
    session('a', 0, [slot('p', 'leg-press'), slot('c', 'cable-curl')]),
    session('b', 2, [slot('q', 'leg-press')]),
  ]);
  const hardSets = (conventions: Partial<OwnConventions>) =>
    unfold({
      ...base,
      block: made,
      athlete: athlete({ conventions: { ...NO_CONVENTIONS, ...conventions } }),
    }).weeks[0]?.plan.sessions[0]?.slots.map(({ sets }) => sets.filter(({ hard }) => hard).length);

  test('a set counts by its exercise’s own threshold: at 3 RIR not by 2, fully by 4', () => {
    expect(hardSets({})).toEqual([3, 3]);
    expect(hardSets({ exercises: { 'leg-press': { hardSetRir: 2 } } })).toEqual([0, 3]);
    expect(hardSets({ muscles: { biceps: { hardSetRir: 2 } } })).toEqual([3, 0]);
    expect(hardSets({ coach: { hardSetRir: 2 } })).toEqual([0, 0]);
    expect(hardSets({ coach: { hardSetRir: 2 }, exercises: { 'leg-press': { hardSetRir: 4 } } })).toEqual([
      3, 0,
    ]);
  });

  test('a muscle’s own recovery time: two days apart are enough for 48 h, one hour short for 49', () => {
    const gaps = (gapHours: number) => {
      const who = athlete({ conventions: { ...NO_CONVENTIONS, muscles: { quads: { gapHours } } } });
      const blockPlan = unfold({ ...base, block: made, athlete: who });
      return runChecks({ block: made, athlete: who, blockPlan, exercises: lookup }).flatMap(({ detail }) =>
        detail.rule === 'recovery gap' ? detail.gaps.map(({ muscle, needed }) => [muscle, needed]) : [],
      );
    };
    expect(gaps(48)).toEqual([]);
    expect(gaps(49)).toEqual([['quads', 49]]);
  });
});
