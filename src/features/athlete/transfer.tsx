import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { useAction } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import type { AthleteActions, AthleteData } from './contract';

interface HandOverProps {
  readonly name: string;
  readonly colleagues: AthleteData['colleagues'];
  readonly handOver: AthleteActions['transfer'];
}

/** Transfers the athlete with everything to another coach of the team, after a confirmation. */
export function Transfer({ name, colleagues, handOver }: HandOverProps) {
  const [to, setTo] = useState(colleagues[0]?.id ?? '');
  const [isAsked, setAsked] = useState(false);
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(handOver);
  const colleague = colleagues.find(({ id }) => id === to);
  if (colleague === undefined) return null;
  const hand = async () => {
    if (isBusy) return;
    const answer = await ask(to);
    // Does not return when it navigates away.
    if (answer !== undefined) setProblem(outcomeSentence(answer));
  };
  return (
    <div className={own.actions}>
      <NativeSelect
        aria-label={screenWords.transferTo}
        value={to}
        onChange={(event) => {
          setTo(event.target.value);
          setAsked(false);
        }}
        data={colleagues.map(({ id, name: label }) => ({ value: id, label }))}
      />
      {isAsked ? (
        <>
          <span>{screenWords.movesToWithAllData(name, colleague.name)}</span>
          <Button variant="filled" aria-disabled={isBusy} onClick={() => void hand()}>
            {screenWords.transfer}
          </Button>
          <Button variant="link" onClick={() => setAsked(false)}>
            {common.cancel}
          </Button>
        </>
      ) : (
        <Button variant="link" onClick={() => setAsked(true)}>
          {screenWords.transferAthlete}
        </Button>
      )}
      <span role="alert">{problem}</span>
    </div>
  );
}
