import { daysBetween, type LocalDate } from '../calendar';
import { chosenCurve } from '../effort/curves';
import { rirBias } from '../effort/rir-bias';
import { trendPoints } from '../effort/stall';
import { type PainPlace, summariseNotes } from '../on-the-day/session-note';
import { finishedWeeks, type OfPlanned, weekAdherence } from './adherence';
import type { Watch } from './alert-kind';
import { signsOn } from './signs-on';
import type { WatchCall } from './watch-call';

/** An answered alert. */
export interface WatchAnswer {
  readonly id: string;
  readonly call: WatchCall;
  /** The chosen option; null: dismissed. */
  readonly optionId: string | null;
  /** The athlete's local day of the answer. */
  readonly date: LocalDate;
}

/** The result of an answered alert, as far as later days show it. */
export type WatchOutcome =
  /** In how many later sessions it still hurt there. */
  | { readonly kind: 'pain'; readonly where: PainPlace; readonly times: number; readonly of: number }
  /** Fatigue scores before the answer and of the latest check-in since. */
  | {
      readonly kind: 'signs';
      readonly before: number | null;
      readonly after: number;
      readonly date: LocalDate;
    }
  /** The lift trained since: its best estimate against its first, per cent. */
  | { readonly kind: 'lift'; readonly exerciseId: string; readonly weeks: number; readonly gain: number }
  /** How much of the week was done in the end. */
  | { readonly kind: 'week'; readonly week: number; readonly sessions: OfPlanned }
  /** In how many weeks since the session was trained. */
  | { readonly kind: 'kept'; readonly session: string; readonly times: number; readonly of: number }
  /** How many later sessions started poorly. */
  | { readonly kind: 'begun poorly'; readonly times: number; readonly of: number }
  /** The first session logged since. */
  | { readonly kind: 'logged again'; readonly date: LocalDate }
  /** How the later RIR reports compare. */
  | { readonly kind: 'reports'; readonly reps: number; readonly pairs: number };

type Seen = Omit<Watch, 'exercises' | 'isFollowed'>;

/** The result of an answered alert; null: nothing shows yet, or never will. */
export function watchOutcome(answer: WatchAnswer, watch: Seen): WatchOutcome | null {
  const { call, date } = answer;
  const since = watch.log.workouts
    .filter((workout) => workout.date > date)
    .sort((a, b) => a.date.localeCompare(b.date));
  const { evidence } = call;
  switch (evidence.kind) {
    case 'joint': {
      const hurting = since.filter(({ notes }) =>
        [...summariseNotes(notes).pains.values()].some(({ where }) => where === evidence.where),
      );
      return since.length === 0
        ? null
        : { kind: 'pain', where: evidence.where, times: hurting.length, of: since.length };
    }
    case 'signs':
    case 'tired':
      return signsSince(date, watch);
    case 'stall':
      return liftSince(answer, evidence.exerciseId, watch);
    case 'days lost':
    case 'rearrange':
    case 'next week':
      return weekSince(call.week, watch);
    case 'split':
      return keptSince(call, evidence.session, date, watch);
    case 'readiness': {
      const told = since.flatMap(({ notes }) => summariseNotes(notes).readiness ?? []);
      const poor = told.filter(({ slept, feels }) => slept === 'poorly' || feels === 'poorly');
      return told.length === 0 ? null : { kind: 'begun poorly', times: poor.length, of: told.length };
    }
    case 'no log': {
      const [first] = since;
      return first === undefined ? null : { kind: 'logged again', date: first.date };
    }
    case 'effort': {
      const { exposures, athlete, conventions } = watch;
      const later = exposures.filter((exposure) => exposure.date >= date);
      const bias = rirBias(later, chosenCurve(athlete.effort), conventions);
      return bias === undefined ? null : { kind: 'reports', reps: bias.mean, pairs: bias.pairs };
    }
    case 'block ends':
    case 'same plan':
    case 'further exercise':
      return null;
    case 'lift back':
      return liftSince(answer, evidence.lifts[0] ?? '', watch);
  }
}

function signsSince(date: LocalDate, watch: Seen): WatchOutcome | null {
  const inOrder = [...watch.checkIns].sort((a, b) => a.date.localeCompare(b.date));
  const after = inOrder.findLast((one) => one.date > date);
  const sum = after === undefined ? null : signsOn(after.date, watch);
  return after === undefined || sum === null
    ? null
    : { kind: 'signs', before: signsOn(date, watch), after: sum, date: after.date };
}

function liftSince(
  { call, optionId, date }: WatchAnswer,
  exerciseId: string,
  { exposures, athlete }: Seen,
): WatchOutcome | null {
  const does = call.options.find(({ id }) => id === optionId)?.does;
  const lift = does?.kind === 'swap' || does?.kind === 'lift back' ? does.to : exerciseId;
  const points = [...(trendPoints(exposures, chosenCurve(athlete.effort)).get(lift) ?? [])]
    .filter((point) => point.date > date)
    .sort((a, b) => a.date.localeCompare(b.date));
  const [first, ...later] = points;
  const last = points.at(-1);
  if (first === undefined || last === undefined || later.length === 0) return null;
  const best = Math.max(...later.map(({ oneRepMax }) => oneRepMax));
  return {
    kind: 'lift',
    exerciseId: lift,
    weeks: Math.max(1, Math.round(daysBetween(first.date, last.date) / 7)),
    gain: 100 * (best / first.oneRepMax - 1),
  };
}

function weekSince(week: number, { block, blockPlan, today }: Seen): WatchOutcome | null {
  const over = finishedWeeks(block, blockPlan.weeks, today).find(({ plan }) => plan.week === week);
  return over === undefined ? null : { kind: 'week', week, sessions: weekAdherence(block, over).sessions };
}

function keptSince(
  { subject }: WatchCall,
  session: string,
  date: LocalDate,
  { block, blockPlan, today }: Seen,
): WatchOutcome | null {
  const id = subject.slice('split/'.length);
  const weeks = finishedWeeks(block, blockPlan.weeks, today).filter(({ plan }) => plan.startDate >= date);
  const missed = weeks.filter((week) => weekAdherence(block, week).missed.includes(id)).length;
  return weeks.length === 0
    ? null
    : { kind: 'kept', session, times: weeks.length - missed, of: weeks.length };
}
