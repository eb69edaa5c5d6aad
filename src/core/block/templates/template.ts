import type { RepRange } from '../rep-range';
import type { Shape } from '../shape';
import type { Demand } from './demands';

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

/** A split to start from: what it is, for whom, what it does badly, and its sessions. */
export interface Template extends Demand {
  readonly id: string;
  readonly name: string;
  readonly shape: Shape;
  readonly cycleDays: number;
  readonly suits: string;
  readonly badly: string;
  readonly sessions: readonly TemplateSession[];
}

/** A split as it is laid out; what it asks of whoever trains by it follows from its shape. */
export type LaidSplit = Omit<Template, keyof Demand>;
