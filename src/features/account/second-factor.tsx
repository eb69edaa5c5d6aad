'use client';

import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Unsure } from '@/core';
import { Section } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { type Outcome, outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/account';
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
    /** Unused recovery codes. */
    readonly left: number;
    /** Whether the team requires it. */
    readonly isRequired: boolean;
  };
  readonly actions: SecondFactorActions;
}

const WRONG = screenWords.thisCodeIsWrongOr;

/** A code in addition to the password: set up with an authenticator app, and removed with one of its codes. */
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
      aria-label={screenWords.codeFromYourAuthenticatorApp}
      placeholder={screenWords.code}
      autoComplete="one-time-code"
      value={code}
      onChange={(event) => setCode(event.target.value)}
    />
  );
  return (
    <Section title={screenWords.secondFactor} aside={screenWords.aCodeFromAnApp}>
      {begun !== null ? (
        <div className={classes.begun}>
          {/* biome-ignore lint/performance/noImgElement: a picture made of text, nothing is fetched */}
          <img src={begun.picture} alt={screenWords.qrCodeWithTheSecret} width={180} height={180} />
          <div>
            <p>
              {screenWords.scanItWithAnAuthenticator} <code>{begun.secret}</code>
            </p>
            <div className={classes.line}>
              {codeField}
              <Button
                variant="filled"
                aria-disabled={confirming.isBusy}
                onClick={() => void confirm(begun.secret)}
              >
                {screenWords.turnOn}
              </Button>
            </div>
          </div>
        </div>
      ) : isOn ? (
        <div className={classes.line}>
          <span>
            {screenWords.onLeft(
              plural(left, 'recovery code'),
              state.isRequired ? screenWords.yourTeamRequiresIt : '',
            )}
          </span>
          {codeField}
          <Button variant="link" aria-disabled={ending.isBusy} onClick={() => void end()}>
            {screenWords.turnOff}
          </Button>
        </div>
      ) : (
        <div className={classes.line}>
          <span>{screenWords.off(state.isRequired ? screenWords.yourTeamRequiresItSet : '')}</span>
          <Button variant="link" aria-disabled={beginning.isBusy} onClick={() => void begin()}>
            {screenWords.setUp}
          </Button>
        </div>
      )}
      {codes.length === 0 ? null : (
        <div role="status">
          <p>{screenWords.writeTheseCodesDownEach}</p>
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
