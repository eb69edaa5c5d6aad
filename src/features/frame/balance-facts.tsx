import { balanceOf, type CheckInput, type SeenSession } from '@/core';
import { Section } from '@/ui/form';
import { figure } from '@/ui/words/figures';
import { goalByZones, sharesOf, ZONES } from './days';
import classes from './frame.module.css';

interface BalanceFactsProps {
  readonly input: CheckInput;
  readonly sessions: readonly SeenSession[];
}

const YEAR_DAYS = 365;

/** What the plan comes to as a whole: opposing sides, rep zones, compounds, sessions a year. */
export function BalanceFacts({ input, sessions }: BalanceFactsProps) {
  const { ratios, halves } = balanceOf(input.week);
  const { zones, compounds } = sharesOf(sessions);
  const { balanceLeast, balanceMost } = input.conventions;
  const aYear = (sessions.length * YEAR_DAYS) / input.block.cycleDays;
  return (
    <Section title="Balance" aside={`trains ${goalByZones(zones)}`}>
      <table className={classes.balance}>
        <tbody>
          {[...ratios, halves].map(({ name, sides, sets, against }) => {
            const ratio = against === 0 ? Number.POSITIVE_INFINITY : sets / against;
            const out =
              name !== 'upper and lower' &&
              sets + against > 0 &&
              (ratio < balanceLeast || ratio > balanceMost);
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
          {ZONES.map((zone, at) => (
            <tr key={zone}>
              <th scope="row">{zone}</th>
              <td />
              <td className={classes.number}>{figure(zones[at] ?? 0, 0)} %</td>
            </tr>
          ))}
          <tr>
            <th scope="row">compounds</th>
            <td />
            <td className={classes.number}>{figure(compounds, 0)} %</td>
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
