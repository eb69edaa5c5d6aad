/** JSON text of a value. */
export type JsonText<T> = string & { readonly of?: T };

/**
 * What a route hands to a screen as one text. Where it is large, Next's own writing of values, one by one and twice over,
 * costs more than all the rest of a page.
 * @param value plain: no dates, maps or functions in it
 */
export function jsonText<T>(value: T): JsonText<T> {
  return JSON.stringify(value) as JsonText<T>;
}
