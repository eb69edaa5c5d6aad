import { restOwed } from './rest-owed';

test('the last member’s own rest, unless an earlier one still needs more after the work and changes since', () => {
  expect(
    restOwed(
      [
        { rest: 60, seconds: 30 },
        { rest: 90, seconds: 40 },
      ],
      15,
    ),
  ).toBe(90);
  // 180 less 15 of change and 40 of work.
  expect(
    restOwed(
      [
        { rest: 180, seconds: 30 },
        { rest: 90, seconds: 40 },
      ],
      15,
    ),
  ).toBe(125);
  expect(
    restOwed(
      [
        { rest: 145, seconds: 30 },
        { rest: 90, seconds: 40 },
      ],
      15,
    ),
  ).toBe(90);
});

test('nothing is owed once everybody has rested, and a single member rests its own rest', () => {
  expect(
    restOwed(
      [
        { rest: 10, seconds: 5 },
        { rest: 0, seconds: 40 },
      ],
      15,
    ),
  ).toBe(0);
  expect(restOwed([{ rest: 75, seconds: 40 }], 15)).toBe(75);
  expect(restOwed([], 15)).toBe(0);
});
