import type { Level } from '../../athlete/athlete';
import type { RepRange } from '../rep-range';
import type { Shape } from '../shape';

/** A place in a template's session: the first of these exercises that the athlete's place has and no joint forbids. */
export interface TemplateSlot {
  readonly wishes: readonly string[];
  readonly sets: number;
  readonly range: RepRange;
}

export interface TemplateSession {
  readonly name: string;
  readonly day: number;
  readonly slots: readonly TemplateSlot[];
}

/** So many clean reps of a lift before the split makes sense. */
export interface Prerequisite {
  readonly exerciseId: string;
  readonly reps: number;
}

/** A split to start from: what it is, for whom, what it does badly, and its sessions. */
export interface Template {
  readonly id: string;
  readonly name: string;
  readonly shape: Shape;
  readonly cycleDays: number;
  /** Who it suits, from this training age on. */
  readonly from: Level;
  readonly suits: string;
  readonly badly: string;
  readonly prerequisites: readonly Prerequisite[];
  readonly sessions: readonly TemplateSession[];
}
