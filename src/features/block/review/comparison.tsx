import { Button, Table } from '@mantine/core';
import { useMemo, useState } from 'react';
import {
  addAdherence,
  blockToReview,
  type Catalogue,
  type LocalDate,
  type Review,
  reviewBlock,
  type Training,
  unfold,
} from '@/core';
import { useAction } from '@/ui/use-action';
import { figure } from '@/ui/words/figures';
import { capital, type ExerciseNames } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/review';
import type { BlockActions } from '../contract';
import classes from './review.module.css';

interface BesideProps {
  readonly review: Review;
  readonly name: string;
  readonly catalogue: Catalogue;
  readonly names: ExerciseNames;
  readonly today: LocalDate;
  readonly before: BlockActions['blockBefore'];
}

/** This block and the previous one side by side: work done, volume tolerated, lifts. */
export function Comparison({ review, name, catalogue, names, today, before }: BesideProps) {
  const [training, setTraining] = useState<Training | null>(null);
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(before);
  const other = useMemo(() => {
    if (training === null) return null;
    const blockPlan = unfold({ ...training, exercises: catalogue.find });
    return reviewBlock(blockToReview({ ...training, blockPlan, catalogue, today }));
  }, [training, catalogue, today]);
  const look = async () => {
    const answer = await ask();
    if (answer.status === 'found') setTraining(answer.training);
    else setProblem(answer.status === 'gone' ? common.thereIsNoEarlierBlock : outcomeSentence(answer));
  };
  if (other === null || training === null)
    return (
      <p className={classes.make}>
        <Button variant="link" aria-disabled={isBusy} onClick={() => void look()}>
          {screenWords.comparedWithThePreviousBlock}
        </Button>{' '}
        <span role="status" className={classes.soft}>
          {problem}
        </span>
      </p>
    );
  return (
    <section aria-label={screenWords.comparedWithThePreviousBlock}>
      <h2>{screenWords.comparedWithThePreviousBlock}</h2>
      <Table className={classes.table}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col" />
            <Table.Th scope="col">{name}</Table.Th>
            <Table.Th scope="col">{training.block.name}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {rowsOf(review, other, names).map(([row, mine, theirs]) => (
            <Table.Tr key={row}>
              <Table.Th scope="row">{row}</Table.Th>
              <Table.Td>{mine}</Table.Td>
              <Table.Td>{theirs}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}

const percent = (value: number | null) => (value === null ? '' : `${figure(value, 0)} %`);
const signed = (value: number | null) =>
  value === null ? '' : `${value < 0 ? '−' : '+'}${figure(Math.abs(value), 1)} %`;

function rowsOf(
  mine: Review,
  theirs: Review,
  names: ExerciseNames,
): readonly (readonly [string, string, string])[] {
  const both = (row: string, of: (review: Review) => string) => [row, of(mine), of(theirs)] as const;
  const share = ({ done }: Review) => {
    const { sets } = addAdherence(done);
    return sets.planned === 0 ? null : (100 * sets.done) / sets.planned;
  };
  const muscles = mine.muscles.filter(({ muscle }) => theirs.muscles.some((one) => one.muscle === muscle));
  const lifts = mine.lifts.filter(({ exerciseId }) =>
    theirs.lifts.some((one) => one.exerciseId === exerciseId),
  );
  return [
    both(screenWords.setsDone, (of) => percent(share(of))),
    both(screenWords.sessionTimeAgainstPlan, ({ minutes }) => percent(minutes.share)),
    ...lifts.map(({ exerciseId }) =>
      both(screenWords.gainColumn(capital(names(exerciseId))), (of) =>
        signed(of.lifts.find((one) => one.exerciseId === exerciseId)?.gain ?? null),
      ),
    ),
    ...muscles.map(({ muscle }) =>
      both(screenWords.mostSetsAWeek(capital(muscle)), (of) => {
        const found = of.muscles.find((one) => one.muscle === muscle);
        const most = Math.max(0, ...(found?.weeks ?? []).map(({ done }) => done ?? 0));
        return found?.fell == null
          ? figure(most, 1)
          : screenWords.belowTargetAt(figure(most, 1), figure(found.fell.sets, 1));
      }),
    ),
  ];
}
