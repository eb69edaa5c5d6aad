import { useEffect, useState } from 'react';
import type { Athlete, Result } from '@/core';

export type DecodeAthlete = (unchecked: unknown) => Result<Athlete>;

/** What checks an athlete, fetched once the page stands; null until then. The server checks again in any case. */
export function useDecoder(): DecodeAthlete | null {
  const [decode, setDecode] = useState<DecodeAthlete | null>(null);
  useEffect(() => {
    void import('@/core/codecs').then(({ decodeAthlete }) => setDecode(() => decodeAthlete));
  }, []);
  return decode;
}
