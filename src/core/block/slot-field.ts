import type { z } from 'zod';
import type { Exercise } from '../exercises/exercise';
import type { Problem } from '../problem';
import type { Zod } from '../zod';

/** Read-only all the way down, as everything in the core is. */
export type Deep<T> = T extends readonly (infer Item)[]
  ? readonly Deep<Item>[]
  : T extends object
    ? { readonly [K in keyof T]: Deep<T[K]> }
    : T;

/** A field of a slot: its shape, what a new slot has, and what is wrong with a value. */
export interface SlotField<S extends z.ZodType> {
  /** The shape unchecked documents are read by. A default in it: the field came with a later version of the format. */
  readonly schema: (z: Zod) => S;
  /** What a new slot of an exercise has. */
  readonly start: (exercise: Exercise) => Deep<z.output<S>>;
  /**
   * What is wrong with a value of that shape.
   * @param path of the field, as `slot/ID/field`
   */
  readonly problems?: (value: Deep<z.output<S>>, path: string) => readonly Problem[];
}

/** A field of this shape: its value follows from its schema, and what is said of the value from both. */
export function fieldOf<S extends z.ZodType>(
  schema: (z: Zod) => S,
): (others: Omit<SlotField<S>, 'schema'>) => SlotField<S> {
  return (others) => ({ schema, ...others });
}
