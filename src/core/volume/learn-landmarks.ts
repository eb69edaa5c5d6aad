import type { Muscle } from '../anatomy/muscle';
import type { Athlete, Phase } from '../athlete/athlete';
import type { Conventions } from '../conventions/conventions';
import type { Verdict } from '../recovery/performance';
import { LANDMARKS, landmarksFor, levelFactor, phaseFactors } from './landmarks';

/** A muscle's building week as it went. */
export interface WeekOfMuscle {
  readonly week: number;
  /** Weekly fractional sets. */
  readonly sets: number;
  /** Results of its sessions, in order. */
  readonly verdicts: readonly Verdict[];
  readonly phase: Phase;
}

/** What a block teaches about a muscle, before level and phase; unrounded. */
export interface Lesson {
  readonly ceiling: {
    readonly from: number;
    readonly to: number;
    readonly failedAt: number;
    readonly week: number;
  } | null;
  readonly floor: {
    readonly from: number;
    readonly to: number;
    readonly grewAt: number;
    readonly week: number;
  } | null;
}

/**
 * Learns from a finished block. The maximum moves toward the weekly sets at which performance was first below target
 * in two sessions in a row, if those were not below the minimum; growth at fewer sets than the minimum lowers the
 * minimum, never raises it. A third of the way per block, from the figure in force: the coach's, otherwise learned,
 * otherwise the default; what is taken over replaces the coach's. Phase factors are divided out before storing; the athlete's level stays included.
 */
export function learnLandmarks(
  muscle: Muscle,
  athlete: Pick<Athlete, 'level' | 'landmarks' | 'learned'>,
  weeks: readonly WeekOfMuscle[],
  conventions: Conventions,
): Lesson {
  const byLevel = levelFactor(athlete.level, conventions);
  const known = athlete.learned[muscle];
  const set = athlete.landmarks[muscle];
  const share = conventions.learnShare;
  const current = (mark: 'floor' | 'ceiling') =>
    set?.[mark] === undefined ? (known?.[mark] ?? LANDMARKS[muscle][mark] * byLevel) : set[mark] * byLevel;
  let behind = false;
  let ceiling: Lesson['ceiling'] = null;
  let floor: Lesson['floor'] = null;
  for (const { week, sets, verdicts, phase } of weeks) {
    const factors = phaseFactors(phase, conventions);
    const now = landmarksFor(muscle, athlete, phase, conventions).result;
    for (const verdict of verdicts) {
      // A decline below the minimum was not caused by too many sets.
      if (verdict === 'behind' && behind && ceiling === null && sets >= now.floor) {
        const from = current('ceiling');
        ceiling = { from, to: from + (sets / factors.ceiling - from) * share, failedAt: sets, week };
      }
      behind = verdict === 'behind';
    }
    const grew = verdicts.includes('ahead') && !verdicts.includes('behind');
    if (grew && sets > 0 && sets < now.floor) {
      const from = current('floor');
      const to = from + (sets / factors.floor - from) * share;
      if (to < (floor?.to ?? from)) floor = { from, to, grewAt: sets, week };
    }
  }
  return { ceiling, floor };
}
