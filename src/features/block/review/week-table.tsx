import { Table } from '@mantine/core';
import type { Block, Review, Training } from '@/core';
import { shortDay } from '@/ui/words/dates';
import { figure, minutes, plural, span } from '@/ui/words/figures';
import { capital, type ExerciseNames } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/review';
import classes from './review.module.css';

interface WeekTableProps {
  readonly review: Review;
  readonly block: Block;
  readonly training: Training;
  readonly names: ExerciseNames;
}

/** Week by week: work done, duration, fatigue; and swapped exercises. */
export function WeekTable({ review, block, training, names }: WeekTableProps) {
  const { done, minutes: clock, signs, soreness, exchanges } = review;
  const nameOf = (id: string) => block.sessions.find((session) => session.id === id)?.name ?? id;
  const measured = training.checkIns.flatMap(({ date, measured: of }) => of.map((one) => ({ ...one, date })));
  return (
    <div className={classes.columns}>
      <section aria-label={screenWords.weeks}>
        <h2>{screenWords.weeks}</h2>
        <Table className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">{common.week}</Table.Th>
              <Table.Th scope="col">{common.sessions}</Table.Th>
              <Table.Th scope="col">{common.sets}</Table.Th>
              <Table.Th scope="col">{screenWords.plannedMin}</Table.Th>
              <Table.Th scope="col">{screenWords.actualMin}</Table.Th>
              <Table.Th scope="col">{screenWords.missed}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {done.map(({ week, sessions, sets, missed }) => {
              const timed = clock.sessions.filter((one) => one.week === week);
              const sum = (of: (one: (typeof timed)[number]) => number) =>
                timed.reduce((total, one) => total + of(one), 0);
              return (
                <Table.Tr key={week}>
                  <Table.Th scope="row">{week}</Table.Th>
                  <Table.Td>
                    {sessions.done}/{sessions.planned}
                  </Table.Td>
                  <Table.Td>
                    {sets.done}/{sets.planned}
                  </Table.Td>
                  <Table.Td>
                    {timed.length === 0
                      ? ''
                      : span(
                          minutes(sum(({ planned }) => planned.low)),
                          minutes(sum(({ planned }) => planned.high)),
                        )}
                  </Table.Td>
                  <Table.Td>{timed.length === 0 ? '' : minutes(sum(({ taken }) => taken))}</Table.Td>
                  <Table.Td className={classes.soft}>{missed.map(nameOf).join(', ')}</Table.Td>
                </Table.Tr>
              );
            })}
          </Table.Tbody>
        </Table>
        {clock.sessions.length === 0 ? (
          <p className={classes.soft}>{screenWords.noSessionWasLoggedWhile}</p>
        ) : null}
      </section>
      <section aria-label={screenWords.alsoInThisBlock}>
        <h2>{screenWords.alsoInThisBlock}</h2>
        <ul className={classes.said}>
          {signs.length === 0 ? null : (
            <li>
              <strong>{common.fatigue}</strong>
              <span>
                {screenWords.outOf14(
                  signs.map(({ date, sum }) => screenWords.scoreOnDay(sum, shortDay(date))).join(', '),
                )}
              </span>
            </li>
          )}
          {soreness.length === 0 ? null : (
            <li>
              <strong>{screenWords.daysUntilSorenessWasGone}</strong>
              <span>{soreness.map(({ muscle, days }) => `${muscle} ${days.join(' ')}`).join(', ')}</span>
            </li>
          )}
          {exchanges.map(({ date, from, to, why }) => (
            <li key={`${date} ${from} ${to}`}>
              <strong>{screenWords.insteadOf(capital(names(to)), names(from))}</strong>
              <span>
                {shortDay(date)}, {why ?? 'planned'}
              </span>
            </li>
          ))}
          {measured.length === 0 ? null : (
            <li>
              <strong>{capital(plural(measured.length, 'measurement'))}</strong>
              <span>
                {measured
                  .map(
                    ({ kind, value, unit, date }) => `${kind} ${figure(value, 1)} ${unit}, ${shortDay(date)}`,
                  )
                  .join('; ')}
              </span>
            </li>
          )}
          {signs.length + soreness.length + exchanges.length + measured.length === 0 ? (
            <li>
              <span>{screenWords.noCheckInsSwapsOr}</span>
            </li>
          ) : null}
        </ul>
      </section>
    </div>
  );
}
