import type { Muscle } from '../anatomy/muscle';
import type { LocalDate } from '../calendar';
import { chosenCurve } from '../effort/curves';
import { type RirBias, rirBias } from '../effort/rir-bias';
import { finishedWeeks, type WeekDone, weekAdherence } from '../watch/adherence';
import { lastDay } from '../watch/alert-kind';
import { signsOn } from '../watch/signs-on';
import { type Exchange, exchanges, type LiftReview, liftReviews } from './lifts';
import { type Minutes, sessionMinutes } from './minutes';
import { type MuscleReview, muscleReviews } from './muscles';
import { liftedIn, type Reviewed } from './reviewed';
import { sorenessDays } from './soreness-days';
import { type Suggestion, suggestForNextBlock } from './suggestions';

/** A finished block, or one in progress. */
export interface Review {
  /** Finished weeks, and all weeks. */
  readonly over: number;
  readonly weeks: number;
  readonly muscles: readonly MuscleReview[];
  readonly lifts: readonly LiftReview[];
  readonly exchanges: readonly Exchange[];
  readonly minutes: Minutes;
  readonly done: readonly WeekDone[];
  /** Fatigue scores of the block's check-ins. */
  readonly signs: readonly { readonly date: LocalDate; readonly sum: number }[];
  /** Days until soreness was gone, by muscle, in order of reporting. */
  readonly soreness: readonly { readonly muscle: Muscle; readonly days: readonly number[] }[];
  readonly bias: RirBias | null;
  readonly suggestions: readonly Suggestion[];
}

/** The review of a block on a day. */
export function reviewBlock(reviewed: Reviewed): Review {
  const { block, athlete, blockPlan, conventions, today } = reviewed;
  const over = finishedWeeks(block, blockPlan.weeks, today);
  return {
    over: over.length,
    weeks: blockPlan.weeks.length,
    muscles: muscleReviews(reviewed),
    lifts: liftReviews(reviewed),
    exchanges: exchanges(reviewed),
    minutes: sessionMinutes(reviewed),
    done: over.map((week) => weekAdherence(block, week)),
    signs: signsWithin(reviewed),
    soreness: [...sorenessDays(reviewed)].map(([muscle, days]) => ({ muscle, days })),
    bias: rirBias(liftedIn(reviewed), chosenCurve(athlete.effort), conventions) ?? null,
    suggestions: suggestForNextBlock(reviewed),
  };
}

/** The fatigue signs of each check-in in the block, given the training until then. */
function signsWithin(reviewed: Reviewed): Review['signs'] {
  const { block, blockPlan, checkIns } = reviewed;
  const first = blockPlan.weeks[0]?.plan;
  const last = blockPlan.weeks.at(-1)?.plan;
  if (first === undefined || last === undefined) return [];
  const until = lastDay(last, block.cycleDays);
  return [...checkIns]
    .filter(({ date }) => date >= first.startDate && date <= until)
    .sort((a, b) => a.date.localeCompare(b.date))
    .flatMap(({ date }) => {
      const sum = signsOn(date, reviewed);
      return sum === null ? [] : [{ date, sum }];
    });
}
