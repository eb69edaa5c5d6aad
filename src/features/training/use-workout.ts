import { useMemo, useState } from 'react';
import {
  type CurrentSet,
  currentSets,
  hasStopped,
  type NoteContent,
  type SlotPlan,
  summariseNotes,
  valueIn,
} from '@/core';
import { newId } from '@/ui/new-id';
import { capital } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/training';
import type { SessionData } from './contract';
import { dataToday, dayOf } from './data-today';
import { nameOf } from './issued-name';
import { asPlanned } from './more-entry';
import { type AskedSet, orderSets, roundFrom } from './order';
import type { CheckedSet } from './set-entry';
import { wakeSound } from './signal';
import { useTraining } from './use-training';

export type View =
  | { readonly status: 'before' | 'list' | 'add' | 'end' }
  | { readonly status: 'set'; readonly key: string }
  /** Something about an exercise differs from the plan, such as being stopped for pain. */
  | { readonly status: 'different' | 'stopped'; readonly slot: SlotPlan };

const NONE: ReadonlyMap<string, CurrentSet> = new Map();

/** A set logged in its place, or a correction of the one there. */
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

/** A session in the athlete's app: what it has become today, the athlete's position in it, and what a tap does. */
export function useWorkout(issued: SessionData) {
  const [floor, state] = useTraining(issued);
  const { logged, finished, notes } = state;
  const told = useMemo(() => summariseNotes(notes), [notes]);
  const day = useMemo(() => dayOf(issued, told), [issued, told]);
  const data = useMemo(() => dataToday(issued, told, day), [issued, told, day]);
  const sets = useMemo(() => orderSets(data.session), [data]);
  const done = useMemo(() => currentSets(logged).get(issued.workoutId) ?? NONE, [logged, issued]);
  const [started, setStarted] = useState(false);
  const [stopped, setStopped] = useState<string | null>(null);
  const [view, setView] = useState<View | null>(null);

  /** Whether a slot ends because its performance fell as far as written; `latest` counts too. */
  const isStopped = (slot: SlotPlan, latest?: { readonly setId: string; readonly value: CheckedSet }) =>
    hasStopped(slot, (setId) => {
      if (latest?.setId === setId) return latest.value;
      const set = done.get(`${slot.slotId}/${setId}`)?.set;
      return set && { load: valueIn(slot.unit, set.load), reps: set.reps, rir: set.rir };
    });
  const isOpen = ({ key, slot }: AskedSet) => !done.has(key) && !isStopped(slot);
  const firstOpen = sets.find(isOpen);
  const isFresh = !started && notes.length === 0 && logged.length === 0 && !finished;
  const usual = (): View => {
    if (isFresh) return { status: 'before' };
    return finished || firstOpen === undefined ? { status: 'end' } : { status: 'set', key: firstOpen.key };
  };
  const now = view ?? usual();
  const asked = now.status === 'set' ? sets.find(({ key }) => key === now.key) : undefined;
  const round = asked === undefined ? [] : roundFrom(sets, asked);

  const goTo = (next: AskedSet | undefined) =>
    setView(next === undefined ? { status: 'end' } : { status: 'set', key: next.key });
  /** Moves to the first open set, given the latest entry. */
  const goOn = () => {
    setStarted(true);
    setStopped(null);
    setView(null);
  };
  const tell = (telling: NoteContent) => {
    floor.tell(telling);
    const slot =
      telling.kind === 'pain' && telling.grade !== null
        ? data.session.slots.find(({ slotId }) => slotId === telling.slotId)
        : undefined;
    if (slot !== undefined) setView({ status: 'stopped', slot });
  };
  const log = (one: AskedSet, value: CheckedSet) => {
    wakeSound();
    const before = done.get(one.key);
    if (!floor.log(loggedIn(one, before, value))) return;
    if (before !== undefined) return setView({ status: 'list' });
    const { slot, set } = one;
    const ends = isStopped(slot, { setId: set.id, value });
    setStopped(
      ends ? screenWords.endsHerePerformanceFell(capital(nameOf(slot, data)), slot.stopFall ?? 0) : null,
    );
    goTo(
      sets.find(
        (next) => next.key !== one.key && isOpen(next) && !(ends && next.slot.slotId === slot.slotId),
      ),
    );
  };

  return {
    floor,
    state,
    told,
    day,
    data,
    sets,
    done,
    now,
    asked,
    stopped,
    firstOpen,
    open: sets.filter((one) => !one.set.optional && isOpen(one)),
    /** The set and its parts, if one tap may log them all; otherwise null. */
    round: round.length > 1 && round.every(isOpen) ? round : null,
    show: setView,
    goOn,
    tell,
    log,
    /** Logs the rest of a round as planned, with one tap at its end. */
    logRound: () => {
      wakeSound();
      if (!floor.logAll(round.map((one) => loggedIn(one, undefined, asPlanned(one.set))))) return;
      setStopped(null);
      goTo(sets.find((one) => isOpen(one) && !round.includes(one)));
    },
    /** Skips an optional set. */
    leaveOut: (one: AskedSet) => goTo(sets.slice(sets.indexOf(one) + 1).find(isOpen)),
    addExercise: (exerciseId: string) => {
      floor.tell({ kind: 'extra', slotId: `extra-${newId()}`, exerciseId });
      goOn();
    },
  };
}

export type WorkoutUse = ReturnType<typeof useWorkout>;
