import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Unsure } from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { longDay } from '@/ui/words/dates';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/account';
import * as common from '@/ui/words/screens/common';
import own from './sessions.module.css';

/** A signed-in device. Times as ISO texts. */
interface SignedInDevice {
  readonly name: string;
  readonly device: string;
  readonly since: string;
  readonly seen: string;
  readonly isThis: boolean;
}

export interface SessionsProps {
  readonly sessions: readonly SignedInDevice[];
  readonly end: (
    name: string,
  ) => Promise<{ readonly status: 'ended'; readonly sessions: readonly SignedInDevice[] } | Unsure>;
}

/** Devices on which the coach is signed in; each can be signed out. */
export function Sessions({ sessions: given, end }: SessionsProps) {
  const [sessions, setSessions] = useState(given);
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(end);
  const out = async (name: string) => {
    if (isBusy) return;
    const answer = await ask(name);
    if (answer.status === 'ended') setSessions(answer.sessions);
    setProblem(answer.status === 'ended' ? '' : outcomeSentence(answer));
  };
  return (
    <Section title={screenWords.whereYouAreSignedIn} aside={screenWords.youAreSignedOutAfter}>
      <ul className={own.list}>
        {sessions.map(({ name, device, since, seen, isThis }) => (
          <li key={name} className={own.line}>
            <span>{device === '' ? screenWords.unknownDevice : device}</span>
            <span className={classes.soft}>
              {screenWords.sinceLastUsed(longDay(since.slice(0, 10)), longDay(seen.slice(0, 10)))}
            </span>
            {isThis ? (
              <span>{screenWords.thisDevice}</span>
            ) : (
              <Button variant="link" aria-disabled={isBusy} onClick={() => void out(name)}>
                {common.signOut}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {problem === '' ? null : (
        <p role="alert" className={classes.problem}>
          {problem}
        </p>
      )}
    </Section>
  );
}
