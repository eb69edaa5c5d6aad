import fc from 'fast-check';
import { type Block, MOTIONS, ownSet, type Slot } from '../block/block';
import { LIBRARY } from '../exercises/library';
import { LOAD_RULES } from '../progression/load-rules/registry';
import { DELOAD_KINDS, type Deload, type DeloadMeasure, defaultDeload } from '../recovery/deload/deload';
import { anyTechnique } from './any-technique';
import { block, session, slot } from './fixtures';

/** One or two kinds of deload with default parameters. */
export const anyDeload: fc.Arbitrary<Deload> = fc
  .uniqueArray(fc.constantFrom(...DELOAD_KINDS), { minLength: 1, maxLength: 2 })
  .map((kinds) => kinds.map((kind): DeloadMeasure => defaultDeload(kind)));

const anySlot = fc.record({
  exercise: fc.constantFrom(...LIBRARY.map(({ id }) => id)),
  technique: anyTechnique,
  safety: fc.constantFrom('', '', 'safeties at the right height'),
  motion: fc.constantFrom(...MOTIONS),
  loadRule: fc.constantFrom(...LOAD_RULES),
  rest: fc.integer({ min: 20, max: 240 }),
  drift: fc.constantFrom<Slot['drift']>('hold RIR', 'hold reps'),
  joined: fc.boolean(),
  optionalSets: fc.integer({ min: 0, max: 2 }),
  fixed: fc.option(fc.integer({ min: 0, max: 3 })),
});

/** A week of sessions with any technique, load rule, group and effort that a hasty coach might write. */
export const anyPrescription: fc.Arbitrary<Block> = fc
  .record({
    sessions: fc.array(fc.array(anySlot, { minLength: 1, maxLength: 5 }), { minLength: 1, maxLength: 3 }),
    deload: anyDeload,
    first: fc.integer({ min: 1, max: 4 }),
    last: fc.integer({ min: 0, max: 1 }),
    lowSets: fc.boolean(),
  })
  .map(({ sessions, deload, first, last, lowSets }) =>
    block(
      sessions.map((slots, at) =>
        session(
          `s${at}`,
          at * 2,
          slots.map(({ exercise, fixed, ...changes }, k) =>
            slot(`s${at}-${k}`, exercise, {
              ...changes,
              ...(fixed === null
                ? {}
                : { setTargets: [ownSet('last', { rir: { kind: 'fixed', rir: fixed } })] }),
            }),
          ),
        ),
      ),
      { weeks: 3, deload, rir: { first, last }, lowSets },
    ),
  );
