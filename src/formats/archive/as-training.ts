import { type BlockPlan, catalogueWith, type UnfoldInput, unfold } from '@/core';
import type { ArchivedAthlete, ArchivedBlock } from './athlete-file';

/** The inputs of a block's plan, from its athlete's file. */
export function trainingOf(
  { athlete, exercises, checkIns }: ArchivedAthlete,
  { document, weeks, workouts, calls }: ArchivedBlock,
): UnfoldInput {
  return {
    block: document,
    athlete,
    exercises: catalogueWith(exercises).find,
    issued: weeks.map(({ handedOut, closedAt }) =>
      closedAt === null ? handedOut : { ...handedOut, closedAt },
    ),
    log: {
      workouts: workouts.map(({ id, week, sessionId, date, finishedAt, notes }) => ({
        id,
        week,
        sessionId,
        date,
        finished: finishedAt !== null,
        notes,
      })),
      sets: workouts.flatMap(({ id: workoutId, sets }) =>
        sets.map(({ id, slotId, setId, exerciseId, load, reps, rir, more, at, supersedes }) => ({
          id,
          workoutId,
          slotId,
          setId,
          exerciseId,
          load,
          reps,
          rir,
          ...(more === null ? {} : { more }),
          at,
          supersedes,
        })),
      ),
      soreness: workouts.flatMap(({ id: workoutId, soreness }) =>
        soreness.map(({ muscle, ended, said }) => ({ workoutId, muscle, ended, said })),
      ),
    },
    answers: calls.flatMap((call) =>
      call.source === 'day'
        ? []
        : [
            {
              id: call.id,
              subject: call.subject,
              outcome: call.status,
              proposal: call.proposal,
              choice: call.choice,
            },
          ],
    ),
    checkIns: checkIns.map(({ checkIn }) => checkIn),
  };
}

/** The plan of a block in an athlete's file. */
export function planOf(athlete: ArchivedAthlete, block: ArchivedBlock): BlockPlan {
  return unfold(trainingOf(athlete, block));
}
