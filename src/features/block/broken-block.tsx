'use client';

import { Button } from '@mantine/core';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Problem, Unanswered } from '@/core';
import { Bar } from '@/ui/shell/bar';
import { useAction } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/block';
import * as common from '@/ui/words/screens/common';
import classes from './block.module.css';

interface BrokenBlockProps {
  readonly broken: {
    readonly revision: number;
    readonly problems: readonly Problem[];
    readonly good: { readonly revision: number } | null;
  };
  readonly restore: () => Promise<{ readonly status: 'restored' } | { readonly status: 'gone' } | Unanswered>;
}

const MOST = 12;

/** A block whose document cannot be read: what is wrong, and a way back to the last readable revision. */
export function BrokenBlock({ broken, restore }: BrokenBlockProps) {
  const router = useRouter();
  const restoring = useAction(restore);
  const [message, setMessage] = useState<string | null>(null);
  const { revision, problems, good } = broken;
  const goBack = async () => {
    if (restoring.isBusy) return;
    const said = await restoring.ask();
    if (said.status === 'restored') router.refresh();
    else setMessage(outcomeSentence(said));
  };
  return (
    <div className={classes.page}>
      <Bar crumbs={[{ name: common.block }]} about={screenWords.revision(revision)} />
      <main className={classes.empty}>
        <h2>{screenWords.thisBlockCannotBeRead}</h2>
        <p>{screenWords.theStoredBlockBreaksA}</p>
        <ul>
          {problems.slice(0, MOST).map((problem) => (
            <li key={`${problem.path}/${problem.code}`}>
              {problemSentence(problem)} <span className={classes.quiet}>({problem.path})</span>
            </li>
          ))}
        </ul>
        {problems.length > MOST ? <p>{screenWords.moreChanges(problems.length - MOST)}</p> : null}
        {good === null ? (
          <p>{screenWords.noRevisionOfThisBlock}</p>
        ) : (
          <Button variant="link" aria-disabled={restoring.isBusy} onClick={() => void goBack()}>
            {screenWords.goBackToRevisionThe(good.revision)}
          </Button>
        )}
        {message === null ? null : <p role="alert">{message}</p>}
      </main>
    </div>
  );
}
