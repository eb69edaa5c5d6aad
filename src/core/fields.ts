/**
 * What a parameter may be: data from which the schema of unchecked documents and the forms of the interface both
 * follow. `otherwise` is what documents without the parameter are read as having.
 */
export type Field =
  | { readonly type: 'whole'; readonly least: number; readonly most: number; readonly otherwise?: number }
  | { readonly type: 'share'; readonly least: number; readonly most: number; readonly otherwise?: number }
  | { readonly type: 'yes'; readonly otherwise?: boolean }
  | { readonly type: 'choice'; readonly of: readonly string[]; readonly otherwise?: string }
  /** A lower and an upper whole number. */
  | {
      readonly type: 'band';
      readonly least: number;
      readonly most: number;
      readonly otherwise?: { readonly low: number; readonly high: number };
    }
  /** Whole numbers in order, so many at most; none at all where that is how it starts. */
  | {
      readonly type: 'list';
      readonly least: number;
      readonly most: number;
      readonly longest: number;
      readonly otherwise?: readonly number[];
    };

/** A field for each parameter. */
export type Fields<P extends { readonly kind: string }> = {
  readonly [K in Exclude<keyof P, 'kind'>]: Field;
};

export function whole(least: number, most: number, otherwise?: number): Field {
  return { type: 'whole', least, most, ...(otherwise === undefined ? {} : { otherwise }) };
}

/** A share between two ends, as a decimal. */
export function share(least: number, most: number, otherwise?: number): Field {
  return { type: 'share', least, most, ...(otherwise === undefined ? {} : { otherwise }) };
}

export function yes(otherwise?: boolean): Field {
  return { type: 'yes', ...(otherwise === undefined ? {} : { otherwise }) };
}

export function choice(of: readonly string[], otherwise?: string): Field {
  return { type: 'choice', of, ...(otherwise === undefined ? {} : { otherwise }) };
}
