import { Button, Table } from '@mantine/core';
import { useState } from 'react';
import { type ActivityEntry, dayIn } from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { shortDay } from '@/ui/words/dates';
import * as screenWords from '@/ui/words/screens/athlete';
import { deedText } from '@/ui/words/sharing';
import own from './athlete.module.css';

const IN_SIGHT = 8;

/** Coaches' actions on the athlete, latest first, with author and time. */
export function Activity({
  deeds,
  timeZone,
}: {
  readonly deeds: readonly ActivityEntry[];
  /** The athlete's time zone, which this screen uses. */
  readonly timeZone: string;
}) {
  const [isWhole, setWhole] = useState(false);
  if (deeds.length === 0) return null;
  return (
    <Section title={screenWords.activity}>
      <Table className={classes.table}>
        <Table.Tbody>
          {(isWhole ? deeds : deeds.slice(0, IN_SIGHT)).map((deed, at) => (
            // Two actions may be equal to the millisecond; none moves within the list.
            // biome-ignore lint/suspicious/noArrayIndexKey: see above
            <Table.Tr key={at}>
              <Table.Th scope="row" className={own.name}>
                {deed.by ?? screenWords.aFormerCoach}
              </Table.Th>
              <Table.Td>{deedText(deed)}</Table.Td>
              <Table.Td className={classes.soft}>{shortDay(dayIn(timeZone, new Date(deed.at)))}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      {!isWhole && deeds.length > IN_SIGHT ? (
        <Button variant="link" onClick={() => setWhole(true)}>
          {screenWords.showAll(deeds.length)}
        </Button>
      ) : null}
    </Section>
  );
}
