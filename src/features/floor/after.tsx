'use client';

import { Button, Textarea, TextInput } from '@mantine/core';
import { useState } from 'react';
import { isDate, LONGEST_LINE, RATINGS, type Rating, type Telling, type Told } from '@/core';
import { CLINICIAN } from '@/ui/words/cautions';
import { longDay } from '@/ui/words/dates';
import { Choices } from './choices';
import type { FloorSession } from './contract';
import classes from './floor.module.css';

interface AfterProps {
  readonly data: FloorSession;
  readonly told: Told;
  readonly today: string;
  readonly onTell: (telling: Telling) => void;
}

/** After the last set: too easy, right or too hard, a line to the coach, and the day put right where it was another. */
export function After({ data, told, today, onTell }: AfterProps) {
  const [rating, setRating] = useState<Rating | null>(told.rating?.rating ?? null);
  const [line, setLine] = useState(told.rating?.line ?? '');
  const isNew = rating !== null && (rating !== told.rating?.rating || line !== told.rating.line);
  return (
    <>
      <Choices legend="How was it?" options={RATINGS} value={rating} onValue={setRating} />
      <Textarea
        label="A line to your coach"
        value={line}
        maxLength={LONGEST_LINE}
        autosize
        minRows={2}
        onChange={(event) => setLine(event.target.value)}
      />
      <p>
        <Button
          variant="default"
          disabled={!isNew}
          onClick={() => rating !== null && onTell({ kind: 'rating', rating, line })}
        >
          {told.rating === null || isNew ? 'Send' : 'Sent'}
        </Button>
      </p>
      <DayOf data={data} told={told} today={today} onTell={onTell} />
      <p className={classes.soft}>
        Soreness is asked when it can be known: before your next session for these muscles.
      </p>
      <p className={classes.soft}>{CLINICIAN}</p>
    </>
  );
}

const CLOCK = /^([01]?\d|2[0-3]):[0-5]\d$/;

/** The day and hour of the session, which can be put right; what the phone had stays on record. */
function DayOf({ data, told, today, onTell }: AfterProps) {
  const was = told.date?.was ?? data.date ?? today;
  const [open, setOpen] = useState(false);
  const [date, setDate] = useState(told.date?.date ?? was);
  const [time, setTime] = useState(told.date?.time ?? '');
  const problem = !isDate(date)
    ? 'Write the day as 2026-11-27.'
    : date > today
      ? 'That day is still to come.'
      : time !== '' && !CLOCK.test(time)
        ? 'Write the time as 17:30.'
        : null;
  if (!open)
    return (
      <p className={classes.soft}>
        Trained on {longDay(told.date?.date ?? was)}
        {told.date?.time == null ? '' : `, from ${told.date.time}`}
        {told.date === null || told.date.date === was ? '' : ` (the phone had ${longDay(was)})`}.{' '}
        <Button variant="link" onClick={() => setOpen(true)}>
          Put it right
        </Button>
      </p>
    );
  return (
    <form
      className={classes.dayForm}
      onSubmit={(event) => {
        event.preventDefault();
        if (problem !== null) return;
        onTell({ kind: 'date', date, time: time === '' ? null : time.padStart(5, '0'), was });
        setOpen(false);
      }}
    >
      <TextInput label="Day" type="date" value={date} onChange={(event) => setDate(event.target.value)} />
      <TextInput label="From" type="time" value={time} onChange={(event) => setTime(event.target.value)} />
      <Button type="submit" variant="default" disabled={problem !== null}>
        Keep
      </Button>
      {problem === null ? null : (
        <p className={classes.said} data-problem role="alert">
          {problem}
        </p>
      )}
    </form>
  );
}
