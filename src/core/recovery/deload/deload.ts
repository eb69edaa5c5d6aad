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
import { combineLightenings, type DeloadKind, type Lightening } from './lightening';
import { type Lighter, lighter } from './lighter';

/** A kind of deload with its parameters. */
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

/** How a deload makes the week easier: one or more kinds combined. */
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

/** Default parameters of a kind when a coach chooses it. */
export function defaultDeload(kind: DeloadMeasure['kind']): DeloadMeasure {
  return REGISTRY[kind].start;
}

/** The fields for a kind's parameters. */
export function deloadFields(kind: DeloadMeasure['kind']): Readonly<Record<string, Field>> {
  return REGISTRY[kind].fields as Readonly<Record<string, Field>>;
}

/** Everything a deload reduces, all its measures combined. */
export function combinedLightening(deload: Deload, conventions: Conventions): Lightening {
  return combineLightenings(
    deload.map((one) => {
      // The parameters carry their kind, so they always match; TypeScript cannot correlate them.
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
