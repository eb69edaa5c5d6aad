import { findSlot, type SetTarget, type Slot } from '../block/block';
import type { SingleEdit } from '../block/edits/edit';
import type { SlotPlan } from '../plan/slot';
import { exerciseGate, type Gate, isTooMuch, withinGate } from '../techniques/gates';
import { asPlanned, type Check, type CheckInput, type Finding, type Severity } from './finding';

/**
 * Slots not done as written: techniques blocked on their exercise, too many past failure, and single sets to failure
 * where nobody can fail alone. One finding per slot, for the first such week.
 */
export const gate: Check = (input) => {
  const found = new Map<string, Finding>();
  for (const { plan, status } of input.blockPlan.weeks) {
    const isAhead = plan.week >= input.week.week && status !== 'done' && plan.kind !== 'deload';
    if (!isAhead && plan !== input.week) continue;
    for (const { sessionId, name, slots } of plan.sessions) {
      for (const planned of slots) {
        const slot = findSlot(input.block, planned.slotId)?.slot;
        if (planned.gate === null || slot === undefined || found.has(slot.id)) continue;
        const severity = SEVERITY[planned.gate] ?? 'block';
        found.set(slot.id, {
          id: `gate/${slot.id}`,
          severity,
          subject: { sessionId, slotId: slot.id, week: plan.week },
          detail: {
            rule: 'gate',
            gate: planned.gate,
            exerciseId: planned.exerciseId,
            technique: slot.technique.kind,
            session: name,
          },
          // Poor recovery is temporary: the block is not changed for it.
          fixes:
            planned.gate === 'poor recovery'
              ? []
              : [
                  {
                    does: 'hold back',
                    exerciseId: planned.exerciseId,
                    edit: heldBackEdit(slot, planned.gate, input),
                  },
                ],
        });
      }
    }
  }
  return [...found.values()];
};

/** Limits that do not block: the sets are held back and say so. */
const SEVERITY: Readonly<Partial<Record<Gate, Severity>>> = {
  'too much past failure': 'warn',
  'poor recovery': 'note',
};

/** The technique held back from failure; where its efforts are free, those are changed. */
function heldBackEdit(
  slot: Slot,
  why: NonNullable<SlotPlan['gate']>,
  { block, exerciseOf }: CheckInput,
): Finding['fixes'][number]['edit'] {
  if (isTooMuch(why) || exerciseGate(slot, exerciseOf(asPlanned(slot))) !== null)
    return { kind: 'slot/set', slot: slot.id, field: 'technique', value: withinGate(slot.technique, why) };
  const edits: SingleEdit[] = [];
  const leastOffset = SHORT - block.rir.last;
  if (slot.rir.kind === 'fixed' ? slot.rir.rir < SHORT : slot.rir.offset < leastOffset)
    edits.push({
      kind: 'slot/set',
      slot: slot.id,
      field: 'rir',
      value:
        slot.rir.kind === 'fixed' ? { kind: 'fixed', rir: SHORT } : { kind: 'week', offset: leastOffset },
    });
  const isShort = ({ rir }: SetTarget) =>
    rir === null || (rir.kind === 'fixed' ? rir.rir >= SHORT : rir.offset >= leastOffset);
  const setTargets = slot.setTargets.flatMap((one) =>
    isShort(one) ? [one] : one.tempo === null && one.cue === '' ? [] : [{ ...one, rir: null }],
  );
  if (!slot.setTargets.every(isShort))
    edits.push({ kind: 'slot/set', slot: slot.id, field: 'setTargets', value: setTargets });
  const weeks = slot.weeks.map((week) =>
    week.rir !== null && week.rir < SHORT ? { ...week, rir: SHORT } : week,
  );
  if (slot.weeks.some(({ rir }) => rir !== null && rir < SHORT))
    edits.push({ kind: 'slot/set', slot: slot.id, field: 'weeks', value: weeks });
  const [only] = edits;
  return edits.length === 1 && only !== undefined ? only : { kind: 'batch', edits };
}

/** RIR that keeps a set short of failure. */
const SHORT = 1;
