import { behindGate } from '../techniques/gates';
import type { Check, Finding, Severity } from './finding';

/** Techniques that are not done as written: what is blocked on this exercise, and too many past failure. */
export const gate: Check = ({ block, week }) =>
  week.sessions.flatMap(({ sessionId, name, slots }) =>
    slots.flatMap((planned): Finding[] => {
      const slot = block.sessions
        .find(({ id }) => id === sessionId)
        ?.slots.find(({ id }) => id === planned.slotId);
      if (planned.gate === null || slot === undefined) return [];
      const severity: Severity = planned.gate === 'too much past failure' ? 'warn' : 'block';
      return [
        {
          id: `gate/${slot.id}`,
          severity,
          subject: { sessionId, slotId: slot.id },
          detail: {
            rule: 'gate',
            gate: planned.gate,
            exerciseId: planned.exerciseId,
            technique: slot.technique.kind,
            session: name,
          },
          fixes: [
            {
              does: 'hold back',
              exerciseId: planned.exerciseId,
              edit: {
                kind: 'slot/set',
                slot: slot.id,
                field: 'technique',
                value: behindGate(slot.technique, planned.gate),
              },
            },
          ],
        },
      ];
    }),
  );
