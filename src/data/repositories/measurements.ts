import { type Measurement, UNITS, type Unit } from '@/core';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import type { MeasurementRow } from '../models/rows';
import { refreshAthlete } from './current-blocks';
import { athleteFrom, factsOf } from './stored-athlete';

const KEPT = 2000;

function measurementFrom(row: MeasurementRow): Measurement {
  const { id, localDate, kind, value, unit } = row;
  return {
    id,
    date: localDate,
    kind: kind as Measurement['kind'],
    value: Number(value),
    unit: unit as Measurement['unit'],
  };
}

/** An athlete's measurements, oldest first. */
export async function findMeasurements(asker: Asker, athleteId: string): Promise<readonly Measurement[]> {
  const rows = await models().measurements.findAll({
    where: ownRows(asker, { athleteId }),
    order: [
      ['localDate', 'DESC'],
      ['at', 'DESC'],
    ],
    limit: KEPT,
  });
  return rows.reverse().map((row) => measurementFrom(row.get()));
}

export type MeasureOutcome =
  | { readonly status: 'kept'; readonly revision: number; readonly measurements: readonly Measurement[] }
  | { readonly status: 'gone' };

/**
 * Saves a measurement, or removes one; saving again under its id corrects it. The latest body weight becomes the
 * athlete's, so that bodyweight loads follow it.
 */
export async function changeMeasurements(
  asker: Asker,
  athleteId: string,
  change: { readonly keep: Measurement } | { readonly remove: string },
  now: Date,
): Promise<MeasureOutcome> {
  const outcome = await transact(async (transaction) => {
    const { athletes, measurements } = models();
    const where = ownRows(asker, { id: athleteId });
    const row = await athletes.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
    if (row === null) return undefined;
    const one = { coachId: asker.coachId, athleteId };
    if ('keep' in change) {
      const { date, ...rest } = change.keep;
      const standing = { where: ownRows(asker, { athleteId, id: rest.id }), transaction };
      await measurements.destroy(standing);
      await measurements.create({ ...rest, ...one, localDate: date, at: now }, { transaction });
    } else {
      await measurements.destroy({ where: ownRows(asker, { athleteId, id: change.remove }), transaction });
    }
    const latest = await measurements.findOne({
      where: ownRows(asker, { athleteId, kind: 'body weight' }),
      order: [
        ['localDate', 'DESC'],
        ['at', 'DESC'],
      ],
      transaction,
    });
    const { facts, revision } = row.get();
    const athlete = athleteFrom(facts);
    const unit = latest?.get().unit as Unit | undefined;
    if (latest === null || unit === undefined || !UNITS.includes(unit)) return { revision, changed: false };
    const bodyweight = { value: Number(latest.get().value), unit };
    if (bodyweight.value === athlete.bodyweight.value && unit === athlete.bodyweight.unit)
      return { revision, changed: false };
    await athletes.update(
      { facts: factsOf({ ...athlete, bodyweight }), revision: revision + 1 },
      { where, transaction },
    );
    return { revision: revision + 1, changed: true };
  });
  if (outcome === undefined) return { status: 'gone' };
  if (outcome.changed) await refreshAthlete(asker, athleteId, now);
  return {
    status: 'kept',
    revision: outcome.revision,
    measurements: await findMeasurements(asker, athleteId),
  };
}
