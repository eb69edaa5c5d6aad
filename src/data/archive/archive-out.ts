import { groupBy } from 'es-toolkit';
import { Op, type Transaction } from 'sequelize';
import type { Exercise } from '@/core';
import {
  decodeCheckIn,
  decodeConventions,
  decodeIssued,
  decodePrerequisites,
  decodeProposal,
  decodeSetNotes,
  decodeWatchCall,
} from '@/core/codecs';
import {
  type ArchivedAthlete,
  type ArchivedBlock,
  type ArchivedWorkout,
  ATHLETE_FORMAT,
  ATHLETE_VERSION,
  type AthleteFile,
} from '@/formats/archive/athlete-file';
import {
  ACCOUNT_FORMAT,
  type AccountFile,
  exercisesIn,
  LIBRARY_FORMAT,
  type LibraryFile,
  TEMPLATE_FORMAT,
  type TemplateFile,
} from '@/formats/archive/files';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { plain } from '../models/plain';
import type { BlockRow, CallRow, LoggedSetRow, TemplateRow, WorkoutRow } from '../models/rows';
import { ownExercises, visibleTo } from '../repositories/own-exercises';
import { ownFacts } from '../repositories/own-facts';
import { stored } from '../repositories/stored';
import { athleteFrom } from '../repositories/stored-athlete';
import { blockFrom, storedEdit } from '../repositories/stored-block';
import { notesOf } from '../repositories/stored-log';

const text = (at: Date) => at.toISOString();
const textOf = (at: Date | null) => at?.toISOString() ?? null;

/** An athlete with everything, as of one moment; undefined if there is no such athlete. */
export async function athleteFile(asker: Asker, athleteId: string): Promise<AthleteFile | undefined> {
  return transact(async (transaction) => {
    const exercises = await ownExercises(asker, transaction);
    const archived = await archivedAthlete(asker, athleteId, exercises, transaction);
    return archived === undefined
      ? undefined
      : { format: ATHLETE_FORMAT, version: ATHLETE_VERSION, ...archived };
  });
}

/** All of a coach's data as of one moment, without passwords, sessions and phones. */
export async function accountFile(asker: Asker): Promise<AccountFile> {
  return transact(async (transaction) => {
    const { coaches, templates, athletes } = models();
    const coach = await coaches.findByPk(asker.coachId, { transaction });
    if (coach === null) throw new Error('nobody asks');
    const { name, email, conventions } = coach.get();
    const exercises = await ownExercises(asker, transaction);
    const facts = Object.entries(await ownFacts(asker, transaction));
    const names = facts.flatMap(([id, { name }]) => (name === undefined ? [] : [[id, name] as const]));
    const shares = facts.flatMap(([id, { contributions }]) =>
      contributions === undefined ? [] : [[id, contributions] as const],
    );
    const order: [string, string][] = [
      ['createdAt', 'ASC'],
      ['id', 'ASC'],
    ];
    const designs = await templates.findAll({ where: ownRows(asker), order, transaction });
    const people = await athletes.findAll({
      where: ownRows(asker),
      attributes: ['id'],
      order: [['id', 'ASC']],
      transaction,
    });
    const files: ArchivedAthlete[] = [];
    for (const row of people) {
      const archived = await archivedAthlete(asker, row.get().id, exercises, transaction);
      if (archived !== undefined) files.push(archived);
    }
    return {
      format: ACCOUNT_FORMAT,
      version: 1,
      name,
      email,
      conventions: stored('a coach’s conventions', decodeConventions, conventions),
      exercises: [...exercises],
      ...(names.length === 0 ? {} : { exerciseNames: Object.fromEntries(names) }),
      ...(shares.length === 0 ? {} : { exerciseShares: Object.fromEntries(shares) }),
      templates: designs.map((row) => {
        const { id, createdAt } = row.get();
        return { id, createdAt: text(createdAt), ...templateOf(row.get(), exercises) };
      }),
      athletes: files,
    };
  });
}

