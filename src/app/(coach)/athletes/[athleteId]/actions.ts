'use server';

import { notFound, redirect } from 'next/navigation';
import { toString as drawn } from 'qrcode';
import * as z from 'zod';
import type { Measurement, SaveAthleteOutcome, Sharing, Unanswered, Unsure } from '@/core';
import { isDate, LONGEST_LINE, MEASUREMENT_UNITS, MEASUREMENTS, SHARINGS } from '@/core';
import { decodeAthlete } from '@/core/codecs';
import {
  archiveAthlete,
  archiveBlock,
  changeMeasurements,
  copyBlock,
  deleteBlock,
  endCalendarLinks,
  eraseAthlete,
  findTeam,
  inviteAthlete,
  listPhones,
  makeCalendarLink,
  moveBlock,
  recordActivity,
  revokePhones,
  saveAthlete,
  settleRefusedItem,
  setWeekNote,
  shareAthlete,
  storePainSeen,
  transferAthlete,
  unseenPain,
} from '@/data';
import type { InviteAnswer, MeasureAnswer, Phone } from '@/features/athlete/contract';
import { asCoach, asCoachFor, asConfirmedCoach, requireAsker } from '../../../asker';
import { nameIdSchema as id, isId, revisionSchema, weekSchema } from '../../../inputs';
import { ownUrl } from '../../../own-url';

const isRevision = (value: unknown) => revisionSchema.safeParse(value).success;

/** Saves an athlete's changed facts. */
export async function saveProfile(
  athleteId: string,
  athlete: unknown,
  base: number,
): Promise<SaveAthleteOutcome | Unanswered> {
  if (!isId(athleteId) || !isRevision(base)) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (coach): Promise<SaveAthleteOutcome | Unanswered> => {
    const decoded = decodeAthlete(athlete);
    if (!decoded.ok) return { status: 'refused', problems: decoded.problems };
    if (decoded.value.id !== athleteId) return { status: 'malformed' };
    const said = await saveAthlete(coach, decoded.value, base, new Date());
    if (said.status === 'saved') await coach.did('changed the athlete');
    return said;
  });
}

const measurement = z.strictObject({
  id,
  date: z.iso.date(),
  kind: z.enum(MEASUREMENTS),
  value: z.number().min(5).max(700),
  unit: z.enum(MEASUREMENT_UNITS),
});
const changeSchema = z.union([z.strictObject({ keep: measurement }), z.strictObject({ remove: id })]);

/** Saves or removes a measurement. */
export async function saveMeasurement(
  athleteId: string,
  change: { readonly keep: Measurement } | { readonly remove: string },
): Promise<MeasureAnswer | Unanswered> {
  const parsed = changeSchema.safeParse(change);
  if (!parsed.success || !isId(athleteId)) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (coach) => {
    const said = await changeMeasurements(coach, athleteId, parsed.data, new Date());
    if (said.status === 'kept') await coach.did('measured');
    return said;
  });
}

export async function archive(athleteId: string, archived: boolean): Promise<void> {
  // Refuses anything that is not text: MariaDB would match a number against every id that starts with it.
  if (!isId(athleteId)) notFound();
  const asker = await requireAsker();
  const now = new Date();
  if (await archiveAthlete(asker, athleteId, archived === true ? now : null))
    await recordActivity(
      asker,
      { athleteId },
      { what: archived === true ? 'archived' : 'put back', about: '' },
      now,
    );
  redirect('/desk');
}

/** Deletes an athlete after fourteen days, and leads to the desk. */
export async function deleteAthlete(athleteId: string): Promise<Unsure> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asConfirmedCoach(async (asker) => {
    const now = new Date();
    if (await eraseAthlete(asker, athleteId, now))
      await recordActivity(asker, { athleteId }, { what: 'erased', about: '' }, now);
    return redirect('/desk');
  });
}

/** A personal link that signs a phone in as the athlete, once. */
export async function createPhoneLink(athleteId: string): Promise<InviteAnswer | Unanswered> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (coach): Promise<InviteAnswer> => {
    const made = await inviteAthlete(coach, athleteId, new Date());
    if (made === undefined) return { status: 'gone' };
    await coach.did('made a link for a phone');
    const url = await ownUrl(`/join/${made.token}`);
    const svg = await drawn(url, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
    return {
      status: 'made',
      url,
      picture: `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`,
      until: made.expiresAt.toISOString(),
    };
  });
}

/** A new private link to the calendar of an athlete's sessions. */
export async function createCalendarLink(
  athleteId: string,
): Promise<{ readonly status: 'made'; readonly url: string } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (coach) => {
    const token = await makeCalendarLink(coach, athleteId, new Date());
    if (token === undefined) return { status: 'gone' };
    await coach.did('made a calendar link');
    return { status: 'made', url: await ownUrl(`/calendar/${token}.ics`) };
  });
}

/** Transfers an athlete to another coach of the team, and leads to the desk. */
export async function transfer(
  athleteId: string,
  coachId: string,
): Promise<{ readonly status: 'gone' } | Unsure> {
  if (!isId(athleteId) || !isId(coachId)) return { status: 'malformed' };
  const outcome = await asConfirmedCoach(
    async (asker): Promise<{ readonly status: 'handed' } | { readonly status: 'gone' }> => {
      if (!(await transferAthlete(asker, athleteId, coachId))) return { status: 'gone' };
      // The message goes with the athlete.
      const [to] = (await findTeam(asker)).coaches.filter(({ id }) => id === coachId);
      const there = { coachId, actorId: asker.coachId };
      await recordActivity(there, { athleteId }, { what: 'handed over', about: to?.name ?? '' }, new Date());
      return { status: 'handed' };
    },
  );
  if (outcome.status === 'handed') redirect('/desk');
  return outcome;
}

