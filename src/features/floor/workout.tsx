'use client';

import Link from 'next/link';
import { useCallback, useMemo, useRef, useState } from 'react';
import type { SentSet } from '@/core';
import {
  currentSets,
  inVariant,
  type LoggedSet,
  type Muscle,
  primeMovers,
  type RampVerdict,
  type Soreness,
} from '@/core';
import { newId } from '@/ui/new-id';
import { figure, setText, setWithUnit } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import { setName } from '@/ui/words/techniques';
import type { FloorSession, SendAction } from './contract';
import classes from './floor.module.css';
import { nameOf } from './issued-name';
import { type Place, placesOf } from './order';
import type { Outbox } from './outbox';
import type { CheckedSet } from './set-entry';
import { SetScreen } from './set-screen';
import { SorenessForm } from './soreness-form';
import { useOutbox } from './use-outbox';

/** A tap that follows a logged set sooner than this was meant for that set, not for the next one in its place. */
const DOUBLE_TAP_MS = 700;

type View =
  | { readonly status: 'set'; readonly key: string }
  | { readonly status: 'list' }
  | { readonly status: 'end' };

const REFUSED: Readonly<Record<string, string>> = {
  recalled: 'Your coach took this week back. Your sets are kept on this phone; tell your coach.',
  'unknown set': 'A set here is not part of the issued session. Reload the page.',
  gone: 'This session is no longer there. Your sets are kept on this phone.',
  'signed out': 'Signed out. Sign in again; your sets are kept on this phone.',
  malformed: 'The server did not take this. Reload the page; your sets are kept on this phone.',
};

function outboxSentence({ waiting, status, refusal }: Outbox): string | null {
  const count = waiting.sets.length;
  const kept =
    count === 0 ? 'Kept on this phone.' : `${count === 1 ? '1 set' : `${count} sets`} kept on this phone.`;
  if (status === 'offline') return `No connection. ${kept}`;
  if (status === 'refused') return REFUSED[refusal ?? ''] ?? kept;
  return null;
}

type SorenessAnswers = Readonly<Partial<Record<Muscle, Soreness>>>;

/** The latest answer for each muscle. */
function bySoreness(
  reports: readonly { readonly muscle: Muscle; readonly soreness: Soreness }[],
): SorenessAnswers {
  return Object.fromEntries(reports.map(({ muscle, soreness }) => [muscle, soreness]));
}

/** The athlete's session on the floor: one set at a time, logged by tap, corrected by tap. */
export function Workout({ data, send }: { readonly data: FloorSession; readonly send: SendAction }) {
  // Sets tapped on this page or found in the outbox: shown from here on, whether confirmed yet or not.
  const [mine, setMine] = useState<readonly LoggedSet[]>([]);
  const { outbox, post } = useOutbox(data.workoutId, send, (left) => {
    setMine((sets) => [...sets, ...left.sets.map((set) => ({ ...set, workoutId: data.workoutId }))]);
    if (left.finish) setFinished(true);
    if (left.soreness.length > 0) setReported((before) => ({ ...before, ...bySoreness(left.soreness) }));
  });
  const [finished, setFinished] = useState(data.finished);
  const [reported, setReported] = useState(() => bySoreness(data.reported));
  const { session, workoutId } = data;

  const places = useMemo(() => placesOf(session), [session]);
  // By id, so that what the server knew and what was tapped here count once.
  const done = useMemo(() => {
    const all = new Map([...data.logged, ...mine].map((set) => [set.id, set]));
    return currentSets([...all.values()]).get(workoutId) ?? new Map();
  }, [data.logged, mine, workoutId]);

  const loggedAt = useRef(Number.NEGATIVE_INFINITY);
  const firstOpen = places.find(({ key }) => !done.has(key));
  const [view, setView] = useState<View | null>(null);
  const now: View =
    view ?? (finished || firstOpen === undefined ? { status: 'end' } : { status: 'set', key: firstOpen.key });

  const log = useCallback(
    (place: Place, value: CheckedSet) => {
      if (performance.now() - loggedAt.current < DOUBLE_TAP_MS) return;
      loggedAt.current = performance.now();
      const before = done.get(place.key)?.set;
      const set: SentSet = {
        id: newId(),
        slotId: place.slot.slotId,
        setId: place.set.id,
        exerciseId: place.slot.exerciseId,
        load: { value: value.load, unit: place.slot.unit },
        reps: value.reps,
        rir: value.rir,
        ...(value.more === undefined ? {} : { more: value.more }),
        at: new Date().toISOString(),
        supersedes: before?.id ?? null,
      };
      setMine((sets) => [...sets, { ...set, workoutId }]);
      post((waiting) => ({ ...waiting, sets: [...waiting.sets, set] }));
      const next = places.find(({ key }) => key !== place.key && !done.has(key));
      setView(
        before !== undefined
          ? { status: 'list' }
          : next === undefined
            ? { status: 'end' }
            : { status: 'set', key: next.key },
      );
    },
    [done, places, post, workoutId],
  );

  /** Leaves out a set that is done only when there is energy left. */
  const skip = (place: Place) => {
    const next = places.slice(places.indexOf(place) + 1).find(({ key }) => !done.has(key));
    setView(next === undefined ? { status: 'end' } : { status: 'set', key: next.key });
  };

  const finish = () => {
    setFinished(true);
    post((waiting) => ({ ...waiting, finish: true }));
    setView({ status: 'end' });
  };

  const report = (answers: SorenessAnswers) => {
    const fresh = (Object.entries(answers) as [Muscle, Soreness][]).filter(
      ([muscle, soreness]) => reported[muscle] !== soreness,
    );
    setReported(answers);
    post((waiting) => ({
      ...waiting,
      soreness: [
        ...waiting.soreness,
        ...fresh.map(([muscle, soreness]) => ({ id: newId(), muscle, soreness })),
      ],
    }));
  };

  const [ramps, setRamps] = useState(data.ramps);
  const reportRamp = (slotId: string, verdict: RampVerdict) => {
    setRamps((before) => ({ ...before, [slotId]: verdict }));
    post((waiting) => ({ ...waiting, ramps: [...waiting.ramps, { id: newId(), slotId, verdict }] }));
  };

  const sentence = outboxSentence(outbox);
  const place = now.status === 'set' ? places.find(({ key }) => key === now.key) : undefined;
  const latest = [...done.values()].reduce<string | null>(
    (at, { set }) => (at === null || set.at > at ? set.at : at),
    null,
  );

  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{session.name}</h1>
        <span className={classes.soft}>
          {done.size} of {places.length} sets
        </span>
      </div>
      <div className={classes.ticks} aria-hidden="true">
        {places.map(({ key }) => (
          <span
            key={key}
            className={classes.tick}
            data-state={now.status === 'set' && key === now.key ? 'now' : done.has(key) ? 'done' : 'open'}
          />
        ))}
      </div>
      {place !== undefined ? (
        <SetScreen
          key={place.key}
          data={data}
          place={place}
          done={done.get(place.key)?.set ?? null}
          restSince={latest}
          ramp={ramps[place.slot.slotId] ?? null}
          onRamp={(verdict) => reportRamp(place.slot.slotId, verdict)}
          onLog={(value) => log(place, value)}
          onSkip={place.set.optional ? () => skip(place) : null}
        />
      ) : now.status === 'end' ? (
        <End
          data={data}
          open={places.filter(({ key, set }) => !set.optional && !done.has(key)).length}
          finished={finished}
          reported={reported}
          onFinish={finish}
          onReport={report}
        />
      ) : (
        <SetList data={data} places={places} done={done} onOpen={(key) => setView({ status: 'set', key })} />
      )}
      <div className={classes.foot} data-waiting={sentence !== null} role="status">
        <span>
          {sentence ??
            (outbox.status === 'sending'
              ? 'Sending …'
              : done.size > 0
                ? 'All sets are with your coach.'
                : '')}
        </span>
        <span style={{ display: 'flex', gap: 14, whiteSpace: 'nowrap' }}>
          {now.status === 'list' && (firstOpen !== undefined || finished) ? (
            <button type="button" className={classes.link} onClick={() => setView(null)}>
              Go on
            </button>
          ) : (
            <button type="button" className={classes.link} onClick={() => setView({ status: 'list' })}>
              All sets
            </button>
          )}
          <Link href={`/floor/${data.blockId}`} className={classes.link} prefetch={false}>
            Week
          </Link>
        </span>
      </div>
    </main>
  );
}

