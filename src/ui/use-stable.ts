import { useCallback, useLayoutEffect, useRef } from 'react';

/** A callback that stays the same function while it always does what its newest version does. */
export function useStable<A extends readonly unknown[], R>(does: (...given: A) => R): (...given: A) => R {
  const newest = useRef(does);
  useLayoutEffect(() => {
    newest.current = does;
  });
  return useCallback((...given: A) => newest.current(...given), []);
}