/** Shares an athlete with another coach of the team, to read or in full, or ends the share (null). */
export async function share(
  athleteId: string,
  coachId: string,
  may: Sharing | null,
): Promise<{ readonly status: 'shared' } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(athleteId) || !isId(coachId) || !sharingSchema.safeParse(may).success)
    return { status: 'malformed' };
  return asCoach(async (asker) => {
    if (!(await shareAthlete(asker, athleteId, coachId, may))) return { status: 'gone' };
    const [to] = (await findTeam(asker)).coaches.filter(({ id }) => id === coachId);
    const done = { what: may === null ? 'ended sharing' : 'shared', about: to?.name ?? '' } as const;
    await recordActivity(asker, { athleteId }, done, new Date());
    return { status: 'shared' };
  });
}

/** Revokes the links to an athlete's calendar. */
export async function revokeCalendarLinks(
  athleteId: string,
): Promise<{ readonly status: 'ended' } | Unanswered> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (coach) => {
    await endCalendarLinks(coach, athleteId);
    await coach.did('ended calendar links');
    return { status: 'ended' as const };
  });
}

const sharingSchema = z.enum(SHARINGS).nullable();

const whichSchema = z.union([z.literal('all'), z.strictObject({ phoneId: id })]);

/** Signs out one of an athlete's phones, or all. */
export async function revoke(
  athleteId: string,
  which: { readonly phoneId: string } | 'all',
): Promise<{ readonly status: 'revoked'; readonly phones: readonly Phone[] } | Unanswered> {
  const parsed = whichSchema.safeParse(which);
  if (!isId(athleteId) || !parsed.success) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (coach) => {
    const now = new Date();
    await revokePhones(coach, athleteId, parsed.data, now);
    await coach.did('signed phones out');
    return { status: 'revoked' as const, phones: await listPhones(coach, athleteId, now) };
  });
}

/** Adds a note to a sent week of a block. */
export async function saveWeekNote(
  blockId: string | null,
  week: number,
  line: string,
): Promise<{ readonly status: 'said' } | { readonly status: 'gone' } | Unanswered> {
  if (
    !isId(blockId) ||
    !weekSchema.safeParse(week).success ||
    typeof line !== 'string' ||
    line.length > LONGEST_LINE
  )
    return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    if (!(await setWeekNote(coach, blockId, week, line))) return { status: 'gone' as const };
    await coach.did('said with a week', week);
    return { status: 'said' as const };
  });
}

/** Marks pain reported in a session as seen. */
export async function markPainSeen(
  athleteId: string,
  workoutId: string,
): Promise<{ readonly status: 'seen' } | Unanswered> {
  if (!isId(athleteId) || !isId(workoutId)) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (asker) => {
    if ((await unseenPain(asker, athleteId)).includes(workoutId))
      await storePainSeen(asker, workoutId, new Date());
    return { status: 'seen' as const };
  });
}

/** Settles one rejected item of an athlete's phones. */
export async function settleRefused(
  athleteId: string,
  itemId: string,
): Promise<{ readonly status: 'settled' } | Unanswered> {
  if (!isId(athleteId) || !isId(itemId)) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (asker) => {
    await settleRefusedItem(asker, athleteId, itemId, new Date());
    return { status: 'settled' as const };
  });
}

const LIFE_DEEDS = {
  archive: 'archived a block',
  unarchive: 'took out a block',
  delete: 'deleted a block',
  restore: 'brought back a block',
} as const;
const lifeSchema = z.enum(['archive', 'unarchive', 'delete', 'restore']);

/** Archives, restores, deletes or undeletes a block. */
export async function changeBlockState(
  blockId: string,
  what: 'archive' | 'unarchive' | 'delete' | 'restore',
): Promise<{ readonly status: 'put' } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(blockId) || !lifeSchema.safeParse(what).success) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const now = new Date();
    const isPut =
      what === 'archive' || what === 'unarchive'
        ? await archiveBlock(coach, blockId, what === 'archive' ? now : null, now)
        : await deleteBlock(coach, blockId, what === 'delete' ? now : null, now);
    if (!isPut) return { status: 'gone' as const };
    await coach.did(LIFE_DEEDS[what]);
    return { status: 'put' as const };
  });
}

const copySchema = z.strictObject({ name: z.string().trim().min(1).max(200), startDate: z.iso.date() });

/** Moves a block with no sent week to another start date. */
export async function moveBlockStart(
  blockId: string,
  startDate: string,
): Promise<{ readonly status: 'moved' | 'gone' | 'handed out' } | Unanswered> {
  if (!isId(blockId) || !z.iso.date().safeParse(startDate).success || !isDate(startDate))
    return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const status = await moveBlock(coach, blockId, startDate, new Date());
    if (status === 'moved') await coach.did('moved a block', startDate);
    return { status };
  });
}

/** Copies a block of one of the coach's athletes, with a name and a start date. */
export async function copy(
  blockId: string,
  name: string,
  startDate: string,
): Promise<{ readonly status: 'copied'; readonly id: string } | { readonly status: 'gone' } | Unanswered> {
  const parsed = copySchema.safeParse({ name, startDate });
  if (!isId(blockId) || !parsed.success) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const id = await copyBlock(coach, blockId, parsed.data, new Date());
    if (id === undefined) return { status: 'gone' as const };
    await coach.did('started a block', parsed.data.name);
    return { status: 'copied' as const, id };
  });
}
