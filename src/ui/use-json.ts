import { useMemo } from 'react';
import type { JsonText } from './json-text';

/** The value of a text passed by a route. */
export function useJson<T>(text: JsonText<T>): T {
  return useMemo(() => JSON.parse(text) as T, [text]);
}
