import type { Muscle, PerMuscle } from '../anatomy/muscle';
import type { Athlete, Level, Phase } from '../athlete/athlete';
import type { Conventions } from '../conventions/conventions';

/** Weekly fractional hard sets that maintain / just start growth / are the most that can be recovered from. */
export interface Landmarks {
  readonly hold: number;
  readonly floor: number;
  readonly ceiling: number;
}

const marks = (hold: number, floor: number, ceiling: number): Landmarks => ({ hold, floor, ceiling });

/** Starting conventions for an intermediate athlete holding weight. */
export const LANDMARKS: PerMuscle<Landmarks> = {
  chest: marks(4, 8, 18),
  'front delts': marks(0, 2, 12),
  'side delts': marks(4, 6, 20),
  'rear delts': marks(2, 6, 18),
  lats: marks(4, 8, 20),
  'upper back': marks(4, 8, 20),
  traps: marks(0, 4, 16),
  'spinal erectors': marks(0, 2, 8),
  biceps: marks(3, 6, 18),
  triceps: marks(3, 6, 16),
  forearms: marks(0, 2, 10),
  abs: marks(0, 4, 16),
  glutes: marks(2, 4, 14),
  quads: marks(4, 8, 18),
  hamstrings: marks(3, 6, 14),
  adductors: marks(0, 2, 10),
  abductors: marks(0, 2, 10),
  calves: marks(4, 6, 16),
};

/** A muscle's landmarks with the factors that made them. */
export interface LandmarkTrace {
  readonly base: Landmarks;
  readonly origin: 'convention' | 'coach';
  readonly level: Level;
  readonly phase: Phase;
  readonly levelFactor: number;
  readonly floorFactor: number;
  readonly ceilingFactor: number;
  readonly result: Landmarks;
}

/**
 * Landmarks for an athlete in a phase. Level scales floor and ceiling, phase scales them again; always
 * hold <= floor <= ceiling. Unrounded.
 */
export function landmarksFor(
  muscle: Muscle,
  athlete: Pick<Athlete, 'level' | 'landmarks'>,
  phase: Phase,
  conventions: Conventions,
): LandmarkTrace {
  const own = athlete.landmarks[muscle];
  const base = { ...LANDMARKS[muscle], ...own };
  const levelFactor = {
    novice: conventions.noviceLandmarks,
    intermediate: 1,
    advanced: conventions.advancedLandmarks,
  }[athlete.level];
  const floorFactor = { gaining: conventions.gainingFloor, holding: 1, cutting: conventions.cuttingFloor }[
    phase
  ];
  const ceilingFactor = {
    gaining: conventions.gainingCeiling,
    holding: 1,
    cutting: conventions.cuttingCeiling,
  }[phase];
  const floor = Math.max(base.hold, base.floor * levelFactor * floorFactor);
  const ceiling = Math.max(floor, base.ceiling * levelFactor * ceilingFactor);
  return {
    base,
    origin: own === undefined ? 'convention' : 'coach',
    level: athlete.level,
    phase,
    levelFactor,
    floorFactor,
    ceilingFactor,
    result: { hold: base.hold, floor, ceiling },
  };
}
