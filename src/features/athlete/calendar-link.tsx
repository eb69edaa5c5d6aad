'use client';

import { Button, CopyButton } from '@mantine/core';
import { useState } from 'react';
import { formClasses as classes, Section } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { longDay } from '@/ui/words/dates';
import { type Outcome, outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import type { AthleteActions, AthleteData } from './contract';

interface CalendarLinkProps {
  readonly links: AthleteData['calendarLinks'];
  readonly link: AthleteActions['createCalendarLink'];
  readonly end: AthleteActions['revokeCalendarLinks'];
}

/** The private link for calendar subscriptions; shown once, when it is created. */
export default function CalendarLink({ links: first, link, end }: CalendarLinkProps) {
  const [links, setLinks] = useState(first);
  const [url, setUrl] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const making = useAction(link);
  const ending = useAction(end);
  const failed = (answer: Outcome) => setProblem(outcomeSentence(answer));
  const make = async () => {
    if (making.isBusy) return;
    setProblem('');
    const answer = await making.ask();
    if (answer.status !== 'made') return failed(answer);
    setUrl(answer.url);
    setLinks([{ createdAt: new Date().toISOString(), seenAt: null }]);
  };
  const stop = async () => {
    if (ending.isBusy) return;
    setProblem('');
    const answer = await ending.ask();
    if (answer.status !== 'ended') return failed(answer);
    setUrl(null);
    setLinks([]);
  };
  const [standing] = links;
  return (
    <Section
      title={screenWords.calendar}
      aside={
        <Button variant="link" onClick={() => void make()}>
          {standing === undefined ? screenWords.createPrivateLink : screenWords.createNewLink}
        </Button>
      }
    >
      {url === null ? null : (
        <div className={own.calendar}>
          <code>{url}</code>
          <CopyButton value={url}>
            {({ copied, copy }) => (
              <Button variant="link" onClick={copy}>
                {copied ? common.copied : common.copy}
              </Button>
            )}
          </CopyButton>
          <span className={classes.aside}>{screenWords.shownOnlyNowAnyoneWith}</span>
        </div>
      )}
      {standing === undefined ? (
        <p className={classes.aside}>{screenWords.noCalendarIsSubscribed}</p>
      ) : (
        <p>
          {screenWords.linkCreated(
            longDay(standing.createdAt.slice(0, 10)),
            standing.seenAt === null
              ? screenWords.notUsedYet
              : screenWords.lastUsed(longDay(standing.seenAt.slice(0, 10))),
          )}{' '}
          <Button variant="link" onClick={() => void stop()}>
            {screenWords.removeLink}
          </Button>
        </p>
      )}
      <p role="alert">{problem}</p>
    </Section>
  );
}