interface SetListProps {
  readonly data: FloorSession;
  readonly places: readonly Place[];
  readonly done: ReadonlyMap<string, { readonly set: LoggedSet; readonly conflicts: readonly LoggedSet[] }>;
  readonly onOpen: (key: string) => void;
}

/** Every set of the session; tapping one opens it for logging or correcting. */
function SetList({ data, places, done, onOpen }: SetListProps) {
  const slots = [...new Set(places.map(({ slot }) => slot))];
  return (
    <div>
      {slots.map((slot) => (
        <section key={slot.slotId}>
          <h2 className={classes.group}>{capital(nameOf(slot, data))}</h2>
          {places
            .filter((place) => place.slot === slot)
            .map(({ key, set }) => {
              const logged = done.get(key);
              const shown = logged?.set;
              return (
                <button type="button" className={classes.setRow} key={key} onClick={() => onOpen(key)}>
                  <span className={shown === undefined ? classes.soft : ''}>
                    {capital(setName(set, slot.sets))}
                    {logged !== undefined && logged.conflicts.length > 0
                      ? ', logged twice: the later counts'
                      : ''}
                  </span>
                  {shown === undefined ? (
                    <span className={classes.soft}>asked {setText(set.load, set.reps, slot)}</span>
                  ) : (
                    <strong>
                      {setWithUnit(shown.load.value, shown.reps, slot, shown.load.unit)}, {figure(shown.rir)}{' '}
                      left
                    </strong>
                  )}
                </button>
              );
            })}
        </section>
      ))}
    </div>
  );
}

interface EndProps {
  readonly data: FloorSession;
  readonly open: number;
  readonly finished: boolean;
  readonly reported: SorenessAnswers;
  readonly onFinish: () => void;
  readonly onReport: (answers: SorenessAnswers) => void;
}

function End({ data, open, finished, reported, onFinish, onReport }: EndProps) {
  const muscles = [
    ...new Set(
      data.session.slots.flatMap((slot) => {
        const exercise = data.exercises[slot.exerciseId];
        return exercise === undefined ? [] : primeMovers(inVariant(exercise, slot.variant));
      }),
    ),
  ];
  if (finished) return <SorenessForm muscles={muscles} reported={reported} onReport={onReport} />;
  return (
    <div>
      <p className={classes.slotName}>
        {open === 0 ? 'All sets are logged.' : `${open} sets are not logged.`}
      </p>
      <p className={classes.soft}>
        Finishing tells your coach that the session is over. Sets can still be corrected.
      </p>
      <button type="button" className={classes.go} onClick={onFinish}>
        Finish the session
      </button>
    </div>
  );
}
