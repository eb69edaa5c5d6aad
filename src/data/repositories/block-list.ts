import { randomUUID } from 'node:crypto';
import { Op, QueryTypes } from 'sequelize';
import {
  activeRestOf,
  type Block,
  type BlockSpan,
  type BlockState,
  blockSpan,
  copyDesign,
  type LocalDate,
  type Spread,
} from '@/core';
import { type Asker, ownRows } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { addBlock, saveSteps } from './blocks';
import { refreshCalls } from './calls';
import { blockFrom } from './stored-block';

/** Days in which a deleted block can be restored. */
const KEPT_DAYS = 30;

/** An athlete's block in a list. */
export interface BlockLine {
  readonly id: string;
  readonly name: string;
  readonly state: BlockState;
  readonly startDate: LocalDate;
  /** Building weeks. */
  readonly weeks: number;
  /** The last sent week; 0 before the first. */
  readonly week: number;
  readonly archived: boolean;
  /** When it was deleted; null: it was not. */
  readonly deletedAt: string | null;
  /** When a week of it was last sent, ISO text; null: never. */
  readonly issuedAt: string | null;
  /** When anything was last logged in it, ISO text; null: never. */
  readonly lastLog: string | null;
  /** Its dates in the year. */
  readonly span: BlockSpan;
}

interface BlockLineRow {
  id: string;
  name: string;
  weeks: number;
  startDate: string;
  state: BlockState | null;
  week: number | null;
  archivedAt: Date | null;
  deletedAt: Date | null;
  issuedAt: Date | null;
  lastLog: Date | null;
  /** What its dates follow from, as JSON. */
  spread: string;
}

const SPREAD = `JSON_OBJECT('cycleDays', JSON_EXTRACT(b.document, '$.cycleDays'),
  'pauses', JSON_QUERY(b.document, '$.pauses'), 'earlyDeloads', JSON_QUERY(b.document, '$.earlyDeloads'),
  'deload', JSON_QUERY(b.document, '$.deload'))`;

/** All blocks of an athlete, newest first: planned, running, done, archived, and recently deleted. */
export async function listBlocks(asker: Asker, athleteId: string): Promise<readonly BlockLine[]> {
  const rows = await database().query<BlockLineRow>(
    `SELECT b.id, b.name, b.weeks, JSON_VALUE(b.document, '$.startDate') AS startDate, s.state,
       JSON_VALUE(s.facts, '$.week') AS week, b.archived_at AS archivedAt, b.deleted_at AS deletedAt, s.issued_at AS issuedAt, s.last_log_at AS lastLog,
       ${SPREAD} AS spread
     FROM blocks b LEFT JOIN standings s ON s.block_id = b.id
     WHERE b.coach_id = :coachId AND b.athlete_id = :athleteId ORDER BY b.created_at DESC`,
    { type: QueryTypes.SELECT, replacements: { coachId: asker.coachId, athleteId } },
  );
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    state: row.state ?? 'planned',
    startDate: row.startDate,
    weeks: Number(row.weeks),
    week: Number(row.week ?? 0),
    archived: row.archivedAt !== null,
    deletedAt: row.deletedAt === null ? null : new Date(row.deletedAt).toISOString(),
    issuedAt: row.issuedAt === null ? null : new Date(row.issuedAt).toISOString(),
    lastLog: row.lastLog === null ? null : new Date(row.lastLog).toISOString(),
    span: blockSpan(storedSpread(row)),
  }));
}

/**
 * What a block's dates follow from. Documents of older versions have no early deloads; an unreadable one is placed at
 * its start date.
 */
function storedSpread({
  startDate,
  weeks,
  spread,
}: Pick<BlockLineRow, 'startDate' | 'weeks' | 'spread'>): Spread {
  const { cycleDays, pauses, earlyDeloads, deload } = JSON.parse(spread) as Partial<Block>;
  return {
    startDate,
    weeks: Number(weeks),
    cycleDays: cycleDays ?? 7,
    pauses: pauses ?? [],
    earlyDeloads: earlyDeloads ?? [],
    deload: deload ?? null,
  };
}

/** When active rest begins in the other blocks of a block's athlete. */
export async function otherActiveRests(asker: Asker, blockId: string): Promise<readonly LocalDate[]> {
  const rows = await database().query<Pick<BlockLineRow, 'startDate' | 'weeks' | 'spread'>>(
    `SELECT b.weeks, JSON_VALUE(b.document, '$.startDate') AS startDate, ${SPREAD} AS spread
     FROM blocks b JOIN blocks here ON here.id = :blockId AND here.athlete_id = b.athlete_id AND here.coach_id = b.coach_id
     WHERE b.coach_id = :coachId AND b.id <> :blockId AND b.deleted_at IS NULL
       AND JSON_SEARCH(b.document, 'one', 'active rest', NULL, '$.deload[*].kind') IS NOT NULL`,
    { type: QueryTypes.SELECT, replacements: { coachId: asker.coachId, blockId } },
  );
  return rows.flatMap((row) => activeRestOf(storedSpread(row)) ?? []);
}

/**
 * Moves a block without sent weeks to another start date, as a normal step.
 * @returns gone: it does not exist; handed out: its sent weeks cannot move
 */
export async function moveBlock(
  asker: Asker,
  id: string,
  startDate: LocalDate,
  now: Date,
): Promise<'moved' | 'gone' | 'handed out'> {
  const row = await models().blocks.findOne({ where: ownRows(asker, { id, deletedAt: null }) });
  if (row === null) return 'gone';
  if ((await models().issued.count({ where: ownRows(asker, { blockId: id, recalledAt: null }) })) > 0)
    return 'handed out';
  const edit = { kind: 'block/set', field: 'startDate', value: startDate } as const;
  const step = { id: randomUUID(), action: 'do', edit } as const;
  const { status } = await saveSteps(asker, id, row.get().revision, [step], now);
  return status === 'saved' ? 'moved' : 'gone';
}

/** Archives a block, or restores it (null). @returns whether the block exists */
export async function archiveBlock(asker: Asker, id: string, at: Date | null, now: Date): Promise<boolean> {
  return put(asker, id, { archivedAt: at }, now);
}

/** Deletes a block, or restores it (null); erased after 30 days. @returns whether the block exists */
export async function deleteBlock(asker: Asker, id: string, at: Date | null, now: Date): Promise<boolean> {
  return put(asker, id, { deletedAt: at }, now);
}

async function put(
  asker: Asker,
  id: string,
  change: { readonly archivedAt: Date | null } | { readonly deletedAt: Date | null },
  now: Date,
): Promise<boolean> {
  const where = ownRows(asker, { id });
  if ((await models().blocks.count({ where })) === 0) return false;
  await models().blocks.update(change, { where });
  await refreshCalls(asker, id, now);
  return true;
}

/**
 * Copies a block for the same athlete from a start date, without overrides of single weeks.
 * @returns its id; undefined if the block does not exist
 */
export async function copyBlock(
  asker: Asker,
  id: string,
  { name, startDate }: Pick<Block, 'name' | 'startDate'>,
  now: Date,
): Promise<string | undefined> {
  const row = await models().blocks.findOne({ where: ownRows(asker, { id }) });
  if (row === null) return undefined;
  const { document, athleteId } = row.get();
  return addBlock(asker, athleteId, copyDesign(blockFrom(document), { name, startDate }), now);
}

/** Erases blocks of any coach that were deleted long enough ago. */
export async function eraseDeleted(now: Date): Promise<number> {
  const before = new Date(now.getTime() - KEPT_DAYS * 86_400_000);
  return models().blocks.destroy({ where: { deletedAt: { [Op.lt]: before } } });
}
