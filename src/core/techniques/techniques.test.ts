import fc from 'fast-check';
import { partsOf, setCount, setLimits, type TechniqueParameters, withSetCount } from './registry';
import { techniqueSchema } from './technique-schema';
import { topSetBackOffs } from './top-set-back-offs';

const DEFAULT_TOP_SET_BACK_OFFS = topSetBackOffs.start;

const straight: TechniqueParameters = { kind: 'straight', sets: 3 };

test('straight sets are one part at the slot’s own target', () => {
  expect(partsOf(straight)).toEqual([{ role: 'work', sets: 3, rirOffset: 0, repOffset: 0 }]);
});

test('a top set is held back, its back-offs hang below it', () => {
  const [top, backOff] = partsOf(DEFAULT_TOP_SET_BACK_OFFS);
  expect(top).toEqual({ role: 'top', sets: 1, rirOffset: 1, repOffset: 0 });
  expect(backOff).toMatchObject({
    role: 'back-off',
    sets: 2,
    repOffset: 4,
    drop: { least: 0.1, wished: 0.12, most: 0.3 },
  });
});

test('a top set never goes without a back-off', () => {
  expect(withSetCount(DEFAULT_TOP_SET_BACK_OFFS, 1)).toMatchObject({ backOffs: 1 });
  expect(setLimits(DEFAULT_TOP_SET_BACK_OFFS)).toEqual({ least: 2, most: 5 });
});

test('the schema refuses what the shape does not allow', () => {
  expect(techniqueSchema.safeParse({ kind: 'straight', sets: 0 }).success).toBe(false);
  expect(techniqueSchema.safeParse({ ...DEFAULT_TOP_SET_BACK_OFFS, drop: 0.5 }).success).toBe(false);
  expect(techniqueSchema.safeParse({ kind: 'wave', sets: 3 }).success).toBe(false);
});

test('parts add up to the set count, and a wished count is kept within limits', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<TechniqueParameters>(straight, DEFAULT_TOP_SET_BACK_OFFS),
      fc.integer({ min: -3, max: 30 }),
      (from, wished) => {
        const made = withSetCount(from, wished);
        const { least, most } = setLimits(made);
        const total = partsOf(made).reduce((sum, part) => sum + part.sets, 0);
        return (
          total === setCount(made) &&
          total === Math.min(most, Math.max(least, wished)) &&
          techniqueSchema.safeParse(made).success
        );
      },
    ),
  );
});
