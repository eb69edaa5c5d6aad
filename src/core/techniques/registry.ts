import type { Field } from '../fields';
import { type Activation, activation } from './activation';
import { type AscendingMinis, ascendingMinis } from './ascending-minis';
import { type Cluster, cluster } from './cluster';
import { type Density, densityOf } from './density';
import { type DropSet, dropSet } from './drop-set';
import { type EveryMinute, everyMinute } from './every-minute';
import { type ForTime, forTime } from './for-time';
import { type HighRepFinisher, highRepFinisher } from './high-rep-finisher';
import { type LengthenedPartials, lengthenedPartials } from './lengthened-partials';
import { type PartialsAfterFailure, partialsAfterFailure } from './partials-after-failure';
import { type PastTheLastRep, pastTheLastRep } from './past-the-last-rep';
import { type RepBank, repBank } from './rep-bank';
import { type RepLadder, repLadder } from './rep-ladder';
import { type RestPause, restPause } from './rest-pause';
import { type RestrictedFlow, restrictedFlow } from './restricted-flow';
import { type SectionedReps, sectionedReps } from './sectioned-reps';
import { type SlowLowering, slowLowering } from './slow-lowering';
import { type StaticHold, staticHold } from './static-hold';
import { type StraightSets, straightSets } from './straight-sets';
import { type StrictThenLoose, strictThenLoose } from './strict-then-loose';
import type { Done, LoggedAs, Part, Progress, Reach, Technique, Written } from './technique';
import { type TopSetBackOffs, topSetBackOffs } from './top-set-back-offs';
import { type TotalRepTarget, totalRepTarget } from './total-rep-target';

/** Parameters of any technique except density, which contains one of these. */
export type PlainParameters =
  | StraightSets
  | TopSetBackOffs
  | RestPause
  | TotalRepTarget
  | Cluster
  | AscendingMinis
  | RepBank
  | DropSet
  | PartialsAfterFailure
  | PastTheLastRep
  | LengthenedPartials
  | SectionedReps
  | StrictThenLoose
  | HighRepFinisher
  | SlowLowering
  | StaticHold
  | EveryMinute
  | RepLadder
  | ForTime
  | RestrictedFlow
  | Activation;
/** Parameters of any technique. */
export type TechniqueParameters = PlainParameters | Density<PlainParameters>;
export type TechniqueKind = TechniqueParameters['kind'];

type Registered<P extends { readonly kind: string }> = {
  readonly [K in P['kind']]: Technique<Extract<P, { kind: K }>>;
};

const PLAIN: Registered<PlainParameters> = {
  straight: straightSets,
  'top + back-offs': topSetBackOffs,
  'rest-pause': restPause,
  'total-rep target': totalRepTarget,
  cluster,
  'ascending mini-sets': ascendingMinis,
  'rep bank': repBank,
  'drop set': dropSet,
  'partials after failure': partialsAfterFailure,
  'hold and lower': pastTheLastRep,
  'lengthened partials': lengthenedPartials,
  'sectioned reps': sectionedReps,
  'strict then loose': strictThenLoose,
  'high-rep finisher': highRepFinisher,
  'slow lowering': slowLowering,
  'static hold': staticHold,
  'every-minute sets': everyMinute,
  'rep ladder': repLadder,
  'for time': forTime,
  'restricted blood flow': restrictedFlow,
  activation,
};

// The registry is indexed by the kind in the parameters, so they always match; TypeScript cannot correlate them.
function defaultTechnique(parameters: PlainParameters): Technique<PlainParameters> {
  return PLAIN[parameters.kind] as unknown as Technique<PlainParameters>;
}

const density = densityOf<PlainParameters>({
  start: straightSets.start,
  parts: (of) => defaultTechnique(of).parts(of),
  setCount: (of) => defaultTechnique(of).setCount(of),
  withSetCount: (of, sets) => withSetCount(of, sets) as PlainParameters,
  setLimits: (of) => defaultTechnique(of).setLimits(of),
  reach: (of) => defaultTechnique(of).reach(of),
  heldBack: (of) => defaultTechnique(of).heldBack(of),
});

const REGISTRY: Registered<TechniqueParameters> = { ...PLAIN, density };

export const TECHNIQUE_KINDS = Object.keys(REGISTRY) as readonly TechniqueKind[];

/** The fields for a technique's parameters; for a density only its own. */
export function fieldsOf(kind: TechniqueKind): Readonly<Record<string, Field>> {
  return REGISTRY[kind].fields as Readonly<Record<string, Field>>;
}

