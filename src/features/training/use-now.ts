import { useEffect, useState } from 'react';

/**
 * The phone's clock, milliseconds: a page that slept is right again at its next update.
 * @param running whether anything uses it; otherwise, and before hydration, it is null
 * @param every milliseconds between updates
 */
export function useNow(running: boolean, every: number): number | null {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    if (!running) {
      setNow(null);
      return;
    }
    const look = () => setNow(Date.now());
    look();
    const timer = setInterval(look, every);
    return () => clearInterval(timer);
  }, [running, every]);
  return now;
}
