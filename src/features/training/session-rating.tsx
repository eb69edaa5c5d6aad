'use client';

import { Button, Textarea, TextInput } from '@mantine/core';
import { useState } from 'react';
import { isDate, LONGEST_LINE, type NoteContent, type NoteSummary, RATINGS, type Rating } from '@/core';
import { useClock } from '@/ui/clock';
import { CLINICIAN } from '@/ui/words/cautions';
import { hourOf, longDay } from '@/ui/words/dates';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import { Choices } from './choices';
import type { SessionData } from './contract';
import classes from './training.module.css';

interface AfterProps {
  readonly data: SessionData;
  readonly told: NoteSummary;
  readonly today: string;
  readonly onTell: (telling: NoteContent) => void;
}

/** After the last set: too easy, right or too hard, a comment, and a correction of the day. */
export function SessionRating({ data, told, today, onTell }: AfterProps) {
  const [rating, setRating] = useState<Rating | null>(told.rating?.rating ?? null);
  const [line, setLine] = useState(told.rating?.line ?? '');
  const isNew = rating !== null && (rating !== told.rating?.rating || line !== told.rating.line);
  return (
    <>
      <Choices legend={screenWords.howWasIt} options={RATINGS} value={rating} onValue={setRating} />
      <Textarea
        label={screenWords.aLineToYourCoach}
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
          {told.rating === null || isNew ? screenWords.send : screenWords.sent}
        </Button>
      </p>
      <SessionDay data={data} told={told} today={today} onTell={onTell} />
      <p className={classes.soft}>{screenWords.youWillBeAskedAbout}</p>
      <p className={classes.soft}>{CLINICIAN}</p>
    </>
  );
}

const CLOCK = /^([01]?\d|2[0-3]):[0-5]\d$/;

/** The session's day and hour, which can be corrected; what the phone recorded stays on record. */
function SessionDay({ data, told, today, onTell }: AfterProps) {
  const was = told.date?.was ?? data.date ?? today;
  const [clock] = useClock();
  const [open, setOpen] = useState(false);
  const [date, setDate] = useState(told.date?.date ?? was);
  const [time, setTime] = useState(told.date?.time ?? '');
  const problem = !isDate(date)
    ? common.enterADate
    : date > today
      ? screenWords.thisDateIsInThe
      : time !== '' && !CLOCK.test(time)
        ? screenWords.enterTheTimeAs17
        : null;
  if (!open)
    return (
      <p className={classes.soft}>
        {screenWords.trainedOn(
          longDay(told.date?.date ?? was),
          told.date?.time == null ? '' : screenWords.fromTime(hourOf(told.date.time, clock)),
          told.date === null || told.date.date === was ? '' : screenWords.thePhoneHad(longDay(was)),
        )}{' '}
        <Button variant="link" onClick={() => setOpen(true)}>
          {screenWords.correctThis}
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
      <TextInput
        label={screenWords.day}
        type="date"
        value={date}
        onChange={(event) => setDate(event.target.value)}
      />
      <TextInput
        label={screenWords.fromLabel}
        type="time"
        value={time}
        onChange={(event) => setTime(event.target.value)}
      />
      <Button type="submit" variant="default" disabled={problem !== null}>
        {common.save}
      </Button>
      {problem === null ? null : (
        <p className={classes.said} data-problem role="alert">
          {problem}
        </p>
      )}
    </form>
  );
}
