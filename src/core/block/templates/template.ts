import type { RepRange } from '../rep-range';
import type { Shape } from '../shape';
import type { Demand } from './demands';

/**
 * A slot of a template's session: the first of these exercises that the athlete's place allows and no joint rules
 * out.
 */
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

/** A split to start from: what it is, whom it suits, its weakness, and its sessions. */
export interface Template extends Demand {
  readonly id: string;
  readonly name: string;
  readonly shape: Shape;
  readonly cycleDays: number;
  readonly suits: string;
  readonly badly: string;
  readonly sessions: readonly TemplateSession[];
}

/** The split as a block; its shape determines what it requires of an athlete. */
export type LaidSplit = Omit<Template, keyof Demand>;
