'use client';

import '@mantine/core/styles/PasswordInput.layer.css';
import { Button, PasswordInput } from '@mantine/core';
import { useActionState } from 'react';
import { formClasses as classes, Line, Section } from '@/ui/form';
import { Bar } from '@/ui/shell/bar';
import { outcomeSentence } from '@/ui/words/outcomes';

export interface AccountAnswer {
  readonly status:
    | 'none'
    | 'incomplete'
    | 'differ'
    | 'changed'
    | 'wrong'
    | 'too short'
    | 'gone'
    | 'unavailable';
}

interface AccountProps {
  /** Fewest characters of a password. */
  readonly least: number;
  readonly action: (before: AccountAnswer, data: FormData) => Promise<AccountAnswer>;
}

/** The coach's own account: the password. */
export function Account({ least, action }: AccountProps) {
  const [answer, submit, busy] = useActionState(action, { status: 'none' } as AccountAnswer);
  const { status } = answer;
  const problem = {
    current:
      status === 'wrong'
        ? 'This is not the password you have now.'
        : status === 'incomplete'
          ? 'All three are needed.'
          : undefined,
    next: status === 'too short' ? `At least ${least} characters.` : undefined,
    again: status === 'differ' ? 'The two do not match.' : undefined,
  };
  const field = (name: keyof typeof problem, label: string, complete: string) => (
    <Line label={label} htmlFor={name} problem={problem[name]}>
      <PasswordInput
        id={name}
        name={name}
        className={classes.wide}
        autoComplete={complete}
        error={problem[name] !== undefined}
      />
    </Line>
  );
  return (
    <>
      <Bar crumbs={[{ name: 'Account' }]} />
      <main style={{ padding: 16, maxWidth: 520 }}>
        <form action={submit} noValidate>
          <Section title="Change the password" aside="other devices are signed out">
            {field('current', 'Password now', 'current-password')}
            {field('next', 'New password', 'new-password')}
            {field('again', 'New password again', 'new-password')}
          </Section>
          <Button type="submit" variant="filled" disabled={busy}>
            Change it
          </Button>
          <p role="status">
            {status === 'changed' ? 'The password is changed.' : ''}
            {status === 'unavailable' ? outcomeSentence({ status }) : ''}
          </p>
        </form>
      </main>
    </>
  );
}
