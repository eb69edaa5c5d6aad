'use client';

import { NativeSelect } from '@mantine/core';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { SHARINGS, type Sharing } from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/athlete';
import own from './athlete.module.css';
import type { AthleteActions, AthleteData } from './contract';
import { Transfer } from './transfer';

interface ColleaguesProps {
  readonly name: string;
  readonly data: Pick<AthleteData, 'colleagues' | 'shares' | 'shared'>;
  readonly actions: Pick<AthleteActions, 'transfer' | 'share'>;
}

const MAY: Readonly<Record<Sharing | 'not', string>> = {
  not: screenWords.cannotSeeThisAthlete,
  read: 'reads',
  full: screenWords.canEditEverything,
};
const isSharing = (text: string): text is Sharing => SHARINGS.some((one) => one === text);

/** Teammates and this athlete: who sees them, how, and to whom they can be transferred. */
export default function SharingSection({ name, data, actions }: ColleaguesProps) {
  const { colleagues, shared } = data;
  const [shares, setShares] = useState(data.shares);
  const [said, setSaid] = useState('');
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(actions.share);
  const router = useRouter();
  if (shared !== null || colleagues.length === 0) return null;
  const put = async (coachId: string, chosen: string) => {
    if (isBusy) return;
    const may = isSharing(chosen) ? chosen : null;
    const before = shares;
    const others = shares.filter((one) => one.coachId !== coachId);
    setShares(may === null ? others : [...others, { coachId, may }]);
    setSaid('');
    const answer = await ask(coachId, may);
    if (answer.status !== 'shared') setShares(before);
    setProblem(answer.status === 'shared' ? '' : outcomeSentence(answer));
    setSaid(answer.status === 'shared' ? screenWords.saved : '');
    // Actions are listed under Progress.
    router.refresh();
  };
  return (
    <Section title={screenWords.otherCoachesInTheTeam}>
      {colleagues.map((one) => (
        <NativeSelect
          key={one.id}
          className={own.colleague}
          label={one.name}
          value={shares.find(({ coachId }) => coachId === one.id)?.may ?? 'not'}
          onChange={(event) => void put(one.id, event.target.value)}
          data={Object.entries(MAY).map(([value, label]) => ({ value, label }))}
        />
      ))}
      <span role="status" className={classes.soft}>
        {said}
      </span>
      {problem === '' ? null : (
        <p role="alert" className={classes.problem}>
          {problem}
        </p>
      )}
      <Transfer name={name} colleagues={colleagues} handOver={actions.transfer} />
    </Section>
  );
}
