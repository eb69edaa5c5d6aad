import { decodeAthlete } from '@/core/codecs';
import { athlete } from '@/core/testing/fixtures';
import { changedFields, draftOf, draftProblems, rebased } from './draft';

const stored = athlete();

test('what was changed elsewhere is taken over, what was changed here stays', () => {
  const mine = { ...draftOf(stored, 3), mine: { ...stored, minutes: 60 } };
  expect(changedFields(mine)).toEqual(['minutes']);
  const after = rebased(mine, { ...stored, name: 'New Name' }, 4);
  expect(after).toMatchObject({ revision: 4, collisions: [], mine: { name: 'New Name', minutes: 60 } });
  expect(changedFields(after)).toEqual(['minutes']);
});

test('changed on both sides is a collision, unless both made the same of it', () => {
  const mine = { ...draftOf(stored, 3), mine: { ...stored, minutes: 60 } };
  expect(rebased(mine, { ...stored, minutes: 90 }, 4)).toMatchObject({
    collisions: ['minutes'],
    mine: { minutes: 60 },
  });
  expect(rebased(mine, { ...stored, minutes: 60 }, 4).collisions).toEqual([]);
});

test('problems are found by their path', () => {
  const wrong = { ...draftOf(stored, 0), mine: { ...stored, name: ' ', places: [] } };
  expect([...draftProblems(wrong, decodeAthlete).keys()]).toEqual(['name', 'places']);
  expect(draftProblems(draftOf(stored, 0), decodeAthlete).size).toBe(0);
});
