import { useMemo } from 'react';
import type { JsonText } from './json-text';

/** The value of a text that a route handed over. */
export function useJson<T>(text: JsonText<T>): T {
  return useMemo(() => JSON.parse(text) as T, [text]);
}
