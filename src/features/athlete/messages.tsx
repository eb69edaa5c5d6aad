'use client';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import { screenWord } from '@/ui/words/values';

import '@mantine/core/styles/Checkbox.layer.css';
import { Button, Checkbox, Table, TextInput } from '@mantine/core';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import {
  type Catalogue,
  type CheckInWish,
  conventionsOf,
  fatigueScore,
  fatigueSigns,
  type IssuedWeek,
  type LocalDate,
  latestCheckIn,
  MEASUREMENTS,
  type Message,
  messageThread,
  type SessionNote,
  SIGNS,
  type Training,
  unfold,
  type Workout,
} from '@/core';
import { formClasses as classes, Section, SelectField } from '@/ui/form';
import { CLINICIAN } from '@/ui/words/cautions';
import { longDay } from '@/ui/words/dates';
import { achesText, measuredText, noteSentence, refusedText, SIGN_WEIGHTS } from '@/ui/words/messages';
import { type ExerciseNames, namesOf } from '@/ui/words/names';
import own from './athlete.module.css';
import type { AthleteActions, AthleteData } from './contract';
import type { DraftTools } from './use-draft';

interface ToldProps {
  readonly tools: DraftTools;
  readonly running: Training | null;
  readonly catalogue: Catalogue;
  readonly today: LocalDate;
  /** Notes with sent weeks, by week. */
  readonly weekLines: Readonly<Record<number, string>>;
  readonly say: AthleteActions['saveWeekNote'];
  readonly seen: AthleteActions['markPainSeen'];
  /** Ids of workouts whose pain the coach has not marked as seen. */
  readonly unseen: readonly string[];
  readonly refused: AthleteData['refused'];
  readonly settle: AthleteActions['settleRefused'];
}

/** Everything the athlete has written: check-ins, session by session; and the coach's notes with weeks. */
export default function Messages(props: ToldProps) {
  const { running, catalogue, today, weekLines, say, seen, unseen } = props;
  if (running === null) return <p className={classes.soft}>{screenWords.checkInsAndMessagesAppear}</p>;
  const last = running.issued.at(-1);
  return (
    <>
      {last === undefined ? null : (
        <WeekNotes key={last.week} week={last.week} line={weekLines[last.week] ?? ''} say={say} />
      )}
      <Thread running={running} catalogue={catalogue} lines={weekLines} />
      <RefusedItems {...props} />
      <Signs running={running} catalogue={catalogue} today={today} />
      <CheckInSettings tools={props.tools} />
      <CheckIns running={running} />
      <Sessions running={running} catalogue={catalogue} unseen={unseen} seen={seen} />
    </>
  );
}

function WeekNotes({
  week,
  line,
  say,
}: {
  readonly week: number;
  readonly line: string;
  readonly say: ToldProps['say'];
}) {
  const [text, setText] = useState(line);
  const [kept, setKept] = useState(line);
  const [problem, setProblem] = useState('');
  return (
    <Section title={screenWords.noteForWeek(week)} aside={screenWords.shownAboveTheWeekOn}>
      <form
        className={own.sayForm}
        onSubmit={(event) => {
          event.preventDefault();
          void say(week, text).then((said) => {
            if (said.status === 'said') {
              setKept(text);
              setProblem('');
            } else setProblem(screenWords.notSavedPleaseTryAgain);
          });
        }}
      >
        <TextInput
          aria-label={screenWords.noteToTheAthlete}
          className={own.sayField}
          value={text}
          maxLength={500}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" variant="default" disabled={text === kept}>
          {text === kept && kept !== '' ? common.saved : common.save}
        </Button>
        {problem === '' ? null : <span role="alert">{problem}</span>}
      </form>
    </Section>
  );
}

/** Messages shown before "more". */
const IN_SIGHT = 8;

/** All messages between coach and athlete, each with its day. */
function Thread({
  running,
  catalogue,
  lines,
}: {
  readonly running: Training;
  readonly catalogue: Catalogue;
  readonly lines: ToldProps['weekLines'];
}) {
  const [all, setAll] = useState(false);
  const { issued, log, checkIns, athlete } = running;
  const thread = useMemo(
    () => messageThread({ issued, log, checkIns, lines }),
    [issued, log, checkIns, lines],
  );
  if (thread.length === 0) return null;
  const names = namesOf(catalogue);
  return (
    <Section title={screenWords.messages} aside={screenWords.newestFirst}>
      <ul className={own.thread}>
        {(all ? thread : thread.slice(0, IN_SIGHT)).map((said, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: what was said does not move
          <li key={at} data-by={said.by}>
            <span className={classes.soft}>
              {longDay(said.date)}, {said.by === 'coach' ? screenWords.you : athlete.name},{' '}
              {withWords(said, names)}
            </span>{' '}
            “{said.text}”
          </li>
        ))}
      </ul>
      {all || thread.length <= IN_SIGHT ? null : (
        <Button variant="link" onClick={() => setAll(true)}>
          {screenWords.showAll(thread.length)}
        </Button>
      )}
    </Section>
  );
}

