import { useCallback, useLayoutEffect, useRef } from 'react';

/** A callback with a stable identity that always runs its newest version. */
export function useStableCallback<A extends readonly unknown[], R>(
  does: (...given: A) => R,
): (...given: A) => R {
  const newest = useRef(does);
  useLayoutEffect(() => {
    newest.current = does;
  });
  return useCallback((...given: A) => newest.current(...given), []);
}
