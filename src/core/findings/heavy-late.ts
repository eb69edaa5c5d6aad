import type { Slot } from '../block/block';
import { roundHalfUp } from '../rounding';
import { asPlanned, type Check, type CheckInput, type Finding } from './finding';

/** Reps between the middles of two ranges from which one is the heavy one. */
const APART = 4;

interface Dated {
  readonly slot: Slot;
  readonly day: number;
  readonly middle: number;
  readonly exerciseId: string;
  readonly session: string;
}

/** Slots counted in reps by movement pattern, day by day. */
function byPattern({ block, exerciseOf }: CheckInput): ReadonlyMap<string, readonly Dated[]> {
  const found = new Map<string, Dated[]>();
  const sessions = block.sessions.filter(({ optional }) => !optional).sort((a, b) => a.day - b.day);
  for (const { day, name, slots } of sessions) {
    for (const slot of slots) {
      const exercise = exerciseOf(asPlanned(slot));
      if (exercise.measure !== 'reps' || exercise.kind !== 'compound') continue;
      const middle = roundHalfUp((slot.range.low + slot.range.high) / 2);
      const list = found.get(exercise.pattern) ?? [];
      list.push({ slot, day, middle, exerciseId: exercise.id, session: name });
      found.set(exercise.pattern, list);
    }
  }
  return found;
}

/**
 * Long sets early in the week and heavy ones of the same movement late: heavy work is best done rested, early. One
 * finding per movement; the fix exchanges the two ranges. Rolling cycles have no early and late.
 */
export const heavyLate: Check = (input) => {
  if (input.block.cycleDays !== 7) return [];
  return [...byPattern(input)].flatMap(([pattern, slots]): Finding[] => {
    const [early] = slots;
    const late = slots.find((one) => early !== undefined && one.day > early.day);
    if (early === undefined || late === undefined || early.middle - late.middle < APART) return [];
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