function withWords({ with: of }: Message, names: ExerciseNames): string {
  switch (of.kind) {
    case 'week':
      return screenWords.withWeek(of.week);
    case 'check-in':
      return screenWords.withACheckIn;
    case 'session':
      return screenWords.afterWeek(of.name, of.week);
    case 'set':
      return screenWords.aboutExercise(names(of.exerciseId));
  }
}

/** What phones could not send: entered by hand if it matters, then settled. */
function RefusedItems({ refused, settle, catalogue }: ToldProps) {
  const [gone, setGone] = useState<readonly string[]>([]);
  const names = namesOf(catalogue);
  const left = refused.filter(({ id }) => !gone.includes(id));
  if (left.length === 0) return null;
  return (
    <Section title={screenWords.notAcceptedFromAPhone} aside={screenWords.thePhoneKeepsTheseSets}>
      {left.map(({ id, item, why }) => (
        <p key={id}>
          {refusedText(item, names)}: {why}.{' '}
          <Button
            variant="link"
            onClick={() =>
              void settle(id).then(({ status }) => {
                if (status === 'settled') setGone((now) => [...now, id]);
              })
            }
          >
            {screenWords.markAsResolved}
          </Button>
        </p>
      ))}
    </Section>
  );
}

/** Fatigue signs from the latest check-in and the log. */
function Signs({
  running,
  catalogue,
  today,
}: Pick<ToldProps, 'catalogue' | 'today'> & { readonly running: Training }) {
  const { block, athlete, issued, log, answers, checkIns } = running;
  const observations = useMemo(
    () => unfold({ block, athlete, issued, log, answers, checkIns, exercises: catalogue.find }).observations,
    [block, athlete, issued, log, answers, checkIns, catalogue],
  );
  const signs = fatigueSigns(checkIns, observations, today);
  const latest = latestCheckIn(checkIns, today);
  if (signs === null || latest === undefined)
    return (
      <Section title={common.fatigue} aside={screenWords.signs0To2Each}>
        <p className={classes.soft}>{screenWords.noCheckInInThe}</p>
      </Section>
    );
  const sum = fatigueScore(
    signs,
    latest.drive === 'eager',
    conventionsOf({ own: athlete.conventions, block: {} }),
  );
  return (
    <Section
      title={common.fatigue}
      aside={screenWords.scoreOf14(longDay(latest.date), sum.sum, VERDICTS[sum.verdict])}
    >
      <dl className={own.signs}>
        {SIGNS.map((sign) => (
          <div key={sign} data-weight={signs[sign]}>
            <dt>{screenWord(sign)}</dt>
            <dd>{SIGN_WEIGHTS[signs[sign]]}</dd>
          </div>
        ))}
      </dl>
      {signs['aching joints'] > 0 ? <p className={classes.soft}>{CLINICIAN}</p> : null}
    </Section>
  );
}

const VERDICTS = {
  'not needed': screenWords.restedAndMotivatedProbablyNo,
  wait: screenWords.noDeloadNeededYet,
  propose: screenWords.timeForADeload,
  urge: screenWords.deloadUrgentlyRecommended,
} as const;

const GIRTHS = MEASUREMENTS.filter((kind) => kind !== 'body weight');

/** How often the athlete is asked for a check-in, and which girths it asks for; saved with their other facts. */
function CheckInSettings({ tools }: Pick<ToldProps, 'tools'>) {
  const { everyDays, girths } = tools.athlete.checkIn;
  const put = (checkIn: Partial<CheckInWish>) => tools.change({ checkIn: { everyDays, girths, ...checkIn } });
  return (
    <Section title={screenWords.checkInForm} aside={screenWords.howOftenAndWhatTo}>
      <div className={own.asked}>
        <SelectField
          label={screenWords.checkIn}
          value={String(everyDays)}
          options={EVERY}
          names={(days) => EVERY_WORDS[days] ?? screenWords.everyDays(days)}
          onValue={(days) => put({ everyDays: Number(days) })}
        />
        {GIRTHS.map((kind) => (
          <Checkbox
            key={kind}
            label={kind}
            checked={girths.includes(kind)}
            onChange={({ target }) =>
              put({ girths: GIRTHS.filter((one) => (one === kind ? target.checked : girths.includes(one))) })
            }
          />
        ))}
      </div>
    </Section>
  );
}

