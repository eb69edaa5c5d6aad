'use server';

import { notFound, redirect } from 'next/navigation';
import { toString as drawn } from 'qrcode';
import * as z from 'zod';
import type { Measurement, SaveAthleteOutcome, Unanswered } from '@/core';
import { isDate, LONGEST_LINE, MEASUREMENT_UNITS, MEASUREMENTS } from '@/core';
import { decodeAthlete } from '@/core/codecs';
import {
  archiveAthlete,
  archiveBlock,
  changeMeasurements,
  copyBlock,
  deleteBlock,
  endCalendarLinks,
  eraseAthlete,
  handOver,
  inviteAthlete,
  makeCalendarLink,
  moveBlock,
  painSeen,
  phonesOf,
  revokePhones,
  saveAthlete,
  sayWithWeek,
  settleRefusedItem,
} from '@/data';
import type { InviteAnswer, MeasureAnswer, Phone } from '@/features/athlete/contract';
import { asCoach, requireAsker } from '../../../asker';
import { isId, revisionSchema, weekSchema } from '../../../inputs';
import { ownUrl } from '../../../own-url';

const isRevision = (value: unknown) => revisionSchema.safeParse(value).success;

/** Keeps changed facts of an athlete. */
export async function keep(
  athleteId: string,
  athlete: unknown,
  base: number,
): Promise<SaveAthleteOutcome | Unanswered> {
  return asCoach(async (asker): Promise<SaveAthleteOutcome | Unanswered> => {
    const decoded = decodeAthlete(athlete);
    if (!decoded.ok) return { status: 'refused', problems: decoded.problems };
    if (!isId(athleteId) || decoded.value.id !== athleteId || !isRevision(base))
      return { status: 'malformed' };
    return saveAthlete(asker, decoded.value, base, new Date());
  });
}

const id = z.string().min(1).max(64);
const measurement = z.strictObject({
  id,
  date: z.iso.date(),
  kind: z.enum(MEASUREMENTS),
  value: z.number().min(5).max(700),
  unit: z.enum(MEASUREMENT_UNITS),
});
const changeSchema = z.union([z.strictObject({ keep: measurement }), z.strictObject({ remove: id })]);

/** Keeps or removes a measurement. */
export async function measure(
  athleteId: string,
  change: { readonly keep: Measurement } | { readonly remove: string },
): Promise<MeasureAnswer | Unanswered> {
  const parsed = changeSchema.safeParse(change);
  if (!parsed.success || !isId(athleteId)) return { status: 'malformed' };
  return asCoach((asker) => changeMeasurements(asker, athleteId, parsed.data, new Date()));
}

export async function archive(athleteId: string, archived: boolean): Promise<void> {
  // Never by what is no id: a number would match every id that begins with it.
  if (!isId(athleteId)) notFound();
  await archiveAthlete(await requireAsker(), athleteId, archived === true ? new Date() : null);
  redirect('/desk');
}

export async function erase(athleteId: string): Promise<void> {
  if (!isId(athleteId)) notFound();
  await eraseAthlete(await requireAsker(), athleteId, new Date());
  redirect('/desk');
}

/** A personal link that signs a phone in as the athlete, good once. */
export async function invite(athleteId: string): Promise<InviteAnswer | Unanswered> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoach(async (asker): Promise<InviteAnswer> => {
    const made = await inviteAthlete(asker, athleteId, new Date());
    if (made === undefined) return { status: 'gone' };
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
export async function linkCalendar(
  athleteId: string,
): Promise<{ readonly status: 'made'; readonly url: string } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const token = await makeCalendarLink(asker, athleteId, new Date());
    if (token === undefined) return { status: 'gone' };
    return { status: 'made', url: await ownUrl(`/calendar/${token}.ics`) };
  });
}

