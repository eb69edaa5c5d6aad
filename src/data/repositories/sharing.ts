import { QueryTypes } from 'sequelize';
import type { SharedBy, Sharing } from '@/core';
import { type Asker, ownRows } from '../asker';
import { database, transact } from '../database';
import { models } from '../models/models';
import { type About, athleteQuery } from './athlete-query';
import type { SignedIn } from './sessions';
import { findTeam } from './teams';

/**
 * Shares an athlete with a coach of the team, or ends that.
 * @param may null ends it
 * @returns whether the athlete exists, and the coach is in the team
 */
export async function shareAthlete(
  asker: Asker,
  athleteId: string,
  withCoachId: string,
  may: Sharing | null,
): Promise<boolean> {
  const { coaches } = await findTeam(asker);
  if (withCoachId === asker.coachId || !coaches.some(({ id }) => id === withCoachId)) return false;
  return transact(async (transaction) => {
    const { athletes, athleteShares } = models();
    // Locked, so that the athlete is not transferred meanwhile: only their own coach may share them.
    const row = await athletes.findOne({
      where: ownRows(asker, { id: athleteId }),
      attributes: ['id'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    if (row === null) return false;
    const where = { athleteId, coachId: withCoachId };
    if (may === null) await athleteShares.destroy({ where, transaction });
    else await athleteShares.upsert({ ...where, may }, { transaction });
    return true;
  });
}

/** The teammates with whom an athlete is shared. */
export async function listShares(
  asker: Asker,
  athleteId: string,
): Promise<readonly { readonly coachId: string; readonly may: Sharing }[]> {
  return database().query(
    `SELECT s.coach_id AS coachId, s.may FROM athletes a JOIN athlete_shares s ON s.athlete_id = a.id
     WHERE a.id = :athleteId AND a.coach_id = :coachId`,
    { type: QueryTypes.SELECT, replacements: { athleteId, coachId: asker.coachId } },
  );
}

/** Athletes of other coaches shared with a coach, by id. */
export async function sharedWith({ coachId, isShown }: SignedIn): Promise<ReadonlyMap<string, SharedBy>> {
  if (!isShown) return new Map();
  const rows = await database().query<SharedBy & { athleteId: string }>(
    `SELECT s.athlete_id AS athleteId, s.may, c.name AS coach
     FROM athlete_shares s JOIN athletes a ON a.id = s.athlete_id JOIN coaches c ON c.id = a.coach_id
     WHERE s.coach_id = :coachId`,
    { type: QueryTypes.SELECT, replacements: { coachId } },
  );
  return new Map(rows.map(({ athleteId, ...shared }) => [athleteId, shared]));
}

/** A coach's access to an athlete. */
export interface Acting {
  /** Bound to the rows of the athlete's own coach. */
  readonly asker: Asker;
  /** Null: the athlete is their own, or not accessible to them. */
  readonly shared: SharedBy | null;
}

/**
 * The identity a coach acts under for an athlete: their own or, for an athlete shared with them, that of the
 * athlete's coach. Every other id in the same request must be looked up within that athlete.
 */
export async function actingAs(coach: SignedIn, about: About): Promise<Acting> {
  const asker = { coachId: coach.coachId };
  if (!coach.isShown) return { asker, shared: null };
  const { from, id } = athleteQuery(about);
  const [row] = await database().query<SharedBy & { ownerId: string }>(
    `SELECT o.id AS ownerId, o.name AS coach, s.may
     FROM athlete_shares s JOIN coaches o
     WHERE s.coach_id = :coachId AND s.athlete_id = (SELECT a.id FROM ${from} AND a.coach_id <> :coachId)
       AND o.id = (SELECT a.coach_id FROM ${from})`,
    { type: QueryTypes.SELECT, replacements: { id, coachId: coach.coachId } },
  );
  if (row === undefined) return { asker, shared: null };
  const { ownerId, coach: owner, may } = row;
  return { asker: { coachId: ownerId, actorId: coach.coachId }, shared: { coach: owner, may } };
}
