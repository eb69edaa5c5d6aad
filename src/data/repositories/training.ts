import { Op, QueryTypes, type Transaction } from 'sequelize';
import type { IssuedWeek, Training } from '@/core';
import { type Answer, catalogueWith, type ExerciseLookup, type HistoryStep } from '@/core';
import { decodeChoice, decodeProposal } from '@/core/codecs';
import { type Asker, ownRows } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { plain } from '../models/plain';
import type { CallRow } from '../models/rows';
import { findCheckIns } from './check-ins';
import { coachConventions } from './coach-conventions';
import { exercisesOf } from './own-facts';
import { firstsElsewhere, withLastingBests } from './starting-strength';
import { stored } from './stored';
import { athleteFrom } from './stored-athlete';
import { blockFrom, issuedFrom, storedEdit } from './stored-block';
import { loggedSetFrom, sorenessFrom, workoutFrom } from './stored-log';

/** Most undo steps. */
const HISTORY_STEPS = 300;

/** Finds exercises in the shipped library and among the coach's own. */
export function exerciseLookup({ ownExercises }: Pick<Training, 'ownExercises'>): ExerciseLookup {
  return catalogueWith(ownExercises).find;
}

export function answerFrom(row: CallRow): Answer[] {
  if (row.status === 'pending') return [];
  const proposal = stored('a call', decodeProposal, row.proposal);
  const choice =
    row.choice === null
      ? null
      : stored('an answer', (unchecked) => decodeChoice(proposal.kind, unchecked), row.choice);
  return [{ id: row.id, subject: row.subject, outcome: row.status, proposal, choice }];
}

/** A block with its athlete and all data: a fixed number of queries. */
export async function findTraining(
  asker: Asker,
  blockId: string,
  transaction?: Transaction,
): Promise<Training | undefined> {
  const { blocks, athletes, issued, workouts, sets, soreness, calls } = models();
  const within = transaction === undefined ? {} : { transaction };
  const readAt = new Date().toISOString();
  const block = await blocks.findOne({ where: ownRows(asker, { id: blockId, deletedAt: null }), ...within });
  if (block === null) return undefined;
  const { athleteId } = block.get();
  const [athlete, conventions, firsts, exercises, weeks, done, answered, checkIns] = await Promise.all([
    athletes.findOne({ where: ownRows(asker, { id: athleteId }), ...within }),
    coachConventions(asker, transaction),
    firstsElsewhere(asker, athleteId, blockId, transaction),
    exercisesOf(asker, transaction),
    plain(issued, {
      where: ownRows(asker, { blockId, recalledAt: null }),
      order: [['week', 'ASC']],
      ...within,
    }),
    plain(workouts, {
      where: ownRows(asker, { blockId }),
      order: [
        ['localDate', 'ASC'],
        ['id', 'ASC'],
      ],
      ...within,
    }),
    calls.findAll({
      where: ownRows(asker, { blockId, status: { [Op.ne]: 'pending' }, source: 'log' }),
      order: [['answeredAt', 'ASC']],
      ...within,
    }),
    findCheckIns(asker, athleteId, transaction),
  ]);
  if (athlete === null) return undefined;
  const standing = new Set(weeks.map(({ id }) => id));
  const performed = done.filter(({ issuedWeekId }) => standing.has(issuedWeekId));
  const ids = performed.map((workout) => workout.id);
  const [logged, reports] =
    ids.length === 0
      ? [[], []]
      : await Promise.all([
          plain(sets, {
            where: ownRows(asker, { workoutId: ids }),
            order: [
              ['doneAt', 'ASC'],
              ['receivedAt', 'ASC'],
              ['id', 'ASC'],
            ],
            ...within,
          }),
          plain(soreness, { where: ownRows(asker, { workoutId: ids }), order: [['at', 'ASC']], ...within }),
        ]);
  return {
    blockId,
    revision: block.get().revision,
    block: blockFrom(block.get().document),
    athlete: withLastingBests(athleteFrom(athlete.get().facts, conventions), firsts, exercises),
    athleteRevision: athlete.get().revision,
    ownExercises: exercises,
    issued: weeks.map(issuedFrom),
    log: {
      workouts: performed.map(workoutFrom),
      sets: logged.map(loggedSetFrom),
      soreness: reports.map(sorenessFrom),
    },
    answers: answered.flatMap((call) => answerFrom(call.get())),
    checkIns,
    readAt,
  };
}

/** A block's last steps, oldest first, from which undo and redo are built. */
export async function findHistory(asker: Asker, blockId: string): Promise<readonly HistoryStep[]> {
  const rows = await models().revisions.findAll({
    where: ownRows(asker, { blockId }),
    order: [['revision', 'DESC']],
    limit: HISTORY_STEPS,
  });
  return rows.reverse().map((row) => {
    const { action, edit, inverse } = row.get();
    return { action, edit: storedEdit(edit), inverse: storedEdit(inverse) };
  });
}

/** A week of a block as sent. */
export async function findIssuedWeek(
  asker: Asker,
  blockId: string,
  week: number,
): Promise<IssuedWeek | undefined> {
  const row = await models().issued.findOne({ where: ownRows(asker, { blockId, week, recalledAt: null }) });
  return row === null ? undefined : issuedFrom(row.get());
}

/** The athlete's block with the latest sent week; undefined if there is none. */
export async function newestIssued({
  coachId,
  athleteId,
}: {
  readonly coachId: string;
  readonly athleteId: string;
}): Promise<string | undefined> {
  const [row] = await database().query<{ id: string }>(
    `SELECT b.id FROM blocks b JOIN issued_weeks i ON i.block_id = b.id AND i.standing = 1
     WHERE b.coach_id = :coachId AND b.athlete_id = :athleteId AND b.archived_at IS NULL AND b.deleted_at IS NULL
     ORDER BY i.issued_at DESC LIMIT 1`,
    { type: QueryTypes.SELECT, replacements: { coachId, athleteId } },
  );
  return row?.id;
}