/** Hands an athlete over to another coach of the house, and leads to the desk. */
export async function hand(
  athleteId: string,
  coachId: string,
): Promise<{ readonly status: 'gone' } | Unanswered> {
  if (!isId(athleteId) || !isId(coachId)) return { status: 'malformed' };
  const outcome = await asCoach(
    async (asker): Promise<{ readonly status: 'handed' } | { readonly status: 'gone' }> => {
      const isHanded = await handOver(asker, athleteId, coachId);
      return isHanded ? { status: 'handed' } : { status: 'gone' };
    },
  );
  if (outcome.status === 'handed') redirect('/desk');
  return outcome;
}

/** Ends the links to an athlete's calendar. */
export async function endCalendar(athleteId: string): Promise<{ readonly status: 'ended' } | Unanswered> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    await endCalendarLinks(asker, athleteId);
    return { status: 'ended' as const };
  });
}

const whichSchema = z.union([z.literal('all'), z.strictObject({ phoneId: id })]);

/** Signs one of an athlete's phones out, or all of them. */
export async function revoke(
  athleteId: string,
  which: { readonly phoneId: string } | 'all',
): Promise<{ readonly status: 'revoked'; readonly phones: readonly Phone[] } | Unanswered> {
  const parsed = whichSchema.safeParse(which);
  if (!isId(athleteId) || !parsed.success) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const now = new Date();
    await revokePhones(asker, athleteId, parsed.data, now);
    return { status: 'revoked' as const, phones: await phonesOf(asker, athleteId, now) };
  });
}

/** Says a line with a week of a block that stands handed out. */
export async function say(
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
  return asCoach(async (asker) => ({
    status: (await sayWithWeek(asker, blockId, week, line)) ? ('said' as const) : ('gone' as const),
  }));
}

/** Marks pain that was told in a session as seen. */
export async function seen(
  athleteId: string,
  workoutId: string,
): Promise<{ readonly status: 'seen' } | Unanswered> {
  if (!isId(athleteId) || !isId(workoutId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    await painSeen(asker, workoutId, new Date());
    return { status: 'seen' as const };
  });
}

/** Settles one of what an athlete's phones have that was not taken. */
export async function settle(
  athleteId: string,
  itemId: string,
): Promise<{ readonly status: 'settled' } | Unanswered> {
  if (!isId(athleteId) || !isId(itemId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    await settleRefusedItem(asker, athleteId, itemId, new Date());
    return { status: 'settled' as const };
  });
}

const lifeSchema = z.enum(['archive', 'unarchive', 'delete', 'restore']);

/** Puts a block into the archive or takes it out, throws it away or brings it back. */
export async function life(
  blockId: string,
  what: 'archive' | 'unarchive' | 'delete' | 'restore',
): Promise<{ readonly status: 'put' } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(blockId) || !lifeSchema.safeParse(what).success) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const now = new Date();
    const put =
      what === 'archive' || what === 'unarchive'
        ? archiveBlock(asker, blockId, what === 'archive' ? now : null, now)
        : deleteBlock(asker, blockId, what === 'delete' ? now : null, now);
    return { status: (await put) ? ('put' as const) : ('gone' as const) };
  });
}

const copySchema = z.strictObject({ name: z.string().trim().min(1).max(200), startDate: z.iso.date() });

/** Moves a block of which no week is handed out to another first day. */
export async function move(
  blockId: string,
  startDate: string,
): Promise<{ readonly status: 'moved' | 'gone' | 'handed out' } | Unanswered> {
  if (!isId(blockId) || !z.iso.date().safeParse(startDate).success || !isDate(startDate))
    return { status: 'malformed' };
  return asCoach(async (asker) => ({ status: await moveBlock(asker, blockId, startDate, new Date()) }));
}

/** Another block like one of the coach's athletes', under a name and from a day. */
export async function copy(
  blockId: string,
  name: string,
  startDate: string,
): Promise<{ readonly status: 'copied'; readonly id: string } | { readonly status: 'gone' } | Unanswered> {
  const parsed = copySchema.safeParse({ name, startDate });
  if (!isId(blockId) || !parsed.success) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const id = await copyBlock(asker, blockId, parsed.data, new Date());
    return id === undefined ? { status: 'gone' as const } : { status: 'copied' as const, id };
  });
}
