import { startTransition, useEffect, useState } from 'react';

/**
 * A value as it was a paint ago: what follows from it is worked out only after the screen shows the value itself, so
 * that a key is answered at once.
 */
export function useLater<T>(value: T): T {
  const [later, setLater] = useState(value);
  useEffect(() => {
    if (later === value) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setLater(value)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [value, later]);
  return later;
}
