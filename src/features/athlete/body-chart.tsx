'use client';

import { Line, LineChart, ReferenceArea, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { Athlete, Measurement } from '@/core';
import { figure } from '@/ui/words/figures';
import own from './athlete.module.css';

interface BodyChartProps {
  readonly series: readonly Measurement[];
  readonly unit: string;
  readonly phases: Athlete['phases'];
}

const day = (time: number) => new Date(time).toISOString().slice(0, 10);

/** A measurement over time, with gaining and cutting phases in the background. */
export default function BodyChart({ series, unit, phases }: BodyChartProps) {
  const rows = series.map(({ date, value }) => ({ time: Date.parse(date), value }));
  const [first, last] = [rows[0]?.time ?? 0, rows.at(-1)?.time ?? 0];
  const values = rows.map(({ value }) => value);
  const [low, high] = [Math.floor(Math.min(...values) - 0.5), Math.ceil(Math.max(...values) + 0.5)];
  const every = Math.max(1, Math.ceil((high - low) / 6));
  const ticks = Array.from({ length: Math.floor((high - low) / every) + 1 }, (_, at) => low + at * every);
  const spans = phases.map(({ from, phase }, at) => ({
    phase,
    from: at === 0 ? first : Math.max(first, Date.parse(from)),
    to: Math.min(last, phases[at + 1] === undefined ? last : Date.parse(phases[at + 1]?.from ?? '')),
  }));
  return (
    <div className={own.bodyChart}>
      <ResponsiveContainer width="100%" height="100%">
        <LineChart
          data={rows}
          margin={{ top: 12, right: 16, bottom: 0, left: -12 }}
          accessibilityLayer={false}
        >
          {spans
            .filter(({ from, to, phase }) => to > from && phase !== 'holding')
            .map(({ from, to, phase }) => (
              <ReferenceArea
                key={from}
                x1={from}
                x2={to}
                fill="var(--light)"
                fillOpacity={0.7}
                label={{ value: phase, position: 'insideTopLeft', fill: 'var(--soft)', fontSize: 12 }}
              />
            ))}
          <XAxis
            dataKey="time"
            type="number"
            scale="time"
            domain={[first, last]}
            tickFormatter={(time: number) => day(time).slice(5)}
            stroke="var(--soft)"
            fontSize={12}
          />
          <YAxis domain={[low, high]} ticks={ticks} stroke="var(--soft)" fontSize={12} width={58} />
          <Tooltip
            isAnimationActive={false}
            labelFormatter={(time) => day(Number(time))}
            formatter={(value) => [`${figure(Number(value))} ${unit}`, '']}
            separator=""
            contentStyle={{ background: 'var(--paper)', border: '1px solid var(--ink)', borderRadius: 2 }}
          />
          <Line
            dataKey="value"
            type="linear"
            stroke="var(--ink)"
            strokeWidth={1.8}
            dot={{ r: 2.5, fill: 'var(--ink)' }}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
