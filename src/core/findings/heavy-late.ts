import type { Slot } from '../block/block';
import { roundHalfUp } from '../rounding';
import { asPlanned, type Check, type CheckInput, type Finding } from './finding';

/** Reps, or seconds of holds, between the middles of two ranges from which one is the heavy one. */
const APART = { reps: 4, seconds: 10 } as const;

interface Dated {
  readonly slot: Slot;
  readonly day: number;
  readonly middle: number;
  readonly exerciseId: string;
  readonly session: string;
  readonly apart: number;
}

/** Compounds counted in reps, and holds, by movement pattern and measure, day by day. */
function byPattern({ block, exerciseOf }: CheckInput): ReadonlyMap<string, readonly Dated[]> {
  const found = new Map<string, Dated[]>();
  const sessions = block.sessions.filter(({ optional }) => !optional).sort((a, b) => a.day - b.day);
  for (const { day, name, slots } of sessions) {
    for (const slot of slots) {
      const exercise = exerciseOf(asPlanned(slot));
      const { measure } = exercise;
      if (measure === 'reps against the clock') continue;
      if (measure === 'reps' && exercise.kind !== 'compound') continue;
      const key = measure === 'seconds' ? `${exercise.pattern}/holds` : exercise.pattern;
      const middle = roundHalfUp((slot.range.low + slot.range.high) / 2);
      const list = found.get(key) ?? [];
      list.push({ slot, day, middle, exerciseId: exercise.id, session: name, apart: APART[measure] });
      found.set(key, list);
    }
  }
  return found;
}

/**
 * Long sets or holds early in the week and heavy ones of the same movement late: heavy work is best done rested, early.
 * One finding per movement; the fix exchanges the two ranges. Rolling cycles have no early and late.
 */
export const heavyLate: Check = (input) => {
  if (input.block.cycleDays !== 7) return [];
  return [...byPattern(input)].flatMap(([pattern, slots]): Finding[] => {
    const [early] = slots;
    const late = slots.find((one) => early !== undefined && one.day > early.day);
    if (early === undefined || late === undefined || early.middle - late.middle < early.apart) return [];
    return [
      {
        id: `heavy-late/${pattern}`,
        severity: 'note',
        subject: { slotId: late.slot.id },
        detail: {
          rule: 'heavy late',
          early: early.exerciseId,
          earlySession: early.session,
          late: late.exerciseId,
          lateSession: late.session,
        },
        fixes: [
          {
            does: 'exchange ranges',
            edit: {
              kind: 'batch',
              edits: [
                { kind: 'slot/set', slot: early.slot.id, field: 'range', value: late.slot.range },
                { kind: 'slot/set', slot: late.slot.id, field: 'range', value: early.slot.range },
              ],
            },
          },
        ],
      },
    ];
  });
};
