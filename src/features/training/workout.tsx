'use client';

import { Button } from '@mantine/core';
import Link from 'next/link';
import { type CurrentSet, mustChoose, summariseNotes } from '@/core';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/training';
import { AddExercise } from './alternatives';
import { ChangeSet } from './change-set';
import { ChooseExercise } from './choose-exercise';
import type { SessionData } from './contract';
import { Finish } from './finish';
import { nameOf } from './issued-name';
import type { AskedSet } from './order';
import { LoadsPainfulPart, PainStop } from './pain-stop';
import { queueSentence, RefusedList, SetsAsText } from './queue-note';
import { Readiness } from './readiness';
import { SessionRating } from './session-rating';
import { SetList } from './set-list';
import { SetScreen } from './set-screen';
import { sumSoFar } from './so-far';
import classes from './training.module.css';
import { useAwake } from './use-awake';
import { useToday } from './use-training';
import { useWatches } from './use-watches';
import { useWorkout, type WorkoutUse } from './use-workout';

/** The athlete's session: one set at a time, logged by tap, corrected by tap. */
export function Workout({ data: issued }: { readonly data: SessionData }) {
  const use = useWorkout(issued);
  useAwake();
  const { state, data, sets, done, now, stopped, firstOpen, show } = use;
  // Sets of an exercise that ended early count, although no more are planned.
  const beside = [...done.keys()].filter((key) => sets.every((one) => one.key !== key)).length;
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{data.session.name}</h1>
        <span className={classes.soft}>{words.setsOfAll(done.size, sets.length + beside)}</span>
      </div>
      <ProgressTicks sets={sets} done={done} now={now.status === 'set' ? now.key : null} />
      {state.recalled ? <p role="status">{words.yourCoachChangedThisWeek}</p> : null}
      {stopped === null ? null : <p role="status">{stopped}</p>}
      <WorkoutStep issued={issued} use={use} />
      <RefusedList floor={use.floor} state={state} />
      <SetsAsText data={data} state={state} />
      <WorkoutFooter state={state} count={done.size}>
        {['list', 'add', 'different', 'stopped'].includes(now.status) &&
        (firstOpen !== undefined || state.finished) ? (
          <Button variant="link" onClick={use.goOn}>
            {common.continueWord}
          </Button>
        ) : (
          <Button variant="link" onClick={() => show({ status: 'list' })}>
            {words.allSets}
          </Button>
        )}
        <Link href={`/training/${data.blockId}`} className={classes.link} prefetch={false}>
          {common.weekText}
        </Link>
      </WorkoutFooter>
    </main>
  );
}

interface FaceProps {
  readonly issued: SessionData;
  readonly use: WorkoutUse;
}

/** What the phone currently shows of the session. */
function WorkoutStep({ issued, use }: FaceProps) {
  const { floor, state, told, day, data, sets, done, now, asked, open, show, goOn, tell } = use;
  const today = useToday(issued.today);
  const insteadOf = (slotId: string) => issued.instead[slotId] ?? data.extras;
  switch (now.status) {
    case 'before':
      return (
        <Readiness
          data={issued}
          today={today}
          reported={state.reported}
          onTell={tell}
          onSoreness={(of, answers) => floor.reportSoreness(of, answers)}
          onStart={goOn}
        />
      );
    case 'set':
      if (asked === undefined) break;
      return <CurrentSetStep issued={issued} use={use} asked={asked} />;
    case 'different': {
      const planned = issued.session.slots.find(({ slotId }) => slotId === now.slot.slotId);
      const isSwapped = planned !== undefined && planned.exerciseId !== now.slot.exerciseId;
      return (
        <ChangeSet
          slot={now.slot}
          name={nameOf(now.slot, data)}
          planned={isSwapped ? { id: planned.exerciseId, name: nameOf(planned, issued) } : null}
          list={insteadOf(now.slot.slotId)}
          day={day}
          told={told}
          onTell={tell}
          onDone={goOn}
        />
      );
    }
    case 'stopped':
      return (
        <PainStop
          slot={now.slot}
          name={nameOf(now.slot, data)}
          list={insteadOf(now.slot.slotId)}
          day={day}
          told={told}
          onTake={use.addExercise}
          onDone={goOn}
        />
      );
    case 'add':
      return <AddExercise list={data.extras} told={told} day={day} onTake={use.addExercise} />;
    case 'end':
      return (
        <>
          <Finish
            data={data}
            open={open}
            onOpen={(key) => show({ status: 'set', key })}
            finished={state.finished}
            onFinish={() => {
              floor.finish();
              show({ status: 'end' });
            }}
          />
          {state.finished ? (
            <SessionRating data={data} told={summariseNotes(state.notes)} today={today} onTell={tell} />
          ) : null}
        </>
      );
    case 'list':
      break;
  }
  return (
    <SetList
      data={data}
      issued={issued}
      told={told}
      day={day}
      sets={sets}
      done={done}
      logged={state.logged}
      onOpen={(key) => show({ status: 'set', key })}
      onTell={tell}
      onAdd={() => show({ status: 'add' })}
      onEnd={state.finished ? null : () => show({ status: 'end' })}
    />
  );
}

