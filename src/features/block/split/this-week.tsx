'use client';

import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import {
  type Athlete,
  applyToWeek,
  arrangeAction,
  type Block,
  type BlockPlan,
  type Catalogue,
  type CheckInput,
  daysBetween,
  deloadNow,
  type Edit,
  type LocalDate,
  missedSessionOptions,
  placeFor,
  type Result,
  removeEarlyDeload,
  runningWeek,
  type Session,
  sessionWeek,
  skippedSessions,
  trainAtPlace,
  type WeekState,
  weekEdit,
  weekSituation,
} from '@/core';
import { formClasses as form, Section, SelectField } from '@/ui/form';
import { Toggles } from '@/ui/toggles';
import { listed } from '@/ui/words/figures';
import { dayName, namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/split';
import { actionText } from '@/ui/words/watch';
import classes from './frame.module.css';
import { daysOf } from './matrix';

export interface ThisWeekProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly today: LocalDate;
  readonly attempt: (edit: Edit) => Result<null>;
  /** Closes a week, or reopens it. */
  readonly onClose: (week: number, closed: boolean) => void;
  readonly busy: boolean;
}

interface Chosen extends ThisWeekProps {
  readonly session: Session;
  readonly input: CheckInput;
}

/**
 * A single week: a session on another day, at another place, optional or skipped; what to do about a missed day; the
 * whole week at another place, as a deload, or closed. The block's design stays; the athlete's app follows.
 */
export function ThisWeek(props: Chosen) {
  const { block, blockPlan, session, athlete } = props;
  const running = runningWeek(props);
  const [asked, setAsked] = useState<number | null>(null);
  const weeks = blockPlan.weeks.filter(
    ({ status, issued }) => status !== 'done' || issued?.closedAt !== undefined,
  );
  const state =
    weeks.find(({ plan }) => plan.week === asked) ?? running ?? weeks.find(({ issued }) => issued === null);
  if (state === undefined) return null;
  const { week, kind } = state.plan;
  const begun = state.performed.has(session.id);
  const title = screenWords.onlyOnDays(kind === 'deload' ? screenWords.theDeload : screenWords.week(week));
  if (state.issued?.closedAt !== undefined)
    return (
      <Section title={title} aside={common.closed}>
        <Button variant="link" aria-disabled={props.busy} onClick={() => props.onClose(week, false)}>
          {screenWords.reopenWeek(week)}
        </Button>
      </Section>
    );
  return (
    <Section
      title={title}
      aside={state.issued === null ? common.planned : screenWords.sentTheAthletesAppFollows}
    >
      <div className={classes.line}>
        <SelectField
          label={screenWords.weekToChange}
          value={String(week)}
          options={weeks.map(({ plan }) => String(plan.week))}
          names={(one) => screenWords.weekNumber(one)}
          onValue={(one) => setAsked(Number(one))}
        />
        {begun ? (
          <span className={form.soft}>{screenWords.hasBeenStartedAndCannot(session.name)}</span>
        ) : (
          <SessionWeek key={session.id} {...props} state={state} />
        )}
      </div>
      {begun ? null : <MissedDay key={`${session.id} ${week}`} {...props} state={state} />}
      <WholeWeek {...props} state={state} />
      <WeekOverrides block={block} athlete={athlete} week={week} />
    </Section>
  );
}

interface WithState extends Chosen {
  readonly state: WeekState;
}

/** In that week: the day, whether it is optional, whether it is skipped. */
function SessionWeek({ block, session, state, attempt }: WithState) {
  const { week } = state.plan;
  const own = sessionWeek(session, week);
  const change = (more: Parameters<typeof weekEdit>[2][string]) =>
    attempt(weekEdit(block, week, { [session.id]: more }));
  const marks = [
    ...((own?.optional ?? session.optional) ? ['optional'] : []),
    ...(own?.left ? [common.skipped] : []),
  ];
  return (
    <>
      <SelectField
        label={screenWords.dayOfInWeek(session.name, week)}
        value={String(own?.day ?? session.day)}
        options={daysOf(block.cycleDays).map(String)}
        names={(day) => dayName(Number(day), block.cycleDays)}
        onValue={(day) => change({ day: Number(day) })}
      />
      <Toggles
        label={screenWords.nameInWeek(session.name, week)}
        value={marks}
        options={['optional', 'left out']}
        onValue={(value) =>
          change({
            optional: value.includes('optional') === session.optional ? null : value.includes('optional'),
            left: value.includes('left out'),
          })
        }
      />
    </>
  );
}

