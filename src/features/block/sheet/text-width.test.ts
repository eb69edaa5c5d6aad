import { COLUMN_TEXT, mayRunOver, SESSION_NAME, SLOT_NAME, WEEK_TEXT } from './text-width';

test('a text is cut where its letters at their widest, with the padding, come to more than the cell', () => {
  // Six digits and × at 0.571, · at 0.32, the point at 0.29: 4.607 sizes of 12.5 px and 11 px beside them.
  expect(mayRunOver('3×12·47.5', 68.6, WEEK_TEXT)).toBe(false);
  expect(mayRunOver('3×12·47.5', 68.5, WEEK_TEXT)).toBe(true);
});

test('a tempo, an effort and a rest stand in their columns uncut', () => {
  expect(
    [
      ['31X0', 40],
      ['week', 40],
      ['137', 32],
    ].map(([text, width]) => mayRunOver(String(text), Number(width), COLUMN_TEXT)),
  ).toEqual([false, false, false]);
  expect(mayRunOver('week −1', 40, COLUMN_TEXT)).toBe(true);
});

test('reps that fall from set to set stand in a week uncut, a long name in its column does not', () => {
  expect(['3×12·47.5', '12 11 9·find', '10 9 8·62.5'].map((text) => mayRunOver(text, 84, WEEK_TEXT))).toEqual(
    [false, false, false],
  );
  expect(mayRunOver('12 11 10 9 8·102.5', 84, WEEK_TEXT)).toBe(true);
  expect(mayRunOver('guided-bar split squat', 158, SLOT_NAME)).toBe(false);
  expect(mayRunOver('rear-foot-raised split squat', 158, SLOT_NAME)).toBe(true);
});

test('a session is named in the wide face', () => {
  expect(mayRunOver('Upper, heavy', 158, SESSION_NAME)).toBe(false);
  expect(mayRunOver('Upper body, heavy day', 158, SESSION_NAME)).toBe(true);
});

test('letters of other scripts take a whole size', () => {
  expect(mayRunOver('深蹲深蹲', 4 * 14 + 8, COLUMN_TEXT)).toBe(false);
  expect(mayRunOver('深蹲深蹲', 4 * 14 + 7, COLUMN_TEXT)).toBe(true);
});
