import { addDays, type LocalDate } from '../calendar';
import { chosenCurve } from '../effort/curves';
import { rirBias } from '../effort/rir-bias';
import { runChecks } from '../findings/registry';
import { fatigueSigns, latestCheckIn } from '../recovery/check-in';
import { fatigueScore, type SignsVerdict } from '../recovery/signs';
import { nextToIssue } from '../unfold/issue';
import { addAdherence, finishedWeeks, type OfPlanned, weekAdherence } from './adherence';
import { dueDay, lastDay, lastIssued, type Watch } from './alert-kind';

export const BLOCK_STATES = ['planned', 'running', 'done'] as const;
export type BlockState = (typeof BLOCK_STATES)[number];

/** States in order of preference for an athlete's current block. */
const OWN_FIRST: readonly BlockState[] = ['running', 'planned', 'done'];

/**
 * An athlete's current block: the running one (the latest sent if several); otherwise the planned one; otherwise the
 * last finished.
 * @param blocks not archived, newest first
 */
export function currentBlock<T extends { readonly state: BlockState; readonly issuedAt: string | null }>(
  blocks: readonly T[],
): T | undefined {
  return [...blocks].sort(
    (a, b) =>
      OWN_FIRST.indexOf(a.state) - OWN_FIRST.indexOf(b.state) ||
      (b.issuedAt ?? '').localeCompare(a.issuedAt ?? ''),
  )[0];
}

/** A block's state on a day, for the roster. Small, because one is stored per block. */
export interface BlockStatus {
  readonly state: BlockState;
  /** The last sent week, 0 before the first, and the number of weeks. */
  readonly week: number;
  readonly weeks: number;
  readonly cycleDays: number;
  readonly isDeload: boolean;
  /** In that week. */
  readonly sessions: OfPlanned;
  readonly sets: OfPlanned;
  /** Of the latest four finished weeks. */
  readonly adherence: { readonly sessions: OfPlanned; readonly sets: OfPlanned; readonly weeks: number };
  readonly signs: { readonly sum: number; readonly verdict: SignsVerdict; readonly date: LocalDate } | null;
  /** Reps left beyond the reported ones, if consistent; null: accurate, or unknown. */
  readonly bias: number | null;
  readonly due: { readonly date: LocalDate; readonly session: string } | null;
  /** The week that may be sent next with its open problems; null after the last. */
  readonly next: {
    readonly week: number;
    readonly isDeload: boolean;
    /** Whether the week before it is done or ends by tomorrow. */
    readonly isDue: boolean;
    /** Unanswered proposals, and findings that need the coach. */
    readonly calls: number;
    readonly findings: number;
  } | null;
}

/** Weeks over which adherence is shown. */
const WEEKS_SHOWN = 4;

export function blockStatus(watch: Watch): BlockStatus {
  const { block, blockPlan, checkIns, conventions, today, athlete, exposures } = watch;
  const last = lastIssued(watch);
  const over = finishedWeeks(block, blockPlan.weeks, today)
    .slice(-WEEKS_SHOWN)
    .map((week) => weekAdherence(block, week));
  const of = last === undefined ? null : weekAdherence(block, last);
  const latest = latestCheckIn(checkIns, today);
  const score = fatigueSigns(checkIns, blockPlan.observations, today);
  const bias = rirBias(exposures, chosenCurve(athlete.effort), conventions);
  const isDone = last !== undefined && last === blockPlan.weeks.at(-1) && last.status === 'done';
  return {
    state: last === undefined ? 'planned' : isDone ? 'done' : 'running',
    week: last?.plan.week ?? 0,
    weeks: blockPlan.weeks.length,
    cycleDays: block.cycleDays,
    isDeload: last?.plan.kind === 'deload',
    sessions: of?.sessions ?? { done: 0, planned: 0 },
    sets: of?.sets ?? { done: 0, planned: 0 },
    adherence: { ...addAdherence(over), weeks: over.length },
    signs:
      latest === undefined || score === null
        ? null
        : { ...fatigueScore(score, latest.drive === 'eager', conventions), date: latest.date },
    bias: bias?.steady === true ? bias.mean : null,
    due: dueIn(watch),
    next: nextOf(watch),
  };
}

/** The next session not started. */
function dueIn(watch: Watch): BlockStatus['due'] {
  const last = lastIssued(watch);
  if (last === undefined || last.status === 'done') return null;
  const { plan, performed } = last;
  const left = plan.sessions.filter(
    ({ sessionId, optional, day }) =>
      !optional && !performed.has(sessionId) && dueDay(plan, day) >= watch.today,
  );
  const [first] = left;
  return first === undefined ? null : { date: dueDay(plan, first.day), session: first.name };
}

function nextOf(watch: Watch): BlockStatus['next'] {
  const { block, blockPlan, today } = watch;
  const week = nextToIssue(blockPlan);
  const plan = blockPlan.weeks.find((one) => one.plan.week === week)?.plan;
  if (week === undefined || plan === undefined || block.sessions.length === 0) return null;
  const last = lastIssued(watch);
  const ends = last === undefined ? plan.startDate : lastDay(last.plan, block.cycleDays);
  return {
    week,
    isDeload: plan.kind === 'deload',
    isDue: last?.status === 'done' || ends <= addDays(today, 1),
    calls: blockPlan.proposals.length,
    findings: runChecks(watch, 'none').filter(({ severity }) => severity !== 'note').length,
  };
}
