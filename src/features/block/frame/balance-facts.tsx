import { Table } from '@mantine/core';
import { balanceOf, type CheckInput, isLopsided, REP_ZONES, repPicture, sessionsOf } from '@/core';
import { Section } from '@/ui/form';
import { figure } from '@/ui/words/figures';
import classes from './frame.module.css';

interface BalanceFactsProps {
  readonly input: CheckInput;
}

const YEAR_DAYS = 365;

/** What the plan comes to as a whole: opposing sides, rep zones, compounds, sessions a year. */
export function BalanceFacts({ input }: BalanceFactsProps) {
  const { ratios, halves } = balanceOf(input.week);
  const { zones, compounds, goal } = repPicture(input);
  const { strengthZone, sizeZone } = input.conventions;
  const reps = {
    strength: `1–${strengthZone}`,
    size: `${strengthZone + 1}–${sizeZone}`,
    endurance: `${sizeZone + 1}+`,
  };
  const aYear = (sessionsOf(input).length * YEAR_DAYS) / input.block.cycleDays;
  return (
    <Section title="Balance" aside={goal === null ? '' : `trains ${goal}`}>
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
                  {out ? ' out' : ''}
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
            <Table.Th scope="row">compounds</Table.Th>
            <Table.Td />
            <Table.Td className={classes.number}>{figure(100 * compounds, 0)} %</Table.Td>
          </Table.Tr>
          <Table.Tr>
            <Table.Th scope="row">sessions a year</Table.Th>
            <Table.Td />
            <Table.Td className={classes.number}>{figure(aYear, 0)}</Table.Td>
          </Table.Tr>
        </Table.Tbody>
      </Table>
    </Section>
  );
}
