'use client';

import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Unsure } from '@/core';
import { Section } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { type Outcome, outcomeSentence } from '@/ui/words/outcomes';
import classes from './second-factor.module.css';

export interface SecondFactorActions {
  readonly begin: () => Promise<
    | { readonly status: 'begun'; readonly secret: string; readonly picture: string }
    | { readonly status: 'gone' }
    | Unsure
  >;
  readonly confirm: (
    secret: string,
    code: string,
  ) => Promise<
    { readonly status: 'on'; readonly codes: readonly string[] } | { readonly status: 'wrong' } | Unsure
  >;
  readonly end: (code: string) => Promise<{ readonly status: 'off' } | { readonly status: 'wrong' } | Unsure>;
}

export interface SecondFactorProps {
  readonly state: {
    readonly isOn: boolean;
    /** Recovery codes that are left. */
    readonly left: number;
    /** Whether the house asks for it. */
    readonly isRequired: boolean;
  };
  readonly actions: SecondFactorActions;
}

const WRONG = 'This code is not right, or it was used already.';

/** A code beside the password: set up with an app that makes them, and ended by one. */
export function SecondFactor({ state, actions }: SecondFactorProps) {
  const [{ isOn, left }, setState] = useState(state);
  const [begun, setBegun] = useState<{ readonly secret: string; readonly picture: string } | null>(null);
  const [codes, setCodes] = useState<readonly string[]>([]);
  const [code, setCode] = useState('');
  const [problem, setProblem] = useState('');
  const beginning = useAction(actions.begin);
  const confirming = useAction(actions.confirm);
  const ending = useAction(actions.end);
  const tell = (answer: Outcome | { readonly status: 'wrong' }) =>
    setProblem(answer.status === 'wrong' ? WRONG : outcomeSentence(answer));
  const begin = async () => {
    setProblem('');
    const answer = await beginning.ask();
    if (answer.status === 'begun') setBegun(answer);
    else tell(answer);
  };
  const confirm = async (secret: string) => {
    setProblem('');
    const answer = await confirming.ask(secret, code);
    if (answer.status !== 'on') return tell(answer);
    setCode('');
    setBegun(null);
    setCodes(answer.codes);
    setState({ ...state, isOn: true, left: answer.codes.length });
  };
  const end = async () => {
    setProblem('');
    const answer = await ending.ask(code);
    if (answer.status !== 'off') return tell(answer);
    setCode('');
    setCodes([]);
    setState({ ...state, isOn: false, left: 0 });
  };
  const codeField = (
    <TextInput
      aria-label="Code of the second factor"
      placeholder="code"
      autoComplete="one-time-code"
      value={code}
      onChange={(event) => setCode(event.target.value)}
    />
  );
  return (
    <Section title="Second factor" aside="a code from an app beside the password">
      {begun !== null ? (
        <div className={classes.begun}>
          {/* biome-ignore lint/performance/noImgElement: a picture made of text, nothing is fetched */}
          <img src={begun.picture} alt="The secret as a code to photograph" width={180} height={180} />
          <div>
            <p>
              Photograph it with an app that makes codes, or type the secret into one:{' '}
              <code>{begun.secret}</code>
            </p>
            <div className={classes.line}>
              {codeField}
              <Button
                variant="filled"
                aria-disabled={confirming.isBusy}
                onClick={() => void confirm(begun.secret)}
              >
                Turn it on
              </Button>
            </div>
          </div>
        </div>
      ) : isOn ? (
        <div className={classes.line}>
          <span>
            It is on; {plural(left, 'recovery code')} left.
            {state.isRequired ? ' Your house asks for it.' : ''}
          </span>
          {codeField}
          <Button variant="link" aria-disabled={ending.isBusy} onClick={() => void end()}>
            Turn it off
          </Button>
        </div>
      ) : (
        <div className={classes.line}>
          <span>
            It is off.
            {state.isRequired ? ' Your house asks for it: nothing else is shown before it is on.' : ''}
          </span>
          <Button variant="link" aria-disabled={beginning.isBusy} onClick={() => void begin()}>
            Set it up
          </Button>
        </div>
      )}
      {codes.length === 0 ? null : (
        <div role="status">
          <p>
            Write these down: each stands in for a code once, should the app be lost. They are shown this
            once.
          </p>
          <ul className={classes.codes}>
            {codes.map((one) => (
              <li key={one}>
                <code>{one}</code>
              </li>
            ))}
          </ul>
        </div>
      )}
      <p role="alert" className={classes.problem}>
        {problem}
      </p>
    </Section>
  );
}
