import fc from 'fast-check';
import type { Slot } from '../block/block';
import type { Exercise } from '../exercises/exercise';
import { LIBRARY } from '../exercises/library';
import { block, session, slot } from './fixtures';

/** Exercises with fine load steps, so that a predicted set is close to its target. */
export const FINE_LOADS = LIBRARY.filter(
  ({ loading, measure }) => measure === 'reps' && (loading === 'stack' || loading === 'barbell'),
);

/** A week of one to six sessions of exercises, as a hasty coach might plan it. */
export const anyBlockOf = (exercises: readonly Exercise[]) =>
  fc
    .array(
      fc.record({
        day: fc.integer({ min: 0, max: 6 }),
        slots: fc.array(
          fc.record({
            exercise: fc.constantFrom(...exercises.map(({ id }) => id)),
            sets: fc.integer({ min: 1, max: 5 }),
            rest: fc.integer({ min: 60, max: 240 }),
            drift: fc.constantFrom<Slot['drift']>('hold RIR', 'hold reps'),
          }),
          { minLength: 1, maxLength: 7 },
        ),
      }),
      { minLength: 1, maxLength: 6 },
    )
    .map((sessions) =>
      block(
        sessions.map(({ day, slots }, at) =>
          session(
            `s${at}`,
            day,
            slots.map(({ exercise, sets: count, rest, drift }, k) =>
              slot(`s${at}-${k}`, exercise, { technique: { kind: 'straight', sets: count }, rest, drift }),
            ),
          ),
        ),
        { weeks: 3 },
      ),
    );

export const anyBlock = anyBlockOf(LIBRARY);
