import { techniqueMisfit } from './fit';
import { startOf } from './registry';

test.each([
  ['cluster', 'middle', null],
  ['cluster', 'stretched', 'hardest in the middle wanted'],
  ['lengthened partials', 'stretched', null],
  ['lengthened partials', 'shortened', 'hardest stretched wanted'],
  ['straight', 'shortened', null],
] as const)('%s on an exercise hardest %s: %s', (kind, hardest, misfit) => {
  expect(techniqueMisfit(startOf(kind), { hardest })).toBe(misfit);
});

test('inside a density too', () => {
  const density = { ...startOf('density'), of: startOf('cluster') } as ReturnType<typeof startOf>;
  expect(techniqueMisfit(density, { hardest: 'shortened' })).toBe('hardest in the middle wanted');
});
