'use server';

import type { Athlete, Unanswered } from '@/core';
import { findAthlete } from '@/data';
import { asCoach } from '../../asker';
import { isId } from '../../inputs';

/** An athlete's current state, for reading a file meant for them. */
export async function profile(
  athleteId: string,
): Promise<
  { readonly status: 'found'; readonly athlete: Athlete } | { readonly status: 'gone' } | Unanswered
> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const found = await findAthlete(asker, athleteId);
    return found === undefined ? { status: 'gone' } : { status: 'found', athlete: found.athlete };
  });
}
