'use client';

import { UnstyledButton } from '@mantine/core';
import { useRef, useState } from 'react';
import { type dayMatrix, type Goal, MUSCLES, type Muscle, standing, type WeekState } from '@/core';
import { Term } from '@/ui/term';
import { figure } from '@/ui/words/figures';
import { dayName } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/split';
import { GOAL_NAMES } from '@/ui/words/values';
import classes from './frame.module.css';

const GOAL_KEYS: Readonly<Record<string, Goal>> = { g: 'grow', p: 'priority', h: 'hold' };
const NEXT_GOAL: Readonly<Record<Goal, Goal>> = { grow: 'priority', priority: 'hold', hold: 'grow' };
/** Width of a day’s column, and of the others together, in px. */
const DAY_WIDTH = 50;
const MARKS_WIDTH = 290;

/** Days of a cycle by number, from 0. */
export function daysOf(cycleDays: number): readonly number[] {
  return Array.from({ length: cycleDays }, (_, day) => day);
}

interface MatrixProps {
  readonly cycleDays: number;
  readonly weekState: WeekState;
  /** Whether that week is easy on purpose. */
  readonly isEasy: boolean;
  readonly cells: ReturnType<typeof dayMatrix>;
  readonly onGoal: (muscle: Muscle, goal: Goal) => void;
  readonly onSay: (title: string, text: string) => void;
}

/** Muscle by day: hard sets, followed by the hours since the muscle was last trained. */
export function Matrix({ cycleDays, weekState, isEasy, cells, onGoal, onSay }: MatrixProps) {
  const days = daysOf(cycleDays);
  const [at, setAt] = useState(0);
  const body = useRef<HTMLTableSectionElement>(null);
  const keys = (event: React.KeyboardEvent) => {
    const muscle = MUSCLES[at];
    const goal = GOAL_KEYS[event.key.toLowerCase()];
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    if (goal !== undefined && muscle !== undefined) onGoal(muscle, goal);
    else if (step !== undefined) {
      const next = Math.max(0, Math.min(MUSCLES.length - 1, at + step));
      setAt(next);
      body.current?.querySelectorAll<HTMLElement>('tr')[next]?.focus();
    } else return;
    event.preventDefault();
  };
  return (
    <table
      className={classes.matrix}
      aria-label={screenWords.musclesByDay}
      style={{ minWidth: `${MARKS_WIDTH + DAY_WIDTH * cycleDays}px` }}
    >
      <colgroup>
        <col className={classes.muscleColumn} />
        <col className={classes.goalColumn} />
        <col span={cycleDays} className={classes.dayColumn} />
        <col className={classes.weekColumn} />
        <col className={classes.marksColumn} />
      </colgroup>
      <thead>
        <tr>
          <th scope="col">{common.muscleText}</th>
          <th scope="col">{common.goal}</th>
          {days.map((day) => (
            <th scope="col" key={day} className={classes.number}>
              {dayName(day, cycleDays)}
            </th>
          ))}
          <th scope="col" className={classes.number}>
            <Term word="hard set">{common.aWeek}</Term>
          </th>
          <th scope="col" className={classes.number}>
            <Term word="volume range">{screenWords.range}</Term>
          </th>
        </tr>
      </thead>
      <tbody ref={body} onKeyDown={keys}>
        {MUSCLES.map((muscle, index) => {
          const week = weekState.plan.muscles[muscle];
          const { floor, ceiling } = week.landmarks;
          const state = standing(week, isEasy);
          const out = state === 'low' || state === 'over';
          return (
            <tr
              key={muscle}
              tabIndex={index === at ? 0 : -1}
              data-goal={week.goal}
              onFocus={() => {
                setAt(index);
                onSay(muscle, screenWords.gGrowPPriorityH);
              }}
            >
              <th scope="row">{muscle}</th>
              <td>
                <UnstyledButton
                  className={classes.goal}
                  tabIndex={-1}
                  data-goal
                  aria-label={screenWords.goalFor(muscle, GOAL_NAMES[week.goal])}
                  onClick={() => onGoal(muscle, NEXT_GOAL[week.goal])}
                >
                  {GOAL_NAMES[week.goal]}
                </UnstyledButton>
              </td>
              {(cells.get(muscle) ?? []).map((cell, day) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a day of the cycle is its place in it
                <td key={day} className={classes.number}>
                  {cell === null ? null : (
                    <>
                      {cell.hours === null ? null : (
                        <span className={classes.hours}>{screenWords.hoursText(cell.hours)} </span>
                      )}
                      {figure(cell.sets, 1)}
                    </>
                  )}
                </td>
              ))}
              <td className={classes.number} data-out={out}>
                {figure(week.measured, 1)}
                {out ? ` ${state}` : ''}
              </td>
              <td className={`${classes.number} ${classes.soft}`}>
                {figure(floor, 1)}–{figure(ceiling, 1)}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
