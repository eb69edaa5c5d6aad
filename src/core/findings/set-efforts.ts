import type { SlotPlan } from '../plan/slot';
import { isUncounted } from '../techniques/registry';
import type { Check, CheckInput, Finding } from './finding';

/** A set that ends below failure as written: with constant reps, its rest is too short for the drop-off. */
function beyondFailure(slot: SlotPlan, session: string, sessionId: string): Finding[] {
  const set = slot.sets.find(({ rir, optional }) => rir < 0 && !optional);
  if (set === undefined) return [];
  const plain = slot.technique.kind === 'straight' || slot.technique.kind === 'top + back-offs';
  return [
    {
      id: `beyond-failure/${slot.slotId}`,
      severity: 'warn',
      subject: { sessionId, slotId: slot.slotId },
      detail: {
        rule: 'beyond failure',
        exerciseId: slot.exerciseId,
        set: set.round,
        reps: set.reps,
        rir: set.rir,
        session,
      },
      fixes: plain
        ? [
            {
              does: 'hold RIR',
              exerciseId: slot.exerciseId,
              edit: { kind: 'slot/set', slot: slot.slotId, field: 'drift', value: 'hold RIR' },
            },
          ]
        : [],
    },
  ];
}

/** First sets too far from failure to count while later ones do: drop-off determines how many sets are hard. */
function tooEasy(slot: SlotPlan, session: string, sessionId: string, { conventions }: CheckInput): Finding[] {
  if (isUncounted(slot.technique)) return [];
  const planned = slot.sets.filter(({ optional }) => !optional);
  const hard = new Set(planned.flatMap(({ round, credit }) => (credit > 0 ? [round] : [])));
  const easy = new Set(planned.map(({ round }) => round)).size - hard.size;
  if (easy === 0) return [];
  return [
    {
      id: `too-easy/${slot.slotId}`,
      severity: 'note',
      subject: { sessionId, slotId: slot.slotId },
      detail: {
        rule: 'too easy to count',
        exerciseId: slot.exerciseId,
        sets: easy,
        of: easy + hard.size,
        threshold: conventions.hardSetRir,
        session,
      },
      fixes: [],
    },
  ];
}

/** Sets that cannot be completed as written, and sets too easy to count. */
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
