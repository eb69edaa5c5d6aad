'use client';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sign-in';

import '@mantine/core/styles/PasswordInput.layer.css';
import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useActionState, useState } from 'react';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import { outcomeSentence } from '@/ui/words/outcomes';
import { EASY_PASSWORD } from '@/ui/words/sign-up';

export interface SignUpAnswer {
  readonly status:
    | 'ready'
    | 'incomplete'
    | 'too short'
    | 'too easy'
    | 'differ'
    | 'taken'
    | 'ended'
    | 'unavailable';
}

const READY: SignUpAnswer = { status: 'ready' };

interface SignUpProps {
  readonly action: (before: SignUpAnswer, data: FormData) => Promise<SignUpAnswer>;
  /** Fewest characters of a password. */
  readonly least: number;
  /** The action that signs up. */
  readonly children: React.ReactNode;
  /** Whether only a password is asked for: the coach is known. */
  readonly isKnown?: boolean;
}

/** A coach signs up: the first of an installation, or one with an invitation. */
export function SignUp({ action, least, children, isKnown = false }: SignUpProps) {
  const [{ status }, submit, busy] = useActionState(action, READY);
  // Kept here because forms are reset after their action.
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const sentence = {
    ready: null,
    incomplete: isKnown ? screenWords.enterThePasswordTwice : screenWords.enterANameAnEmail,
    'too short': screenWords.passwordTooShort(least),
    'too easy': EASY_PASSWORD,
    differ: common.theTwoPasswordsDoNot,
    taken: screenWords.anAccountWithThisAddress,
    ended: common.thisLinkHasExpiredAsk,
    unavailable: outcomeSentence({ status: 'unavailable' }),
  }[status];
  return (
    <Entrance action={submit}>
      <p>{children}</p>
      {isKnown ? null : (
        <>
          <TextInput
            label={common.name}
            name="name"
            autoComplete="name"
            required
            autoFocus
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <TextInput
            label={screenWords.email}
            name="email"
            type="email"
            autoComplete="username"
            required
            value={email}
            onChange={(event) => setEmail(event.target.value)}
          />
        </>
      )}
      <PasswordInput label={common.password} name="password" autoComplete="new-password" required size="sm" />
      <PasswordInput
        label={screenWords.repeatPassword}
        name="again"
        autoComplete="new-password"
        required
        size="sm"
      />
      <EntranceProblem>{sentence}</EntranceProblem>
      <Button type="submit" variant="filled" size="sm" loading={busy} fullWidth>
        {isKnown ? screenWords.setPassword : screenWords.signUp}
      </Button>
    </Entrance>
  );
}
