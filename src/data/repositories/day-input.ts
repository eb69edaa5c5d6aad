import { Op, type Transaction } from 'sequelize';
import { type BlockPlan, catalogueWith, conventionsOf, dayIn, type Training, type Watch } from '@/core';
import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';
import { findExposures } from './strength';

/** A block on its athlete's day. @param blockPlan its plan */
export async function watchOf(
  asker: Asker,
  training: Training,
  blockPlan: BlockPlan,
  now: Date,
  transaction: Transaction,
): Promise<Watch> {
  const { block, athlete, log, checkIns, ownExercises, blockId } = training;
  const catalogue = catalogueWith(ownExercises);
  return {
    block,
    athlete,
    blockPlan,
    log,
    checkIns,
    exposures: await findExposures(asker, athlete, catalogue, transaction),
    exercises: catalogue.find,
    conventions: conventionsOf({ own: athlete.conventions, block: block.conventions }),
    isFollowed: await hasLaterBlock(asker, athlete.id, blockId, transaction),
    today: dayIn(athlete.timeZone, now),
  };
}

/** Whether the athlete has a later block. */
async function hasLaterBlock(
  asker: Asker,
  athleteId: string,
  blockId: string,
  transaction: Transaction,
): Promise<boolean> {
  const { blocks } = models();
  const mine = await blocks.findOne({
    where: ownRows(asker, { id: blockId }),
    attributes: ['createdAt'],
    transaction,
  });
  if (mine === null) return false;
  const later = await blocks.count({
    where: ownRows(asker, {
      athleteId,
      deletedAt: null,
      archivedAt: null,
      createdAt: { [Op.gt]: mine.get().createdAt },
    }),
    transaction,
  });
  return later > 0;
}
