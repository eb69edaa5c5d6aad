import type { Muscle } from '../anatomy/muscle';
import type { LocalDate } from '../calendar';
import type { EquipmentSet } from '../loading/equipment';
import type { Unit, Weight } from '../loading/weight';
import type { Landmarks } from '../volume/landmarks';

export const LEVELS = ['novice', 'intermediate', 'advanced'] as const;
export type Level = (typeof LEVELS)[number];

export const PHASES = ['gaining', 'holding', 'cutting'] as const;
export type Phase = (typeof PHASES)[number];

/** How readily sets are added: cautious adds at most one, bold adds where standard waits. */
export const STYLES = ['cautious', 'standard', 'bold'] as const;
export type Style = (typeof STYLES)[number];

/** A recent hard set of an exercise. */
export interface BestSet {
  readonly load: Weight;
  readonly reps: number;
  readonly rir: number;
}

/** What the engine needs to know of a person. */
export interface Athlete {
  readonly id: string;
  readonly name: string;
  readonly level: Level;
  /** Phases by first day, rising; the first also covers all days before it. */
  readonly phases: readonly { readonly from: LocalDate; readonly phase: Phase }[];
  readonly unit: Unit;
  readonly timeZone: string;
  readonly bodyweight: Weight;
  /** Longest session, in minutes. */
  readonly minutes: number;
  /** Hard sport or cardio sessions a week outside the block. */
  readonly hardSport: number;
  readonly style: Style;
  readonly equipment: EquipmentSet;
  /** By exercise id. */
  readonly bestSets: Readonly<Record<string, BestSet>>;
  /** The athlete's own landmarks where they differ from the convention; before level and phase are applied. */
  readonly landmarks: Readonly<Partial<Record<Muscle, Partial<Landmarks>>>>;
}

/** The phase in force on a day. */
export function phaseOn(athlete: Pick<Athlete, 'phases'>, date: LocalDate): Phase {
  let current: Phase = athlete.phases[0]?.phase ?? 'holding';
  for (const { from, phase } of athlete.phases) if (from <= date) current = phase;
  return current;
}
