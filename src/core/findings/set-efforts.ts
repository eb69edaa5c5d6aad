import type { LadderSlot } from '../unfold/ladder';
import type { Check, CheckInput, Finding } from './finding';

/** A set that ends below failure as written: by holding reps, its rest does not give back what it costs. */
function beyondFailure(slot: LadderSlot, session: string, sessionId: string): Finding[] {
  const at = slot.sets.findIndex(({ rir }) => rir < 0);
  const set = slot.sets[at];
  if (set === undefined) return [];
  return [
    {
      id: `beyond-failure/${slot.slotId}`,
      severity: 'warn',
      place: { sessionId, slotId: slot.slotId },
      detail: {
        rule: 'beyond failure',
        exerciseId: slot.exerciseId,
        set: at + 1,
        reps: set.reps,
        rir: set.rir,
        session,
      },
      fixes: [
        {
          does: 'hold RIR',
          exerciseId: slot.exerciseId,
          edit: { kind: 'slot/set', slot: slot.slotId, field: 'drift', value: 'hold RIR' },
        },
      ],
    },
  ];
}

/** First sets too far from failure to count, though later ones do: drift tells how many of a prescription are hard. */
function tooEasy(
  slot: LadderSlot,
  session: string,
  sessionId: string,
  { conventions }: CheckInput,
): Finding[] {
  const easy = slot.sets.filter(({ hard }) => !hard).length;
  if (easy === 0) return [];
  return [
    {
      id: `too-easy/${slot.slotId}`,
      severity: 'note',
      place: { sessionId, slotId: slot.slotId },
      detail: {
        rule: 'too easy to count',
        exerciseId: slot.exerciseId,
        sets: easy,
        of: slot.sets.length,
        threshold: conventions.hardSetRir,
        session,
      },
      fixes: [],
    },
  ];
}

/** Sets that cannot be completed as written, and sets that are too easy to count. */
export const setEfforts: Check = (input) =>
  input.week.kind === 'deload'
    ? []
    : input.week.sessions.flatMap(({ name, sessionId, slots }) =>
        slots
          .filter((slot) => slot.why.sets.code !== 'sets/easy')
          .flatMap((slot) => [
            ...beyondFailure(slot, name, sessionId),
            ...tooEasy(slot, name, sessionId, input),
          ]),
      );
