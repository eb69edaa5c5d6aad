import { ownAddress } from './own-address';

test.each([
  ['/blocks/b1?week=2#sheet/a1/range:history', '/blocks/b1?week=2#sheet/a1/range:history'],
  ['/desk', '/desk'],
  ['//elsewhere.example', '/desk'],
  ['/\\elsewhere.example', '/desk'],
  ['https://elsewhere.example', '/desk'],
  ['javascript:alert(1)', '/desk'],
  ['/a b', '/desk'],
  ['', '/desk'],
  [undefined, '/desk'],
  [['/desk', '/library'], '/desk'],
  [`/${'x'.repeat(500)}`, '/desk'],
])('%s leads to %s', (given, to) => {
  expect(ownAddress(given)).toBe(to);
});
