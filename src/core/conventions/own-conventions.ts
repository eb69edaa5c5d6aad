import type { Muscle } from '../anatomy/muscle';
import { type Exercise, primeMovers } from '../exercises/exercise';
import { CONVENTIONS, type ConventionId, type Conventions, conventionsWith } from './conventions';

type Own = Readonly<Partial<Conventions>>;

/**
 * Rules that differ from the defaults, by scope: all of a coach's athletes, one athlete, one of their muscles or
 * exercises.
 */
export interface OwnConventions {
  /** The coach's rules for all athletes. They are stored with the coach and merged in when an athlete is read. */
  readonly coach: Own;
  readonly athlete: Own;
  readonly muscles: Readonly<Partial<Record<Muscle, Own>>>;
  /** By exercise id. */
  readonly exercises: Readonly<Record<string, Own>>;
}

export const NO_CONVENTIONS: OwnConventions = { coach: {}, athlete: {}, muscles: {}, exercises: {} };

/** Sources of a figure, from general to specific; the more specific wins. */
export const CONVENTION_ORIGINS = ['usual', 'coach', 'athlete', 'muscle', 'exercise', 'block'] as const;
export type ConventionOrigin = (typeof CONVENTION_ORIGINS)[number];

/** The scope of a question: the whole block, a muscle, or an exercise. */
export interface ConventionsOf {
  readonly own: OwnConventions;
  /** The block's own rules. */
  readonly block: Own;
  readonly muscle?: Muscle | undefined;
  readonly exercise?: Pick<Exercise, 'id' | 'contributions'> | undefined;
}

/** Own rules by source, from general to specific. With several prime movers the first one's apply. */
function ownSources({
  own,
  block,
  muscle,
  exercise,
}: ConventionsOf): readonly (readonly [ConventionOrigin, Own])[] {
  const mover = muscle ?? (exercise === undefined ? undefined : primeMovers(exercise as Exercise)[0]);
  return [
    ['coach', own.coach],
    ['athlete', own.athlete],
    ['muscle', mover === undefined ? NONE : (own.muscles[mover] ?? NONE)],
    ['exercise', exercise === undefined ? NONE : (own.exercises[exercise.id] ?? NONE)],
    ['block', block],
  ];
}

const NONE: Own = {};

/** The rules in force; the most specific wins. */
export function conventionsOf(of: ConventionsOf): Conventions {
  return conventionsWith(...ownSources(of).map(([, own]) => own));
}

/** A rule's value and where it was set. */
export function conventionOrigin(
  id: ConventionId,
  of: ConventionsOf,
): { readonly value: number; readonly from: ConventionOrigin } {
  const nearest = ownSources(of).findLast(([, own]) => own[id] !== undefined);
  const [from, own] = nearest ?? (['usual', {}] as const);
  return { value: own[id] ?? CONVENTIONS[id].default, from };
}

/**
 * The rules of single muscles and exercises, where they differ from the block's. The same object is returned as long
 * as nothing changes, and the block's rules where nothing more specific is set.
 */
export class NearConventions {
  readonly whole: Conventions;
  private readonly made = new Map<string, Conventions>();

  constructor(
    private readonly own: OwnConventions,
    private readonly block: Own,
  ) {
    this.whole = conventionsOf({ own, block });
  }

  ofMuscle(muscle: Muscle): Conventions {
    if (this.isWhole(muscle)) return this.whole;
    return this.kept(`muscle ${muscle}`, { muscle });
  }

  /** Whether nothing is set for a muscle. */
  isWhole(muscle: Muscle): boolean {
    return this.own.muscles[muscle] === undefined;
  }

  ofExercise(exercise: Exercise): Conventions {
    const [mover] = primeMovers(exercise);
    const isOwn =
      this.own.exercises[exercise.id] !== undefined || (mover !== undefined && !this.isWhole(mover));
    return isOwn ? this.kept(`exercise ${exercise.id} ${mover}`, { exercise }) : this.whole;
  }

  private kept(key: string, of: Pick<ConventionsOf, 'muscle' | 'exercise'>): Conventions {
    const before = this.made.get(key);
    if (before !== undefined) return before;
    const conventions = conventionsOf({ own: this.own, block: this.block, ...of });
    this.made.set(key, conventions);
    return conventions;
  }
}

/** Rules used muscle by muscle. */
export const MUSCLE_CONVENTIONS: readonly ConventionId[] = [
  'gapHours',
  'gapHoursSmall',
  'gapHoursLight',
  'sessionCap',
  'sessionHeavyCap',
  'growingFrequencyNote',
  'growingFrequencyWarn',
  'highFrequencyNote',
  'weekAddition',
  'weekAdditionCutting',
  'behindScore',
  'strainedScore',
  'aheadScore',
];

/** Rules used exercise by exercise; set for a muscle they apply to every exercise with it as first prime mover. */
export const EXERCISE_CONVENTIONS: readonly ConventionId[] = [
  'hardSetRir',
  'driftSeconds',
  'driftLeast',
  'driftSlope',
  'smallDriftRest',
  'smallDriftFrom',
  'smallDriftReps',
  'holdShare',
  'roundBack',
  'roundRest',
  'miniCredit',
  'miniReps',
  'fitTolerance',
  'largestStep',
  'pastTheTop',
  'mostReps',
  'percentStep',
  'earnedStepLeast',
  'earnedStepMost',
  'oldBestWeeks',
  'oldBestShare',
  'halfCostEasy',
  'halfCostHard',
  'cutReps',
  'cutRepsTop',
  'recoverLoad',
  'easyRir',
];
