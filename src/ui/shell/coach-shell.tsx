'use client';

import { createContext, useContext, useMemo } from 'react';

/** The signed-in coach, and sign-out. */
interface Shell {
  readonly coach: string;
  readonly signOut: (() => Promise<void>) | null;
}

const Shells = createContext<Shell>({ coach: '', signOut: null });

interface CoachShellProps {
  readonly coach: string;
  readonly signOut: () => Promise<void>;
  readonly children: React.ReactNode;
}

/** What every coach screen's header shares. */
export function CoachShell({ coach, signOut, children }: CoachShellProps) {
  const shell = useMemo(() => ({ coach, signOut }), [coach, signOut]);
  return <Shells value={shell}>{children}</Shells>;
}

export function useShell(): Shell {
  return useContext(Shells);
}
