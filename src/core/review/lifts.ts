import type { LocalDate } from '../calendar';
import { chosenCurve } from '../effort/curves';
import { compareSides, type SidesApart } from '../effort/sides';
import { type LiftTrend, type TrendPoint, trendPoints } from '../effort/stall';
import { summariseNotes } from '../on-the-day/session-note';
import { isAtLeast, isAtMost } from '../rounding';
import { liftedIn, type Reviewed } from './reviewed';

/** Something that affected a lift's line. */
export type LiftChange =
  | { readonly kind: 'deload'; readonly week: number; readonly date: LocalDate }
  | { readonly kind: 'phase'; readonly date: LocalDate; readonly phase: string }
  | { readonly kind: 'swapped in' | 'swapped out'; readonly date: LocalDate; readonly other: string };

/** A lift over a block: estimates of its first sets, in the athlete's unit. */
export interface LiftReview {
  readonly exerciseId: string;
  /** The best estimate of each day, oldest first. */
  readonly points: readonly TrendPoint[];
  /** The best of its last trained week against the best of its first, per cent; null: trained in one week only. */
  readonly gain: number | null;
  /** Weeks in which it was trained. */
  readonly weeks: number;
  readonly verdict: LiftTrend['verdict'] | 'fell';
  readonly changes: readonly LiftChange[];
  /** Left against right, if noted separately. */
  readonly sides: SidesApart | null;
}

/** Trained weeks a lift needs for a conclusion. */
const LEAST_WEEKS = 2;

/** Every lift trained in the block, in order of its first day. */
export function liftReviews(reviewed: Reviewed): readonly LiftReview[] {
  const { athlete, conventions } = reviewed;
  const inBlock = liftedIn(reviewed);
  const changes = liftChanges(reviewed);
  return [...trendPoints(inBlock, chosenCurve(athlete.effort))]
    .map(([exerciseId, unsorted]): LiftReview => {
      const points = [...unsorted].sort((a, b) => a.date.localeCompare(b.date));
      const best = bestOfWeeks(points, reviewed);
      const gain = blockGain(best);
      return {
        exerciseId,
        points,
        gain,
        weeks: best.length,
        verdict: liftVerdict(best, gain, conventions),
        changes: changes(exerciseId),
        sides:
          compareSides(
            inBlock.filter((one) => one.exerciseId === exerciseId),
            conventions,
          ) ?? null,
      };
    })
    .sort((a, b) => firstDay(a).localeCompare(firstDay(b)) || a.exerciseId.localeCompare(b.exerciseId));
}

/** A lift that ends this much below its start has declined, per cent. */
const FELL = 3;

/** Declining comes first: a lift that ends below its start is neither stalled nor progressing. */
function liftVerdict(
  best: readonly number[],
  gain: number | null,
  { stallWeeks, stallGain }: Reviewed['conventions'],
): LiftReview['verdict'] {
  if (gain !== null && isAtMost(gain, -FELL)) return 'fell';
  if (best.length <= stallWeeks) return 'too early';
  return isAtLeast(lateGain(best, stallWeeks), stallGain) ? 'goes on' : 'stalled';
}

const firstDay = ({ points }: LiftReview) => points[0]?.date ?? '';

/** The best estimate of each trained week, in order. */
function bestOfWeeks(points: readonly TrendPoint[], { blockPlan }: Reviewed): readonly number[] {
  const best = new Map<number, number>();
  for (const { date, oneRepMax } of points) {
    const week = blockPlan.weeks.findLast(({ plan }) => plan.startDate <= date)?.plan.week ?? 0;
    best.set(week, Math.max(best.get(week) ?? 0, oneRepMax));
  }
  return [...best].sort(([a], [b]) => a - b).map(([, oneRepMax]) => oneRepMax);
}

function blockGain(best: readonly number[]): number | null {
  const [first] = best;
  const last = best.at(-1);
  return first === undefined || last === undefined || best.length < LEAST_WEEKS
    ? null
    : 100 * (last / first - 1);
}

/** The best of the latest weeks against the best before, per cent. */
function lateGain(best: readonly number[], weeks: number): number {
  return 100 * (Math.max(...best.slice(-weeks)) / Math.max(...best.slice(0, -weeks)) - 1);
}

/** What affected lifts: deloads and phases affect all of them, a swap the two exercises involved. */
function liftChanges({ blockPlan }: Reviewed): (exerciseId: string) => readonly LiftChange[] {
  const trained = blockPlan.weeks.filter(({ performed }) => performed.size > 0);
  const shared = trained.flatMap(({ plan }, at): readonly LiftChange[] => {
    const before = trained[at - 1]?.plan;
    const { week, startDate: date, phase } = plan;
    return [
      ...(plan.kind === 'deload' ? [{ kind: 'deload', week, date } as const] : []),
      ...(before !== undefined && before.phase !== phase ? [{ kind: 'phase', date, phase } as const] : []),
    ];
  });
  const swaps = sessionExchanges(trained.map(({ issued, plan }) => issued?.plan ?? plan));
  return (exerciseId) =>
    [
      ...shared,
      ...swaps.flatMap(({ date, from, to }): readonly LiftChange[] => {
        if (to === exerciseId) return [{ kind: 'swapped in', date, other: from }];
        return from === exerciseId ? [{ kind: 'swapped out', date, other: to }] : [];
      }),
    ].sort((a, b) => a.date.localeCompare(b.date));
}

/** An exercise that replaced another from a week on, or for a day. */
export interface Exchange {
  readonly week: number;
  readonly date: LocalDate;
  readonly from: string;
  readonly to: string;
  /** The reason, if it was swapped on the day; null: the coach planned it. */
  readonly why: string | null;
}

function sessionExchanges(
  plans: readonly Reviewed['blockPlan']['weeks'][number]['plan'][],
): readonly Exchange[] {
  return plans.flatMap((plan, at) => {
    const before = new Map(
      (plans[at - 1]?.sessions ?? []).flatMap(({ slots }) =>
        slots.map(({ slotId, exerciseId }) => [slotId, exerciseId]),
      ),
    );
    return plan.sessions.flatMap(({ slots }) =>
      slots.flatMap(({ slotId, exerciseId }): readonly Exchange[] => {
        const from = before.get(slotId);
        return from === undefined || from === exerciseId
          ? []
          : [{ week: plan.week, date: plan.startDate, from, to: exerciseId, why: null }];
      }),
    );
  });
}

/** Exercises replaced during the block, planned or on the day, in order. */
export function exchanges({ blockPlan }: Reviewed): readonly Exchange[] {
  const trained = blockPlan.weeks.filter(({ issued }) => issued !== null);
  const onTheDay = trained.flatMap(({ plan, issued, performed }) =>
    (issued?.plan ?? plan).sessions.flatMap(({ sessionId, slots }) => {
      const workout = performed.get(sessionId)?.workout;
      if (workout === undefined) return [];
      return [...summariseNotes(workout.notes).swaps.values()].flatMap(
        ({ slotId, exerciseId, why }): readonly Exchange[] => {
          const from = slots.find((slot) => slot.slotId === slotId)?.exerciseId;
          return from === undefined || from === exerciseId
            ? []
            : [{ week: plan.week, date: workout.date, from, to: exerciseId, why }];
        },
      );
    }),
  );
  return [...sessionExchanges(trained.map(({ issued, plan }) => issued?.plan ?? plan)), ...onTheDay].sort(
    (a, b) => a.date.localeCompare(b.date),
  );
}
