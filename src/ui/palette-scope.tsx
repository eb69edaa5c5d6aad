'use client';

import { createContext, useContext, useEffect, useMemo, useState } from 'react';
import type { Athlete, Catalogue } from '@/core';

/** Whom and what the command palette's load tool speaks of: set by the screen that is open. */
export interface PaletteScope {
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  /** The exercise in focus, if any. */
  readonly exerciseId: string | null;
  /** Its one-rep max where the screen knows a better one than the best set, share of bodyweight included. */
  readonly oneRepMax: number | null;
}

interface Holder {
  readonly scope: PaletteScope | null;
  readonly setScope: (scope: PaletteScope | null) => void;
  readonly open: boolean;
  readonly setOpen: (open: boolean) => void;
}

const Context = createContext<Holder>({
  scope: null,
  setScope: () => undefined,
  open: false,
  setOpen: () => undefined,
});

/** Holds the palette's scope for the screens below it. */
export function PaletteHolder({ children }: { readonly children: React.ReactNode }) {
  const [scope, setScope] = useState<PaletteScope | null>(null);
  const [open, setOpen] = useState(false);
  const holder = useMemo(() => ({ scope, setScope, open, setOpen }), [scope, open]);
  return <Context value={holder}>{children}</Context>;
}

export function usePalette(): Holder {
  return useContext(Context);
}

/** Tells the palette whom and what this screen is about, as long as it is open. */
export function usePaletteScope({ athlete, catalogue, exerciseId, oneRepMax }: PaletteScope): void {
  const { setScope } = useContext(Context);
  useEffect(() => {
    setScope({ athlete, catalogue, exerciseId, oneRepMax });
    return () => setScope(null);
  }, [setScope, athlete, catalogue, exerciseId, oneRepMax]);
}
