import { type Block, conventionsWith, type Ladder, REP_ZONES, weekTotals } from '@/core';
import { figure, minutes } from '@/ui/words/figures';
import classes from './ladder.module.css';

interface TotalsProps {
  readonly block: Block;
  readonly ladder: Ladder;
  readonly other: Ladder | null;
  readonly unit: string;
  readonly onWeek: (week: number) => void;
}

const ZONE_HEADS = { strength: 'strength', size: 'size', endurance: 'endurance' } as const;

/** A week a column: RIR, sets, minutes, work, rep zones; bars show how they rise. */
export function Totals({ block, ladder, other, unit, onWeek }: TotalsProps) {
  const conventions = conventionsWith(block.conventions);
  const weeks = ladder.rungs.map((rung) => ({ rung, totals: weekTotals(rung.plan, conventions) }));
  const others = other?.rungs.map((rung) => ({ rung, totals: weekTotals(rung.plan, conventions) }));
  const most = {
    rir: Math.max(1, ...weeks.map(({ rung }) => rung.plan.rir)),
    sets: Math.max(1, ...weeks.map(({ rung }) => rung.plan.hardSets)),
  };
  const rows: readonly {
    readonly name: string;
    readonly of: (week: (typeof weeks)[number]) => string;
    readonly bar?: (week: (typeof weeks)[number]) => number;
  }[] = [
    {
      name: 'reps in reserve',
      of: ({ rung }) => String(rung.plan.rir),
      bar: ({ rung }) => rung.plan.rir / most.rir,
    },
    {
      name: 'hard sets',
      of: ({ rung }) => figure(rung.plan.hardSets, 1),
      bar: ({ rung }) => rung.plan.hardSets / most.sets,
    },
    { name: 'minutes', of: ({ totals }) => String(minutes(totals.seconds)) },
    { name: `work, 1000 ${unit} × reps`, of: ({ totals }) => figure(totals.work / 1000, 1) },
    ...REP_ZONES.map((zone) => ({
      name: `${ZONE_HEADS[zone]}, % of sets`,
      of: ({ totals }: (typeof weeks)[number]) => figure(100 * totals.zones[zone], 0),
    })),
  ];
  return (
    <section aria-label="Totals of each week">
      <table className={classes.totals}>
        <thead>
          <tr>
            <th scope="col">each week</th>
            {weeks.map(({ rung }) => (
              <th scope="col" key={rung.plan.week} data-current={rung.plan.week === ladder.currentWeek}>
                <button type="button" className={classes.link} onClick={() => onWeek(rung.plan.week)}>
                  {rung.plan.kind === 'deload' ? 'deload' : `wk ${rung.plan.week}`}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, of, bar }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {weeks.map((week, at) => {
                const theirs = others?.[at];
                const text = of(week);
                const changed = theirs !== undefined && of(theirs) !== text;
                return (
                  <td key={week.rung.plan.week} data-deload={week.rung.plan.kind === 'deload'}>
                    {bar === undefined ? null : (
                      <span
                        className={classes.bar}
                        style={{ width: `${100 * bar(week)}%` }}
                        aria-hidden="true"
                      />
                    )}
                    {changed ? <span className={classes.was}>{of(theirs)} → </span> : null}
                    <span className={classes.figure}>{text}</span>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
