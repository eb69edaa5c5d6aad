'use client';

import { type KeyboardEvent, memo, useRef, useState } from 'react';
import {
  type Dismissal,
  type Finding,
  type Fix,
  type Goal,
  MUSCLES,
  type Muscle,
  type WeekState,
} from '@/core';
import { Gauge } from '@/ui/gauge';
import { Term } from '@/ui/term';
import { figure } from '@/ui/words/figures';
import { weekName } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/rail';
import { Findings } from './checks';
import { Calls, type CallsProps } from './proposals';
import classes from './rail.module.css';

interface RailProps extends CallsProps {
  readonly weekState: WeekState | undefined;
  /** Whether that week is easy on purpose. */
  readonly isEasy: boolean;
  readonly findings: readonly Finding[];
  readonly dismissed: readonly Dismissal[];
  /** Whether checks come before proposals: while planning they matter more. */
  readonly findingsFirst: boolean;
  readonly onGoal: (muscle: Muscle, goal: Goal) => void;
  readonly onFix: (fix: Fix) => void;
  readonly onJump: (finding: Finding) => void;
  readonly onDismissed: (dismissed: readonly Dismissal[]) => void;
}

/** Beside every tab: hard sets against volume ranges, proposals, checks. */
export const Rail = memo(function Rail(props: RailProps) {
  const { weekState, catalogue, calls, busy, findings, dismissed, findingsFirst, onFocus, onAnswer } = props;
  const { onFix, onJump, onDismissed } = props;
  const found = (
    <Findings {...{ catalogue, findings, dismissed, onFocus, onFix, onJump, onDismissed }} key="findings" />
  );
  const waiting = <Calls {...{ catalogue, calls, busy, onFocus, onAnswer }} key="calls" />;
  return (
    <aside className={classes.rail} aria-label={screenWords.volumeProposedChangesAndChecks}>
      <Gauges weekState={weekState} isEasy={props.isEasy} onFocus={onFocus} onGoal={props.onGoal} />
      {findingsFirst ? [found, waiting] : [waiting, found]}
    </aside>
  );
});

const GOAL_KEYS: Readonly<Record<string, Goal>> = { g: 'grow', p: 'priority', h: 'hold' };

type GaugesProps = Pick<RailProps, 'weekState' | 'isEasy' | 'onFocus' | 'onGoal'>;

function Gauges({ weekState, isEasy, onFocus, onGoal }: GaugesProps) {
  const [at, setAt] = useState(0);
  const list = useRef<HTMLUListElement>(null);
  if (weekState === undefined) return null;
  const { plan } = weekState;
  const most = Math.max(
    ...MUSCLES.map((muscle) => Math.max(plan.muscles[muscle].landmarks.ceiling, plan.muscles[muscle].sets)),
  );
  const last = MUSCLES.length;
  const go = (next: number) => {
    setAt(next);
    list.current?.querySelectorAll<HTMLElement>('[data-stop]')[next]?.focus();
  };
  const keys = (event: KeyboardEvent) => {
    const muscle = MUSCLES[at];
    const goal = GOAL_KEYS[event.key.toLowerCase()];
    if (event.key === 'ArrowDown') go(Math.min(last, at + 1));
    else if (event.key === 'ArrowUp') go(Math.max(0, at - 1));
    else if (event.key === 'Home') go(0);
    else if (event.key === 'End') go(last);
    else if (goal !== undefined && muscle !== undefined && !event.ctrlKey && !event.altKey && !event.metaKey)
      onGoal(muscle, goal);
    else return;
    event.preventDefault();
  };
  return (
    <section aria-label={screenWords.hardSets}>
      <div className={classes.headline}>
        <h2>
          <Term word="hard set">{screenWords.hardSets}</Term>, {weekName(plan.week, plan.kind)}
        </h2>
        <span>{screenWords.setsTimesAWeek}</span>
      </div>
      <ul className={classes.list} ref={list} onKeyDown={keys}>
        {MUSCLES.map((muscle, index) => (
          <li
            key={muscle}
            className={classes.gauge}
            data-stop
            data-muscle={muscle}
            tabIndex={index === at ? 0 : -1}
            onFocus={() => {
              setAt(index);
              onFocus({ kind: 'muscle', muscle });
            }}
          >
            <Gauge week={plan.muscles[muscle]} most={most} isEasy={isEasy} />
          </li>
        ))}
        <li
          className={classes.total}
          data-stop
          tabIndex={at === last ? 0 : -1}
          onFocus={() => {
            setAt(last);
            onFocus({ kind: 'total' });
          }}
        >
          <span>{screenWords.totalEachSetOnce}</span>
          <span>
            <strong>{figure(plan.hardSets, 0)}</strong> {screenWords.ofBudget(figure(plan.budget, 0))}
          </span>
        </li>
      </ul>
    </section>
  );
}
