'use server';

import { athleteNames } from '@/data';
import type { FoundAthlete } from '../../features/palette/contract';
import { asCoach } from '../asker';

/** The coach's athletes by name; none when nobody is signed in or the database is away. */
export async function findAthletes(): Promise<readonly FoundAthlete[]> {
  const answer = await asCoach((asker) => athleteNames(asker));
  return 'status' in answer ? [] : answer;
}
