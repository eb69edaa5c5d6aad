import type { Transaction } from 'sequelize';
import type { CheckIn } from '@/core';
import { decodeCheckIn } from '@/core/codecs';
import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';
import type { CheckInRow } from '../models/rows';
import { stored } from './stored';

/** Most check-ins in a training. */
const LATEST = 16;

function checkInFrom({ id, localDate, answers }: CheckInRow): CheckIn {
  const read = (unchecked: unknown) =>
    decodeCheckIn({ ...(unchecked as Partial<CheckIn>), id, date: localDate });
  return stored('a check-in', read, answers);
}

/** An athlete's latest check-ins, oldest first. */
export async function findCheckIns(
  asker: Asker,
  athleteId: string,
  transaction?: Transaction,
): Promise<readonly CheckIn[]> {
  const rows = await models().checkIns.findAll({
    where: ownRows(asker, { athleteId }),
    order: [
      ['localDate', 'DESC'],
      ['receivedAt', 'DESC'],
    ],
    limit: LATEST,
    ...(transaction === undefined ? {} : { transaction }),
  });
  return rows.reverse().map((row) => checkInFrom(row.get()));
}
