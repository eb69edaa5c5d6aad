import { startTransition, useEffect, useState } from 'react';

/**
 * A value as it was a paint ago: what follows from it is worked out only after the screen shows the value itself, so
 * that a key is answered at once.
 * @param restMs how long it has to rest beside: what takes longer than a paint waits until nothing is typed any more
 */
export function useLater<T>(value: T, restMs = 0): T {
  const [later, setLater] = useState(value);
  useEffect(() => {
    if (later === value) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setLater(value)), restMs);
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [value, later, restMs]);
  return later;
}
