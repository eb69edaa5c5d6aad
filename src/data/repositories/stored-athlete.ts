import type { Athlete } from '@/core';
import { decodeAthlete } from '@/core/codecs';
import { stored } from './stored';

/** @throws Unreadable where the facts do not pass their codec */
export function athleteFrom(facts: string): Athlete {
  return stored('an athlete', decodeAthlete, facts);
}
