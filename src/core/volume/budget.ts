import { type Athlete, hardSessions, type Phase } from '../athlete/athlete';
import type { Conventions } from '../conventions/conventions';
import { roundHalfUp } from '../rounding';

/**
 * Weekly hard sets (each counted once) that an athlete recovers from: level x phase, minus four for each hard sport
 * or cardio session, rounded.
 * @param laid hard sessions a week on the block's own days; the profile's count if it is higher
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
