import { randomUUID } from 'node:crypto';
import { literal, Op } from 'sequelize';
import { type Block, copyBlock, type Prerequisite, safeJson } from '@/core';
import { decodePrerequisites, encodeBlock } from '@/core/codecs';
import { type Asker, actorOf, ownRows } from '../asker';
import { models } from '../models/models';
import { shareOwnAmong } from './exercises';
import { visibleTo } from './own-exercises';
import { stored } from './stored';
import { blockFrom } from './stored-block';

/** A coach's template. */
export interface OwnTemplate {
  readonly id: string;
  readonly name: string;
  /** Clean reps it requires. */
  readonly prerequisites: readonly Prerequisite[];
  /** Whether the team sees it, and whether it is the asker's own: another's can be viewed and copied. */
  readonly shared: boolean;
  readonly isOwn: boolean;
}

/** A block of an athlete of the coach, to copy from. */
export interface BlockToCopy {
  readonly id: string;
  readonly name: string;
  readonly athleteId: string;
  readonly athlete: string;
}

/** The coach's own templates, and those shared in the team, by name. */
export async function ownTemplates(asker: Asker): Promise<readonly OwnTemplate[]> {
  const rows = await models().templates.findAll({
    where: visibleTo(asker),
    attributes: ['id', 'name', 'prerequisites', 'shared', 'coachId'],
    order: [
      ['name', 'ASC'],
      ['createdAt', 'ASC'],
    ],
  });
  return rows.map((row) => {
    const { id, name, prerequisites, shared, coachId } = row.get();
    return {
      id,
      name,
      prerequisites: stored('what a template asks', decodePrerequisites, prerequisites),
      shared: Boolean(shared),
      isOwn: coachId === asker.coachId,
    };
  });
}

/** Saves a block's design as a template of the asker. @returns whether the block exists */
export async function storeTemplate(
  asker: Asker,
  blockId: string,
  name: string,
  now: Date,
): Promise<boolean> {
  const row = await models().blocks.findOne({ where: ownRows(asker, { id: blockId }) });
  if (row === null) return false;
  const block = blockFrom(row.get().document);
  const { startDate } = block;
  if (actorOf(asker) !== asker.coachId) await shareOwnAmong(asker, block);
  await models().templates.create({
    id: randomUUID(),
    coachId: actorOf(asker),
    name,
    document: encodeBlock(copyBlock(block, { name, startDate }, randomUUID)),
    prerequisites: '[]',
    createdAt: now,
    shared: false,
  });
  return true;
}

/** Renames one of the coach's templates. @returns whether it exists */
export async function renameTemplate(asker: Asker, id: string, name: string): Promise<boolean> {
  const row = await models().templates.findOne({ where: ownRows(asker, { id }) });
  if (row === null) return false;
  await row.update({ name });
  return true;
}

/** Sets what one of the coach's templates requires. @returns whether it exists */
export async function setPrerequisites(
  asker: Asker,
  id: string,
  prerequisites: readonly Prerequisite[],
): Promise<boolean> {
  const where = ownRows(asker, { id });
  if ((await models().templates.count({ where })) === 0) return false;
  await models().templates.update({ prerequisites: safeJson(prerequisites) }, { where });
  return true;
}

/**
 * Shares one of the coach's templates with the team, with its exercises, or makes it private again.
 * @returns whether it exists
 */
export async function shareTemplate(asker: Asker, id: string, shared: boolean): Promise<boolean> {
  const where = ownRows(asker, { id });
  const row = await models().templates.findOne({ where });
  if (row === null) return false;
  await row.update({ shared });
  if (shared) {
    const { document, prerequisites } = row.get();
    await shareOwnAmong(asker, [JSON.parse(document), JSON.parse(prerequisites)]);
  }
  return true;
}

/** Removes one of the coach's templates; blocks made from it stay. */
export async function removeTemplate(asker: Asker, id: string): Promise<void> {
  await models().templates.destroy({ where: ownRows(asker, { id }) });
}

/** The blocks of the coach's athletes, or of one of them, newest first, without documents. */
export async function blocksToCopy(asker: Asker, athleteId?: string): Promise<readonly BlockToCopy[]> {
  const [blocks, athletes] = await Promise.all([
    models().blocks.findAll({
      where: ownRows(asker, { deletedAt: null, ...(athleteId === undefined ? {} : { athleteId }) }),
      attributes: ['id', 'athleteId', [literal("JSON_VALUE(document, '$.name')"), 'name']],
      order: [
        ['createdAt', 'DESC'],
        ['id', 'ASC'],
      ],
      raw: true,
    }),
    models().athletes.findAll({ where: ownRows(asker), attributes: ['id', 'name'] }),
  ]);
  const names = new Map(athletes.map((row) => [row.get().id, row.get().name]));
  return (blocks as unknown as readonly { id: string; athleteId: string; name: string }[]).map((block) => ({
    ...block,
    athlete: names.get(block.athleteId) ?? '',
  }));
}

/** The design of a block of the coach, or of a template they see. */
export async function findDesign(asker: Asker, id: string): Promise<Block | undefined> {
  const { blocks, templates } = models();
  const mine = await blocks.findOne({ where: ownRows(asker, { id }) });
  const seen = { [Op.and]: [{ id }, visibleTo(asker)] };
  const document = mine?.get().document ?? (await templates.findOne({ where: seen }))?.get().document;
  return document === undefined ? undefined : blockFrom(document);
}