/** The current set, or first the choice of its exercise. */
function CurrentSetStep({ issued, use, asked }: FaceProps & { readonly asked: AskedSet }) {
  const { floor, state, told, day, data, done, round, tell, log } = use;
  const watches = useWatches(data.workoutId);
  const { slot } = asked;
  const isBegun = slot.sets.some(({ id }) => done.has(`${slot.slotId}/${id}`));
  if (!isBegun && mustChoose(slot, day))
    return (
      <ChooseExercise
        slot={slot}
        name={nameOf(slot, data)}
        list={issued.instead[slot.slotId] ?? []}
        day={day}
        told={told}
        onTell={tell}
      />
    );
  const latest = [...done.values()].reduce<string | null>(
    (at, { set }) => (at === null || set.at > at ? set.at : at),
    null,
  );
  return (
    <>
      <LoadsPainfulPart slot={slot} day={day} told={told} onTell={tell} />
      <SetScreen
        key={`${asked.key}/${slot.exerciseId}`}
        data={data}
        asked={asked}
        done={done.get(asked.key)?.set ?? null}
        restSince={latest}
        ramp={state.ramps[slot.slotId] ?? null}
        onRamp={(verdict) => floor.reportRamp(slot.slotId, verdict)}
        watches={watches}
        rescue={told.readiness?.rescue ?? null}
        onLog={(value) => log(asked, value)}
        round={round}
        onRound={use.logRound}
        soFar={sumSoFar(slot, done)}
        onSkip={asked.set.optional ? () => use.leaveOut(asked) : null}
        onDifferent={() => use.show({ status: 'different', slot })}
      />
    </>
  );
}

interface TicksProps {
  readonly sets: readonly AskedSet[];
  readonly done: ReadonlyMap<string, CurrentSet>;
  readonly now: string | null;
}

function ProgressTicks({ sets, done, now }: TicksProps) {
  return (
    <div className={classes.ticks} aria-hidden="true">
      {sets.map(({ key }) => (
        <span
          key={key}
          className={classes.tick}
          data-state={key === now ? 'now' : done.has(key) ? 'done' : 'to come'}
        />
      ))}
    </div>
  );
}

interface FootProps {
  readonly state: Parameters<typeof queueSentence>[0];
  readonly count: number;
  readonly children: React.ReactNode;
}

/** Whether everything has been sent, and where else to go. */
function WorkoutFooter({ state, count, children }: FootProps) {
  const sentence = queueSentence(state);
  const isSending = state.queue.sending.status === 'sending' || state.queue.waiting.length > 0;
  const calm = isSending ? words.sending : count > 0 ? words.yourCoachHasAllSets : '';
  return (
    <div className={classes.foot} data-waiting={sentence !== null} role="status">
      <span>{sentence ?? (state.queue.refused.length > 0 ? '' : calm)}</span>
      <span className={classes.footLinks}>{children}</span>
    </div>
  );
}
