import type { IssueRefusal, Problem } from '@/core';
import { problemSentence, refusalSentence } from './problems';

type Code = Problem['code'];
type Examples = {
  readonly [C in Code]: readonly [Omit<Extract<Problem, { code: C }>, 'code' | 'path'>, string];
};

/** One of each code: a code without its sentence here does not compile. */
const SAID: Examples = {
  malformed: [
    { detail: 'a number is missing' },
    'This is not in the expected form at here: a number is missing.',
  ],
  'newer-format': [{ version: 9 }, 'This was written by a newer version (format 9).'],
  'not-a-number': [{ text: 'abc' }, '“abc” is not a number.'],
  'reserve-missing': [{ example: '90×8@2' }, 'How many reps were left? Write it behind the set: 90×8@2.'],
  'not-understood': [
    { text: 'lots', example: '4×8·60@2' },
    '“lots” was not understood. Write it like 4×8·60@2.',
  ],
  'out-of-range': [
    { field: 'sets', low: 1, high: 12, value: 2.5, whole: true },
    '2.5 is outside what sets can be: 1 to 12, whole.',
  ],
  'too-many': [{ field: 'slots', most: 60, count: 62 }, '62 slots are more than there may be: 60 at most.'],
  'too-long': [{ most: 2000, length: 2001 }, 'The text has 2001 letters; 2000 are the most.'],
  'bad-id': [{ id: '__proto__' }, '“__proto__” cannot be the id of a session or slot.'],
  'no-such-day': [
    { text: '2026-02-31' },
    '“2026-02-31” is no day of the calendar. Write it like 2026-11-30.',
  ],
  'range-upside-down': [
    { low: 12, high: 8 },
    'The range is upside down: 12 is more than 8. Did you mean 8–12?',
  ],
  'rir-rises': [{ first: 1, last: 3 }, 'RIR would rise from 1 to 3. It stays or falls until the deload.'],
  'to-read': [{ coach: 'Ida Moen' }, 'Ida Moen lets you read this athlete; changing is theirs.'],
  'unknown-exercise': [{ exercise: 'sky press' }, 'No exercise is called “sky press”.'],
  'unknown-id': [{ id: 'x' }, 'This was removed in the meantime.'],
  'id-taken': [{ id: 'x' }, 'This is in the block already.'],
  'name-missing': [{}, 'A name is needed.'],
  'no-prime-mover': [{}, 'No muscle has a share of 1. Give it to the one the exercise trains first.'],
  'compound-alone': [
    {},
    'A compound exercise has an assisting muscle too. Add its share, or make it an isolation.',
  ],
  'bodyweight-share': [{}, 'A share of bodyweight is lifted in bodyweight work, and only there.'],
  'nothing-to-progress': [{}, 'Without a load it is held for seconds.'],
  'no-place': [{}, 'At least one place is needed.'],
  'no-phase': [{}, 'At least one phase is needed.'],
  'same-day-twice': [{ date: '2026-11-02' }, 'Two phases begin on Mon 2 Nov 2026.'],
  'marks-out-of-order': [{ muscle: 'quads' }, 'Quads: hold, floor and ceiling must rise.'],
  'table-rises': [{ reps: 8 }, 'At 8 reps the fraction must be smaller than at 7.'],
  tempo: [{ text: 'slow' }, '“slow” is no tempo. Three or four digits, X for as fast as possible: 31X0.'],
  'load-not-makeable': [
    { load: 61, unit: 'kg', below: 60, above: 62.5 },
    'The equipment cannot make 61 kg. Nearest: 60 kg or 62.5 kg.',
  ],
  'no-sessions': [{}, 'The block has no sessions yet: add one first.'],
  'session-without-slots': [{ session: 'Legs' }, 'Legs has no exercises yet.'],
  'week-issued': [{ week: 2 }, 'Week 2 has been handed out; recall it before changing it.'],
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
  expect(problemSentence(past)).toBe('The equipment cannot make 999 lb. Nearest: 300 lb.');
});

test.each<[IssueRefusal, string]>([
  [{ code: 'no-such-week' }, 'The block has no such week.'],
  [{ code: 'already-issued' }, 'This week has been issued already.'],
  [{ code: 'earlier-week-unissued', week: 2 }, 'Week 2 comes first.'],
  [{ code: 'no-sessions', path: '' }, 'The block has no sessions yet: add one first.'],
])('%o: why a week is not handed out', (refusal, sentence) => {
  expect(refusalSentence(refusal)).toBe(sentence);
});
