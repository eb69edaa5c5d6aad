import { type BlockPlan, catalogueWith, unfold } from '@/core';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { digest, newToken } from '../token';
import { findTraining } from './training';

/** A calendar link in a list. */
export interface CalendarLink {
  readonly createdAt: string;
  /** When a calendar last used it; null: never. */
  readonly seenAt: string | null;
}

/** An athlete's valid calendar links, newest first. */
export async function calendarLinks(asker: Asker, athleteId: string): Promise<readonly CalendarLink[]> {
  const rows = await models().calendarLinks.findAll({
    where: ownRows(asker, { athleteId }),
    order: [['createdAt', 'DESC']],
  });
  return rows.map((row) => ({
    createdAt: row.get().createdAt.toISOString(),
    seenAt: row.get().seenAt?.toISOString() ?? null,
  }));
}

/**
 * Creates a private calendar link for an athlete and revokes the previous one.
 * @returns its token, shown once because only its hash is stored; undefined if the athlete does not exist
 */
export async function makeCalendarLink(
  asker: Asker,
  athleteId: string,
  now: Date,
): Promise<string | undefined> {
  const token = newToken();
  return transact(async (transaction) => {
    const { athletes, calendarLinks: links } = models();
    if ((await athletes.count({ where: ownRows(asker, { id: athleteId }), transaction })) === 0)
      return undefined;
    await links.destroy({ where: ownRows(asker, { athleteId }), transaction });
    await links.create(
      { tokenHash: digest(token), coachId: asker.coachId, athleteId, createdAt: now, seenAt: null },
      { transaction },
    );
    return token;
  });
}

/** Revokes the links to an athlete's calendar. */
export async function endCalendarLinks(asker: Asker, athleteId: string): Promise<void> {
  await models().calendarLinks.destroy({ where: ownRows(asker, { athleteId }) });
}

/** What a calendar shows of an athlete. */
export interface AthleteCalendar {
  readonly name: string;
  readonly blocks: readonly {
    readonly id: string;
    readonly name: string;
    readonly blockPlan: BlockPlan;
  }[];
  readonly nameOf: (exerciseId: string) => string;
  /** When any of it last changed. */
  readonly changedAt: Date;
}

/** The calendar of a link; undefined if the link is invalid or its athlete archived. */
export async function calendarByLink(token: string, now: Date): Promise<AthleteCalendar | undefined> {
  const link = await models().calendarLinks.findByPk(digest(token));
  if (link === null) return undefined;
  const { coachId, athleteId } = link.get();
  await link.update({ seenAt: now });
  return calendarOf({ coachId }, athleteId);
}

/** The calendar of an athlete's blocks; undefined if the athlete does not exist or is archived. */
export async function calendarOf(asker: Asker, athleteId: string): Promise<AthleteCalendar | undefined> {
  const { athletes, blocks } = models();
  const athlete = await athletes.findOne({ where: ownRows(asker, { id: athleteId, archivedAt: null }) });
  if (athlete === null) return undefined;
  const rows = await blocks.findAll({
    where: ownRows(asker, { athleteId, archivedAt: null, deletedAt: null }),
    attributes: ['id', 'updatedAt'],
    order: [['createdAt', 'ASC']],
  });
  const trainings = await Promise.all(rows.map((row) => findTraining(asker, row.get().id)));
  const standing = trainings.filter((training) => training !== undefined);
  const catalogue = catalogueWith(standing[0]?.ownExercises ?? []);
  const instants = standing.flatMap(({ issued, log }) => [
    ...issued.map(({ issuedAt }) => Date.parse(issuedAt)),
    ...log.sets.map(({ at }) => Date.parse(at)),
  ]);
  return {
    name: athlete.get().name,
    blocks: standing.map((training) => ({
      id: training.blockId,
      name: training.block.name,
      blockPlan: unfold({ ...training, exercises: catalogue.find }),
    })),
    nameOf: (id) => catalogue.newest(id)?.name ?? id,
    changedAt: new Date(Math.max(0, ...rows.map((row) => row.get().updatedAt.getTime()), ...instants)),
  };
}
