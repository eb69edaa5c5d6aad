import type { Athlete } from '@/core';
import { decodeAthlete } from '@/core/codecs';

/** Reads a stored athlete; a row that does not pass the codec is a bug, not input. */
export function athleteFrom(facts: string): Athlete {
  const decoded = decodeAthlete(JSON.parse(facts));
  if (!decoded.ok) throw new Error(`stored athlete is malformed: ${JSON.stringify(decoded.problems)}`);
  return decoded.value;
}
