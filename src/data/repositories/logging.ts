import type { Model, ModelStatic, Transaction, WhereOptions } from 'sequelize';
import {
  addNotes,
  type IssuedWeek,
  type LogOutcome,
  type Outgoing,
  type RampVerdict,
  type SessionNote,
  type SetPlan,
  safeJson,
  summariseNotes,
} from '@/core';
import { currentSetId } from '@/core/codecs';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import type { WorkoutRow } from '../models/rows';
import { markChanged } from './calls';
import { withFormerSession } from './resending';
import { issuedFrom } from './stored-block';
import { notesOf } from './stored-log';

/** Where a set belongs: a sent week and one of its sessions. */
export interface SessionRef {
  readonly issuedWeekId: string;
  readonly sessionId: string;
}

/** A workout's id is derived from the sent session, so that two phones log into the same one. */
export function workoutId({ issuedWeekId, sessionId }: SessionRef): string {
  return `${issuedWeekId}.${sessionId}`;
}

/** A coach, or a phone that logs for its own athlete only. */
type LogAsker = Asker & {
  readonly athleteId?: string;
  /** Used when the coach enters a set. */
  readonly entersAs?: 'coach';
};

/** The session as it is now. */
interface Home {
  readonly status: 'found';
  readonly blockId: string;
  readonly week: IssuedWeek;
  readonly ref: SessionRef;
  readonly row: WorkoutRow;
  /** Whether its week has been recalled since. */
  readonly recalled: boolean;
}

/**
 * Creates the workout of a sent session, once, and locks the sent week so that it is not recalled meanwhile. If the
 * week was recalled while a phone had it, the work belongs to the week sent in its place, or waits in the old one
 * until there is one.
 */
async function workoutOf(
  asker: LogAsker,
  session: SessionRef,
  localDate: string,
  transaction: Transaction,
): Promise<Home | { status: 'gone' }> {
  const { blocks, issued, workouts } = models();
  const { UPDATE } = transaction.LOCK;
  const sent = await issued.findOne({
    where: ownRows(asker, { id: session.issuedWeekId }),
    transaction,
    lock: UPDATE,
  });
  if (sent === null) return { status: 'gone' };
  const { blockId, week: number, recalledAt } = sent.get();
  const { athleteId } = asker;
  const theirs = athleteId === undefined ? {} : { athleteId };
  const mayLog = await blocks.count({ where: ownRows(asker, { id: blockId, ...theirs }), transaction });
  if (mayLog === 0) return { status: 'gone' };
  const standing =
    recalledAt === null
      ? sent
      : await issued.findOne({
          where: ownRows(asker, { blockId, week: number, recalledAt: null }),
          transaction,
          lock: UPDATE,
        });
  const has = (week: IssuedWeek) =>
    week.plan.sessions.some(({ sessionId }) => sessionId === session.sessionId);
  const current = issuedFrom(sent.get());
  // A session removed from the week meanwhile was trained all the same.
  const before = has(current)
    ? current
    : await withFormerSession(asker, current, session.sessionId, new Date(), transaction);
  if (before === undefined) return { status: 'gone' };
  const now = standing === null || standing === sent ? before : issuedFrom(standing.get());
  const week = has(now) ? now : before;
  const ref = { issuedWeekId: week.id, sessionId: session.sessionId };
  const id = workoutId(ref);
  const found = await workouts.findOne({ where: { id }, transaction });
  // The sent week is locked: nobody else creates the same workout in between.
  const row =
    found ??
    (await workouts.create(
      {
        id,
        coachId: asker.coachId,
        blockId,
        issuedWeekId: week.id,
        week: number,
        sessionId: session.sessionId,
        localDate,
        lastSetAt: null,
        finishedAt: null,
        notes: '[]',
        rescue: null,
        hurtAt: null,
        hurtSeenAt: null,
      },
      { transaction },
    ));
  return { status: 'found', blockId, week, ref, row: row.get(), recalled: recalledAt !== null };
}

/**
 * Stores what a phone sends for one session in one transaction: sets, notes, warm-up verdicts, its end, soreness.
 * Sets and notes are added, never changed; repeats are recognised by id. An unplanned set is stored like any other.
 * @returns the sets that were refused; everything else is stored
 */
