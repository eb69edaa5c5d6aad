'use client';

import { createContext, useContext, useEffect, useMemo, useRef, useState } from 'react';
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

/** Something the screen that is open can do, found by its name. */
export interface Command {
  readonly name: string;
  /** The keys that do the same, if any. */
  readonly keys: string;
  readonly run: () => void;
}

interface Holder {
  /** Read when the palette opens: screens put theirs here as they are drawn. */
  readonly commands: { current: readonly Command[] };
  readonly scope: PaletteScope | null;
  readonly setScope: (scope: PaletteScope | null) => void;
  readonly open: boolean;
  readonly setOpen: (open: boolean) => void;
}

const Context = createContext<Holder>({
  commands: { current: [] },
  scope: null,
  setScope: () => undefined,
  open: false,
  setOpen: () => undefined,
});

/** Holds the palette's scope for the screens below it. */
export function PaletteHolder({ children }: { readonly children: React.ReactNode }) {
  const [scope, setScope] = useState<PaletteScope | null>(null);
  const [open, setOpen] = useState(false);
  const commands = useRef<readonly Command[]>([]);
  const holder = useMemo(() => ({ commands, scope, setScope, open, setOpen }), [scope, open]);
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

/** Offers what this screen can do in the palette, as long as it is open. */
export function usePaletteCommands(commands: readonly Command[]): void {
  const { commands: held } = useContext(Context);
  useEffect(() => {
    held.current = commands;
    return () => {
      held.current = [];
    };
  });
}
