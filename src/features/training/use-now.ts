import { useEffect, useState } from 'react';

/**
 * The phone's clock as it goes, milliseconds: a page that slept is right again with its next look.
 * @param running whether anything goes by it; while nothing does, and before the page is alive, it is null
 * @param every milliseconds between two looks
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
