import { type Athlete, hardSessions, type Phase } from '../athlete/athlete';
import type { Conventions } from '../conventions/conventions';

/** Hard sets a week (each once, whatever it trains) that a body recovers from: level x phase, minus hard sport. */
export function wholeBodyBudget(
  athlete: Pick<Athlete, 'level' | 'sport'>,
  phase: Phase,
  conventions: Conventions,
): number {
  const base = {
    novice: conventions.budgetNovice,
    intermediate: conventions.budgetIntermediate,
    advanced: conventions.budgetAdvanced,
  }[athlete.level];
  const factor = { gaining: conventions.budgetGaining, holding: 1, cutting: conventions.budgetCutting }[
    phase
  ];
  return Math.max(0, base * factor - conventions.budgetPerSport * hardSessions(athlete));
}
