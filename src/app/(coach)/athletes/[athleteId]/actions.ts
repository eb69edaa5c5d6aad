'use server';

import { notFound, redirect } from 'next/navigation';
import * as z from 'zod';
import type { Measurement, SaveAthleteOutcome, Unanswered } from '@/core';
import { MEASUREMENT_UNITS, MEASUREMENTS } from '@/core';
import { decodeAthlete } from '@/core/codecs';
import { archiveAthlete, changeMeasurements, eraseAthlete, saveAthlete } from '@/data';
import type { MeasureAnswer } from '@/features/athlete/contract';
import { asCoach, requireAsker } from '../../../asker';
import { isId, revisionSchema } from '../../../inputs';

const isRevision = (value: unknown) => revisionSchema.safeParse(value).success;

/** Keeps changed facts of an athlete. */
export async function keep(
  athleteId: string,
  athlete: unknown,
  base: number,
): Promise<SaveAthleteOutcome | Unanswered> {
  const decoded = decodeAthlete(athlete);
  if (!decoded.ok) return { status: 'refused', problems: decoded.problems };
  if (!isId(athleteId) || decoded.value.id !== athleteId || !isRevision(base)) return { status: 'malformed' };
  return asCoach((asker) => saveAthlete(asker, decoded.value, base, new Date()));
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
  await eraseAthlete(await requireAsker(), athleteId);
  redirect('/desk');
}
