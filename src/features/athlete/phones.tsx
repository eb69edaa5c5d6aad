'use client';

import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Unanswered } from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { longDay } from '@/ui/words/dates';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import type { AthleteActions, InviteAnswer, Phone } from './contract';

interface PhonesProps {
  readonly name: string;
  readonly phones: readonly Phone[];
  readonly invite: AthleteActions['createPhoneLink'];
  readonly revoke: AthleteActions['revoke'];
}

type CreatedInvite = Extract<InviteAnswer, { status: 'made' }>;

/** The athlete's phones: a personal link to sign one in, and those signed in. */
export default function Phones({ name, phones: first, invite, revoke }: PhonesProps) {
  const [phones, setPhones] = useState(first);
  const [made, setMade] = useState<CreatedInvite | null>(null);
  const [problem, setProblem] = useState('');
  const failed = (answer: Unanswered | { readonly status: 'gone' | 'unreachable' }) =>
    setProblem(outcomeSentence(answer));
  const makeLink = () => {
    setProblem('');
    invite().then(
      (answer) => (answer.status === 'made' ? setMade(answer) : failed(answer)),
      () => failed({ status: 'unreachable' }),
    );
  };
  const signOut = (which: Parameters<AthleteActions['revoke']>[0]) => {
    setProblem('');
    revoke(which).then(
      (answer) => {
        if (answer.status !== 'revoked') return failed(answer);
        setPhones(answer.phones);
        if (which === 'all') setMade(null);
      },
      () => failed({ status: 'unreachable' }),
    );
  };
  return (
    <Section
      title={common.phones}
      aside={
        <Button variant="link" onClick={makeLink}>
          {made === null ? screenWords.createPersonalLink : screenWords.createNewLink}
        </Button>
      }
    >
      {made === null ? null : (
        <div className={own.link}>
          {/* biome-ignore lint/performance/noImgElement: a picture made of text, nothing is fetched */}
          <img src={made.picture} alt={screenWords.qrCodeOfTheLink(name)} width={148} height={148} />
          <div>
            <TextInput
              label={screenWords.personalLinkFor(name)}
              readOnly
              className={own.linkText}
              value={made.url}
              onFocus={(event) => event.target.select()}
            />
            <p className={classes.soft}>
              {screenWords.worksOnceUntilWhoeverOpens(longDay(made.until.slice(0, 10)), name)}
            </p>
          </div>
        </div>
      )}
      {phones.length === 0 ? (
        <p className={classes.soft}>{screenWords.noPhoneIsSignedIn}</p>
      ) : (
        phones.map((phone) => (
          <div key={phone.id} className={own.entry}>
            <span className={classes.wide}>{phone.name}</span>
            <span className={classes.soft}>
              {screenWords.sinceLastUsed(longDay(phone.since.slice(0, 10)), longDay(phone.seen.slice(0, 10)))}
            </span>
            <Button
              variant="link"
              aria-label={screenWords.signOut(phone.name)}
              onClick={() => signOut({ phoneId: phone.id })}
            >
              {common.signOut}
            </Button>
          </div>
        ))
      )}
      {phones.length > 1 ? (
        <Button variant="link" onClick={() => signOut('all')}>
          {screenWords.signOutAll}
        </Button>
      ) : null}
      <p className={classes.problem} role="alert">
        {problem}
      </p>
    </Section>
  );
}
