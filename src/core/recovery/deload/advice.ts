import type { Level } from '../../athlete/athlete';
import type { Conventions } from '../../conventions/conventions';
import { type Signs, type SignsSum, signsSum } from '../signs';
import type { DeloadMeasure } from './deload';

/** What is known when a deload is weighed. */
export interface DeloadSituation {
  readonly level: Level;
  readonly signs: Signs;
  /** Whether the athlete cannot wait to train. */
  readonly eager: boolean;
  /** Building weeks since the last deload. */
  readonly weeks: number;
  readonly irritatedJoints: number;
  /** Life leaves little time or calm. */
  readonly lifeStress: boolean;
  /** A test of strength follows. */
  readonly test: boolean;
  /** Rates effort honestly. */
  readonly honest: boolean;
}

/** What is advised: whether to deload at all, then the kinds that suit, best first. */
export interface DeloadAdvice extends SignsSum {
  readonly needed: boolean;
  /** Why none is needed, or why one is. */
  readonly because: 'novice' | 'eager and fresh' | 'signs' | 'weeks' | 'not yet';
  readonly kinds: readonly DeloadMeasure['kind'][];
}

/** Weeks after which even few signs make a deload due. */
function isDue({ level, weeks }: DeloadSituation, { buildingWeeks }: Conventions): boolean {
  return level !== 'novice' && weeks >= buildingWeeks;
}

/**
 * Whether a deload is needed and which kind suits: fewer sets in the usual case; fewer exercises for aching joints;
 * fewer days, or less time, under stress; both after deep fatigue; a heavy touch before a test; easier for honest
 * raters; lighter for practice. Novices need none planned; those eager to train with few signs probably none now.
 */
export function adviseDeload(situation: DeloadSituation, conventions: Conventions): DeloadAdvice {
  const total = signsSum(situation.signs, situation.eager, conventions);
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
  if (verdict === 'urge') kinds.push('both');
  if (aching) kinds.push('fewer exercises');
  if (situation.lifeStress) kinds.push('fewer days', 'less time');
  if (situation.test && sum < conventions.signsUrge) kinds.push('one heavy touch');
  kinds.push('fewer sets');
  if (situation.honest) kinds.push('easier');
  kinds.push('lighter');
  return { ...total, needed, because, kinds };
}
