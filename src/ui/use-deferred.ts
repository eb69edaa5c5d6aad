import { startTransition, useEffect, useState } from 'react';

/**
 * A value delayed by a frame: its consequences are computed after the screen shows the value itself, so that keys
 * respond at once.
 * @param restMs additional time without changes: work longer than a frame waits until typing stops
 */
export function useDeferred<T>(value: T, restMs = 0): T {
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