/** A technique stored before some parameters existed, with the defaults for documents without them. */
export function withNewParameters(parameters: TechniqueParameters): TechniqueParameters {
  const added = Object.entries(fieldsOf(parameters.kind)).flatMap(([name, field]) =>
    name in parameters || !('otherwise' in field) ? [] : [[name, field.otherwise] as const],
  );
  const whole = added.length === 0 ? parameters : { ...parameters, ...Object.fromEntries(added) };
  if (whole.kind !== 'density') return whole;
  return { ...whole, of: withNewParameters(whole.of) as PlainParameters };
}

function techniqueOf(parameters: TechniqueParameters): Technique<TechniqueParameters> {
  return REGISTRY[parameters.kind] as unknown as Technique<TechniqueParameters>;
}

/** A technique's default parameters when a coach chooses it. */
export function startOf(kind: TechniqueKind): TechniqueParameters {
  return REGISTRY[kind].start;
}

/** The technique itself; for a density the inner one. */
export function innerTechnique(parameters: TechniqueParameters): PlainParameters {
  return parameters.kind === 'density' ? parameters.of : parameters;
}

export function techniqueParts(parameters: TechniqueParameters): readonly Part[] {
  return techniqueOf(parameters).parts(parameters);
}

export function setCount(parameters: TechniqueParameters): number {
  return techniqueOf(parameters).setCount(parameters);
}

/** Number of working sets the technique's shape allows. */
export function setLimits(parameters: TechniqueParameters): {
  readonly least: number;
  readonly most: number;
} {
  return techniqueOf(parameters).setLimits(parameters);
}

/** The technique with another number of sets, within the limits of its shape. */
export function withSetCount(parameters: TechniqueParameters, sets: number): TechniqueParameters {
  const { least, most } = setLimits(parameters);
  return techniqueOf(parameters).withSetCount(parameters, Math.min(most, Math.max(least, sets)));
}

/** How close to failure it comes. */
export function failureReach(parameters: TechniqueParameters): Reach {
  return techniqueOf(parameters).reach(parameters);
}

/** The same held back from failure; straight sets if its shape has no such form. */
export function holdBack(parameters: TechniqueParameters): TechniqueParameters {
  const kept = techniqueOf(parameters).heldBack(parameters);
  return kept ?? withSetCount(straightSets.start, setCount(parameters));
}

export function techniqueProgress(parameters: TechniqueParameters): Progress {
  return techniqueOf(parameters).progress;
}

/** Whether the technique itself earns load increases. */
export function isEarned(parameters: TechniqueParameters, done: Done, written: Written): boolean {
  return techniqueOf(parameters).earned?.(parameters, done, written) ?? false;
}

/** Whether anything in it changes from week to week with results. */
export function hasOwnProgress(parameters: TechniqueParameters): boolean {
  return techniqueOf(parameters).next !== undefined;
}

/** Next time's parameters given the results. */
export function nextParameters(
  parameters: TechniqueParameters,
  done: Done,
  written: Written,
): TechniqueParameters {
  const given = written.technique?.kind === parameters.kind ? written.technique : parameters;
  return (
    techniqueOf(parameters).next?.(parameters, done, written, given as TechniqueParameters) ?? parameters
  );
}

export function loggedAs(parameters: TechniqueParameters): LoggedAs {
  return defaultTechnique(innerTechnique(parameters)).loggedAs;
}

/** Seconds that this many parts take by the clock; null if duration depends on reps. */
export function clockOf(parameters: TechniqueParameters, pieces: number) {
  const inside = innerTechnique(parameters);
  return defaultTechnique(inside).clock?.(inside, pieces) ?? null;
}

/** Whether last time's reps are repeated set by set with one added. */
export function banksReps(parameters: TechniqueParameters): boolean {
  return defaultTechnique(innerTechnique(parameters)).banks === true;
}

/** Whether its first set measures the athlete's strength. */
export function measuresStrength(parameters: TechniqueParameters): boolean {
  return defaultTechnique(innerTechnique(parameters)).measures;
}

/** Whether its sets never count, because they are easy on purpose. */
export function isUncounted(parameters: TechniqueParameters): boolean {
  return defaultTechnique(innerTechnique(parameters)).uncounted === true;
}

/** Whether reps stay while rest is reduced. */
export function keepsReps(parameters: TechniqueParameters): boolean {
  return techniqueOf(parameters).keepsReps === true;
}

/** Whether a group of such techniques alternates piece by piece under one clock. */
export function alternatesByPiece(parameters: TechniqueParameters): boolean {
  return defaultTechnique(innerTechnique(parameters)).across === true;
}

/** The technique's own tempo, or the written one. */
export function tempoOf(parameters: TechniqueParameters, written: string | null): string | null {
  const plain = innerTechnique(parameters);
  return defaultTechnique(plain).tempo?.(plain, written) ?? written;
}
