import { REPS_WIDTH } from './layout';
import { COLUMN_TEXT, mayOverflow, REPS_TEXT, SESSION_NAME, SLOT_NAME } from './text-width';

test('a text is cut off if its letters at their widest, with padding, exceed the cell', () => {
  // Six digits at 0.571, two commas and two spaces at 0.29: 4.586 sizes of 12.5 px, and 2 px of padding.
  expect(mayOverflow('13, 12, 11', 59.4, REPS_TEXT)).toBe(false);
  expect(mayOverflow('13, 12, 11', 59.3, REPS_TEXT)).toBe(true);
});

test('a tempo, an effort and a rest fit their columns', () => {
  expect(
    [
      ['31X0', 40],
      ['week', 40],
      ['137', 32],
    ].map(([text, width]) => mayOverflow(String(text), Number(width), COLUMN_TEXT)),
  ).toEqual([false, false, false]);
  expect(mayOverflow('week −1', 40, COLUMN_TEXT)).toBe(true);
});

test('the reps of three sets fit beside a load, a long name does not fit its column', () => {
  expect(
    ['13, 12, 11', '10+4+4 @2', '16+5, 15+5'].map((text) => mayOverflow(text, REPS_WIDTH, REPS_TEXT)),
  ).toEqual([false, false, false]);
  expect(mayOverflow('12, 11, 10, 9, 8', REPS_WIDTH, REPS_TEXT)).toBe(true);
  expect(mayOverflow('guided-bar split squat', 158, SLOT_NAME)).toBe(false);
  expect(mayOverflow('rear-foot-raised split squat', 158, SLOT_NAME)).toBe(true);
});

test('a session’s name uses the wide face', () => {
  expect(mayOverflow('Upper, heavy', 158, SESSION_NAME)).toBe(false);
  expect(mayOverflow('Upper body, heavy day', 158, SESSION_NAME)).toBe(true);
});

test('letters of other scripts count a full size', () => {
  expect(mayOverflow('深蹲深蹲', 4 * 14 + 8, COLUMN_TEXT)).toBe(false);
  expect(mayOverflow('深蹲深蹲', 4 * 14 + 7, COLUMN_TEXT)).toBe(true);
});
