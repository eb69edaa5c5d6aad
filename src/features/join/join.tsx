'use client';

import { Button, TextInput } from '@mantine/core';
import { useActionState, useState } from 'react';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import { outcomeSentence, waitSentence } from '@/ui/words/outcomes';

export type JoinAnswer =
  | { readonly status: 'ready' | 'incomplete' | 'unknown' | 'used' | 'ended' | 'unavailable' }
  | { readonly status: 'wait'; readonly seconds: number };

/** A link or code before it is used. */
export type InviteState =
  | { readonly status: 'open'; readonly athleteName: string; readonly coachName: string }
  | { readonly status: 'unknown' | 'used' | 'ended' };

type JoinAction = (before: JoinAnswer, data: FormData) => Promise<JoinAnswer>;

function sentence(answer: JoinAnswer | InviteState): string | null {
  switch (answer.status) {
    case 'ready':
    case 'open':
      return null;
    case 'incomplete':
      return 'The code is needed.';
    case 'unknown':
      return 'This link or code is not known. Ask your coach for a new link.';
    case 'used':
      return 'This link or code was used already. Each is good once: ask for a new one.';
    case 'ended':
      return 'This link or code has ended. Ask for a new one.';
    case 'unavailable':
      return outcomeSentence({ status: 'unavailable' });
    case 'wait':
      return waitSentence(answer.seconds);
  }
}

interface LinkProps {
  readonly token: string;
  readonly state: InviteState;
  readonly action: JoinAction;
}

/** What a personal link opens: whose phone this becomes, and one button. */
export function JoinByLink({ token, state, action }: LinkProps) {
  const [answer, submit, busy] = useActionState(action, { status: 'ready' } as JoinAnswer);
  const problem = sentence(answer) ?? sentence(state);
  const join = (data: FormData) => {
    data.set('token', token);
    submit(data);
  };
  return (
    <Entrance action={join} large>
      {state.status === 'open' && answer.status === 'ready' ? (
        <>
          <p>
            {state.coachName} trains {state.athleteName} here. On this phone you will see your own weeks and
            log your sets; it stays signed in for 90 days from its last use.
          </p>
          <Button type="submit" variant="filled" size="md" loading={busy} fullWidth>
            I am {state.athleteName}
          </Button>
        </>
      ) : null}
      <EntranceProblem>{problem}</EntranceProblem>
      {problem === null ? null : <a href="/join">I have a code from my other phone</a>}
    </Entrance>
  );
}

/** A code from a phone that is in already. */
export function JoinByCode({ action }: { readonly action: JoinAction }) {
  const [answer, submit, busy] = useActionState(action, { status: 'ready' } as JoinAnswer);
  const [code, setCode] = useState('');
  return (
    <Entrance action={submit} large>
      <p>
        Open the link your coach sent you. Or, where another phone of yours is signed in: make a code there,
        under Phones, and type it here.
      </p>
      <TextInput
        label="Code"
        name="token"
        size="md"
        autoComplete="one-time-code"
        autoCapitalize="characters"
        spellCheck={false}
        value={code}
        onChange={(event) => setCode(event.target.value)}
      />
      <EntranceProblem>{sentence(answer)}</EntranceProblem>
      <Button type="submit" variant="filled" size="md" loading={busy} fullWidth>
        Come in
      </Button>
      <a href="/sign-in">I am a coach</a>
    </Entrance>
  );
}
