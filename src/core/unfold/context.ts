import { type PerMuscle, perMuscle } from '../anatomy/muscle';
import type { Athlete, Phase } from '../athlete/athlete';
import { type Block, type Session, sessionsInOrder } from '../block/block';
import { easedSession } from '../block/templates/return-block';
import { type Answered, latestAnswers } from '../calls/answered';
import type { Conventions } from '../conventions/conventions';
import { NearConventions, type OwnConventions } from '../conventions/own-conventions';
import { chosenCurve } from '../effort/curves';
import { currentSets } from '../log/current-sets';
import type { Log, Workout } from '../log/log';
import type { Soreness } from '../log/soreness';
import type { Memo } from '../memo';
import type { IssuedWeek, Performed } from '../plan/week-state';
import type { CheckIn } from '../recovery/check-in';
import { sorenessIn } from '../recovery/soreness';
import { type LandmarkTrace, landmarksFor } from '../volume/landmarks';
import type { UnfoldInput } from './input';
import { createPlanner, type Planner } from './planner';
import { type SlotFacts, sessionFacts } from './slot-facts';

/** The inputs of unfold with look-up tables: none of it changes from week to week. */
export interface Context {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly memo: Memo;
  readonly planner: Planner;
  /** Sessions in training order. */
  readonly sessions: readonly Session[];
  /** By session id, then slot id. */
  readonly facts: ReadonlyMap<string, ReadonlyMap<string, SlotFacts>>;
  readonly issued: ReadonlyMap<number, IssuedWeek>;
  readonly isIssued: (week: number) => boolean;
  readonly answered: Answered;
  /** By week and session. */
  readonly performed: ReadonlyMap<string, Performed>;
  /** By workout and muscle. */
  readonly soreness: ReadonlyMap<string, Soreness>;
  readonly checkIns: readonly CheckIn[];
  readonly landmarks: (phase: Phase) => PerMuscle<LandmarkTrace>;
}

const NO_CHECK_INS: readonly CheckIn[] = [];

export function unfoldContext(input: UnfoldInput, memo: Memo): Context {
  const { block, athlete, log } = input;
  const near = memo.call(
    'conventions',
    nearConventions,
    memo.same('own conventions', athlete.conventions),
    memo.same('block conventions', block.conventions),
  );
  const conventions = near.whole;
  const planner = memo.call(
    'planner',
    createPlanner,
    athlete,
    input.exercises,
    near,
    memo.call('curve', chosenCurve, athlete.effort),
    block.time,
    block.lowSets,
    block.rangeBinds,
    block.cycleDays,
    block.startDate,
  );
  const { returnSets } = conventions;
  const sessions = sessionsInOrder(block).map((session) =>
    block.afterReturn === null
      ? session
      : memo.part(session.id).call('eased', easedSession, session, returnSets),
  );
  const issued = memo.call('issued', issuedByWeek, input.issued);
  return {
    block,
    athlete,
    memo,
    planner,
    sessions,
    facts: new Map(
      sessions.map((session) => [
        session.id,
        memo.part(session.id).call('facts', sessionFacts, planner, session, memo.part(session.id)),
      ]),
    ),
    issued,
    isIssued: (week) => issued.has(week),
    answered: memo.call('answered', latestAnswers, input.answers),
    performed: memo.call('performed', performedIn, log.workouts, log.sets),
    soreness: memo.call('soreness', sorenessOf, log.soreness, log.workouts, input.issued, planner.exercises),
    checkIns: input.checkIns ?? NO_CHECK_INS,
    landmarks: (phase) =>
      memo.call(`landmarks ${phase}`, landmarksIn, athlete, phase, conventions, block.landmarks),
  };
}

function nearConventions(own: OwnConventions, block: Block['conventions']): NearConventions {
  return new NearConventions(own, block);
}

function issuedByWeek(issued: readonly IssuedWeek[]): ReadonlyMap<number, IssuedWeek> {
  return new Map(issued.map((week) => [week.week, week]));
}

/** Started sessions with the sets that count, by week and session. */
function performedIn(
  workouts: readonly Workout[],
  sets: Parameters<typeof currentSets>[0],
): ReadonlyMap<string, Performed> {
  const logged = currentSets(sets);
  return new Map(
    workouts.map((workout) => [
      `${workout.week}/${workout.sessionId}`,
      { workout, sets: logged.get(workout.id) ?? new Map() },
    ]),
  );
}

function sorenessOf(
  soreness: Log['soreness'],
  workouts: Log['workouts'],
  issued: readonly IssuedWeek[],
  exercises: UnfoldInput['exercises'],
): ReadonlyMap<string, Soreness> {
  return sorenessIn({ soreness, workouts }, issued, exercises);
}

function landmarksIn(
  athlete: Athlete,
  phase: Phase,
  conventions: Conventions,
  school: Block['landmarks'],
): PerMuscle<LandmarkTrace> {
  return perMuscle((muscle) => landmarksFor(muscle, athlete, phase, conventions, school));
}
