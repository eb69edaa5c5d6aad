import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import type { DecodeAthlete } from '@/client/athlete-draft';
import type { Athlete, Catalogue, Training } from '@/core';

type EffectsOf = typeof import('./effects').effectsOf;

/** The engine that computes effects: loaded with the first change. */
function useEngine(isWanted: boolean): EffectsOf | null {
  const [engine, setEngine] = useState<EffectsOf | null>(null);
  useEffect(() => {
    if (!isWanted) return;
    let listens = true;
    void import('./effects').then(({ effectsOf }) => listens && setEngine(() => effectsOf));
    return () => {
      listens = false;
    };
  }, [isWanted]);
  return engine;
}

/** The draft's effects on the running block, computed while typing. */
export function useEffects(
  running: Training | null,
  base: Athlete,
  mine: Athlete,
  catalogue: Catalogue,
  decode: DecodeAthlete | null,
): readonly string[] {
  const wanted = useDeferredValue(mine);
  const engine = useEngine(running !== null && wanted !== base);
  return useMemo(() => {
    if (running === null || engine === null || decode === null || wanted === base) return [];
    const decoded = decode(wanted);
    return decoded.ok ? engine(running, base, decoded.value, catalogue) : [];
  }, [running, engine, base, wanted, catalogue, decode]);
}