/** All revisions of the coach's custom exercises. */
export async function libraryFile(asker: Asker): Promise<LibraryFile> {
  return { format: LIBRARY_FORMAT, version: 1, exercises: [...(await ownExercises(asker))] };
}

/** One of the coach's templates, with the custom exercises it uses. */
export async function templateFile(asker: Asker, id: string): Promise<TemplateFile | undefined> {
  const row = await models().templates.findOne({ where: { [Op.and]: [{ id }, visibleTo(asker)] } });
  if (row === null) return undefined;
  const template = templateOf(row.get(), await ownExercises(asker));
  return { format: TEMPLATE_FORMAT, version: 1, ...template };
}

function templateOf({ name, document, prerequisites }: TemplateRow, exercises: readonly Exercise[]) {
  const design = blockFrom(document);
  const asked = stored('what a template asks', decodePrerequisites, prerequisites);
  return {
    name,
    design,
    prerequisites: asked,
    exercises: [...exercisesIn([design, asked], exercises)],
  };
}

async function archivedAthlete(
  asker: Asker,
  athleteId: string,
  exercises: readonly Exercise[],
  transaction: Transaction,
): Promise<ArchivedAthlete | undefined> {
  const { athletes, measurements, checkIns, blocks } = models();
  const row = await athletes.findOne({ where: ownRows(asker, { id: athleteId }), transaction });
  if (row === null) return undefined;
  const { facts, archivedAt } = row.get();
  const where = ownRows(asker, { athleteId });
  const [measured, said, documents] = [
    await measurements.findAll({ where, order: [['id', 'ASC']], transaction }),
    await checkIns.findAll({ where, order: [['id', 'ASC']], transaction }),
    await blocks.findAll({
      where: ownRows(asker, { athleteId, deletedAt: null }),
      order: [['id', 'ASC']],
      transaction,
    }),
  ];
  const archived: ArchivedBlock[] = [];
  for (const block of documents) archived.push(await archivedBlock(asker, block.get(), transaction));
  const all = {
    athlete: athleteFrom(facts),
    archivedAt: textOf(archivedAt),
    measurements: measured.map((one) => {
      const { id, localDate: date, kind, value, unit, at } = one.get();
      // Kinds and units are validated when written.
      return {
        id,
        date,
        kind,
        value: Number(value),
        unit,
        at: text(at),
      } as ArchivedAthlete['measurements'][number];
    }),
    checkIns: said.map((one) => {
      const { id, localDate: date, answers, receivedAt } = one.get();
      const read = (unchecked: unknown) => decodeCheckIn({ ...(unchecked as object), id, date });
      return { checkIn: stored('a check-in', read, answers), receivedAt: text(receivedAt) };
    }),
    blocks: archived,
  };
  return { ...all, exercises: [...exercisesIn(all, exercises)] };
}

