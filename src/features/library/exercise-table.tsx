import { Table, UnstyledButton } from '@mantine/core';
import { credits, type Exercise, payoff, primeMovers } from '@/core';
import { formClasses as form } from '@/ui/form';
import { Term } from '@/ui/term';
import { figure } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/library';
import classes from './library.module.css';

interface ExerciseTableProps {
  readonly exercises: readonly Exercise[];
  readonly chosen: string | undefined;
  readonly body: React.RefObject<HTMLTableSectionElement | null>;
  readonly isOwn: (exercise: Exercise) => boolean;
  readonly onOpen: (id: string) => void;
  readonly onMark: (id: string) => void;
}

/** The matches, one line per exercise with a single tab stop; arrow keys move. */
export function ExerciseTable({ exercises, chosen, body, isOwn, onOpen, onMark }: ExerciseTableProps) {
  return (
    <Table className={classes.table}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th scope="col">{common.exercise}</Table.Th>
          <Table.Th scope="col">{screenWords.trains}</Table.Th>
          <Table.Th scope="col">{screenWords.equipment}</Table.Th>
          <Table.Th scope="col">{screenWords.hardest}</Table.Th>
          <Table.Th scope="col" className={classes.figure}>
            <Term word="payoff" />
          </Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody ref={body}>
        {exercises.map((one) => (
          <Table.Tr key={one.id} data-chosen={one.id === chosen}>
            <Table.Th scope="row">
              <UnstyledButton
                className={classes.name}
                tabIndex={one.id === chosen ? 0 : -1}
                aria-current={one.id === chosen ? 'true' : undefined}
                onClick={() => onOpen(one.id)}
                onFocus={() => onMark(one.id)}
              >
                {one.name}
              </UnstyledButton>
              {isOwn(one) ? <span className={classes.own}> {screenWords.own}</span> : null}
            </Table.Th>
            <Table.Td className={classes.trains}>
              {primeMovers(one).join(', ')}
              <span className={form.soft}>
                {credits(one)
                  .filter(([, share]) => share < 1)
                  .map(([muscle]) => `, ${muscle}`)
                  .join('')}
              </span>
            </Table.Td>
            <Table.Td>{one.equipment[0] ?? ''}</Table.Td>
            <Table.Td>{one.hardest}</Table.Td>
            <Table.Td className={classes.figure}>{figure(payoff(one), 1)}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}
