import { Button, Table } from '@mantine/core';
import { useState } from 'react';
import {
  type BlockPlan,
  type Catalogue,
  callOutcome,
  conventionsOf,
  type Training,
  watchOutcome,
} from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { outcomeText } from '@/ui/words/call-outcomes';
import { callLine } from '@/ui/words/calls';
import { shortDay } from '@/ui/words/dates';
import { capital, namesOf } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/athlete';
import { alertText } from '@/ui/words/watch';
import { watchOutcomeText } from '@/ui/words/watch-outcomes';
import own from './athlete.module.css';
import type { AthleteData } from './contract';

interface AnswersProps extends Pick<AthleteData, 'dayAnswers' | 'exposures' | 'today'> {
  readonly running: Training;
  readonly blockPlan: BlockPlan;
  readonly catalogue: Catalogue;
}

/** The coach's decisions in the block with their results, latest first. */
export function Decisions({ running, blockPlan, catalogue, dayAnswers, exposures, today }: AnswersProps) {
  const [all, setAll] = useState(false);
  const names = namesOf(catalogue);
  const { block, athlete, log, checkIns } = running;
  const conventions = conventionsOf({ own: athlete.conventions, block: block.conventions });
  const watch = { block, athlete, blockPlan, log, checkIns, exposures, conventions, today };
  const told = [...running.answers].reverse().filter(({ proposal }) => proposal.kind !== 'load' || all);
  return (
    <Section title={screenWords.decisions} aside={screenWords.andWhatCameOfThem}>
      {running.answers.length + dayAnswers.length === 0 ? (
        <p className={classes.soft}>{screenWords.noDecisionsYet}</p>
      ) : null}
      <Table className={classes.table}>
        <Table.Tbody>
          {[...dayAnswers].reverse().map((answer) => {
            const { says, options } = alertText(answer.call, { names, cycleDays: block.cycleDays });
            const taken = options.find(({ id }) => id === answer.optionId)?.words;
            return (
              <Table.Tr key={answer.id}>
                <Table.Th scope="row" className={own.name}>
                  {says}
                </Table.Th>
                <Table.Td>
                  {taken ?? screenWords.keptAsItWas}, {shortDay(answer.date)}
                </Table.Td>
                <Table.Td className={classes.soft}>
                  {watchOutcomeText(watchOutcome(answer, watch), names)}
                </Table.Td>
              </Table.Tr>
            );
          })}
          {told.map((answer) => {
            const { subject, change } = callLine(answer.proposal, catalogue);
            return (
              <Table.Tr key={answer.id}>
                <Table.Th scope="row" className={own.name}>
                  {capital(subject)}
                </Table.Th>
                <Table.Td>
                  {screenWords.valueInWeek(
                    answer.outcome === 'declined' ? screenWords.keptAsItWas : change,
                    answer.proposal.week,
                  )}
                </Table.Td>
                <Table.Td className={classes.soft}>{outcomeText(callOutcome(answer, blockPlan))}</Table.Td>
              </Table.Tr>
            );
          })}
        </Table.Tbody>
      </Table>
      {running.answers.some(({ proposal }) => proposal.kind === 'load') ? (
        <Button variant="link" aria-pressed={all} onClick={() => setAll(!all)}>
          {all ? screenWords.hideLoads : screenWords.showLoads}
        </Button>
      ) : null}
    </Section>
  );
}
