'use server';

import { athleteNames, shownTo } from '@/data';
import type { FoundAthlete } from '../../features/palette/contract';
import { asCoach } from '../asker';

/** The coach's athletes by name; none when nobody is signed in or the database is away. */
export async function findAthletes(): Promise<readonly FoundAthlete[]> {
  const answer = await asCoach(async (asker) => athleteNames(asker, [...(await shownTo(asker)).keys()]));
  return 'status' in answer ? [] : answer;
}
