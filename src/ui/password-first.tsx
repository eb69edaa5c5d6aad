'use client';

import dynamic from 'next/dynamic';
import { createContext, useCallback, useContext, useState } from 'react';
import type { Unsure } from '@/core';
import type { TellPassword } from './password-dialog';

const PasswordDialog = dynamic(() => import('./password-dialog'), { ssr: false });

const Asking = createContext<() => Promise<boolean>>(async () => false);

interface PasswordHolderProps {
  readonly tell: TellPassword;
  readonly children: React.ReactNode;
}

/** Content that can ask for the password: see useAction. */
export function PasswordProvider({ tell, children }: PasswordHolderProps) {
  const [answer, setAnswer] = useState<((isTold: boolean) => void) | null>(null);
  const ask = useCallback(() => new Promise<boolean>((resolve) => setAnswer(() => resolve)), []);
  const end = (isTold: boolean) => {
    answer?.(isTold);
    setAnswer(null);
  };
  return (
    <Asking value={ask}>
      {children}
      {answer === null ? null : <PasswordDialog tell={tell} onEnd={end} />}
    </Asking>
  );
}

/** Asks for the password; resolves to whether it was confirmed. */
export function useAskPassword(): () => Promise<boolean> {
  return useContext(Asking);
}

/** Whether an answer requires the password first. */
export function needsPassword(answer: unknown): boolean {
  const { status } = (answer ?? {}) as Partial<Unsure>;
  return status === 'password first';
}
