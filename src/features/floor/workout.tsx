'use client';

import { Button } from '@mantine/core';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { type CurrentSet, currentSets, hasStopped, type SlotPlan } from '@/core';
import { capital } from '@/ui/words/names';
import type { FloorSession } from './contract';
import { End } from './end';
import classes from './floor.module.css';
import { nameOf } from './issued-name';
import { asPlanned } from './more-entry';
import { type AskedSet, askedSets, roundFrom } from './order';
import { AsText, queueSentence, RefusedList } from './queue-note';
import type { CheckedSet } from './set-entry';
import { SetList } from './set-list';
import { SetScreen } from './set-screen';
import { wakeSound } from './signal';
import { useAwake } from './use-awake';
import { useFloor } from './use-floor';
import { useWatches } from './use-watches';

type View =
  | { readonly status: 'set'; readonly key: string }
  | { readonly status: 'list' }
  | { readonly status: 'end' };

const NONE: ReadonlyMap<string, CurrentSet> = new Map();

/** A set as it is logged in its place, or as it corrects the one that stands there. */
function loggedIn({ slot, set }: AskedSet, before: CurrentSet | undefined, value: CheckedSet) {
  return {
    slotId: slot.slotId,
    setId: set.id,
    exerciseId: slot.exerciseId,
    load: { value: value.load, unit: slot.unit },
    reps: value.reps,
    rir: value.rir,
    ...(value.more === undefined ? {} : { more: value.more }),
    supersedes: before?.set.id ?? null,
  };
}

/** The athlete's session on the floor: one set at a time, logged by tap, corrected by tap. */
export function Workout({ data }: { readonly data: FloorSession }) {
  const [floor, state] = useFloor(data);
  useAwake();
  const watches = useWatches(data.workoutId);
  const { session, workoutId } = data;
  const { logged, finished } = state;
  const sets = useMemo(() => askedSets(session), [session]);
  const done = useMemo(() => currentSets(logged).get(workoutId) ?? NONE, [logged, workoutId]);
  /** Whether a slot is done with because its reps fell as far as is written; `latest` counts too. */
  const isStopped = (slot: SlotPlan, latest?: { readonly setId: string; readonly reps: number }) =>
    hasStopped(slot, (setId) =>
      latest !== undefined && latest.setId === setId
        ? latest.reps
        : done.get(`${slot.slotId}/${setId}`)?.set.reps,
    );
  const isOpen = ({ key, slot }: AskedSet) => !done.has(key) && !isStopped(slot);
  const firstUnlogged = sets.find(isOpen);
  const [stopped, setStopped] = useState<string | null>(null);
  const [view, setView] = useState<View | null>(null);
  const now: View =
    view ??
    (finished || firstUnlogged === undefined ? { status: 'end' } : { status: 'set', key: firstUnlogged.key });
  const goTo = (next: AskedSet | undefined) =>
    setView(next === undefined ? { status: 'end' } : { status: 'set', key: next.key });

  const log = (asked: AskedSet, value: CheckedSet) => {
    wakeSound();
    const before = done.get(asked.key);
    if (!floor.log(loggedIn(asked, before, value))) return;
    if (before !== undefined) setView({ status: 'list' });
    else {
      const { slot, set } = asked;
      const ends = isStopped(slot, { setId: set.id, reps: value.reps });
      setStopped(ends ? `${capital(nameOf(slot, data))} ends here: reps fell by ${slot.stopFall} %.` : null);
      goTo(
        sets.find(
          (one) => one.key !== asked.key && isOpen(one) && !(ends && one.slot.slotId === slot.slotId),
        ),
      );
    }
  };
  /** Logs what is left of a round as it was asked, with one tap at its end. */
  const logRound = (round: readonly AskedSet[]) => {
    wakeSound();
    if (!floor.logAll(round.map((one) => loggedIn(one, undefined, asPlanned(one.set))))) return;
    setStopped(null);
    goTo(sets.find((one) => isOpen(one) && !round.includes(one)));
  };
  /** Leaves out a set that is done only when there is energy left. */
  const skip = (asked: AskedSet) => goTo(sets.slice(sets.indexOf(asked) + 1).find(isOpen));

  const asked = now.status === 'set' ? sets.find(({ key }) => key === now.key) : undefined;
  const round = asked === undefined ? [] : roundFrom(sets, asked);
  const isWhole = round.length > 1 && round.every(isOpen);
  const latest = [...done.values()].reduce<string | null>(
    (at, { set }) => (at === null || set.at > at ? set.at : at),
    null,
  );
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{session.name}</h1>
        <span className={classes.soft}>
          {done.size} of {sets.length} sets
        </span>
      </div>
      <Ticks sets={sets} done={done} now={now.status === 'set' ? now.key : null} />
      {stopped === null ? null : <p role="status">{stopped}</p>}
      {asked !== undefined ? (
        <SetScreen
          key={asked.key}
          data={data}
          asked={asked}
          done={done.get(asked.key)?.set ?? null}
          restSince={latest}
          ramp={state.ramps[asked.slot.slotId] ?? null}
          onRamp={(verdict) => floor.reportRamp(asked.slot.slotId, verdict)}
          watches={watches}
          onLog={(value) => log(asked, value)}
          round={isWhole ? round : null}
          onRound={() => logRound(round)}
          onSkip={asked.set.optional ? () => skip(asked) : null}
        />
      ) : now.status === 'end' ? (
        <End
          data={data}
          open={sets.filter((one) => !one.set.optional && isOpen(one))}
          onOpen={(key) => setView({ status: 'set', key })}
          finished={finished}
          reported={state.reported}
          onFinish={() => {
            floor.finish();
            setView({ status: 'end' });
          }}
          onReport={(answers) => floor.report(answers)}
        />
      ) : (
        <SetList
          data={data}
          sets={sets}
          done={done}
          onOpen={(key) => setView({ status: 'set', key })}
          onEnd={finished ? null : () => setView({ status: 'end' })}
        />
      )}
      <RefusedList floor={floor} state={state} />
      <AsText data={data} state={state} />
      <Foot state={state} count={done.size}>
        {now.status === 'list' && (firstUnlogged !== undefined || finished) ? (
          <Button variant="link" onClick={() => setView(null)}>
            Go on
          </Button>
        ) : (
          <Button variant="link" onClick={() => setView({ status: 'list' })}>
            All sets
          </Button>
        )}
        <Link href={`/floor/${data.blockId}`} className={classes.link} prefetch={false}>
          Week
        </Link>
      </Foot>
    </main>
  );
}

interface TicksProps {
  readonly sets: readonly AskedSet[];
  readonly done: ReadonlyMap<string, CurrentSet>;
  readonly now: string | null;
}

function Ticks({ sets, done, now }: TicksProps) {
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

/** Whether what was tapped is with the coach, and where else to go. */
function Foot({ state, count, children }: FootProps) {
  const sentence = queueSentence(state);
  const calm =
    state.queue.sending.status === 'sending' ? 'Sending …' : count > 0 ? 'All sets are with your coach.' : '';
  return (
    <div className={classes.foot} data-waiting={sentence !== null} role="status">
      <span>{sentence ?? (state.queue.refused.length > 0 ? '' : calm)}</span>
      <span className={classes.footLinks}>{children}</span>
    </div>
  );
}
