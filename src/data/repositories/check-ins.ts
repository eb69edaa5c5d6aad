import type { Transaction } from 'sequelize';
import type { CheckIn } from '@/core';
import { decodeCheckIn } from '@/core/codecs';
import { type Asker, own } from '../asker';
import { type CheckInRow, models } from '../models/models';
import { changeMeasurements } from './measurements';
import type { PhoneAsker } from './phones';
import { stored } from './stored';

/** How many check-ins a training goes back to. */
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
    where: own(asker, { athleteId }),
    order: [
      ['localDate', 'DESC'],
      ['receivedAt', 'DESC'],
    ],
    limit: LATEST,
    ...(transaction === undefined ? {} : { transaction }),
  });
  return rows.reverse().map((row) => checkInFrom(row.get()));
}

/**
 * Keeps what an athlete says of their week, once however often it is sent; what was measured with it stands among their
 * measurements.
 */
export async function keepCheckIn(
  asker: Pick<PhoneAsker, 'coachId' | 'athleteId'>,
  { id, date, ...answers }: CheckIn,
  now: Date,
): Promise<{ readonly status: 'taken' } | { readonly status: 'malformed' }> {
  const { coachId, athleteId } = asker;
  const { checkIns } = models();
  const [row] = await checkIns.findOrCreate({
    where: { id },
    defaults: {
      id,
      coachId,
      athleteId,
      localDate: date,
      answers: JSON.stringify(answers),
      receivedAt: now,
    },
  });
  // An id that is somebody else's.
  if (row.get().athleteId !== athleteId) return { status: 'malformed' };
  for (const { kind, value, unit } of answers.measured) {
    const keep = { id: `${id}/${kind.replace(' ', '-')}`, date, kind, value, unit };
    await changeMeasurements(asker, athleteId, { keep }, now);
  }
  return { status: 'taken' };
}
