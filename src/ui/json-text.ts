/** JSON text of a value. */
export type JsonText<T> = string & { readonly of?: T };

/**
 * Data a route passes to a screen as one text. For large data Next's own serialisation, value by value and twice,
 * costs more than the rest of a page.
 * @param value plain: without dates, maps or functions
 */
export function toJsonText<T>(value: T): JsonText<T> {
  return JSON.stringify(value) as JsonText<T>;
}
