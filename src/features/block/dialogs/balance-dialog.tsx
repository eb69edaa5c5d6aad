'use client';
import * as screenWords from '@/ui/words/screens/block-dialogs';
import * as common from '@/ui/words/screens/common';

import '@mantine/core/styles/Checkbox.layer.css';
import { Button, Checkbox, Modal } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import type { BalanceProposal, Block, Edit, Result } from '@/core';
import { useAnswer } from '@/ui/use-action';
import { changeLine, shortfallSentence } from '@/ui/words/balance';
import { figure, plural } from '@/ui/words/figures';
import { capital, type ExerciseNames } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import type { BlockActions } from '../contract';
import classes from './balance-dialog.module.css';
import picker from './technique-picker.module.css';

interface BalanceDialogProps {
  readonly block: Block;
  readonly names: ExerciseNames;
  /** Resolves when all edits are saved, so that the server sees what the coach sees. */
  readonly untilSaved: () => Promise<unknown>;
  readonly propose: BlockActions['proposeBalance'];
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onClose: () => void;
}

type State =
  | { readonly status: 'working' }
  | { readonly status: 'failed'; readonly because: string }
  | { readonly status: 'found'; readonly proposal: BalanceProposal };

const NOTHING = screenWords.noSolutionFoundAnOpen;

/** Fills open slots and balances sets: changes to apply as a whole or in part. */
export default function BalanceDialog(props: BalanceDialogProps) {
  const { block, names, untilSaved, propose, attempt, onClose } = props;
  const [state, setState] = useState<State>({ status: 'working' });
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState('');
  useAnswer(
    'proposal',
    () => untilSaved().then(propose),
    (answer) => {
      if (answer.status !== 'found') setState({ status: 'failed', because: outcomeSentence(answer) });
      else if (answer.proposal === null) setState({ status: 'failed', because: NOTHING });
      else setState({ status: 'found', proposal: answer.proposal });
    },
  );

  // The dialog opens before the result is there.
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (state.status === 'found') first.current?.focus();
  }, [state]);

  const take = (proposal: BalanceProposal) => {
    const edits = proposal.changes.filter(({ id }) => !left.has(id)).flatMap((change) => change.edits);
    if (edits.length === 0) return onClose();
    const made = attempt({ kind: 'batch', edits });
    if (made.ok) onClose();
    else setProblem(made.problems.map(problemSentence).join(' '));
  };
  const flip = (id: string) =>
    setLeft((before) => {
      const after = new Set(before);
      if (!after.delete(id)) after.add(id);
      return after;
    });

  return (
    <Modal opened onClose={onClose} title={screenWords.fillAndRebalance} size="lg">
      {state.status === 'working' ? <p role="status">{screenWords.workingOutSetsTimeAnd}</p> : null}
      {state.status === 'failed' ? <p role="alert">{state.because}</p> : null}
      {state.status === 'found' ? (
        <form
          onKeyDown={(event) => event.stopPropagation()}
          onSubmit={(event) => {
            event.preventDefault();
            take(state.proposal);
          }}
        >
          <p className={classes.said}>
            {state.proposal.changes.length === 0
              ? screenWords.everyGrowingMuscleIsAs
              : screenWords.bringTheGrowingMusclesTo(plural(state.proposal.changes.length, 'change'))}
          </p>
          {block.sessions.map((session) => {
            const mine = state.proposal.changes.filter(({ sessionId }) => sessionId === session.id);
            return mine.length === 0 ? null : (
              <fieldset key={session.id} className={classes.session}>
                <legend>{session.name}</legend>
                {mine.map((change) => (
                  <Checkbox
                    key={change.id}
                    className={classes.change}
                    label={changeLine(change, names)}
                    checked={!left.has(change.id)}
                    onChange={() => flip(change.id)}
                  />
                ))}
              </fieldset>
            );
          })}
          {state.proposal.shortfalls.map((short) => (
            <p key={short.muscle} className={classes.short}>
              {shortfallSentence(short)}
            </p>
          ))}
          <Muscles proposal={state.proposal} />
          {problem === '' ? null : <p role="alert">{problem}</p>}
          <div className={picker.foot}>
            <Button type="submit" variant="filled" ref={first}>
              {state.proposal.changes.length === 0 ? common.close : common.apply}
            </Button>
            {state.proposal.changes.length === 0 ? null : (
              <Button variant="quiet" onClick={onClose}>
                {common.cancel}
              </Button>
            )}
          </div>
        </form>
      ) : null}
    </Modal>
  );
}

/** Weekly sets of muscles that come closer to their targets, or change by at least half a set. */
function Muscles({ proposal }: { readonly proposal: BalanceProposal }) {
  const changed = proposal.muscles.filter(
    ({ from, to, target }) => Math.abs(from - to) >= 0.5 || (from < target && to > from),
  );
  return (
    <ul className={classes.muscles} aria-label={screenWords.setsAWeek}>
      {changed.map(({ muscle, from, to, target }) => (
        <li key={muscle}>
          {capital(muscle)} {figure(from, 1)} → <strong>{figure(to, 1)}</strong>
          <span className={classes.target}>
            {target === 0 ? common.held : screenWords.targetSets(figure(target, 1))}
          </span>
        </li>
      ))}
    </ul>
  );
}