async function archivedBlock(asker: Asker, row: BlockRow, transaction: Transaction): Promise<ArchivedBlock> {
  const { id: blockId, revision, document, createdAt, updatedAt, archivedAt } = row;
  const { revisions, issued, workouts, sets, soreness, ramps, calls } = models();
  const where = ownRows(asker, { blockId });
  const steps = await revisions.findAll({ where, order: [['revision', 'ASC']], transaction });
  const weeks = await issued.findAll({
    where: ownRows(asker, { blockId, recalledAt: null }),
    order: [['week', 'ASC']],
    transaction,
  });
  const standing = weeks.map((week) => week.get().id);
  const done = await workouts.findAll({
    where: ownRows(asker, { blockId, issuedWeekId: standing }),
    order: [['id', 'ASC']],
    transaction,
  });
  const answered = await calls.findAll({
    where,
    order: [
      ['createdAt', 'ASC'],
      ['id', 'ASC'],
    ],
    transaction,
  });
  const of = ownRows(asker, { workoutId: done.map((workout) => workout.get().id) });
  const by = <Row extends { readonly workoutId: string }>(rows: readonly Row[]) =>
    groupBy(rows, ({ workoutId }) => workoutId) as Partial<Record<string, Row[]>>;
  const inOrder = { order: [['id', 'ASC']] as [string, string][], transaction };
  const logged = by(await plain(sets, { where: of, ...inOrder }));
  const sore = by(await plain(soreness, { where: of, ...inOrder }));
  const moved = by(await plain(ramps, { where: of, ...inOrder }));
  return {
    id: blockId,
    revision,
    createdAt: text(createdAt),
    updatedAt: text(updatedAt),
    archivedAt: textOf(archivedAt),
    document: blockFrom(document),
    steps: steps.map((one) => {
      const { revision: at, editId, action, edit, inverse, document: whole, at: when } = one.get();
      return {
        revision: at,
        editId,
        action,
        edit: storedEdit(edit),
        inverse: storedEdit(inverse),
        document: whole === null ? null : blockFrom(whole),
        at: text(when),
      };
    }),
    weeks: weeks.map((one) => {
      const { snapshot, issuedAt, openedAt, line, version, closedAt } = one.get();
      return {
        handedOut: stored('an issued week', decodeIssued, snapshot),
        issuedAt: text(issuedAt),
        openedAt: textOf(openedAt),
        line,
        version,
        closedAt: textOf(closedAt),
      };
    }),
    workouts: done.map((one) =>
      workoutOf(one.get(), {
        sets: (logged[one.get().id] ?? []).map(setOf),
        soreness: (sore[one.get().id] ?? []).map(({ id, muscle, soreness: ended, said, at }) => ({
          id,
          muscle: muscle as ArchivedWorkout['soreness'][number]['muscle'],
          ended,
          said,
          at: text(at),
        })),
        ramps: (moved[one.get().id] ?? []).map(({ id, slotId, verdict, at }) => ({
          id,
          slotId,
          verdict: verdict as ArchivedWorkout['ramps'][number]['verdict'],
          at: text(at),
        })),
      }),
    ),
    calls: answered.flatMap((one) => callOf(one.get())),
  };
}

function workoutOf(
  row: WorkoutRow,
  parts: Pick<ArchivedWorkout, 'sets' | 'soreness' | 'ramps'>,
): ArchivedWorkout {
  const { id, issuedWeekId: weekId, week, sessionId, localDate: date } = row;
  return {
    id,
    weekId,
    week,
    sessionId,
    date,
    lastSetAt: textOf(row.lastSetAt),
    finishedAt: textOf(row.finishedAt),
    notes: [...notesOf(row)],
    hurtAt: textOf(row.hurtAt),
    hurtSeenAt: textOf(row.hurtSeenAt),
    ...parts,
  };
}

function setOf(row: LoggedSetRow): ArchivedWorkout['sets'][number] {
  const { id, slotId, setId, exerciseId, reps, supersedes, enteredBy } = row;
  return {
    id,
    slotId,
    setId,
    exerciseId,
    load: { value: Number(row.loadValue), unit: row.loadUnit },
    reps,
    rir: Number(row.rir),
    more: row.more === null ? null : stored('a logged set', decodeSetNotes, row.more),
    measuresStrength: Boolean(row.measuresStrength),
    at: text(row.doneAt),
    receivedAt: text(row.receivedAt),
    supersedes,
    enteredBy,
  };
}

/** An answered call; open ones are recomputed from the rest. */
function callOf(row: CallRow): ArchivedBlock['calls'] {
  const { id, subject, week, status, source, editId, byRule } = row;
  if (status === 'pending') return [];
  const head = {
    id,
    subject,
    week,
    status,
    createdAt: text(row.createdAt),
    answeredAt: textOf(row.answeredAt),
    editId,
    byRule: Boolean(byRule),
  };
  const choice = row.choice === null ? null : JSON.parse(row.choice);
  return source === 'log'
    ? [{ ...head, source, proposal: stored('a call', decodeProposal, row.proposal), choice }]
    : [{ ...head, source, proposal: stored('a call', decodeWatchCall, row.proposal), choice }];
}
