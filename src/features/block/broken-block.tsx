'use client';

import { Button } from '@mantine/core';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Problem, Unanswered } from '@/core';
import { Bar } from '@/ui/shell/bar';
import { useAction } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
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

/** A block whose document cannot be read: what is wrong with it, and the way back to the last revision that can. */
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
      <Bar crumbs={[{ name: 'Block' }]} about={`revision ${revision}`} />
      <main className={classes.empty}>
        <h2>This block cannot be read</h2>
        <p>What is stored of it breaks a rule that every block keeps. Nothing of it is lost.</p>
        <ul>
          {problems.slice(0, MOST).map((problem) => (
            <li key={`${problem.path}/${problem.code}`}>
              {problemSentence(problem)} <span className={classes.quiet}>({problem.path})</span>
            </li>
          ))}
        </ul>
        {problems.length > MOST ? <p>{problems.length - MOST} more.</p> : null}
        {good === null ? (
          <p>No revision of it can be read. Please tell who runs this installation.</p>
        ) : (
          <Button variant="link" aria-disabled={restoring.isBusy} onClick={() => void goBack()}>
            Go back to revision {good.revision}, the last that can be read
          </Button>
        )}
        {message === null ? null : <p role="alert">{message}</p>}
      </main>
    </div>
  );
}
