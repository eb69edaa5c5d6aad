import type { IssueRefusal, Problem } from '@/core';
import { problemSentence, refusalSentence } from './problems';

type Code = Problem['code'];
type Examples = {
  readonly [C in Code]: readonly [Omit<Extract<Problem, { code: C }>, 'code' | 'path'>, string];
};

/** One problem of each code: a code without a sentence here does not compile. */
const SAID: Examples = {
  malformed: [{ detail: 'a number is missing' }, 'The format is not valid at here: a number is missing.'],
  'newer-format': [{ version: 9 }, 'This file was written by a newer version (format 9).'],
  'not-a-number': [{ text: 'abc' }, '“abc” is not a number.'],
  'reserve-missing': [
    { example: '90×8@2' },
    'Add the reps left in reserve after the set, for example 90×8@2.',
  ],
  'not-understood': [
    { text: 'lots', example: '4×8·60@2' },
    '“lots” was not understood. Type it like this: 4×8·60@2.',
  ],
  'out-of-range': [
    { field: 'sets', low: 1, high: 12, value: 2.5, whole: true },
    'Sets must be a whole number from 1 to 12, not 2.5.',
  ],
  'too-many': [{ field: 'slots', most: 60, count: 62 }, 'Too many slots: 62, at most 60.'],
  'too-long': [{ most: 2000, length: 2001 }, 'The text is too long: 2001 letters, at most 2000.'],
  'bad-id': [{ id: '__proto__' }, '“__proto__” is not a valid id for a session or exercise.'],
  'no-such-day': [{ text: '2026-02-31' }, '“2026-02-31” is not a date. Type it like this: 30 Nov 2026.'],
  'range-upside-down': [
    { low: 12, high: 8 },
    'The range starts above its end (12 is more than 8). Did you mean 8–12?',
  ],
  'rir-rises': [{ first: 1, last: 3 }, 'RIR must not rise toward the deload: 1 to 3.'],
  'to-read': [{ coach: 'Ida Moen' }, 'Ida Moen shares this athlete with you read only.'],
  'unknown-exercise': [{ exercise: 'sky press' }, 'No exercise named “sky press”.'],
  'unknown-id': [{ id: 'x' }, 'This was removed meanwhile.'],
  'id-taken': [{ id: 'x' }, 'This is already in the block.'],
  'name-missing': [{}, 'Enter a name.'],
  'no-prime-mover': [{}, 'Give one muscle a share of 1: the one this exercise mainly trains.'],
  'compound-alone': [
    {},
    'A compound exercise needs an assisting muscle. Add one, or make it an isolation exercise.',
  ],
  'bodyweight-share': [{}, 'A share of body weight applies to bodyweight exercises only.'],
  'nothing-to-progress': [{}, 'An exercise without a load must be measured in seconds.'],
  'no-place': [{}, 'Add at least one place.'],
  'no-phase': [{}, 'Add at least one phase.'],
  'same-day-twice': [{ date: '2026-11-02' }, 'Two phases start on Mon 2 Nov 2026.'],
  'marks-out-of-order': [
    { muscle: 'quads' },
    'Quads: maintenance must not exceed the minimum, nor the minimum the maximum.',
  ],
  'table-rises': [{ reps: 8 }, 'The percentage at 8 reps must be lower than at 7.'],
  tempo: [
    { text: 'slow' },
    '“slow” is not a tempo. Use three or four digits, with X for as fast as possible: 31X0.',
  ],
  'load-not-makeable': [
    { load: 61, unit: 'kg', below: 60, above: 62.5 },
    'The equipment has no 61 kg. Nearest: 60 kg or 62.5 kg.',
  ],
  'not-bodyweight': [
    { exercise: 'leg press' },
    'Leg press is not a bodyweight exercise. Type a load, a set or a share.',
  ],
  'no-sessions': [{}, 'The block has no sessions yet. Add one first.'],
  'session-without-slots': [{ session: 'Legs' }, 'Legs has no exercises yet.'],
  'week-issued': [{ week: 2 }, 'Week 2 has been sent. Recall it before changing it.'],
};

test.each(Object.entries(SAID))('%s', (code, [problem, sentence]) => {
  expect(problemSentence({ code, path: 'here', ...problem } as Problem)).toBe(sentence);
});

test('at the end of the equipment only one load is near', () => {
  const past = {
    code: 'load-not-makeable',
    path: '',
    load: 999,
    unit: 'lb',
    below: 300,
    above: null,
  } as const;
  expect(problemSentence(past)).toBe('The equipment has no 999 lb. Nearest: 300 lb.');
});

test.each<[IssueRefusal, string]>([
  [{ code: 'no-such-week' }, 'The block has no such week.'],
  [{ code: 'already-issued' }, 'This week has already been sent.'],
  [{ code: 'earlier-week-unissued', week: 2 }, 'Send week 2 first.'],
  [{ code: 'no-sessions', path: '' }, 'The block has no sessions yet. Add one first.'],
])('%o: why a week is not handed out', (refusal, sentence) => {
  expect(refusalSentence(refusal)).toBe(sentence);
});
