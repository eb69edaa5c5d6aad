'use client';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sign-in';

import '@mantine/core/styles/PasswordInput.layer.css';
import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useActionState, useEffect, useState } from 'react';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import { outcomeSentence, waitSentence } from '@/ui/words/outcomes';

export type SignInAnswer =
  | { readonly status: 'ready' | 'incomplete' | 'wrong' | 'unavailable' }
  | { readonly status: 'wait'; readonly seconds: number };

function sentence(answer: SignInAnswer): string | null {
  switch (answer.status) {
    case 'ready':
      return null;
    case 'incomplete':
      return screenWords.enterYourEmailAddressAnd;
    case 'wrong':
      return screenWords.wrongEmailAddressOrPassword;
    case 'unavailable':
      return outcomeSentence({ status: 'unavailable' });
    case 'wait':
      return waitSentence(answer.seconds);
  }
}

interface SignInProps {
  readonly action: (before: SignInAnswer, data: FormData) => Promise<SignInAnswer>;
  /** Where it leads. */
  readonly to: string;
}

export function SignIn({ action, to }: SignInProps) {
  const [answer, submit, busy] = useActionState(action, { status: 'ready' });
  // Kept here because forms are reset after their action: a wrong password must not clear the address.
  const [email, setEmail] = useState('');
  // The part after # only exists in the browser.
  const [part, setPart] = useState('');
  useEffect(() => setPart(window.location.hash), []);
  const problem = sentence(answer);
  return (
    <Entrance action={submit}>
      <input type="hidden" name="to" value={`${to}${part}`} />
      <TextInput
        label={screenWords.email}
        name="email"
        type="email"
        autoComplete="username"
        required
        autoFocus
        value={email}
        onChange={(event) => setEmail(event.target.value)}
      />
      <PasswordInput
        label={common.password}
        name="password"
        autoComplete="current-password"
        required
        size="sm"
      />
      <EntranceProblem>{problem}</EntranceProblem>
      <Button type="submit" variant="filled" size="sm" loading={busy} fullWidth>
        {screenWords.signIn}
      </Button>
    </Entrance>
  );
}
