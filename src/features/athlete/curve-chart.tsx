'use client';

import { ComposedChart, Line, ResponsiveContainer, Scatter, Tooltip, XAxis, YAxis } from 'recharts';
import {
  BRZYCKI,
  CAUTIOUS_TABLE,
  chosenCurve,
  type Effort,
  EPLEY,
  type Exposure,
  freshReps,
  type PersonalFit,
  personalCurve,
  tableCurve,
} from '@/core';
import { estimate } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/athlete';
import own from './athlete.module.css';

interface CurveChartProps {
  readonly effort: Effort;
  readonly fit: PersonalFit | null;
  readonly exposures: readonly Exposure[];
}

const MOST = 20;

/** Logged sets as points: their share of the exercise's one-rep max in that week, by the curve in use. */
function pointsOf({ effort, exposures }: CurveChartProps): { n: number; share: number }[] {
  const curve = chosenCurve(effort);
  const weeks = new Map<string, number[]>();
  const keyOf = (exposure: Exposure) =>
    `${exposure.exerciseId}/${exposure.date.slice(0, 4)}/${exposure.week}`;
  for (const exposure of exposures) {
    const list = weeks.get(keyOf(exposure)) ?? [];
    weeks.set(keyOf(exposure), list);
    for (const set of exposure.sets)
      if (set.load > 0) list.push(Math.log(set.load / curve.fraction(freshReps(set))));
  }
  return exposures.flatMap((exposure) => {
    const list = weeks.get(keyOf(exposure)) ?? [];
    if (list.length < 2) return [];
    const max = Math.exp(list.reduce((sum, one) => sum + one, 0) / list.length);
    return exposure.sets
      .filter(({ load }) => load > 0)
      .map((set) => ({ n: Math.round(freshReps(set) * 10) / 10, share: (100 * set.load) / max }))
      .filter(({ n }) => n <= MOST);
  });
}

/** The curves side by side, the one in use emphasised, with logged sets as points. */
export default function CurveChart(props: CurveChartProps) {
  const { effort, fit } = props;
  const table = tableCurve('table', effort.table ?? CAUTIOUS_TABLE);
  const own_ = fit === null ? null : personalCurve(fit.slope);
  const rows = Array.from({ length: MOST }, (_, at) => {
    const n = at + 1;
    return {
      n,
      Epley: 100 * EPLEY.fraction(n),
      Brzycki: 100 * BRZYCKI.fraction(n),
      table: 100 * table.fraction(n),
      personal: own_ === null ? undefined : 100 * own_.fraction(n),
    };
  });
  const points = pointsOf(props);
  const dashes = { Epley: undefined, Brzycki: '6 3', table: '2 3', personal: '8 2 2 2' } as const;
  const kinds = ([screenWords.epley, screenWords.brzycki, 'table', 'personal'] as const).filter(
    (kind) => kind !== 'personal' || own_ !== null,
  );
  return (
    <div className={own.chart}>
      <ResponsiveContainer width="100%" height="100%">
        <ComposedChart
          data={rows}
          margin={{ top: 6, right: 8, bottom: 0, left: -18 }}
          accessibilityLayer={false}
        >
          <XAxis
            dataKey="n"
            type="number"
            domain={[1, MOST]}
            ticks={[1, 5, 10, 15, 20]}
            stroke="var(--soft)"
            fontSize={12}
          />
          <YAxis
            domain={[50, 100]}
            ticks={[50, 60, 70, 80, 90, 100]}
            unit="%"
            stroke="var(--soft)"
            fontSize={12}
          />
          <Tooltip
            isAnimationActive={false}
            labelFormatter={(n) => screenWords.repsToFailureOf(String(n))}
            formatter={(value) => `${estimate(Number(value))} %`}
            contentStyle={{ background: 'var(--paper)', border: '1px solid var(--ink)', borderRadius: 2 }}
          />
          {kinds.map((kind) => (
            <Line
              key={kind}
              dataKey={kind}
              dot={false}
              isAnimationActive={false}
              stroke={kind === effort.curve ? 'var(--ink)' : 'var(--faint)'}
              strokeWidth={kind === effort.curve ? 2.2 : 1.2}
              {...(dashes[kind] === undefined ? {} : { strokeDasharray: dashes[kind] })}
            />
          ))}
          {points.length === 0 ? null : (
            <Scatter
              data={points}
              dataKey="share"
              name="logged"
              isAnimationActive={false}
              shape={({ cx, cy }) => (
                <circle cx={cx ?? 0} cy={cy ?? 0} r="2.2" fill="var(--verdigris)" fillOpacity={0.55} />
              )}
            />
          )}
        </ComposedChart>
      </ResponsiveContainer>
      <p className={own.chartNote}>
        {kinds.map((kind) => (
          <span key={kind} className={kind === effort.curve ? own.inUse : ''}>
            <svg width="22" height="8" aria-hidden="true" focusable="false">
              <line x1="0" x2="22" y1="4" y2="4" strokeDasharray={dashes[kind]} />
            </svg>{' '}
            {kind}
          </span>
        ))}
      </p>
    </div>
  );
}
