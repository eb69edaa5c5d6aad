import { BOUNDS } from '../block/bounds';
import type { Unit } from '../loading/weight';
import type { Reason } from '../plan/reason';
import type { Candidate } from '../progression/load-rules/load-choice';
import { slotRir } from '../progression/slot-rir';
import type { SlotFacts } from '../unfold/slot-facts';
import { lastFirstSet, type SlotHistory } from '../unfold/slot-history';
import { type Call, type CallKind, callId } from './call';

/** The rule chose a different first set for a slot than last week's. */
export interface LoadCall extends Call {
  readonly kind: 'load';
  readonly sessionId: string;
  readonly slotId: string;
  readonly exerciseId: string;
  readonly unit: Unit;
  readonly from: { readonly load: number; readonly reps: number };
  readonly to: Candidate;
  readonly alternatives: readonly Candidate[];
}

type BestFit = Extract<Reason, { code: 'load/best-fit' }>;

/** A first set chosen instead of the proposed one. */
export interface AnsweredLoad {
  readonly load: number;
  readonly reps: number;
}

function subjectOf(slotId: string, week: number): string {
  return `load/${slotId}/${week}`;
}

/**
 * Id of a slot's load call: an answered call stays answered while last time, strength, rep range and RIR stay the
 * same.
 * @param asked where the load applies, and the slot's RIR in that week
 */
export function loadCallId(
  { slot, exercise }: Pick<SlotFacts, 'slot' | 'exercise'>,
  history: SlotHistory,
  asked: { readonly sessionId: string; readonly week: number; readonly rir: number },
): string {
  const last = lastFirstSet(history);
  const logged = history.exposures.at(-1);
  return callId(subjectOf(slot.id, asked.week), [
    last?.load ?? 0,
    last?.reps ?? 0,
    Math.round((logged?.oneRepMax ?? 0) * 10),
    slot.range.low,
    slot.range.high,
    asked.rir,
    asked.sessionId,
    exercise.id,
  ]);
}

/**
 * What a load rule proposes in place of last time's set. A share of the max proposes only where strength has moved
 * away from the max it is held to; its weekly steps are the coach's own.
 */
function proposedSet({ rule, fit }: BestFit): Pick<LoadCall, 'to' | 'alternatives'> | null {
  const { chosen, others } = fit;
  if (rule !== 'share of the max') return { to: chosen, alternatives: others };
  const [moved] = others;
  return moved === undefined ? null : { to: moved, alternatives: [chosen] };
}

export const loadCall: CallKind<LoadCall, AnsweredLoad> = {
  kind: 'load',
  propose: ({ block, next, weeks, isFinished, slotBefore }) =>
    next.sessions.flatMap(({ sessionId, slots }) =>
      isFinished(sessionId)
        ? slots.flatMap((planned): readonly LoadCall[] => {
            const slot = slotBefore(planned.slotId);
            if (slot === undefined || slot.history.lastLogged !== next.week - 1) return [];
            const why = planned.why.load;
            const last = lastFirstSet(slot.history);
            // Answered loads, unknown loads and loads of easy weeks need no answer; a call is only made where the
            // rule chose.
            if (why.code !== 'load/best-fit' || last === null) return [];
            const proposed = proposedSet(why);
            if (proposed === null || (proposed.to.load === last.load && proposed.to.reps === last.reps))
              return [];
            const built = weeks.filter(({ kind }) => kind === 'building').length;
            const { rir } = slotRir(slot.facts.slot, block, built + 1);
            return [
              {
                kind: 'load',
                id: loadCallId(slot.facts, slot.history, { sessionId, week: next.week, rir }),
                subject: subjectOf(planned.slotId, next.week),
                week: next.week,
                sessionId,
                slotId: planned.slotId,
                exerciseId: planned.exerciseId,
                unit: planned.unit,
                from: last,
                ...proposed,
                why,
              },
            ];
          })
        : [],
    ),
  orders: ({ id, outcome, proposal: { slotId, week, to }, choice }) => [
    {
      kind: 'first set',
      slotId,
      week,
      callId: id,
      outcome: outcome === 'declined' ? 'held' : outcome,
      to: outcome === 'declined' ? null : (choice ?? { load: to.load, reps: to.reps }),
    },
  ],
  choice: (z) =>
    z.strictObject({
      load: z.number().min(BOUNDS.load.low).max(BOUNDS.load.high),
      reps: z.int().min(BOUNDS.reps.low).max(BOUNDS.reps.high),
    }),
};
