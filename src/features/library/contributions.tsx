import { Table } from '@mantine/core';
import { credits, type Exercise, MUSCLES } from '@/core';
import { figure } from '@/ui/words/figures';
import classes from './library.module.css';

interface ContributionsProps {
  readonly exercise: Exercise;
  /** Drawn as outlines beside it. */
  readonly beside?: Exercise | undefined;
}

/** What a hard set counts toward each muscle: a bar up to the full row, followed by the figure. */
export function ContributionBars({ exercise, beside }: ContributionsProps) {
  const mine = new Map(credits(exercise));
  const other = new Map(beside === undefined ? [] : credits(beside));
  const muscles = MUSCLES.filter((muscle) => mine.has(muscle) || other.has(muscle)).sort(
    (a, b) => (mine.get(b) ?? 0) - (mine.get(a) ?? 0) || (other.get(b) ?? 0) - (other.get(a) ?? 0),
  );
  return (
    <Table className={classes.contributions}>
      <Table.Tbody>
        {muscles.map((muscle) => (
          <Table.Tr key={muscle}>
            <Table.Th scope="row">{muscle}</Table.Th>
            <Table.Td>
              <svg
                width="100%"
                height="16"
                viewBox="0 0 100 16"
                preserveAspectRatio="none"
                aria-hidden="true"
              >
                <line x1="50" x2="50" y1="0" y2="16" className={classes.tick} />
                <line x1="100" x2="100" y1="0" y2="16" className={classes.tick} />
                <rect
                  x="0"
                  y="3"
                  height={beside === undefined ? 10 : 6}
                  width={100 * (mine.get(muscle) ?? 0)}
                />
                {beside === undefined ? null : (
                  <rect
                    x="0"
                    y="10"
                    height="4"
                    width={100 * (other.get(muscle) ?? 0)}
                    className={classes.beside}
                  />
                )}
              </svg>
            </Table.Td>
            <Table.Td className={classes.share}>{figure(mine.get(muscle) ?? 0)}</Table.Td>
            {beside === undefined ? null : (
              <Table.Td className={classes.share}>{figure(other.get(muscle) ?? 0)}</Table.Td>
            )}
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}
