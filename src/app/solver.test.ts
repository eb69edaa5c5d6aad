import { solve } from './solver';

const program = (most: number) =>
  `Maximize\n obj: x + 2 y\nSubject To\n all: x + y <= ${most}\nBounds\n 0 <= x <= 3\n 0 <= y <= 2\nGeneral\n x\n y\nEnd\n`;

test('one thread solves one program after another', async () => {
  for (const most of [4.5, 3.5, 2.5])
    expect(await solve(program(most))).toEqual({ x: Math.floor(most) - 2, y: 2 });
});

test('several programs wait for each other; beyond ten the answer is none', async () => {
  const all = await Promise.all(Array.from({ length: 14 }, () => solve(program(3.5))));
  expect(all.filter((one) => one !== null)).toHaveLength(10);
});

test('a malformed program has no answer and costs the next one nothing', async () => {
  expect(await solve('This is no program.')).toBeNull();
  expect(await solve(program(3.5))).toEqual({ x: 1, y: 2 });
});
