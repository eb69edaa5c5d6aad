'use server';

import { randomUUID } from 'node:crypto';
import { redirect } from 'next/navigation';
import * as z from 'zod';
import { LEVELS, newAthlete, PHASES, PLACE_KINDS, UNITS } from '@/core';
import { decodeAthlete } from '@/core/codecs';
import { addAthlete } from '@/data';
import type { FirstAnswers, NewAthleteAnswer } from '@/features/athlete/new-athlete';
import { asCoach } from '../../../asker';
import { localDate } from '../../../local-date';

const answers = z.strictObject({
  name: z.string().trim().min(1).max(120),
  level: z.enum(LEVELS),
  phase: z.enum(PHASES),
  unit: z.enum(UNITS),
  bodyweight: z.number().min(20).max(700),
  place: z.enum(PLACE_KINDS),
  timeZone: z.string().min(1).max(64),
  days: z.array(z.int().min(0).max(6)).min(1).max(7),
});

/** Adds an athlete from a few answers, and leads to the profile or a first block. */
export async function addNewAthlete(
  given: FirstAnswers,
  then: 'profile' | 'block',
): Promise<NewAthleteAnswer> {
  const parsed = answers.safeParse(given);
  if (!parsed.success) return { status: 'malformed' };
  const { bodyweight, ...facts } = parsed.data;
  const outcome = await asCoach(async (asker) => {
    const weight = { value: Math.round(bodyweight * 100) / 100, unit: facts.unit };
    const athlete = newAthlete(
      randomUUID(),
      randomUUID(),
      { ...facts, bodyweight: weight },
      localDate('UTC'),
    );
    const decoded = decodeAthlete(athlete);
    if (!decoded.ok) return { status: 'refused' as const, problems: decoded.problems };
    await addAthlete(asker, decoded.value);
    const to = then === 'profile' ? `/athletes/${athlete.id}` : `/blocks/new?athlete=${athlete.id}`;
    return { status: 'added' as const, to };
  });
  if (outcome.status !== 'added') return outcome;
  redirect(outcome.to);
}
