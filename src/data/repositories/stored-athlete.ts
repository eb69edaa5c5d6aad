import type { Transaction } from 'sequelize';
import type { Athlete, Conventions } from '@/core';
import { safeJson } from '@/core';
import { decodeAthlete } from '@/core/codecs';
import type { Asker } from '../asker';
import { coachConventions } from './coach-conventions';
import { stored } from './stored';

/**
 * A stored athlete, with the coach's rules for all athletes.
 * @throws Unreadable if the stored facts are not valid
 */
export function athleteFrom(facts: string, coach: Partial<Conventions> = {}): Athlete {
  const athlete = stored('an athlete', decodeAthlete, facts);
  return { ...athlete, conventions: { ...athlete.conventions, coach } };
}

/** The same, including the coach's rules. */
export async function athleteOf(asker: Asker, facts: string, transaction?: Transaction): Promise<Athlete> {
  return athleteFrom(facts, await coachConventions(asker, transaction));
}

/** What is stored for an athlete: the coach's rules are stored with the coach. */
export function factsOf(athlete: Athlete): string {
  return safeJson({ ...athlete, conventions: { ...athlete.conventions, coach: {} } });
}
