'use client';

import '@mantine/core/styles/PasswordInput.layer.css';
import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useActionState, useState } from 'react';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import { outcomeSentence } from '@/ui/words/outcomes';

export interface FirstCoachAnswer {
  readonly status: 'ready' | 'incomplete' | 'too short' | 'differ' | 'taken' | 'unavailable';
}

const READY: FirstCoachAnswer = { status: 'ready' };

interface FirstCoachProps {
  readonly action: (before: FirstCoachAnswer, data: FormData) => Promise<FirstCoachAnswer>;
  /** Fewest characters of a password. */
  readonly least: number;
}

/** The first coach of an installation nobody has signed up to. */
export function FirstCoach({ action, least }: FirstCoachProps) {
  const [{ status }, submit, busy] = useActionState(action, READY);
  // Held here, since a form's fields are emptied after its action.
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const sentence = {
    ready: null,
    incomplete: 'A name, an email address and the password twice are needed.',
    'too short': `The password needs at least ${least} characters.`,
    differ: 'The two passwords do not match.',
    taken: 'Somebody has signed up meanwhile. Reload the page to sign in.',
    unavailable: outcomeSentence({ status: 'unavailable' }),
  }[status];
  return (
    <Entrance action={submit}>
      <p>Nobody has signed up here yet. Whoever does now is its first coach.</p>
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
      <PasswordInput label="Password" name="password" autoComplete="new-password" required size="sm" />
      <PasswordInput label="Password again" name="again" autoComplete="new-password" required size="sm" />
      <EntranceProblem>{sentence}</EntranceProblem>
      <Button type="submit" variant="filled" size="sm" loading={busy} fullWidth>
        Sign up
      </Button>
    </Entrance>
  );
}
