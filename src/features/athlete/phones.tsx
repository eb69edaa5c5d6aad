'use client';

import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Unanswered } from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { longDay } from '@/ui/words/dates';
import { outcomeSentence } from '@/ui/words/outcomes';
import own from './athlete.module.css';
import type { AthleteActions, InviteAnswer, Phone } from './contract';

interface PhonesProps {
  readonly name: string;
  readonly phones: readonly Phone[];
  readonly invite: AthleteActions['invite'];
  readonly revoke: AthleteActions['revoke'];
}

type Made = Extract<InviteAnswer, { status: 'made' }>;

/** The athlete's phones: a personal link to sign one in, and what is signed in. */
export default function Phones({ name, phones: first, invite, revoke }: PhonesProps) {
  const [phones, setPhones] = useState(first);
  const [made, setMade] = useState<Made | null>(null);
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
      title="Phones"
      aside={
        <Button variant="link" onClick={makeLink}>
          {made === null ? 'Make a personal link' : 'Make a new link'}
        </Button>
      }
    >
      {made === null ? null : (
        <div className={own.link}>
          {/* biome-ignore lint/performance/noImgElement: a picture made of text, nothing is fetched */}
          <img
            src={made.picture}
            alt={`The link as a code to photograph, for ${name}`}
            width={148}
            height={148}
          />
          <div>
            <TextInput
              label={`Personal link for ${name}`}
              readOnly
              className={own.linkText}
              value={made.url}
              onFocus={(event) => event.target.select()}
            />
            <p className={classes.soft}>
              Good once, until {longDay(made.until.slice(0, 10))}. Whoever opens it on a phone trains as{' '}
              {name} there: send it to them alone. A new link ends this one.
            </p>
          </div>
        </div>
      )}
      {phones.length === 0 ? (
        <p className={classes.soft}>No phone is signed in yet.</p>
      ) : (
        phones.map((phone) => (
          <div key={phone.id} className={own.entry}>
            <span className={classes.wide}>{phone.name}</span>
            <span className={classes.soft}>
              since {longDay(phone.since.slice(0, 10))}, last seen {longDay(phone.seen.slice(0, 10))}
            </span>
            <Button
              variant="link"
              aria-label={`Sign out ${phone.name}`}
              onClick={() => signOut({ phoneId: phone.id })}
            >
              Sign out
            </Button>
          </div>
        ))
      )}
      {phones.length > 1 ? (
        <Button variant="link" onClick={() => signOut('all')}>
          Sign out all of them
        </Button>
      ) : null}
      <p className={classes.problem} role="alert">
        {problem}
      </p>
    </Section>
  );
}
