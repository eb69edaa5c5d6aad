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
  /** What else people type when they look for it. */
  readonly searches: readonly string[];
  /** The keys that do the same, if any. */
  readonly keys: string;
  readonly run: () => void;
}

/** What screens hand to the palette; it never changes, so that handing something over draws no screen again. */
interface Giver {
  readonly setScope: (scope: PaletteScope | null) => void;
  /** Read when the palette opens: screens put theirs here as they are drawn. */
  readonly commands: { current: readonly Command[] };
}

interface Holder extends Giver {
  readonly scope: PaletteScope | null;
  readonly open: boolean;
  readonly setOpen: (open: boolean) => void;
}

const NOBODY: Giver = { setScope: () => undefined, commands: { current: [] } };
const Giving = createContext<Giver>(NOBODY);
const Holding = createContext<Holder>({ ...NOBODY, scope: null, open: false, setOpen: () => undefined });

/** Holds the palette's scope for the screens below it. */
export function PaletteHolder({ children }: { readonly children: React.ReactNode }) {
  const [scope, setScope] = useState<PaletteScope | null>(null);
  const [open, setOpen] = useState(false);
  const commands = useRef<readonly Command[]>([]);
  const giver = useMemo(() => ({ setScope, commands }), []);
  const holder = useMemo(() => ({ ...giver, scope, open, setOpen }), [giver, scope, open]);
  return (
    <Giving value={giver}>
      <Holding value={holder}>{children}</Holding>
    </Giving>
  );
}

export function usePalette(): Holder {
  return useContext(Holding);
}

/** Tells the palette whom and what this screen is about, as long as it is open. */
export function usePaletteScope({ athlete, catalogue, exerciseId, oneRepMax }: PaletteScope): void {
  const { setScope } = useContext(Giving);
  useEffect(() => {
    setScope({ athlete, catalogue, exerciseId, oneRepMax });
  }, [setScope, athlete, catalogue, exerciseId, oneRepMax]);
  useEffect(() => () => setScope(null), [setScope]);
}

/** Offers what this screen can do in the palette, as long as it is open. */
export function usePaletteCommands(commands: readonly Command[]): void {
  const { commands: held } = useContext(Giving);
  useEffect(() => {
    held.current = commands;
    return () => {
      held.current = [];
    };
  });
}
