import { addDays, type LocalDate } from '../calendar';
import { curveOf } from '../effort/curves';
import { rirBias } from '../effort/rir-bias';
import { check } from '../findings/registry';
import { latestCheckIn, signsOf } from '../recovery/check-in';
import { type SignsVerdict, signsSum } from '../recovery/signs';
import { nextToIssue } from '../unfold/issue';
import { type OfPlanned, summed, weekDone, weeksOver } from './adherence';
import { dueOn, lastDay, lastIssued, type Watch } from './watch';

export const BLOCK_STATES = ['planned', 'running', 'done'] as const;
export type BlockState = (typeof BLOCK_STATES)[number];

/** States in the order in which a block is an athlete's own just now. */
const OWN_FIRST: readonly BlockState[] = ['running', 'planned', 'done'];

/**
 * The block that is an athlete's own just now: the one that runs, the latest handed out where several do; else the planned
 * one; else the last that is done.
 * @param blocks those that are not put away, the newest first
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

/** Where a block stands on a day, for the roster. Small: one is kept for every block. */
export interface BlockStanding {
  readonly state: BlockState;
  /** The week handed out last, 0 before the first, and all of them. */
  readonly week: number;
  readonly weeks: number;
  readonly cycleDays: number;
  readonly isDeload: boolean;
  /** Of that week. */
  readonly sessions: OfPlanned;
  readonly sets: OfPlanned;
  /** Of the weeks that are over, the latest four. */
  readonly adherence: { readonly sessions: OfPlanned; readonly sets: OfPlanned; readonly weeks: number };
  readonly signs: { readonly sum: number; readonly verdict: SignsVerdict; readonly date: LocalDate } | null;
  /** Reps that were left beyond those reported, where they are steadily off; null: honest, or not known yet. */
  readonly bias: number | null;
  readonly due: { readonly date: LocalDate; readonly session: string } | null;
  /** The week that may be handed out next, and what is open about it; null after the last. */
  readonly next: {
    readonly week: number;
    readonly isDeload: boolean;
    /** Whether the week before it is done or ends by tomorrow. */
    readonly isDue: boolean;
    /** Calls of the log that nobody has answered, and findings that need a person. */
    readonly calls: number;
    readonly findings: number;
  } | null;
}

/** Weeks over which adherence is shown. */
const WEEKS_SHOWN = 4;

export function blockStanding(watch: Watch): BlockStanding {
  const { block, blockPlan, checkIns, conventions, today, athlete, exposures } = watch;
  const last = lastIssued(watch);
  const over = weeksOver(block, blockPlan.weeks, today)
    .slice(-WEEKS_SHOWN)
    .map((week) => weekDone(block, week));
  const of = last === undefined ? null : weekDone(block, last);
  const latest = latestCheckIn(checkIns, today);
  const score = signsOf(checkIns, blockPlan.observations, today);
  const bias = rirBias(exposures, curveOf(athlete.effort), conventions);
  const isDone = last !== undefined && last === blockPlan.weeks.at(-1) && last.status === 'done';
  return {
    state: last === undefined ? 'planned' : isDone ? 'done' : 'running',
    week: last?.plan.week ?? 0,
    weeks: blockPlan.weeks.length,
    cycleDays: block.cycleDays,
    isDeload: last?.plan.kind === 'deload',
    sessions: of?.sessions ?? { done: 0, planned: 0 },
    sets: of?.sets ?? { done: 0, planned: 0 },
    adherence: { ...summed(over), weeks: over.length },
    signs:
      latest === undefined || score === null
        ? null
        : { ...signsSum(score, latest.drive === 'eager', conventions), date: latest.date },
    bias: bias?.steady === true ? bias.mean : null,
    due: dueIn(watch),
    next: nextOf(watch),
  };
}

/** The next session that is not begun. */
function dueIn(watch: Watch): BlockStanding['due'] {
  const last = lastIssued(watch);
  if (last === undefined || last.status === 'done') return null;
  const { plan, performed } = last;
  const left = plan.sessions.filter(
    ({ sessionId, optional, day }) =>
      !optional && !performed.has(sessionId) && dueOn(plan, day) >= watch.today,
  );
  const [first] = left;
  return first === undefined ? null : { date: dueOn(plan, first.day), session: first.name };
}

function nextOf(watch: Watch): BlockStanding['next'] {
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
    findings: check(watch, false).filter(({ severity }) => severity !== 'note').length,
  };
}
