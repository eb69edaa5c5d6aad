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
      <table className={classes.balance}>
        <tbody>
          {[...ratios, halves].map(({ name, sides, sets, against }) => {
            const ratio = against === 0 ? Number.POSITIVE_INFINITY : sets / against;
            const out = name !== halves.name && isLopsided({ sets, against }, input.conventions);
            return (
              <tr key={name}>
                <th scope="row">
                  {sides[0]} : {sides[1]}
                </th>
                <td className={classes.number}>
                  {figure(sets, 1)} : {figure(against, 1)}
                </td>
                <td className={classes.number} data-out={out}>
                  {Number.isFinite(ratio) ? figure(ratio, 2) : '–'}
                  {out ? ' out' : ''}
                </td>
              </tr>
            );
          })}
          {REP_ZONES.map((zone) => (
            <tr key={zone}>
              <th scope="row">
                {reps[zone]} {zone}
              </th>
              <td />
              <td className={classes.number}>{figure(100 * zones[zone], 0)} %</td>
            </tr>
          ))}
          <tr>
            <th scope="row">compounds</th>
            <td />
            <td className={classes.number}>{figure(100 * compounds, 0)} %</td>
          </tr>
          <tr>
            <th scope="row">sessions a year</th>
            <td />
            <td className={classes.number}>{figure(aYear, 0)}</td>
          </tr>
        </tbody>
      </table>
    </Section>
  );
}
