import type { Muscle, PerMuscle } from '../anatomy/muscle';
import type { Athlete, Level, Phase } from '../athlete/athlete';
import type { Conventions } from '../conventions/conventions';
import { roundHalfUp } from '../rounding';
import type { Goal } from './goal';
import type { Landmarks, Mark } from './landmark';
import type { LandmarkSchool } from './schools';

const defaultLandmarks = (hold: number, floor: number, ceiling: number): Landmarks => ({
  hold,
  floor,
  ceiling,
});

/** Defaults for an intermediate athlete maintaining weight. */
export const LANDMARKS: PerMuscle<Landmarks> = {
  chest: defaultLandmarks(4, 8, 18),
  'front delts': defaultLandmarks(0, 2, 12),
  'side delts': defaultLandmarks(4, 6, 20),
  'rear delts': defaultLandmarks(2, 6, 18),
  lats: defaultLandmarks(4, 8, 20),
  'upper back': defaultLandmarks(4, 8, 20),
  traps: defaultLandmarks(0, 4, 16),
  'spinal erectors': defaultLandmarks(0, 2, 8),
  biceps: defaultLandmarks(3, 6, 18),
  triceps: defaultLandmarks(3, 6, 16),
  forearms: defaultLandmarks(0, 2, 10),
  abs: defaultLandmarks(0, 4, 16),
  glutes: defaultLandmarks(2, 4, 14),
  quads: defaultLandmarks(4, 8, 18),
  hamstrings: defaultLandmarks(3, 6, 14),
  adductors: defaultLandmarks(0, 2, 10),
  abductors: defaultLandmarks(0, 2, 10),
  calves: defaultLandmarks(4, 6, 16),
};

/** The source of a volume figure: the default, blocks, or the coach, who wins. */
export type Origin = 'convention' | 'learned' | 'coach';

/** A muscle's volume range with its source and factors. */
export interface LandmarkTrace {
  readonly school: LandmarkSchool;
  readonly base: Landmarks;
  readonly origins: Readonly<Record<Mark, Origin>>;
  readonly level: Level;
  readonly phase: Phase;
  /** Level and phase factors of minimum and maximum; a learned figure already includes the athlete's level. */
  readonly factors: {
    readonly floor: { readonly level: number; readonly phase: number };
    readonly ceiling: { readonly level: number; readonly phase: number };
  };
  readonly result: Landmarks;
}

/** Phase factors of minimum and maximum. */
export function phaseFactors(phase: Phase, conventions: Conventions): { floor: number; ceiling: number } {
  return {
    floor: { gaining: conventions.gainingFloor, holding: 1, cutting: conventions.cuttingFloor }[phase],
    ceiling: { gaining: conventions.gainingCeiling, holding: 1, cutting: conventions.cuttingCeiling }[phase],
  };
}

/** Level factors of minimum and maximum. */
export function levelFactor(level: Level, conventions: Conventions): number {
  return { novice: conventions.noviceLandmarks, intermediate: 1, advanced: conventions.advancedLandmarks }[
    level
  ];
}

/**
 * A muscle's volume range in a phase. A coach's figure wins over a learned one, and that over the default. Level
 * scales minimum and maximum, phase scales them again, and the product is rounded once to whole sets; always
 * maintenance <= minimum <= maximum. A fixed dose is the same for everybody, in direct sets, unless the coach has set
 * the muscle.
 */
export function landmarksFor(
  muscle: Muscle,
  athlete: Pick<Athlete, 'level' | 'landmarks' | 'learned'>,
  phase: Phase,
  conventions: Conventions,
  school: LandmarkSchool = 'ramped',
): LandmarkTrace {
  const { level } = athlete;
  if (school === 'fixed dose') {
    const { doseHold: hold, doseFloor: floor, doseCeiling: ceiling } = conventions;
    const dose = { hold, floor, ceiling };
    const none = { level: 1, phase: 1 };
    const origins = { hold: 'convention', floor: 'convention', ceiling: 'convention' } as const;
    return {
      school,
      base: dose,
      origins,
      level,
      phase,
      factors: { floor: none, ceiling: none },
      result: dose,
    };
  }
  const own = athlete.landmarks[muscle] ?? {};
  const learned = athlete.learned[muscle] ?? { evidence: '' };
  const originOf = (mark: Mark): Origin => {
    if (own[mark] !== undefined) return 'coach';
    return mark !== 'hold' && learned[mark] !== undefined ? 'learned' : 'convention';
  };
  const origins = { hold: originOf('hold'), floor: originOf('floor'), ceiling: originOf('ceiling') };
  const usual = LANDMARKS[muscle];
  const base = {
    hold: own.hold ?? usual.hold,
    floor: own.floor ?? learned.floor ?? usual.floor,
    ceiling: own.ceiling ?? learned.ceiling ?? usual.ceiling,
  };
  const byPhase = phaseFactors(phase, conventions);
  const byLevel = levelFactor(level, conventions);
  const factors = {
    floor: { level: origins.floor === 'learned' ? 1 : byLevel, phase: byPhase.floor },
    ceiling: { level: origins.ceiling === 'learned' ? 1 : byLevel, phase: byPhase.ceiling },
  };
  const floor = Math.max(base.hold, roundHalfUp(base.floor * factors.floor.level * factors.floor.phase));
  const ceiling = Math.max(floor, roundHalfUp(base.ceiling * factors.ceiling.level * factors.ceiling.phase));
  return { school, base, origins, level, phase, factors, result: { hold: base.hold, floor, ceiling } };
}

/**
 * Sets to start a muscle with: its minimum rounded up, one more for a priority muscle; maintenance for a maintained
 * one.
 */
export function startingSets(landmarks: Landmarks, goal: Goal): number {
  if (goal === 'hold') return Math.ceil(landmarks.hold - 1e-9);
  return Math.ceil(landmarks.floor - 1e-9) + (goal === 'priority' ? 1 : 0);
}
