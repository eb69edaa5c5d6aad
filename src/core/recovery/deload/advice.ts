import type { Level } from '../../athlete/athlete';
import type { Conventions } from '../../conventions/conventions';
import { fatigueScore, type Signs, type SignsSum } from '../signs';
import type { DeloadMeasure } from './deload';

/** The facts for deciding about a deload. */
export interface DeloadSituation {
  readonly level: Level;
  readonly signs: Signs;
  /** Whether the athlete is eager to train. */
  readonly eager: boolean;
  /** Building weeks since the last deload. */
  readonly weeks: number;
  readonly irritatedJoints: number;
  /** Life leaves little time or rest. */
  readonly lifeStress: boolean;
  /** A strength test follows. */
  readonly test: boolean;
  /** The athlete judges effort accurately. */
  readonly honest: boolean;
  /** Another block of the year has an active rest. */
  readonly hasRested: boolean;
  /** The athlete will not train less whatever is planned: the driven one. */
  readonly restless: boolean;
}

/** The advice: whether to deload at all, then the suitable kinds, best first. */
export interface DeloadAdvice extends SignsSum {
  readonly needed: boolean;
  /** Why one is needed or not. */
  readonly because: 'novice' | 'eager and fresh' | 'signs' | 'weeks' | 'not yet';
  readonly kinds: readonly DeloadMeasure['kind'][];
}

/** Weeks after which even a low score makes a deload due. */
function isDue({ level, weeks }: DeloadSituation, { buildingWeeks }: Conventions): boolean {
  return level !== 'novice' && weeks >= buildingWeeks;
}

/**
 * Whether a deload is needed and which kind suits: usually fewer sets; fewer exercises for aching joints; fewer days
 * or less time under stress; both after deep fatigue or a long hard stretch; a heavy touch before a test; the sets
 * kept with lighter loads for athletes who will not train less; easier for those who judge effort accurately; lighter
 * for practice; active rest, once a year, for the advanced whose fatigue is deep. Novices need no planned one; eager
 * athletes with a low score probably none now.
 */
export function adviseDeload(situation: DeloadSituation, conventions: Conventions): DeloadAdvice {
  const total = fatigueScore(situation.signs, situation.eager, conventions);
  const { sum, verdict } = total;
  const signed = verdict === 'propose' || verdict === 'urge';
  const needed = signed || (isDue(situation, conventions) && verdict !== 'not needed');
  const because: DeloadAdvice['because'] = signed
    ? 'signs'
    : verdict === 'not needed'
      ? 'eager and fresh'
      : needed
        ? 'weeks'
        : situation.level === 'novice'
          ? 'novice'
          : 'not yet';
  const aching = (situation.signs['aching joints'] ?? 0) === 2 || situation.irritatedJoints > 1;
  const kinds: DeloadMeasure['kind'][] = [];
  const isLong = isDue(situation, conventions) && situation.weeks > conventions.buildingWeeks;
  if (verdict === 'urge' || (isLong && needed)) kinds.push('both');
  if (situation.restless) kinds.push('lighter');
  if (aching) kinds.push('fewer exercises');
  if (situation.lifeStress) kinds.push('fewer days', 'less time');
  if (situation.test && sum < conventions.signsUrge) kinds.push('one heavy touch');
  kinds.push('fewer sets');
  if (situation.honest) kinds.push('easier');
  kinds.push('lighter');
  if (verdict === 'urge' && situation.level === 'advanced' && !situation.hasRested) kinds.push('active rest');
  return { ...total, needed, because, kinds: [...new Set(kinds)] };
}
