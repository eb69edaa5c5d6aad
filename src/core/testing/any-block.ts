import fc from 'fast-check';
import type { Slot } from '../block/block';
import { LIBRARY } from '../exercises/library';
import { block, session, slot } from './fixtures';

/** A week of one to six sessions of shipped exercises, as a hasty coach might lay it. */
export const anyBlock = fc
  .array(
    fc.record({
      day: fc.integer({ min: 0, max: 6 }),
      slots: fc.array(
        fc.record({
          exercise: fc.constantFrom(...LIBRARY.map(({ id }) => id)),
          sets: fc.integer({ min: 1, max: 6 }),
          rest: fc.integer({ min: 20, max: 240 }),
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
