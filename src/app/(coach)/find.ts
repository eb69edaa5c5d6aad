'use server';

import { athleteNames, exercisesOf, sharedWith } from '@/data';
import type { Found } from '../../features/palette/contract';
import { asCoach } from '../asker';

const NOTHING: Found = { athletes: [], exercises: [] };

/** The coach's athletes and exercises by name; empty if nobody is signed in or the database is down. */
export async function find(): Promise<Found> {
  const answer = await asCoach(async (asker) => {
    const [athletes, exercises] = await Promise.all([
      sharedWith(asker).then((shown) => athleteNames(asker, [...shown.keys()])),
      exercisesOf(asker),
    ]);
    return { athletes, exercises: exercises.map(({ id, name }) => ({ id, name })) };
  });
  return 'status' in answer ? NOTHING : answer;
}
