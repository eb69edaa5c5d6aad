import { Button, Table } from '@mantine/core';
import {
  type Athlete,
  type Block,
  type BlockPlan,
  conventionsOf,
  REP_ZONES,
  weekTotals,
  zoneShares,
} from '@/core';
import { Term } from '@/ui/term';
import { figure, minutes } from '@/ui/words/figures';
import type { Word } from '@/ui/words/glossary';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/ladder';
import classes from './ladder.module.css';

interface TotalsProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly blockPlan: BlockPlan;
  readonly other: BlockPlan | null;
  readonly unit: string;
  readonly onWeek: (week: number) => void;
}

/** One week per column: RIR, sets, minutes, work, rep zones; bars show how they rise. */
export function Totals({ block, athlete, blockPlan, other, unit, onWeek }: TotalsProps) {
  const conventions = conventionsOf({ own: athlete.conventions, block: block.conventions });
  const weeks = blockPlan.weeks.map((weekState) => ({
    weekState,
    totals: weekTotals(weekState.plan, conventions),
    zones: zoneShares(weekState, block, conventions),
  }));
  const others = other?.weeks.map((weekState) => ({
    weekState,
    totals: weekTotals(weekState.plan, conventions),
    zones: zoneShares(weekState, block, conventions),
  }));
  const most = {
    rir: Math.max(1, ...weeks.map(({ weekState }) => weekState.plan.rir)),
    sets: Math.max(1, ...weeks.map(({ weekState }) => weekState.plan.hardSets)),
  };
  const rows: readonly {
    readonly name: string;
    readonly word?: Word;
    readonly of: (week: (typeof weeks)[number]) => string;
    readonly bar?: (week: (typeof weeks)[number]) => number;
  }[] = [
    {
      name: common.repsInReserve,
      of: ({ weekState }) => String(weekState.plan.rir),
      bar: ({ weekState }) => weekState.plan.rir / most.rir,
    },
    {
      name: screenWords.hardSets,
      word: 'hard set',
      of: ({ weekState }) => figure(weekState.plan.hardSets, 1),
      bar: ({ weekState }) => weekState.plan.hardSets / most.sets,
    },
    { name: common.minutes, of: ({ totals }) => String(minutes(totals.seconds)) },
    { name: screenWords.workInUnit(unit), word: 'work', of: ({ totals }) => figure(totals.work / 1000, 1) },
    ...REP_ZONES.map((zone) => ({
      name: screenWords.ofSets(zone),
      of: ({ zones }: (typeof weeks)[number]) =>
        Object.values(zones).every((share) => share === 0) ? '–' : figure(100 * zones[zone], 0),
    })),
  ];
  return (
    <section aria-label={screenWords.totalsByWeek}>
      <Table className={classes.totals}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{screenWords.eachWeek}</Table.Th>
            {weeks.map(({ weekState }) => (
              <Table.Th
                scope="col"
                key={weekState.plan.week}
                data-current={weekState.plan.week === blockPlan.currentWeek}
              >
                <Button variant="link" onClick={() => onWeek(weekState.plan.week)}>
                  {weekState.plan.kind === 'deload'
                    ? common.deloadText
                    : screenWords.week(weekState.plan.week)}
                </Button>
              </Table.Th>
            ))}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {rows.map(({ name, word, of, bar }) => (
            <Table.Tr key={name}>
              <Table.Th scope="row">{word === undefined ? name : <Term word={word}>{name}</Term>}</Table.Th>
              {weeks.map((week, at) => {
                const theirs = others?.[at];
                const text = of(week);
                const changed = theirs !== undefined && of(theirs) !== text;
                return (
                  <Table.Td
                    key={week.weekState.plan.week}
                    data-deload={week.weekState.plan.kind === 'deload'}
                  >
                    {bar === undefined ? null : (
                      <span
                        className={classes.bar}
                        style={{ width: `${100 * bar(week)}%` }}
                        aria-hidden="true"
                      />
                    )}
                    {changed ? <span className={classes.was}>{of(theirs)} → </span> : null}
                    <span className={classes.figure}>{text}</span>
                  </Table.Td>
                );
              })}
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}