const EVERY = ['3', '7', '14', '28'] as const;
const EVERY_WORDS: Readonly<Record<string, string>> = {
  '3': screenWords.twiceAWeek,
  '7': screenWords.onceAWeek,
  '14': screenWords.everyTwoWeeks,
  '28': screenWords.everyFourWeeks,
};

function CheckIns({ running }: { readonly running: Training }) {
  const rows = [...running.checkIns].reverse();
  if (rows.length === 0) return null;
  return (
    <Section title={screenWords.checkIns} aside={screenWords.newestFirst}>
      <Table className={classes.table}>
        <Table.Thead>
          <Table.Tr>
            {[
              common.date,
              screenWords.sleep,
              screenWords.motivation,
              screenWords.appetite,
              screenWords.soreness,
              screenWords.achingJoints,
              screenWords.measured,
              screenWords.notes,
            ].map((head) => (
              <Table.Th scope="col" key={head}>
                {head}
              </Table.Th>
            ))}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {rows.map((one) => (
            <Table.Tr key={one.id}>
              <Table.Th scope="row">{longDay(one.date)}</Table.Th>
              <Table.Td>{screenWord(one.slept)}</Table.Td>
              <Table.Td>{screenWord(one.drive)}</Table.Td>
              <Table.Td>{screenWord(one.appetite)}</Table.Td>
              <Table.Td>{screenWord(one.soreness)}</Table.Td>
              <Table.Td>{achesText(one)}</Table.Td>
              <Table.Td>{measuredText(one)}</Table.Td>
              <Table.Td>{one.line}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Section>
  );
}

function Sessions({
  running,
  catalogue,
  unseen,
  seen,
}: Pick<ToldProps, 'catalogue' | 'unseen' | 'seen'> & { readonly running: Training }) {
  const [gone, setGone] = useState<readonly string[]>([]);
  const names = namesOf(catalogue);
  const rows = [...running.log.workouts].reverse();
  const placeName = (id: string) =>
    running.athlete.places.find((one) => one.id === id)?.name ?? common.aPlaceThatWasRemoved;
  return (
    <Section title={screenWords.sessions} aside={screenWords.deviationsFromThePlanNewest}>
      {rows.length === 0 ? <p className={classes.soft}>{screenWords.noSessionsLoggedYet}</p> : null}
      {rows.map((workout) => (
        <div key={workout.id} className={own.toldSession}>
          <h3>
            <Link href={`/blocks/${running.blockId}/done/${workout.id}`} prefetch={false}>
              {sessionName(workout, running.issued)}, {longDay(workout.date)}
            </Link>
          </h3>
          {workout.notes.length === 0 ? null : (
            <ul>
              {workout.notes.map((note) => (
                <li key={note.id} data-pain={isPain(note)}>
                  {noteSentence(note, names, plannedIn(workout, running.issued), placeName)}
                </li>
              ))}
            </ul>
          )}
          {unseen.includes(workout.id) && !gone.includes(workout.id) ? (
            <Button
              variant="default"
              onClick={() =>
                void seen(workout.id).then(({ status }) => {
                  if (status === 'seen') setGone((now) => [...now, workout.id]);
                })
              }
            >
              {common.markAsSeen}
            </Button>
          ) : null}
        </div>
      ))}
    </Section>
  );
}

const isPain = (note: SessionNote) => note.kind === 'pain' && note.grade !== null;

function sessionIn({ week, sessionId }: Workout, issued: readonly IssuedWeek[]) {
  const plan = issued.find((one) => one.week === week)?.plan;
  return plan?.sessions.find((one) => one.sessionId === sessionId);
}

const sessionName = (workout: Workout, issued: readonly IssuedWeek[]) =>
  screenWords.week(workout.week, sessionIn(workout, issued)?.name ?? screenWords.aSession);

/** The exercise a slot was sent with; for extra work the one it was added with. */
function plannedIn(workout: Workout, issued: readonly IssuedWeek[]): (slotId: string) => string {
  const slots = sessionIn(workout, issued)?.slots ?? [];
  return (slotId) => {
    const extra = workout.notes.find((note) => note.kind === 'extra' && note.slotId === slotId);
    const added = extra?.kind === 'extra' ? extra.exerciseId : slotId;
    return slots.find((one) => one.slotId === slotId)?.exerciseId ?? added;
  };
}
