'use client';

import { Button, TextInput } from '@mantine/core';
import { useActionState } from 'react';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/sign-in';

export interface CodeAnswer {
  readonly status: 'ready' | 'wrong' | 'ended' | 'unavailable';
}

const READY: CodeAnswer = { status: 'ready' };

interface CodeFormProps {
  readonly action: (before: CodeAnswer, data: FormData) => Promise<CodeAnswer>;
  /** Back to the password. */
  readonly signOut: () => Promise<void>;
}

/** The second step of signing in: a second-factor code. */
export function CodeForm({ action, signOut }: CodeFormProps) {
  const [{ status }, submit, busy] = useActionState(action, READY);
  const sentence = {
    ready: null,
    wrong: screenWords.thisCodeIsWrongOr,
    ended: screenWords.tooManyTriesOrIt,
    unavailable: outcomeSentence({ status: 'unavailable' }),
  }[status];
  return (
    <Entrance action={submit}>
      <TextInput
        label={screenWords.codeFromYourAuthenticatorApp}
        name="code"
        autoComplete="one-time-code"
        inputMode="text"
        required
        autoFocus
      />
      <EntranceProblem>{sentence}</EntranceProblem>
      <Button type="submit" variant="filled" size="sm" loading={busy} fullWidth>
        {screenWords.signIn}
      </Button>
      <Button variant="link" onClick={() => void signOut()}>
        {screenWords.startAgain}
      </Button>
    </Entrance>
  );
}
