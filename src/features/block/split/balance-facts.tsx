import { Table } from '@mantine/core';
import {
  type Catalogue,
  type CheckInput,
  HARDEST,
  type Hardest,
  isLopsided,
  REP_ZONES,
  rangeCoverage,
  repZoneShares,
  sessionsOf,
  slotFigures,
  timesAYear,
  weeklyBalance,
} from '@/core';
import { formClasses as form, Section } from '@/ui/form';
import { Term } from '@/ui/term';
import { figure, listed, plural } from '@/ui/words/figures';
import { namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/split';
import classes from './frame.module.css';

interface BalanceFactsProps {
  readonly input: CheckInput;
  readonly catalogue: Catalogue;
}

/** The plan as a whole: opposing sides, rep zones, compounds, sessions a year. */
export function BalanceFacts({ input, catalogue }: BalanceFactsProps) {
  const names = namesOf(catalogue);
  const { ratios, halves } = weeklyBalance(input.week);
  const { zones, compounds, goal } = repZoneShares(input);
  const { strengthZone, sizeZone } = input.conventions;
  const reps = {
    strength: `1–${strengthZone}`,
    size: `${strengthZone + 1}–${sizeZone}`,
    endurance: `${sizeZone + 1}+`,
  };
  const sessions = sessionsOf(input);
  const { cycleDays } = input.block;
  // For each lift that is practised: compounds and skills.
  const lifts = new Map<string, number>();
  let spine = 0;
  for (const { slots } of sessions) {
    const here = slots.filter(({ exercise }) => exercise.kind === 'compound' || exercise.skill !== null);
    for (const id of new Set(here.map(({ exercise }) => exercise.id)))
      lifts.set(id, (lifts.get(id) ?? 0) + 1);
    for (const { slot, exercise } of slots) spine += slotFigures(slot, exercise, input.conventions).spine;
  }
  const oneSided = sessions
    .flatMap(({ slots }) => slots)
    .filter(({ exercise }) => exercise.sides === 2).length;
  const often = [...lifts].sort((a, b) => b[1] - a[1]);
  return (
    <Section title={screenWords.balance} aside={goal === null ? '' : screenWords.mainlyTrains(goal)}>
      <Table className={classes.balance}>
        <Table.Tbody>
          {[...ratios, halves].map(({ name, sides, sets, against }) => {
            const ratio = against === 0 ? Number.POSITIVE_INFINITY : sets / against;
            const out = name !== halves.name && isLopsided({ sets, against }, input.conventions);
            return (
              <Table.Tr key={name}>
                <Table.Th scope="row">
                  {sides[0]} : {sides[1]}
                </Table.Th>
                <Table.Td className={classes.number}>
                  {figure(sets, 1)} : {figure(against, 1)}
                </Table.Td>
                <Table.Td className={classes.number} data-out={out}>
                  {Number.isFinite(ratio) ? figure(ratio, 2) : '–'}
                  {out ? screenWords.outOfRange : ''}
                </Table.Td>
              </Table.Tr>
            );
          })}
          {REP_ZONES.map((zone) => (
            <Table.Tr key={zone}>
              <Table.Th scope="row">
                {reps[zone]} {zone}
              </Table.Th>
              <Table.Td />
              <Table.Td className={classes.number}>{figure(100 * zones[zone], 0)} %</Table.Td>
            </Table.Tr>
          ))}
          <Table.Tr>
            <Table.Th scope="row">{screenWords.compounds}</Table.Th>
            <Table.Td />
            <Table.Td className={classes.number}>{figure(100 * compounds, 0)} %</Table.Td>
          </Table.Tr>
          <Table.Tr>
            <Table.Th scope="row">{common.oneSideAtATime}</Table.Th>
            <Table.Td />
            <Table.Td className={classes.number}>
              {oneSided === 0 ? screenWords.noneNothingCorrectsSideDifferences : plural(oneSided, 'slot')}
            </Table.Td>
          </Table.Tr>
          <Table.Tr>
            <Table.Th scope="row">{screenWords.sessionsAYear}</Table.Th>
            <Table.Td />
            <Table.Td className={classes.number}>{timesAYear(sessions.length, cycleDays)}</Table.Td>
          </Table.Tr>
          <Table.Tr>
            <Table.Th scope="row">
              <Term word="spine load">{common.spineLoad}</Term>
              {screenWords.aWeek}
            </Table.Th>
            <Table.Td />
            <Table.Td className={classes.number}>{figure((spine * 7) / cycleDays, 1)}</Table.Td>
          </Table.Tr>
        </Table.Tbody>
      </Table>
      <Coverage input={input} />
      {often.length === 0 ? null : (
        <p className={form.soft}>
          {screenWords.perYearSessions(
            listed(often.map(([id, times]) => `${names(id)} ${timesAYear(times, cycleDays)}`)),
          )}
        </p>
      )}
    </Section>
  );
}

/** The part of the range in which each muscle is loaded most: weekly sets stretched, in mid-range, short. */
function Coverage({ input }: Pick<BalanceFactsProps, 'input'>) {
  const coverage = rangeCoverage(input);
  if (coverage.size === 0) return null;
  return (
    <Table className={classes.balance}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th scope="col">{screenWords.hardestPosition}</Table.Th>
          {HARDEST.map((part) => (
            <Table.Th key={part} scope="col" className={classes.number}>
              {PART_WORDS[part]}
            </Table.Th>
          ))}
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {[...coverage].map(([muscle, parts]) => (
          <Table.Tr key={muscle}>
            <Table.Th scope="row">{muscle}</Table.Th>
            {HARDEST.map((part) => (
              <Table.Td key={part} className={classes.number}>
                {parts[part] === 0 ? '–' : figure(parts[part], 1)}
              </Table.Td>
            ))}
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

const PART_WORDS: Readonly<Record<Hardest, string>> = {
  stretched: screenWords.stretched,
  middle: screenWords.middle,
  shortened: screenWords.shortened,
};
