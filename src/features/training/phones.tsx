'use client';

import { Button } from '@mantine/core';
import Link from 'next/link';
import { useState } from 'react';
import type { Unanswered } from '@/core';
import { useClock } from '@/ui/clock';
import { OneOf } from '@/ui/toggles';
import { longDay } from '@/ui/words/dates';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import classes from './training.module.css';

/** A signed-in phone. Times as ISO texts. */
export interface Phone {
  readonly id: string;
  readonly name: string;
  readonly since: string;
  readonly seen: string;
}

export interface CodeAnswer {
  readonly status: 'made';
  readonly code: string;
  readonly until: string;
}

interface PhonesProps {
  readonly phones: readonly Phone[];
  /** Whether it is this one. */
  readonly here: string;
  readonly makeCode: () => Promise<CodeAnswer | Unanswered>;
  readonly revoke: (
    phoneId: string,
  ) => Promise<{ readonly status: 'revoked'; readonly phones: readonly Phone[] } | Unanswered>;
  readonly leave: () => Promise<void>;
}

/** `ABCDE FGHJK`: easier to type from another phone's screen. */
const spaced = (code: string) => `${code.slice(0, 5)} ${code.slice(5)}`;

/** The athlete's phones: add one by a code, sign a lost one out. */
export function Phones({ phones: first, here, makeCode, revoke, leave }: PhonesProps) {
  const [phones, setPhones] = useState(first);
  const [code, setCode] = useState<CodeAnswer | null>(null);
  const [clock, setClock] = useClock();
  const [problem, setProblem] = useState('');
  const ask = <T extends { readonly status: string }>(
    work: Promise<T | Unanswered>,
    done: (answer: T) => void,
  ) => {
    setProblem('');
    work.then(
      (answer) => {
        if (
          answer.status === 'unavailable' ||
          answer.status === 'signed out' ||
          answer.status === 'malformed'
        )
          setProblem(outcomeSentence(answer as Unanswered));
        else done(answer as T);
      },
      () => setProblem(outcomeSentence({ status: 'unreachable' })),
    );
  };
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{common.phones}</h1>
      </div>
      <OneOf
        label={common.timeFormat}
        value={clock}
        options={['24', '12']}
        names={(value) => (value === '12' ? common.clockOf12Hours : common.clockOf24Hours)}
        onValue={setClock}
      />
      <p>{screenWords.thesePhonesAreSignedIn}</p>
      <ul className={classes.list}>
        {phones.map((phone) => (
          <li key={phone.id} className={classes.item}>
            <span className={classes.itemHead}>
              <span>
                {phone.name}
                {phone.id === here ? screenWords.thisOne : ''}
              </span>
              {phone.id === here ? null : (
                <Button
                  variant="link"
                  onClick={() => ask(revoke(phone.id), ({ phones: left }) => setPhones(left))}
                  aria-label={screenWords.signOut(phone.name)}
                >
                  {common.signOut}
                </Button>
              )}
            </span>
            <span className={classes.soft}>
              {screenWords.sinceLastUsed(longDay(phone.since.slice(0, 10)), longDay(phone.seen.slice(0, 10)))}
            </span>
          </li>
        ))}
      </ul>
      {code === null ? (
        <Button variant="filled" size="md" onClick={() => ask(makeCode(), setCode)}>
          {screenWords.codeForAnotherPhone}
        </Button>
      ) : (
        <p role="status">
          {screenWords.onTheOtherPhoneOpen} <strong className={classes.code}>{spaced(code.code)}</strong>
          {screenWords.itWorksOnceWithinTen}
        </p>
      )}
      <p role="alert">{problem}</p>
      <div className={classes.grow} />
      <div className={classes.foot}>
        <form
          action={leave}
          onSubmit={() => navigator.serviceWorker?.controller?.postMessage({ forget: true })}
        >
          <Button variant="link" type="submit">
            {screenWords.signOutThisPhone}
          </Button>
        </form>
        <a href="/training/my-data" className={classes.link} download>
          {screenWords.exportMyData}
        </a>
        <Link href="/training" className={classes.link} prefetch={false}>
          {common.weekText}
        </Link>
      </div>
    </main>
  );
}
