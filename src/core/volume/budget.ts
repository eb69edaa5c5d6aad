import { type Athlete, hardSessions, type Phase } from '../athlete/athlete';
import type { Conventions } from '../conventions/conventions';
import { roundHalfUp } from '../rounding';

/**
 * Hard sets a week (each once, whatever it trains) that a body recovers from: level x phase, minus four for each hard
 * sport or cardio session; to whole sets.
 * @param laid hard sessions a week on the block's own days; those of the profile count where they are more
 */
export function wholeBodyBudget(
  athlete: Pick<Athlete, 'level' | 'sport'>,
  phase: Phase,
  conventions: Conventions,
  laid = 0,
): number {
  const base = {
    novice: conventions.budgetNovice,
    intermediate: conventions.budgetIntermediate,
    advanced: conventions.budgetAdvanced,
  }[athlete.level];
  const factor = { gaining: conventions.budgetGaining, holding: 1, cutting: conventions.budgetCutting }[
    phase
  ];
  const sport = Math.max(laid, hardSessions(athlete));
  return Math.max(0, roundHalfUp(base * factor - conventions.budgetPerSport * sport));
}
