'use client';

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
  /** What signing up leads into. */
  readonly children: React.ReactNode;
  /** Whether a password alone is asked for: who it is for is known. */
  readonly isKnown?: boolean;
}

/** A coach signs up: the first of an installation, or one who is let in by a link. */
export function SignUp({ action, least, children, isKnown = false }: SignUpProps) {
  const [{ status }, submit, busy] = useActionState(action, READY);
  // Held here, since a form's fields are emptied after its action.
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const sentence = {
    ready: null,
    incomplete: isKnown
      ? 'The password is needed twice.'
      : 'A name, an email address and the password twice are needed.',
    'too short': `The password needs at least ${least} characters.`,
    'too easy': EASY_PASSWORD,
    differ: 'The two passwords do not match.',
    taken: 'Somebody has signed up with this address, or in this place, meanwhile. Reload the page.',
    ended: 'The link does not let anybody in any more. Ask for a new one.',
    unavailable: outcomeSentence({ status: 'unavailable' }),
  }[status];
  return (
    <Entrance action={submit}>
      <p>{children}</p>
      {isKnown ? null : (
        <>
          <TextInput
            label="Name"
            name="name"
            autoComplete="name"
            required
            autoFocus
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <TextInput
            label="Email"
            name="email"
            type="email"
            autoComplete="username"
            required
            value={email}
            onChange={(event) => setEmail(event.target.value)}
          />
        </>
      )}
      <PasswordInput label="Password" name="password" autoComplete="new-password" required size="sm" />
      <PasswordInput label="Password again" name="again" autoComplete="new-password" required size="sm" />
      <EntranceProblem>{sentence}</EntranceProblem>
      <Button type="submit" variant="filled" size="sm" loading={busy} fullWidth>
        {isKnown ? 'Set it' : 'Sign up'}
      </Button>
    </Entrance>
  );
}
