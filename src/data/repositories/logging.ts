import type { Transaction } from 'sequelize';
import type { IssuedWeek, LogOutcome, RampVerdict, SentRamp, SentSet, SentSoreness } from '@/core';
import { currentSetId } from '@/core/codecs';
import { type Asker, own } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { refreshCalls } from './calls';
import { issuedFrom } from './stored-block';

/** Where a set belongs: an issued week and one of its sessions. */
export interface SessionRef {
  readonly issuedWeekId: string;
  readonly sessionId: string;
}

/** A workout's id derives from the issued session, so that two phones log into the same one. */
export function workoutId({ issuedWeekId, sessionId }: SessionRef): string {
  return `${issuedWeekId}.${sessionId}`;
}

/** Opens the workout of an issued session, once, and holds the issued week so that it is not recalled meanwhile. */
async function openWorkout(
  asker: Asker,
  session: SessionRef,
  localDate: string,
  transaction: Transaction,
): Promise<
  { status: 'open'; blockId: string; week: IssuedWeek } | { status: 'recalled' } | { status: 'gone' }
> {
  const { issued, workouts } = models();
  const row = await issued.findOne({
    where: own(asker, { id: session.issuedWeekId }),
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  if (row === null) return { status: 'gone' };
  if (row.get().recalledAt !== null) return { status: 'recalled' };
  const week = issuedFrom(row.get().snapshot);
  if (!week.plan.sessions.some(({ sessionId }) => sessionId === session.sessionId)) return { status: 'gone' };
  await workouts.bulkCreate(
    [
      {
        id: workoutId(session),
        coachId: asker.coachId,
        blockId: row.get().blockId,
        issuedWeekId: session.issuedWeekId,
        week: row.get().week,
        sessionId: session.sessionId,
        localDate,
        lastSetAt: null,
        finishedAt: null,
      },
    ],
    { ignoreDuplicates: true, transaction },
  );
  return { status: 'open', blockId: row.get().blockId, week };
}

/**
 * Keeps logged sets. They are added, never changed; a set sent again is passed over by its id.
 * @param localDate the day of the workout where the athlete is
 */
export async function logSets(
  asker: Asker,
  session: SessionRef,
  localDate: string,
  sent: readonly SentSet[],
  now: Date,
): Promise<LogOutcome> {
  let finished: string | null = null;
  const outcome = await database().transaction(async (transaction): Promise<LogOutcome> => {
    const workout = await openWorkout(asker, session, localDate, transaction);
    if (workout.status !== 'open') return workout;
    const planned = workout.week.plan.sessions.find(({ sessionId }) => sessionId === session.sessionId);
    const asked = new Map(
      planned?.slots.flatMap((slot) => slot.sets.map((set) => [`${slot.slotId}/${set.id}`, set] as const)),
    );
    const askedOf = (set: SentSet) => asked.get(`${set.slotId}/${currentSetId(set.setId)}`);
    const stray = sent.find((set) => askedOf(set) === undefined);
    if (stray !== undefined) return { status: 'unknown set', id: stray.id };
    const { sets, workouts } = models();
    await sets.bulkCreate(
      sent.map(({ load, at, more, ...set }) => ({
        ...set,
        setId: currentSetId(set.setId),
        measuresStrength: askedOf({ load, at, more, ...set })?.measuresStrength === true,
        more: more === undefined ? null : JSON.stringify(more),
        coachId: asker.coachId,
        workoutId: workoutId(session),
        loadValue: load.value,
        loadUnit: load.unit,
        doneAt: new Date(at),
        receivedAt: now,
      })),
      { ignoreDuplicates: true, transaction },
    );
    const where = own(asker, { id: workoutId(session) });
    await workouts.update({ lastSetAt: now }, { where, transaction });
    const row = await workouts.findOne({ where, attributes: ['finishedAt'], transaction });
    if (row !== null && row.get().finishedAt !== null) finished = workout.blockId;
    return { status: 'kept' };
  });
  // Only a finished session proposes anything; a correction to it may propose something else.
  if (outcome.status === 'kept' && finished !== null) await refreshCalls(asker, finished, now);
  return outcome;
}

/** Marks a session as finished (again: no change); its calls are then made. */
export async function finishWorkout(
  asker: Asker,
  session: SessionRef,
  localDate: string,
  now: Date,
): Promise<LogOutcome> {
  let blockId: string | null = null;
  const outcome = await database().transaction(async (transaction): Promise<LogOutcome> => {
    const workout = await openWorkout(asker, session, localDate, transaction);
    if (workout.status !== 'open') return workout;
    blockId = workout.blockId;
    await models().workouts.update(
      { finishedAt: now },
      { where: own(asker, { id: workoutId(session), finishedAt: null }), transaction },
    );
    return { status: 'kept' };
  });
  if (outcome.status === 'kept' && blockId !== null) await refreshCalls(asker, blockId, now);
  return outcome;
}

/** Keeps when soreness from a session ended; the latest report on a muscle counts. */
export async function reportSoreness(
  asker: Asker,
  session: SessionRef,
  reports: readonly SentSoreness[],
  now: Date,
): Promise<LogOutcome> {
  const { workouts, soreness } = models();
  const workout = await workouts.findOne({ where: own(asker, { id: workoutId(session) }) });
  if (workout === null) return { status: 'gone' };
  await soreness.bulkCreate(
    reports.map((report) => ({ ...report, coachId: asker.coachId, workoutId: workoutId(session), at: now })),
    { ignoreDuplicates: true },
  );
  await refreshCalls(asker, workout.get().blockId, now);
  return { status: 'kept' };
}

/** Keeps how last ramp sets moved; the latest verdict on a slot counts. */
export async function reportRamps(
  asker: Asker,
  session: SessionRef,
  localDate: string,
  reports: readonly SentRamp[],
  now: Date,
): Promise<LogOutcome> {
  return database().transaction(async (transaction): Promise<LogOutcome> => {
    const workout = await openWorkout(asker, session, localDate, transaction);
    if (workout.status !== 'open') return workout;
    await models().ramps.bulkCreate(
      reports.map((report) => ({
        ...report,
        coachId: asker.coachId,
        workoutId: workoutId(session),
        at: now,
      })),
      { ignoreDuplicates: true, transaction },
    );
    return { status: 'kept' };
  });
}

/** Verdicts on the last ramp sets of a session, by slot. */
export async function rampReports(
  asker: Asker,
  session: SessionRef,
): Promise<Readonly<Record<string, RampVerdict>>> {
  const rows = await models().ramps.findAll({
    where: own(asker, { workoutId: workoutId(session) }),
    order: [['at', 'ASC']],
  });
  return Object.fromEntries(rows.map((row) => [row.get().slotId, row.get().verdict as RampVerdict]));
}
