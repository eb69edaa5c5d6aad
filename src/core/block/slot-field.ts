import type { z } from 'zod';
import type { Exercise } from '../exercises/exercise';
import type { Problem } from '../problem';
import type { Zod } from '../zod';

/** Deeply read-only, like everything in the core. */
export type Deep<T> = T extends readonly (infer Item)[]
  ? readonly Deep<Item>[]
  : T extends object
    ? { readonly [K in keyof T]: Deep<T[K]> }
    : T;

/** A field of a slot: its schema, its default, and its check. */
export interface SlotField<S extends z.ZodType> {
  /** The schema for reading documents. A default in it means the field came with a later version of the format. */
  readonly schema: (z: Zod) => S;
  /** The value for a new slot of an exercise. */
  readonly start: (exercise: Exercise) => Deep<z.output<S>>;
  /**
   * What is wrong with a value of that shape.
   * @param path of the field, as `slot/ID/field`
   */
  readonly problems?: (value: Deep<z.output<S>>, path: string) => readonly Problem[];
}

/** Defines a field with this schema: the types of its default and its check follow from it. */
export function defineField<S extends z.ZodType>(
  schema: (z: Zod) => S,
): (others: Omit<SlotField<S>, 'schema'>) => SlotField<S> {
  return (others) => ({ schema, ...others });
}
