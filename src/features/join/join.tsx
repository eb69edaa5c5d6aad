'use client';

import { Button, TextInput } from '@mantine/core';
import { useActionState, useState } from 'react';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import { outcomeSentence, waitSentence } from '@/ui/words/outcomes';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/join';

export type JoinAnswer =
  | { readonly status: 'ready' | 'incomplete' | 'unknown' | 'used' | 'ended' | 'unavailable' }
  | { readonly status: 'wait'; readonly seconds: number };

/** An unused link or code. */
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
      return screenWords.enterTheCode;
    case 'unknown':
      return screenWords.thisLinkOrCodeIs;
    case 'used':
      return screenWords.thisLinkOrCodeWas;
    case 'ended':
      return screenWords.thisLinkOrCodeHas;
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

/** The page of a personal link: whose phone this becomes, and one button. */
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
          <p>{screenWords.coachesHereOnThisPhone(state.coachName, state.athleteName)}</p>
          <Button type="submit" variant="filled" size="md" loading={busy} fullWidth>
            {screenWords.iAm(state.athleteName)}
          </Button>
        </>
      ) : null}
      <EntranceProblem>{problem}</EntranceProblem>
      {problem === null ? null : <a href="/join">{screenWords.iHaveACodeFrom}</a>}
    </Entrance>
  );
}

/** A code from a phone that is signed in. */
export function JoinByCode({ action }: { readonly action: JoinAction }) {
  const [answer, submit, busy] = useActionState(action, { status: 'ready' } as JoinAnswer);
  const [code, setCode] = useState('');
  return (
    <Entrance action={submit} large>
      <p>{screenWords.openTheLinkYourCoach}</p>
      <TextInput
        label={screenWords.code}
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
        {common.continueWord}
      </Button>
      <a href="/sign-in">{screenWords.iAmACoach}</a>
    </Entrance>
  );
}
