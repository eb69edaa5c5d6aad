'use client';

import { useState } from 'react';
import {
  type BlockPlan,
  type Catalogue,
  comparePlans,
  differenceEdit,
  isUnchanged,
  type RevisionLine,
  runChecks,
  type Training,
  unfold,
} from '@/core';
import { useTimes } from '@/ui/clock';
import { SelectField } from '@/ui/form';
import { useAction, useAnswer } from '@/ui/use-action';
import { effectSentences } from '@/ui/words/effects';
import { namesOf } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/ladder';
import type { BlockActions } from '../contract';
import classes from './ladder.module.css';

/** Another version of the block with its plan and its name. */
export interface Other {
  readonly name: string;
  readonly blockPlan: BlockPlan;
  /** The differences as sentences; empty if it is another block altogether. */
  readonly sentences: readonly string[];
}

interface CompareProps {
  readonly training: Training;
  readonly blockPlan: BlockPlan;
  readonly catalogue: Catalogue;
  readonly actions: Pick<BlockActions, 'revisions' | 'revision' | 'blockBefore'>;
  readonly other: Other | null;
  readonly onOther: (other: Other | null) => void;
}

const LAST = common.previousBlock;
const NONE = screenWords.nothing;

/** Chooses what to compare with: a revision of this block, or the athlete's previous block. */
export function Compare({ training, blockPlan, catalogue, actions, other, onOther }: CompareProps) {
  const { when } = useTimes();
  const [lines, setLines] = useState<readonly RevisionLine[] | null>(null);
  const [message, setMessage] = useState('');
  const [chosen, setChosen] = useState(NONE);
  const before = useAction(actions.blockBefore);
  const revision = useAction(actions.revision);
  useAnswer('revisions', actions.revisions, (answer) =>
    setLines(answer.status === 'found' ? answer.lines : []),
  );
  const choose = async (value: string) => {
    setChosen(value);
    setMessage('');
    if (value === NONE) return onOther(null);
    if (value === LAST) {
      const answer = await before.ask();
      if (answer.status !== 'found') {
        setMessage(answer.status === 'gone' ? common.thereIsNoEarlierBlock : outcomeSentence(answer));
        return onOther(null);
      }
      const then = unfold({ ...answer.training, exercises: catalogue.find });
      return onOther({ name: answer.training.block.name, blockPlan: then, sentences: [] });
    }
    const answer = await revision.ask(Number(value));
    if (answer.status !== 'found') {
      setMessage(outcomeSentence(answer));
      return onOther(null);
    }
    const { block } = answer;
    const { athlete } = training;
    const exercises = catalogue.find;
    const then = unfold({ ...training, block, exercises });
    const changes = comparePlans(
      { blockPlan: then, findings: runChecks({ block, athlete, blockPlan: then, exercises }) },
      { blockPlan, findings: runChecks({ block: training.block, athlete, blockPlan, exercises }) },
    );
    const same = isUnchanged(changes) && differenceEdit(block, training.block) === null;
    onOther({
      name: screenWords.revision(value),
      blockPlan: then,
      sentences: same
        ? [screenWords.noDifferences]
        : effectSentences(changes, common.thePlan, namesOf(catalogue)),
    });
  };
  const options = [NONE, LAST, ...(lines ?? []).map(({ revision }) => String(revision - 1))];
  return (
    <div className={classes.compare}>
      <span>{common.compareWith}</span>
      <SelectField
        label={common.compareWith}
        value={chosen}
        options={[...new Set([...options, chosen])]}
        names={(option) => {
          if (option === NONE || option === LAST) return option;
          const line = lines?.find(({ revision }) => revision - 1 === Number(option));
          return screenWords.revisionOption(
            option,
            line === undefined ? '' : screenWords.beforeTime(when(line.at)),
          );
        }}
        onValue={(value) => void choose(value)}
      />
      {message === '' ? null : <span role="alert">{message}</span>}
      {other === null ? null : (
        <p role="status" className={classes.differs}>
          {screenWords.fromToNow(other.name, other.sentences.join(' '))}
        </p>
      )}
    </div>
  );
}
