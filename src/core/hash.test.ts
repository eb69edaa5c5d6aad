import fc from 'fast-check';
import { factsHash } from './hash';

test('equal facts give the same short name, different facts another', () => {
  expect(factsHash(['early', 'ahead', false])).toBe(factsHash(['early', 'ahead', false]));
  expect(factsHash(['early', 'ahead', false])).not.toBe(factsHash(['early', 'ahead', true]));
  expect(factsHash(['ab', 'c'])).not.toBe(factsHash(['a', 'bc']));
  fc.assert(
    fc.property(fc.array(fc.oneof(fc.string(), fc.integer(), fc.boolean())), (facts) =>
      /^[0-9a-z]{1,7}$/.test(factsHash(facts)),
    ),
  );
});
