'use client';
import * as screenWords from '@/ui/words/screens/account';
import * as common from '@/ui/words/screens/common';

import '@mantine/core/styles/PasswordInput.layer.css';
import { Button, PasswordInput } from '@mantine/core';
import { useActionState, useState } from 'react';
import { CONVENTION_IDS, CONVENTIONS, type Conventions, type Unanswered } from '@/core';
import { ConventionsTable } from '@/ui/conventions-table';
import { formClasses as classes, FormRow, Section } from '@/ui/form';
import { Bar } from '@/ui/shell/bar';
import { outcomeSentence } from '@/ui/words/outcomes';
import { EASY_PASSWORD } from '@/ui/words/sign-up';
import { SecondFactor, type SecondFactorActions, type SecondFactorProps } from './second-factor';
import { Sessions, type SessionsProps } from './sessions';
import { type HouseProps, Team } from './team';

export interface AccountAnswer {
  readonly status:
    | 'none'
    | 'incomplete'
    | 'differ'
    | 'changed'
    | 'wrong'
    | 'too short'
    | 'too easy'
    | 'gone'
    | 'unavailable'
    | 'wait';
}

interface AccountProps {
  /** Fewest characters of a password. */
  readonly least: number;
  readonly action: (before: AccountAnswer, data: FormData) => Promise<AccountAnswer>;
  /** Rules for all athletes. */
  readonly conventions: Partial<Conventions>;
  readonly keepConventions: (conventions: Partial<Conventions>) => Promise<ConventionsAnswer>;
  readonly sessions: SessionsProps['sessions'];
  readonly endSession: SessionsProps['end'];
  readonly house: HouseProps['house'];
  readonly letIn: HouseProps['letIn'];
  readonly requireFactor: HouseProps['requireFactor'];
  readonly factor: SecondFactorProps['state'];
  readonly factorActions: SecondFactorActions;
}

export type ConventionsAnswer = { readonly status: 'kept' } | Unanswered;

/** The coach's account: the password, and rules for all athletes. */
export function Account(props: AccountProps) {
  const { least, action, conventions, keepConventions, house, letIn, requireFactor, factor, factorActions } =
    props;
  const [answer, submit, busy] = useActionState(action, { status: 'none' } as AccountAnswer);
  const { status } = answer;
  const problem = {
    current:
      status === 'wrong'
        ? screenWords.thatIsNotYourCurrent
        : status === 'wait'
          ? screenWords.tooManyTriesWaitA
          : status === 'incomplete'
            ? screenWords.fillInAllThreeFields
            : undefined,
    next:
      status === 'too short'
        ? screenWords.passwordTooShort(least)
        : status === 'too easy'
          ? EASY_PASSWORD
          : undefined,
    again: status === 'differ' ? common.theTwoPasswordsDoNot : undefined,
  };
  const field = (name: keyof typeof problem, label: string, complete: string) => (
    <FormRow label={label} htmlFor={name} problem={problem[name]}>
      <PasswordInput
        id={name}
        name={name}
        className={classes.wide}
        autoComplete={complete}
        error={problem[name] !== undefined}
      />
    </FormRow>
  );
  return (
    <>
      <Bar crumbs={[{ name: common.account }]} />
      <main style={{ padding: 16, maxWidth: 980 }}>
        <form action={submit} noValidate style={{ maxWidth: 520 }}>
          <Section title={screenWords.changePassword} aside={screenWords.signsOutYourOtherDevices}>
            {field('current', screenWords.currentPassword, 'current-password')}
            {field('next', screenWords.newPassword, 'new-password')}
            {field('again', screenWords.repeatTheNewPassword, 'new-password')}
          </Section>
          <Button type="submit" variant="filled" disabled={busy}>
            {screenWords.changePassword}
          </Button>
          <p role="status">
            {status === 'changed' ? screenWords.passwordChanged : ''}
            {status === 'unavailable' ? outcomeSentence({ status }) : ''}
          </p>
        </form>
        <SecondFactor state={factor} actions={factorActions} />
        <Sessions sessions={props.sessions} end={props.endSession} />
        <Team house={house} letIn={letIn} isRequired={factor.isRequired} requireFactor={requireFactor} />
        <RulesForAll conventions={conventions} keep={keepConventions} />
      </main>
    </>
  );
}

interface ForAllProps {
  readonly conventions: AccountProps['conventions'];
  readonly keep: AccountProps['keepConventions'];
}

/** Rules for all athletes, saved as they are typed; those of an athlete or a block win over them. */
function RulesForAll({ conventions, keep }: ForAllProps) {
  const [own, setOwn] = useState(conventions);
  const [said, setSaid] = useState('');
  const put = (next: Partial<Conventions>) => {
    setOwn(next);
    setSaid(common.saving);
    keep(next).then(
      (answer) => {
        if (answer.status === 'kept') return setSaid(screenWords.savedWeeksThatHaveNot);
        setOwn(own);
        setSaid(outcomeSentence(answer));
      },
      () => {
        setOwn(own);
        setSaid(outcomeSentence({ status: 'unreachable' }));
      },
    );
    return [];
  };
  return (
    <Section title={screenWords.rulesAndNumbersForAll} aside={screenWords.whatYouSetForOne}>
      <p role="status">{said}</p>
      <ConventionsTable
        ids={CONVENTION_IDS}
        own={own}
        otherwise={(id) => ({ value: CONVENTIONS[id].default, from: 'usual' })}
        onOwn={put}
      />
    </Section>
  );
}
