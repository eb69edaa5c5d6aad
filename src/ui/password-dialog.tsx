'use client';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/parts';

import '@mantine/core/styles/PasswordInput.layer.css';
import { Button, Modal, PasswordInput } from '@mantine/core';
import { useState } from 'react';
import type { Unanswered } from '@/core';
import { outcomeSentence, waitSentence } from './words/outcomes';

/** Confirms the password on the server. */
export type TellPassword = (
  password: string,
) => Promise<
  | { readonly status: 'told' }
  | { readonly status: 'wrong' }
  | { readonly status: 'gone' }
  | { readonly status: 'wait'; readonly seconds: number }
  | Unanswered
>;

interface PasswordDialogProps {
  readonly tell: TellPassword;
  /** @param isTold false: cancelled */
  readonly onEnd: (isTold: boolean) => void;
}

/** Asks for the password before a sensitive action. */
export default function PasswordDialog({ tell, onEnd }: PasswordDialogProps) {
  const [password, setPassword] = useState('');
  const [problem, setProblem] = useState('');
  const [isBusy, setBusy] = useState(false);
  const send = async () => {
    if (isBusy) return;
    setBusy(true);
    const answer = await tell(password).catch(() => ({ status: 'unreachable' }) as const);
    setBusy(false);
    if (answer.status === 'told') return onEnd(true);
    if (answer.status === 'wrong') setProblem(screenWords.thatIsNotYourPassword);
    else if (answer.status === 'wait') setProblem(waitSentence(answer.seconds));
    else setProblem(outcomeSentence(answer));
  };
  return (
    <Modal opened onClose={() => onEnd(false)} title={screenWords.enterYourPassword} size="sm">
      <p>{screenWords.thisDeviceHasBeenSigned}</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void send();
        }}
      >
        <PasswordInput
          label={common.password}
          w="100%"
          autoComplete="current-password"
          data-autofocus
          value={password}
          error={problem === '' ? null : problem}
          onChange={(event) => setPassword(event.target.value)}
        />
        <p>
          <Button type="submit" variant="filled" aria-disabled={isBusy}>
            {common.continueWord}
          </Button>{' '}
          <Button variant="link" onClick={() => onEnd(false)}>
            {common.cancel}
          </Button>
        </p>
      </form>
    </Modal>
  );
}
