import { Table } from '@mantine/core';
import type { MuscleReview, MuscleWeekDone } from '@/core';
import { figure } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/review';
import classes from './review.module.css';

const WIDTH = 40;

/** Weekly sets of every muscle, planned against done, with what it tolerated. */
export function MuscleTable({ muscles }: { readonly muscles: readonly MuscleReview[] }) {
  const most = Math.max(
    1,
    ...muscles.flatMap(({ weeks }) => weeks.flatMap(({ planned, done }) => [planned, done ?? 0])),
  );
  const [first] = muscles;
  return (
    <section aria-label={screenWords.muscles}>
      <h2>
        {screenWords.muscles} <span>{screenWords.weeklySetsOutlinePlannedBar}</span>
      </h2>
      <Table className={classes.muscles}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{common.muscleText}</Table.Th>
            {first?.weeks.map(({ week, kind }) => (
              <Table.Th scope="col" key={week}>
                {kind === 'deload' ? 'deload' : screenWords.week(week)}
              </Table.Th>
            ))}
            <Table.Th scope="col">{screenWords.aboveTarget}</Table.Th>
            <Table.Th scope="col">{screenWords.belowTarget}</Table.Th>
            <Table.Th scope="col">{screenWords.tolerated}</Table.Th>
            <Table.Th scope="col">{screenWords.belowTargetTwiceInA}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {muscles.map(({ muscle, weeks, judged, ahead, behind, bore, fell }) => (
            <Table.Tr key={muscle}>
              <Table.Th scope="row">{capital(muscle)}</Table.Th>
              {weeks.map((week) => (
                <Table.Td key={week.week}>
                  <Rung week={week} most={most} />
                </Table.Td>
              ))}
              <Table.Td>{judged === 0 ? '' : screenWords.aheadOfJudged(ahead, judged)}</Table.Td>
              <Table.Td>{judged === 0 ? '' : behind}</Table.Td>
              <Table.Td>{bore === null ? '' : figure(bore.sets, 1)}</Table.Td>
              <Table.Td className={classes.fell}>
                {fell === null ? '' : screenWords.setsInWeek(figure(fell.sets, 1), fell.week)}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}

/** A week as a bar from zero. */
function Rung({ week: { planned, done }, most }: { readonly week: MuscleWeekDone; readonly most: number }) {
  const isShort = done !== null && done < planned - 0.25;
  return (
    <span
      className={classes.rung}
      title={screenWords.planned(figure(planned, 1), done === null ? '' : screenWords.done(figure(done, 1)))}
    >
      <span className={isShort ? classes.short : ''}>{figure(done ?? planned, 1)}</span>
      <svg width={WIDTH} height={6} aria-hidden="true">
        {done === null ? null : <rect className={classes.done} width={(WIDTH * done) / most} height={6} />}
        <rect
          className={classes.planned}
          x={0.5}
          y={0.5}
          width={Math.max(0, (WIDTH * planned) / most - 1)}
          height={5}
        />
      </svg>
    </span>
  );
}
