'use client';

import { Button, TextInput } from '@mantine/core';
import { useActionState } from 'react';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import { outcomeSentence } from '@/ui/words/outcomes';

export interface CodeAnswer {
  readonly status: 'ready' | 'wrong' | 'ended' | 'unavailable';
}

const READY: CodeAnswer = { status: 'ready' };

interface CodeFormProps {
  readonly action: (before: CodeAnswer, data: FormData) => Promise<CodeAnswer>;
  /** Back to the password. */
  readonly signOut: () => Promise<void>;
}

/** The second step of a sign-in: a code of the second factor. */
export function CodeForm({ action, signOut }: CodeFormProps) {
  const [{ status }, submit, busy] = useActionState(action, READY);
  const sentence = {
    ready: null,
    wrong: 'This code is not right, or it was used already. Wait for the next one.',
    ended: 'Too many tries, or too long a wait. Begin again with the password.',
    unavailable: outcomeSentence({ status: 'unavailable' }),
  }[status];
  return (
    <Entrance action={submit}>
      <TextInput
        label="Code of your second factor, or a recovery code"
        name="code"
        autoComplete="one-time-code"
        inputMode="text"
        required
        autoFocus
      />
      <EntranceProblem>{sentence}</EntranceProblem>
      <Button type="submit" variant="filled" size="sm" loading={busy} fullWidth>
        Sign in
      </Button>
      <Button variant="link" onClick={() => void signOut()}>
        Begin again
      </Button>
    </Entrance>
  );
}
