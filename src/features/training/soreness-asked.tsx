'use client';

import { useState } from 'react';
import {
  addDays,
  type LocalDate,
  type Muscle,
  type SorenessAsked,
  type SorenessEnd,
  WEEKDAYS,
  weekdayOf,
} from '@/core';
import { shortDay } from '@/ui/words/dates';
import { capital } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/training';
import { Choices } from './choices';
import classes from './training.module.css';

/** Number of days after the session offered as answers. */
const MOST_DAYS = 4;

interface SorenessAskedProps {
  readonly asked: readonly SorenessAsked[];
  readonly today: LocalDate;
  readonly reported: Readonly<Record<string, SorenessEnd>>;
  readonly onReport: (of: SorenessAsked, answers: Readonly<Partial<Record<Muscle, SorenessEnd>>>) => void;
}

/** When earlier soreness ended, by muscle. Each tap is sent. */
export function SorenessQuestions({ asked, today, reported, onReport }: SorenessAskedProps) {
  const [answers, setAnswers] = useState(reported);
  if (asked.length === 0) return null;
  return (
    <>
      <h2 className={classes.group}>{screenWords.whenWasTheSorenessGone}</h2>
      {asked.map((of) =>
        of.muscles.map((muscle) => {
          const key = `${of.workoutId}/${muscle}`;
          return (
            <Choices<string>
              key={key}
              legend={screenWords.muscleFromDay(capital(muscle), shortDay(of.date))}
              options={endsFrom(of.date, today)}
              words={(end) => endWords(end, today)}
              inRow
              value={answers[key] ?? null}
              onValue={(end) => {
                setAnswers((now) => ({ ...now, [key]: end }));
                onReport(of, { [muscle]: end });
              }}
            />
          );
        }),
      )}
    </>
  );
}

/** None, the first days after the session, and still there. */
export function endsFrom(date: LocalDate, today: LocalDate): readonly SorenessEnd[] {
  const days: LocalDate[] = [];
  for (let day = addDays(date, 1); day <= today && days.length < MOST_DAYS; day = addDays(day, 1))
    days.push(day);
  return ['none', ...days, 'still'];
}

export function endWords(end: SorenessEnd, today: LocalDate): string {
  if (end === 'none') return screenWords.noSoreness;
  if (end === 'still') return screenWords.stillSore;
  return end === today ? screenWords.today : (WEEKDAYS[weekdayOf(end)] ?? end);
}
