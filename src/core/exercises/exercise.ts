import type { Muscle } from '../anatomy/muscle';

export const PATTERNS = [
  'squat',
  'lunge',
  'hinge',
  'hip thrust',
  'knee extension',
  'knee flexion',
  'hip adduction',
  'hip abduction',
  'calf raise',
  'horizontal press',
  'vertical press',
  'horizontal pull',
  'vertical pull',
  'fly',
  'shoulder raise',
  'rear fly',
  'pullover',
  'shrug',
  'elbow flexion',
  'elbow extension',
  'wrist',
  'trunk flexion',
  'trunk extension',
  'trunk hold',
  'trunk rotation',
  'carry',
  'straight-arm push',
  'straight-arm pull',
] as const;
export type Pattern = (typeof PATTERNS)[number];

export const EQUIPMENT = [
  'barbell',
  'rack',
  'bench',
  'dumbbells',
  'cable',
  'machine',
  'plate machine',
  'band',
  'pull-up bar',
  'dip bars',
  'rings',
  'back extension bench',
  'floor',
] as const;
export type Equipment = (typeof EQUIPMENT)[number];

/** How an exercise is loaded; each kind has its own grid of makeable loads. */
export const LOADINGS = [
  'barbell',
  'dumbbell',
  'stack',
  'cable',
  'heavy stack',
  'plate-loaded',
  'bodyweight',
  'band',
  'none',
] as const;
export type Loading = (typeof LOADINGS)[number];

export const JOINTS = ['shoulder', 'elbow', 'wrist', 'low back', 'hip', 'knee', 'ankle'] as const;
export type Joint = (typeof JOINTS)[number];

/** The part of the range of motion in which an exercise is hardest for its target muscle. */
export const HARDEST = ['stretched', 'middle', 'shortened'] as const;
export type Hardest = (typeof HARDEST)[number];

/** The half of the range in which the target muscle is long; `none` for holds and where neither is. */
export const LONG_HALVES = [
  'bottom',
  'top',
  'deep bend',
  'arms long',
  'legs straight',
  'arms crossed',
  'none',
] as const;
export type LongHalf = (typeof LONG_HALVES)[number];

/** What a set counts. */
export const MEASURES = ['reps', 'seconds', 'reps against the clock'] as const;
export type Measure = (typeof MEASURES)[number];

/** Technical skills may be trained on most days; skills hard on tendons (straight arms) once or twice a week. */
export const SKILLS = ['technical', 'tendon-heavy'] as const;
export type Skill = (typeof SKILLS)[number];

/** Muscle shares of one set, 0-1; muscles not listed get none. */
export type Contributions = Readonly<Partial<Record<Muscle, number>>>;

/** A set-up of an exercise (stance, stride, bench angle, grip) that changes its contributions. */
export interface Variant {
  readonly id: string;
  readonly name: string;
  /** Overrides the exercise's contributions; 0 removes a muscle. */
  readonly contributions: Contributions;
  /** Joints that it loads lightly although the exercise stresses them. */
  readonly spares?: readonly Joint[] | undefined;
}

/** An exercise as coaches know it: facts only; how it is used is in the block. */
export interface Exercise {
  readonly id: string;
  /** Increases with each edit; blocks pin the revision they were written with. */
  readonly revision: number;
  readonly name: string;
  readonly pattern: Pattern;
  readonly kind: 'compound' | 'isolation';
  /** Share of a set that counts toward each muscle, 0-1: 1 prime mover, 0.5 clear assistance, 0.25 minor. */
  readonly contributions: Contributions;
  readonly equipment: readonly Equipment[];
  readonly loading: Loading;
  readonly measure: Measure;
  /** Share of bodyweight moved along, 0-1; 0 unless loading is `bodyweight`. */
  readonly bodyweightShare: number;
  /** 2 if each side is trained separately: the set takes twice as long. */
  readonly sides: 1 | 2;
  /** Load on the spine, 0 (none) to 3 (heavy squat or deadlift). */
  readonly axialLoad: 0 | 1 | 2 | 3;
  /** 1-5 each; stimulus divided by fatigue is the payoff. */
  readonly stimulus: 1 | 2 | 3 | 4 | 5;
  readonly fatigue: 1 | 2 | 3 | 4 | 5;
  readonly hardest: Hardest;
  readonly longHalf: LongHalf;
  /** Whether somebody training alone can safely take it to failure. */
  readonly failableAlone: boolean;
  /**
   * If it cannot be failed alone: whether the weight can be set down, so that failure is allowed but not going past
   * it.
   */
  readonly canSetDown?: boolean | undefined;
  readonly joints: readonly Joint[];
  /** Default tempo, see timing/tempo. */
  readonly tempo: string;
  readonly restSeconds: number;
  readonly cues: string;
  readonly variants: readonly Variant[];
  /** Its position in a variation chain, easier to harder from step 1. */
  readonly chain: { readonly name: string; readonly step: number } | null;
  readonly skill: Skill | null;
  /** For a lift that is both push and pull: which half is harder. */
  readonly harderHalf?: 'push' | 'pull' | undefined;
}

/** Stimulus divided by fatigue. */
export function payoff(exercise: Exercise): number {
  return exercise.stimulus / exercise.fatigue;
}

/** What one set counts toward a muscle, 0-1. */
export function contribution(exercise: Exercise, muscle: Muscle): number {
  return exercise.contributions[muscle] ?? 0;
}

interface Listed {
  readonly credits: readonly (readonly [Muscle, number])[];
  readonly primeMovers: readonly Muscle[];
}

const lists = new WeakMap<Exercise, Listed>();

function listed(exercise: Exercise): Listed {
  const cached = lists.get(exercise);
  if (cached !== undefined) return cached;
  const all = (Object.entries(exercise.contributions) as [Muscle, number][]).filter(([, share]) => share > 0);
  const made = { credits: all, primeMovers: all.flatMap(([muscle, share]) => (share === 1 ? [muscle] : [])) };
  lists.set(exercise, made);
  return made;
}

/** Contributions as a list of muscle and share. The same exercise object gives the same list. */
export function credits(exercise: Exercise): readonly (readonly [Muscle, number])[] {
  return listed(exercise).credits;
}

/** The muscles for which the exercise is a prime mover. */
export function primeMovers(exercise: Exercise): readonly Muscle[] {
  return listed(exercise).primeMovers;
}
