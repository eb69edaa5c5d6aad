import { Table } from '@mantine/core';
import { compareSides, conventionsOf } from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { estimate, plural } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import { byExercise, type StrengthProps } from './strength-props';

/** Left against right in exercises trained one side at a time. */
export function Sides({ tools, catalogue, exposures }: Omit<StrengthProps, 'today'>) {
  const figures = conventionsOf({ own: tools.athlete.conventions, block: {} });
  const rows = [...byExercise(exposures)].flatMap(([id, done]) => {
    const exercise = catalogue.newest(id);
    const apart = exercise?.sides === 2 ? compareSides(done, figures) : undefined;
    return exercise === undefined || apart === undefined ? [] : [{ exercise, apart }];
  });
  return (
    <Section title={screenWords.leftAndRight} aside={screenWords.differencesInRecentSessions}>
      {rows.length === 0 ? (
        <p className={classes.soft}>{screenWords.noDifferencesLoggedForOne}</p>
      ) : (
        <Table className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">{common.exercise}</Table.Th>
              <Table.Th scope="col" className={classes.figure}>
                {screenWords.lastLeftRight}
              </Table.Th>
              <Table.Th scope="col" className={classes.figure}>
                {screenWords.difference}
              </Table.Th>
              <Table.Th scope="col">{screenWords.advice}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {rows.map(({ exercise, apart }) => (
              <Table.Tr key={exercise.id}>
                <Table.Th scope="row" className={own.name}>
                  {exercise.name}
                </Table.Th>
                <Table.Td className={classes.figure}>
                  {apart.last.left}, {apart.last.right}
                </Table.Td>
                <Table.Td className={classes.figure}>{estimate(Math.abs(apart.mean))}</Table.Td>
                <Table.Td className={classes.soft}>
                  {apart.weaker === null
                    ? screenWords.noConsistentDifferenceIn(plural(apart.sessions, 'session'))
                    : screenWords.isWeakerStartWithIt(apart.weaker)}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
    </Section>
  );
}