export async function storeWork(
  asker: LogAsker,
  session: SessionRef,
  { localDate, sets: sent, finish, soreness, ramps, notes }: Outgoing,
  now: Date,
): Promise<LogOutcome> {
  return transact(async (transaction): Promise<LogOutcome> => {
    const home = await workoutOf(asker, session, localDate, transaction);
    if (home.status !== 'found') return home;
    const { workouts, sets, soreness: reports, ramps: verdicts } = models();
    const head = { coachId: asker.coachId, workoutId: home.row.id };
    const told = addNotes(notesOf(home.row), notes);
    const measures = strengthSets(home, told);
    const rows = await sets.findAll({ where: { id: sent.map(({ id }) => id) }, transaction });
    const { mine, others } = storedIds(
      rows.map((one) => one.get()),
      home,
    );
    const refused = sent.flatMap(({ id }): Refused[] => (others.has(id) ? [{ id, why: 'id taken' }] : []));
    const fresh = onceEach(sent).filter(({ id }) => !others.has(id) && !mine.has(id));
    await sets.bulkCreate(
      fresh.map(({ load, at, more, setId, ...set }) => ({
        ...set,
        ...head,
        setId: currentSetId(setId),
        measuresStrength: measures(set.slotId, currentSetId(setId)),
        more: more === undefined ? null : safeJson(more),
        loadValue: load.value,
        loadUnit: load.unit,
        doneAt: new Date(at),
        receivedAt: now,
        enteredBy: asker.entersAs ?? 'athlete',
      })),
      { transaction },
    );
    const said = { ...head, at: now };
    const moved = await idsAlreadyStored(verdicts, ramps, transaction);
    const freshRamps = newOf(ramps, moved);
    await verdicts.bulkCreate(
      freshRamps.map((report) => ({ ...report, ...said })),
      { transaction },
    );
    const ended = await idsAlreadyStored(reports, soreness, transaction);
    const freshReports = newOf(soreness, ended);
    await reports.bulkCreate(
      freshReports.map(({ ended: soreness, ...report }) => ({ ...report, soreness, ...said })),
      { transaction },
    );
    const where = ownRows(asker, { id: home.row.id });
    if (sent.length > 0 || notes.length > 0)
      await workouts.update({ lastSetAt: now, ...noteColumns(home.row, told, now) }, { where, transaction });
    if (sent.length > 0)
      await models().standings.update(
        { lastLogAt: now },
        { where: ownRows(asker, { blockId: home.blockId }), transaction },
      );
    if (finish)
      await workouts.update({ finishedAt: now }, { where: { ...where, finishedAt: null }, transaction });
    // Only a finished session raises proposals; a correction or soreness may raise others. The first set also changes
    // the session's state.
    const isBegun = sent.length > 0 && home.row.lastSetAt === null;
    if (finish || isBegun || home.row.finishedAt !== null)
      await markChanged(asker, [home.blockId], transaction);
    return { status: 'taken', refused, recalled: home.recalled };
  });
}

/** The columns of a workout's notes; nothing if none is new. */
function noteColumns(row: WorkoutRow, told: readonly SessionNote[], now: Date): Partial<WorkoutRow> {
  const before = notesOf(row);
  if (told.length === before.length) return {};
  const { date, readiness } = summariseNotes(told);
  const isHurt = told.slice(before.length).some(({ kind }) => kind === 'pain');
  return {
    notes: safeJson(told),
    rescue: readiness?.rescue ?? null,
    ...(date === null ? {} : { localDate: date.date }),
    ...(isHurt ? { hurtAt: now } : {}),
  };
}

/**
 * Whether a set measures strength: planned sets as planned; of extra work, extra exercises but not extra sets of a
 * slot.
 */
function strengthSets(
  { week, ref }: Home,
  told: readonly SessionNote[],
): (slotId: string, setId: string) => boolean {
  const asked = askedIn(week, ref.sessionId);
  const extra = new Set(summariseNotes(told).extras.map(({ slotId }) => slotId));
  return (slotId, setId) =>
    asked.get(`${slotId}/${setId}`)?.measuresStrength ?? (extra.has(slotId) && setId.startsWith('work-'));
}

/** The planned sets of a session, by slot and set. */
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

/** Existing ids: those in this workout were sent before; those elsewhere are taken. */
function storedIds(
  rows: readonly (Head & { readonly id: string })[],
  { row: { id, coachId } }: Home,
): { readonly mine: ReadonlySet<string>; readonly others: ReadonlySet<string> } {
  const isMine = (row: Head) => row.coachId === coachId && row.workoutId === id;
  return {
    mine: new Set(rows.filter(isMine).map(({ id }) => id)),
    others: new Set(rows.filter((row) => !isMine(row)).map(({ id }) => id)),
  };
}

/** Existing ones among some items, by id. */
async function idsAlreadyStored<T extends { readonly id: string }>(
  table: ModelStatic<Model<T>>,
  items: readonly { readonly id: string }[],
  transaction: Transaction,
): Promise<readonly string[]> {
  if (items.length === 0) return [];
  const id = items.map((item) => item.id);
  const rows = await table.findAll({ where: { id } as WhereOptions<T>, transaction });
  return rows.map((row) => row.get().id);
}

/** New items, each once. */
function newOf<T extends { readonly id: string }>(
  items: readonly T[],
  there: readonly string[],
): readonly T[] {
  return onceEach(items).filter(({ id }) => !there.includes(id));
}

function onceEach<T extends { readonly id: string }>(items: readonly T[]): readonly T[] {
  return [...new Map(items.map((item) => [item.id, item])).values()];
}

/** Verdicts on a session's last warm-up sets, by slot. */
export async function rampReports(
  asker: Asker,
  session: SessionRef,
): Promise<Readonly<Record<string, RampVerdict>>> {
  const rows = await models().ramps.findAll({
    where: ownRows(asker, { workoutId: workoutId(session) }),
    order: [['at', 'ASC']],
  });
  return Object.fromEntries(rows.map((row) => [row.get().slotId, row.get().verdict as RampVerdict]));
}