/** If its day is missed in that week: the options, each with its cost, applied by button or digit. */
function MissedDay({ block, athlete, session, state, input, today, attempt, blockPlan }: WithState) {
  const [asked, setAsked] = useState(false);
  const { plan } = state;
  const options = useMemo(() => {
    if (!asked) return [];
    const situation = weekSituation({ block, athlete, today }, state);
    const day = plan.sessions.find(({ sessionId }) => sessionId === session.id)?.day ?? session.day;
    return missedSessionOptions(
      { ...input, week: plan },
      { ...situation, today: Math.max(0, situation.today), gone: new Set([...situation.gone, day]) },
    );
  }, [asked, block, athlete, today, state, plan, session, input]);
  const reading = { names: (id: string) => id, cycleDays: block.cycleDays };
  const take = (at: number) => {
    const option = options[at];
    if (option === undefined) return;
    attempt(applyToWeek(block, plan.week, option));
    setAsked(false);
  };
  const isRunning = runningWeek({ blockPlan }) === state;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: digits take what the buttons beside them take
    <div
      onKeyDown={(event) => {
        const isPlain = !event.altKey && !event.ctrlKey && !event.metaKey;
        if (!asked || !isPlain || !/^[1-9]$/.test(event.key)) return;
        take(Number(event.key) - 1);
        event.preventDefault();
      }}
    >
      <Button variant="link" aria-expanded={asked} onClick={() => setAsked(!asked)}>
        {screenWords.ifCannotBeDoneOn(session.name)}
      </Button>
      {asked ? (
        <ol className={classes.options}>
          {options.map((option, at) => {
            const { words, change } = actionText(arrangeAction(option, { block }, false), reading);
            return (
              <li key={option.kind}>
                <Button variant="link" onClick={() => take(at)}>
                  {words}
                </Button>{' '}
                {change}
              </li>
            );
          })}
          {options.length === 0 ? (
            <li className={form.soft}>
              {screenWords.noDayIsLeftFor(isRunning ? screenWords.closeTheWeekOrSkip : '')}
            </li>
          ) : null}
        </ol>
      ) : null}
    </div>
  );
}

/** The whole week: at another place, as a deload, or closed. */
function WholeWeek({
  block,
  athlete,
  catalogue,
  blockPlan,
  state,
  today,
  attempt,
  onClose,
  busy,
}: WithState) {
  const { plan, performed, issued } = state;
  const { week } = plan;
  const [said, setSaid] = useState('');
  const open = block.sessions.filter(({ id }) => !performed.has(id));
  const names = namesOf(catalogue);
  const usual = athlete.places[0]?.id ?? '';
  const now = sessionWeek(open[0] ?? { weeks: [] }, week)?.place ?? null;
  const travel = (place: string) => {
    const { edit, swaps } = trainAtPlace(
      block,
      athlete,
      { week, place: place === usual ? null : place, sessions: open.map(({ id }) => id) },
      catalogue.list,
    );
    attempt(edit);
    setSaid(
      swaps.length === 0
        ? ''
        : `${listed(swaps.map(({ from, to }) => screenWords.insteadOf(to === null ? screenWords.nothing : names(to), names(from))))}.`,
    );
  };
  const isEarly = block.earlyDeloads.includes(week);
  const isRunning = runningWeek({ blockPlan }) === state;
  const over = daysBetween(plan.startDate, today) >= block.cycleDays;
  return (
    <>
      <div className={classes.line}>
        {athlete.places.length < 2 || open.length === 0 ? null : (
          <SelectField
            label={screenWords.placeForWeek(week)}
            value={placeFor(athlete, now).id}
            options={athlete.places.map(({ id }) => id)}
            names={(id) => screenWords.at(placeFor(athlete, id).name)}
            onValue={travel}
          />
        )}
        {issued !== null ? null : isEarly ? (
          <Button variant="link" onClick={() => attempt(removeEarlyDeload(block, week))}>
            {screenWords.noDeloadInWeek(week)}
          </Button>
        ) : plan.kind === 'building' ? (
          <Button variant="link" onClick={() => attempt(deloadNow(block, week))}>
            {screenWords.deloadInWeek(week)}
          </Button>
        ) : null}
        {isRunning ? (
          <Button variant="link" aria-disabled={busy} onClick={() => onClose(week, true)}>
            {screenWords.closeWeek(week, over ? '' : screenWords.early)}
          </Button>
        ) : null}
      </div>
      {said === '' ? null : (
        <p role="status" className={form.soft}>
          {said}
        </p>
      )}
    </>
  );
}

/** A week's overrides in one line. */
function WeekOverrides({
  block,
  athlete,
  week,
}: Pick<ThisWeekProps, 'block' | 'athlete'> & { readonly week: number }) {
  const gone = skippedSessions(block, week).map(({ name }) => screenWords.skipped(name));
  const others = block.sessions.flatMap((session) => {
    const own = sessionWeek(session, week);
    if (own === undefined || own.left) return [];
    return [
      ...(own.day === null ? [] : [screenWords.onDay(session.name, dayName(own.day, block.cycleDays))]),
      ...(own.place === null ? [] : [screenWords.atPlace(session.name, placeFor(athlete, own.place).name)]),
      ...(own.takes.length === 0 ? [] : [screenWords.plusExercises(session.name, own.takes.length)]),
    ];
  });
  const all = [...gone, ...others];
  return all.length === 0 ? null : <p className={form.soft}>{screenWords.onlyInWeek(week, listed(all))}</p>;
}
