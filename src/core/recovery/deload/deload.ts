import type { Conventions } from '../../conventions/conventions';
import type { Field } from '../../fields';
import { type ActiveRest, activeRest } from './active-rest';
import { type Both, both } from './both';
import { type Easier, easier } from './easier';
import { type FewerDays, fewerDays } from './fewer-days';
import { type FewerExercises, fewerExercises } from './fewer-exercises';
import { type FewerSets, fewerSets } from './fewer-sets';
import { type HeavyTouch, heavyTouch } from './heavy-touch';
import { type LessTime, lessTime } from './less-time';
import { type DeloadKind, type Lightening, together } from './lightening';
import { type Lighter, lighter } from './lighter';

/** One way of deloading with its parameters. */
export type DeloadMeasure =
  | FewerSets
  | Lighter
  | Both
  | Easier
  | FewerDays
  | FewerExercises
  | LessTime
  | HeavyTouch
  | ActiveRest;

/** How a deload lightens the week: one or more ways at once. */
export type Deload = readonly DeloadMeasure[];

const REGISTRY: { readonly [M in DeloadMeasure as M['kind']]: DeloadKind<M> } = {
  'fewer sets': fewerSets,
  lighter,
  both,
  easier,
  'fewer days': fewerDays,
  'fewer exercises': fewerExercises,
  'less time': lessTime,
  'one heavy touch': heavyTouch,
  'active rest': activeRest,
};

export const DELOAD_KINDS = Object.keys(REGISTRY) as readonly DeloadMeasure['kind'][];

export const DEFAULT_DELOAD: DeloadMeasure = fewerSets.start;

/** How a way of deloading starts when a coach picks it. */
export function deloadStart(kind: DeloadMeasure['kind']): DeloadMeasure {
  return REGISTRY[kind].start;
}

/** What each parameter of a way of deloading may be. */
export function deloadFields(kind: DeloadMeasure['kind']): Readonly<Record<string, Field>> {
  return REGISTRY[kind].fields as Readonly<Record<string, Field>>;
}

/** What a deload lowers, all its measures together. */
export function lighteningOf(deload: Deload, conventions: Conventions): Lightening {
  return together(
    deload.map((one) => {
      // Indexed by the kind the parameters carry, so the pair always fits; TypeScript cannot correlate them.
      const kind = REGISTRY[one.kind] as unknown as DeloadKind<DeloadMeasure>;
      return kind.lightens(one, conventions);
    }),
  );
}

/** Weeks a deload takes. */
export function deloadWeeks(deload: Deload | null): number {
  if (deload === null) return 0;
  return Math.max(1, ...deload.map((one) => (one.kind === 'active rest' ? one.weeks : 1)));
}
