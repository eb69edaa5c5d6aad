import type { Muscle } from '../anatomy/muscle';
import type { BlockPlan } from '../plan/block-plan';
import type { Verdict } from '../recovery/performance';
import type { Answer } from './registry';

/** The result of an answer, as far as later weeks show it. */
export type CallOutcome =
  /** How the muscle did in its sessions from that week on. */
  | {
      readonly kind: 'verdicts';
      readonly of: readonly { readonly week: number; readonly verdict: Verdict }[];
    }
  /** The first set as planned and done in that week. */
  | { readonly kind: 'first set'; readonly week: number; readonly asked: DoneSet; readonly done: DoneSet }
  /** How many of the muscles trained in the first building week after it were on target or above. */
  | { readonly kind: 'after deload'; readonly week: number; readonly fine: number; readonly of: number };

interface DoneSet {
  readonly load: number;
  readonly reps: number;
  readonly rir: number;
}

/** How many of a muscle's sessions are considered. */
const SESSIONS = 4;

/** The result of a coach's answer; null if nothing of it is done yet, or it was declined without effect. */
export function callOutcome({ outcome, proposal }: Answer, blockPlan: BlockPlan): CallOutcome | null {
  switch (proposal.kind) {
    case 'sets':
    case 'recover':
      return muscleVerdicts(
        proposal.muscle,
        proposal.week + (proposal.kind === 'recover' ? 1 : 0),
        blockPlan,
      );
    case 'load':
      return firstSetOutcome(proposal, blockPlan);
    case 'deload':
      return outcome === 'declined' ? null : deloadOutcome(proposal.week, blockPlan);
  }
}

function muscleVerdicts(muscle: Muscle, from: number, { observations }: BlockPlan): CallOutcome | null {
  const of = observations
    .filter((one) => one.muscle === muscle && one.week >= from)
    .slice(0, SESSIONS)
    .map(({ week, performance }) => ({ week, verdict: performance.verdict }));
  return of.length === 0 ? null : { kind: 'verdicts', of };
}

function firstSetOutcome(
  { slotId, week }: { readonly slotId: string; readonly week: number },
  { weeks }: BlockPlan,
): CallOutcome | null {
  const state = weeks.find(({ plan }) => plan.week === week);
  for (const session of state?.plan.sessions ?? []) {
    const set = session.slots.find((slot) => slot.slotId === slotId)?.sets[0];
    const done = set && state?.performed.get(session.sessionId)?.sets.get(`${slotId}/${set.id}`)?.set;
    if (set === undefined || done === undefined) continue;
    return {
      kind: 'first set',
      week,
      asked: { load: set.load ?? 0, reps: set.reps, rir: set.rir },
      done: { load: done.load.value, reps: done.reps, rir: done.rir },
    };
  }
  return null;
}

function deloadOutcome(week: number, { observations }: BlockPlan): CallOutcome | null {
  const next = observations.find((one) => one.week > week)?.week;
  if (next === undefined) return null;
  const seen = new Map(
    observations.filter((one) => one.week === next).map((one) => [one.muscle, one.performance.verdict]),
  );
  const fine = [...seen.values()].filter((verdict) => verdict === 'ahead' || verdict === 'on target').length;
  return { kind: 'after deload', week: next, fine, of: seen.size };
}
