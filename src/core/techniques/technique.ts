import type { z } from 'zod';

/** What a set is for within its slot. */
export const ROLES = ['work', 'top', 'back-off'] as const;
export type Role = (typeof ROLES)[number];

/**
 * A run of sets at one load, loaded and progressed by the slot's load rule on its own. The first part of a technique
 * carries the slot's strength estimate; later parts hang below it.
 */
export interface Part {
  readonly role: Role;
  readonly sets: number;
  /** Added to the slot's target RIR of the week. */
  readonly rirOffset: number;
  /** Added to both ends of the slot's rep range. */
  readonly repOffset: number;
  /** How far below the first part's load, as fractions: least, wished, most. Absent for the first part. */
  readonly drop?: { readonly least: number; readonly wished: number; readonly most: number };
}

/**
 * A set technique as data with parameters P. Sets, time, credit and progression follow from the parts; a new
 * technique is one file with one of these and one line in the registry.
 */
export interface Technique<P extends { readonly kind: string }> {
  readonly kind: P['kind'];
  readonly schema: z.ZodType<P>;
  readonly parts: (parameters: P) => readonly Part[];
  /** Working sets, all parts together. */
  readonly setCount: (parameters: P) => number;
  /** The same technique with another number of working sets, as near as its shape allows. */
  readonly withSetCount: (parameters: P, sets: number) => P;
  /** Working sets the shape allows, least and most. */
  readonly setLimits: { readonly least: number; readonly most: number };
}
