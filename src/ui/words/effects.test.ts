import { catalogueWith, comparePlans, EMPTY_LOG, runChecks, unfold } from '@/core';
import { athlete, block, lookup, session, slot } from '@/core/testing/fixtures';
import { effectSentences } from './effects';
import { namesOf } from './names';

const one = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'barbell-bench-press')])], {
  weeks: 1,
});
const names = namesOf(catalogueWith([]));

function outlook(who: ReturnType<typeof athlete>) {
  const blockPlan = unfold({
    block: one,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  return { blockPlan, findings: runChecks({ block: one, athlete: who, blockPlan, exercises: lookup }) };
}
const said = (who: ReturnType<typeof athlete>) =>
  effectSentences(comparePlans(outlook(athlete()), outlook(who)), 'Autumn', names);

test('no differences give no sentences', () => {
  expect(said(athlete({ name: 'Other Name' }))).toEqual(['This changes nothing in Autumn.']);
});

test('a better best set: changed loads, from which week, from and to', () => {
  const sets = athlete().bestSets;
  const better = { load: { value: 100, unit: 'kg' as const }, reps: 10, rir: 2, date: null };
  const [loads] = said(athlete({ bestSets: { ...sets, 'leg-press': better } }));
  expect(loads).toMatch(/^2 planned loads from week 1: leg press 60 × 11 → 100 kg × 11\.$/);
});

test('level, goals and session time: volume ranges, budget and checks', () => {
  const sentences = said(athlete({ level: 'advanced', goals: { quads: 'priority' }, minutes: 10 })).join(' ');
  expect(sentences).toContain('Goals: quads.');
  expect(sentences).toContain('Weekly budget 90 → 120 hard sets a week.');
  expect(sentences).toMatch(/\d+ volume limits: chest minimum 8 → 9,/);
  expect(sentences).toContain('the limit is 10.');
  expect(sentences).not.toMatch(/undefined|NaN/);
});
