import type { Transaction } from 'sequelize';
import type { Athlete, Conventions } from '@/core';
import { jsonOf } from '@/core';
import { decodeAthlete } from '@/core/codecs';
import type { Asker } from '../asker';
import { coachConventions } from './coach-conventions';
import { stored } from './stored';

/**
 * An athlete as stored, with what the coach sets differently for all athletes.
 * @throws Unreadable where the facts do not pass their codec
 */
export function athleteFrom(facts: string, coach: Partial<Conventions> = {}): Athlete {
  const athlete = stored('an athlete', decodeAthlete, facts);
  return { ...athlete, conventions: { ...athlete.conventions, coach } };
}

/** The same, with the coach's figures read along. */
export async function athleteOf(asker: Asker, facts: string, transaction?: Transaction): Promise<Athlete> {
  return athleteFrom(facts, await coachConventions(asker, transaction));
}

/** What is kept of an athlete: the coach's figures stand with the coach. */
export function factsOf(athlete: Athlete): string {
  return jsonOf({ ...athlete, conventions: { ...athlete.conventions, coach: {} } });
}
