'use client';

import { createContext, useContext, useEffect, useMemo, useRef, useState } from 'react';
import type { Athlete, Catalogue } from '@/core';

/** The athlete and exercise the palette's load tool uses: set by the open screen. */
export interface PaletteScope {
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  /** The focused exercise, if any. */
  readonly exerciseId: string | null;
  /** Its one-rep max if the screen knows a better one than the best set, including bodyweight. */
  readonly oneRepMax: number | null;
}

/** A command of the open screen, found by its name. */
export interface Command {
  readonly name: string;
  /** Other search words for it. */
  readonly searches: readonly string[];
  /** Its shortcut, if any. */
  readonly keys: string;
  readonly run: () => void;
}

/** What screens pass to the palette; the object is stable, so that passing something renders no screen again. */
interface Giver {
  readonly setScope: (scope: PaletteScope | null) => void;
  /** Read when the palette opens: screens write to it as they render. */
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

/** Provides the palette's scope to the screens below it. */
export function PaletteProvider({ children }: { readonly children: React.ReactNode }) {
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

/** Tells the palette the athlete and exercise of this screen while it is open. */
export function usePaletteScope({ athlete, catalogue, exerciseId, oneRepMax }: PaletteScope): void {
  const { setScope } = useContext(Giving);
  useEffect(() => {
    setScope({ athlete, catalogue, exerciseId, oneRepMax });
  }, [setScope, athlete, catalogue, exerciseId, oneRepMax]);
  useEffect(() => () => setScope(null), [setScope]);
}

/** Offers this screen's commands in the palette while it is open. */
export function usePaletteCommands(commands: readonly Command[]): void {
  const { commands: held } = useContext(Giving);
  useEffect(() => {
    held.current = commands;
    return () => {
      held.current = [];
    };
  });
}
