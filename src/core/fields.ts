/**
 * Kinds of parameters: data from which both the schema of documents and the interface's forms are derived.
 * `otherwise` is the value for documents without the parameter.
 */
export type Field =
  | { readonly type: 'whole'; readonly least: number; readonly most: number; readonly otherwise?: number }
  | { readonly type: 'share'; readonly least: number; readonly most: number; readonly otherwise?: number }
  | { readonly type: 'yes'; readonly otherwise?: boolean }
  | { readonly type: 'choice'; readonly of: readonly string[]; readonly otherwise?: string }
  /** Two whole numbers, lower and upper. */
  | {
      readonly type: 'band';
      readonly least: number;
      readonly most: number;
      readonly otherwise?: { readonly low: number; readonly high: number };
    }
  /** Whole numbers in order, with a maximum count; possibly empty. */
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

/** A fraction between two bounds. */
export function share(least: number, most: number, otherwise?: number): Field {
  return { type: 'share', least, most, ...(otherwise === undefined ? {} : { otherwise }) };
}

export function yes(otherwise?: boolean): Field {
  return { type: 'yes', ...(otherwise === undefined ? {} : { otherwise }) };
}

export function choice(of: readonly string[], otherwise?: string): Field {
  return { type: 'choice', of, ...(otherwise === undefined ? {} : { otherwise }) };
}
