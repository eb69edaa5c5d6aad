import type { Transaction } from 'sequelize';
import type { IssuedWeek, LogOutcome, Outgoing, RampVerdict, SetPlan } from '@/core';
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

/** A coach, or a phone that logs for its own athlete alone. */
type LogAsker = Asker & { readonly athleteId?: string };

/** Opens the workout of an issued session, once, and holds the issued week so that it is not recalled meanwhile. */
async function workoutOf(
  asker: LogAsker,
  session: SessionRef,
  localDate: string,
  transaction: Transaction,
): Promise<
  { status: 'found'; blockId: string; week: IssuedWeek } | { status: 'recalled' } | { status: 'gone' }
> {
  const { blocks, issued, workouts } = models();
  const row = await issued.findOne({
    where: own(asker, { id: session.issuedWeekId }),
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  if (row === null) return { status: 'gone' };
  const { athleteId } = asker;
  const theirs = athleteId === undefined ? {} : { athleteId };
  const mayLog = await blocks.count({ where: own(asker, { id: row.get().blockId, ...theirs }), transaction });
  if (mayLog === 0) return { status: 'gone' };
  if (row.get().recalledAt !== null) return { status: 'recalled' };
  const week = issuedFrom(row.get().snapshot);
  if (!week.plan.sessions.some(({ sessionId }) => sessionId === session.sessionId)) return { status: 'gone' };
  const id = workoutId(session);
  // The issued week is held: nobody else opens the same workout between the two.
  if ((await workouts.count({ where: { id }, transaction })) === 0)
    await workouts.create(
      {
        id,
        coachId: asker.coachId,
        blockId: row.get().blockId,
        issuedWeekId: session.issuedWeekId,
        week: row.get().week,
        sessionId: session.sessionId,
        localDate,
        lastSetAt: null,
        finishedAt: null,
      },
      { transaction },
    );
  return { status: 'found', blockId: row.get().blockId, week };
}

/**
 * Keeps what a phone has for one session, all in one transaction: sets, how ramp sets moved, that the session is over,
 * when soreness ended. Sets are added, never changed; whatever is sent again is passed over by its id.
 * @returns the sets that were refused; everything else stands
 */
export async function keepWork(
  asker: LogAsker,
  session: SessionRef,
  { localDate, sets: sent, finish, soreness, ramps }: Outgoing,
  now: Date,
): Promise<LogOutcome> {
  let blockId: string | null = null;
  const outcome = await database().transaction(async (transaction): Promise<LogOutcome> => {
    const workout = await workoutOf(asker, session, localDate, transaction);
    if (workout.status !== 'found') return workout;
    const { workouts, sets, soreness: reports, ramps: verdicts } = models();
    const head = { coachId: asker.coachId, workoutId: workoutId(session) };
    const asked = askedIn(workout.week, session.sessionId);
    const rows = await sets.findAll({ where: { id: sent.map(({ id }) => id) }, transaction });
    const stored = standing(
      rows.map((one) => one.get()),
      head,
    );
    const refused = sent.flatMap(({ id, slotId, setId }): Refused[] => {
      if (!asked.has(`${slotId}/${currentSetId(setId)}`)) return [{ id, why: 'unknown set' }];
      return stored.others.has(id) ? [{ id, why: 'id taken' }] : [];
    });
    const out = new Set([...refused.map(({ id }) => id), ...stored.mine]);
    const fresh = onceEach(sent).filter(({ id }) => !out.has(id));
    await sets.bulkCreate(
      fresh.map(({ load, at, more, setId, ...set }) => ({
        ...set,
        ...head,
        setId: currentSetId(setId),
        measuresStrength: asked.get(`${set.slotId}/${currentSetId(setId)}`)?.measuresStrength === true,
        more: more === undefined ? null : JSON.stringify(more),
        loadValue: load.value,
        loadUnit: load.unit,
        doneAt: new Date(at),
        receivedAt: now,
      })),
      { transaction },
    );
    const told = { ...head, at: now };
    const moved = await verdicts.findAll({ where: { id: ramps.map(({ id }) => id) }, transaction });
    const freshRamps = newOf(
      ramps,
      moved.map((one) => one.get().id),
    );
    await verdicts.bulkCreate(
      freshRamps.map((report) => ({ ...report, ...told })),
      { transaction },
    );
    const ended = await reports.findAll({ where: { id: soreness.map(({ id }) => id) }, transaction });
    const freshReports = newOf(
      soreness,
      ended.map((one) => one.get().id),
    );
    await reports.bulkCreate(
      freshReports.map((report) => ({ ...report, ...told })),
      { transaction },
    );
    const where = own(asker, { id: workoutId(session) });
    if (sent.length > 0) await workouts.update({ lastSetAt: now }, { where, transaction });
    if (finish)
      await workouts.update({ finishedAt: now }, { where: { ...where, finishedAt: null }, transaction });
    // Only a finished session proposes anything; a correction to it, or its soreness, may propose something else.
    const row = await workouts.findOne({ where, attributes: ['finishedAt'], transaction });
    if (row?.get().finishedAt != null) blockId = workout.blockId;
    return { status: 'taken', refused };
  });
  if (outcome.status === 'taken' && blockId !== null) await refreshCalls(asker, blockId, now);
  return outcome;
}

/** The sets a session asks for, by slot and set. */
function askedIn(week: IssuedWeek, sessionId: string): ReadonlyMap<string, SetPlan> {
  const session = week.plan.sessions.find((one) => one.sessionId === sessionId);
  return new Map(
    session?.slots.flatMap((slot) => slot.sets.map((set) => [`${slot.slotId}/${set.id}`, set] as const)),
  );
}

type Refused = Extract<LogOutcome, { status: 'taken' }>['refused'][number];

interface Head {
  readonly coachId: string;
  readonly workoutId: string;
}

/** Which ids stand already: in this workout, so that they were sent before, or elsewhere, so that they are taken. */
function standing(
  rows: readonly (Head & { readonly id: string })[],
  head: Head,
): { readonly mine: ReadonlySet<string>; readonly others: ReadonlySet<string> } {
  const isMine = (row: Head) => row.coachId === head.coachId && row.workoutId === head.workoutId;
  return {
    mine: new Set(rows.filter(isMine).map(({ id }) => id)),
    others: new Set(rows.filter((row) => !isMine(row)).map(({ id }) => id)),
  };
}

/** Items that are not there yet, each once. */
function newOf<T extends { readonly id: string }>(
  items: readonly T[],
  there: readonly string[],
): readonly T[] {
  return onceEach(items).filter(({ id }) => !there.includes(id));
}

function onceEach<T extends { readonly id: string }>(items: readonly T[]): readonly T[] {
  return [...new Map(items.map((item) => [item.id, item])).values()];
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
