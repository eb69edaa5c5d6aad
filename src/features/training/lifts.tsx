'use client';

import Link from 'next/link';
import { type LiftLine, type LocalDate, type Measurement, type Unit, valueIn } from '@/core';
import { day, longDay } from '@/ui/words/dates';
import { estimate, figure } from '@/ui/words/figures';
import { ATHLETE_TERMS } from '@/ui/words/glossary';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import classes from './training.module.css';

interface YouProps {
  readonly name: string;
  readonly unit: Unit;
  readonly today: LocalDate;
  /** Whether bodyweight is included in the loads. */
  readonly lines: readonly (LiftLine & { readonly name: string; readonly withBody: boolean })[];
  /** Body weight, oldest first. */
  readonly weights: readonly Measurement[];
}

/** Terms an athlete meets in the app. */

/** What the athlete has achieved: lifts with lines and bests, body weight, and the glossary. */
export function LiftsScreen({ name, unit, today, lines, weights }: YouProps) {
  const inUnit = weights.map(({ date, value, unit: of }) => ({
    date,
    value: of === 'kg' || of === 'lb' ? valueIn(unit, { value, unit: of }) : value,
  }));
  const now = inUnit.at(-1);
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{name}</h1>
      </div>
      <h2 className={classes.group}>{screenWords.yourLifts}</h2>
      {lines.length === 0 ? <p>{screenWords.yourLiftsAppearHereOnce}</p> : null}
      <ul className={classes.list}>
        {lines.map((line) => (
          <li key={line.exerciseId} className={classes.lift}>
            <span className={classes.liftName}>{capital(line.name)}</span>
            <Line values={line.points.map(({ oneRepMax }) => oneRepMax)} />
            <span className={classes.soft}>
              {screenWords.heaviest(
                line.best === null
                  ? ''
                  : screenWords.estimatedMax(estimate(line.best.oneRepMax), unit, day(line.best.date, today)),
                figure(line.heaviest.load),
                line.heaviest.reps,
                line.withBody ? screenWords.includingYourBodyWeight : '',
                line.most.reps > line.heaviest.reps
                  ? screenWords.mostRepsAt(line.most.reps, figure(line.most.load))
                  : '',
              )}
            </span>
          </li>
        ))}
      </ul>
      <h2 className={classes.group}>{common.bodyWeight}</h2>
      {now === undefined ? (
        <p>{screenWords.enterYourWeightInA}</p>
      ) : (
        <div className={classes.lift}>
          <span className={classes.liftName}>
            {figure(now.value)} {unit}
          </span>
          <Line values={inUnit.map(({ value }) => value)} />
          <span className={classes.soft}>{longDay(now.date)}</span>
        </div>
      )}
      <h2 className={classes.group}>{screenWords.whatTheWordsMean}</h2>
      <dl className={classes.words}>
        {ATHLETE_TERMS.map(([term, meaning]) => (
          <div key={term}>
            <dt>{term}</dt>
            <dd>{meaning}</dd>
          </div>
        ))}
      </dl>
      <div className={classes.grow} />
      <div className={classes.foot}>
        <span />
        <Link href="/training" className={classes.link} prefetch={false}>
          {common.weekText}
        </Link>
      </div>
    </main>
  );
}

const WIDTH = 120;
const HEIGHT = 32;

/** A line of values over sessions, first to last, with the last point marked. */
function Line({ values }: { readonly values: readonly number[] }) {
  if (values.length < 2) return <span />;
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const x = (at: number) => 3 + (at * (WIDTH - 6)) / (values.length - 1);
  const y = (value: number) =>
    HEIGHT - 3 - (high === low ? 0.5 : (value - low) / (high - low)) * (HEIGHT - 6);
  const last = values.length - 1;
  return (
    <svg className={classes.line} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true">
      <polyline points={values.map((value, at) => `${x(at)},${y(value)}`).join(' ')} />
      <circle cx={x(last)} cy={y(values[last] as number)} r="3" />
    </svg>
  );
}
