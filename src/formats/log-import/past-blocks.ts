import {
  type Athlete,
  addDays,
  type Block,
  BOUNDS,
  type Catalogue,
  clamp,
  conventionsOf,
  daysBetween,
  EMPTY_LOG,
  ENGINE_VERSION,
  emptyBlock,
  exerciseFacts,
  LIMITS,
  type LocalDate,
  mondayOf,
  newSlot,
  type Session,
  type SlotPlan,
  type Unit,
  unfold,
  valueIn,
  type Weight,
} from '@/core';
import type { ArchivedBlock, ArchivedWorkout } from '../archive/athlete-file';

/** A set logged elsewhere. */
export interface PastSet {
  readonly date: LocalDate;
  readonly exerciseId: string;
  readonly load: Weight;
  readonly reps: number;
  readonly rir: number;
  readonly note: string;
}

/** Days without training that start another block. */
const ANOTHER_BLOCK = 28;
/** Straight sets per slot; further ones are kept as extra. */
const MOST_SETS = 12;
const WEEK = 7;

interface PastWeek {
  readonly monday: LocalDate;
  readonly sets: readonly PastSet[];
}

/**
 * Blocks for earlier training, as if it had been planned exactly that way: each calendar week with training is a
 * week, each weekday a session, sent and done. Weeks without training are pauses; after four of them, or sixteen
 * weeks, another block starts. Estimates, last times and reviews use them like any block.
 * @param newId an unused id
 */
export function pastBlocks(
  sets: readonly PastSet[],
  athlete: Athlete,
  catalogue: Catalogue,
  newId: () => string,
): readonly ArchivedBlock[] {
  return runsOf(weeksOf(sets)).map((weeks) => blockOf(weeks, athlete, catalogue, newId));
}

function weeksOf(sets: readonly PastSet[]): readonly PastWeek[] {
  const weeks = new Map<LocalDate, PastSet[]>();
  for (const set of sets) {
    const monday = mondayOf(set.date);
    weeks.set(monday, [...(weeks.get(monday) ?? []), set]);
  }
  return [...weeks].sort(([a], [b]) => a.localeCompare(b)).map(([monday, of]) => ({ monday, sets: of }));
}

/** Consecutive weeks that form a block. */
function runsOf(weeks: readonly PastWeek[]): readonly (readonly PastWeek[])[] {
  const runs: PastWeek[][] = [];
  for (const week of weeks) {
    const run = runs.at(-1);
    const last = run?.at(-1);
    const isNext =
      last !== undefined &&
      daysBetween(last.monday, week.monday) - WEEK < ANOTHER_BLOCK &&
      (run?.length ?? 0) < BOUNDS.weeks.high;
    if (isNext) run?.push(week);
    else runs.push([week]);
  }
  return runs;
}

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

function nameOf(from: LocalDate, to: LocalDate): string {
  const said = (date: LocalDate) => `${Number(date.slice(8))} ${MONTHS[Number(date.slice(5, 7)) - 1]}`;
  return `Log, ${said(from)} to ${said(to)} ${to.slice(0, 4)}`;
}

/** Sets of an exercise on a day, in order. */
function onDay({ monday, sets }: PastWeek, day: number, exerciseId: string): readonly PastSet[] {
  const date = addDays(monday, day);
  return sets.filter((set) => set.date === date && set.exerciseId === exerciseId);
}

function documentOf(
  weeks: readonly PastWeek[],
  athlete: Athlete,
  catalogue: Catalogue,
  newId: () => string,
): Block {
  const [first] = weeks;
  const all = weeks.flatMap(({ sets }) => sets);
  const dates = all.map(({ date }) => date).sort();
  const name = nameOf(dates[0] ?? '', dates.at(-1) ?? '');
  const days = [...new Set(all.map(({ date }) => daysBetween(mondayOf(date), date)))].sort((a, b) => a - b);
  const most = Math.min(LIMITS.slots, Math.floor(LIMITS.allSlots / days.length));
  const sessions = days.map((day): Session => {
    const done = all.filter(({ date }) => daysBetween(mondayOf(date), date) === day);
    const exercises = [...new Set(done.map(({ exerciseId }) => exerciseId))].slice(0, most);
    return {
      id: newId(),
      name: WEEKDAYS[day] ?? '',
      day,
      place: null,
      optional: false,
      weeks: [],
      slots: exercises.flatMap((exerciseId) => {
        const exercise = catalogue.newest(exerciseId);
        if (exercise === undefined) return [];
        const sets = Math.max(...weeks.map((week) => onDay(week, day, exerciseId).length));
        const reps = done.filter((set) => set.exerciseId === exerciseId).map((set) => repsOf(set));
        return [
          {
            ...newSlot(newId(), exercise),
            technique: { kind: 'straight', sets: Math.min(MOST_SETS, sets) } as const,
            range: { low: Math.min(...reps), high: Math.max(...reps) },
            weeks: weeks.flatMap((week, at) => {
              const [set, ...more] = onDay(week, day, exerciseId);
              if (set === undefined) return [];
              const { low, high } = BOUNDS.rir;
              return [
                {
                  week: at + 1,
                  sets: Math.min(MOST_SETS, more.length + 1),
                  load: { ...set.load, value: loadIn(set.load, athlete.unit), unit: athlete.unit },
                  reps: repsOf(set),
                  rir: clamp(Math.round(set.rir), low, high),
                },
              ];
            }),
          },
        ];
      }),
    };
  });
  return {
    ...emptyBlock(name, first?.monday ?? ''),
    weeks: weeks.length,
    deload: null,
    pauses: weeks.flatMap(({ monday }, at) => {
      const next = weeks[at + 1];
      const idle = next === undefined ? 0 : daysBetween(monday, next.monday) - WEEK;
      return idle > 0 ? [{ after: at + 1, days: idle }] : [];
    }),
    sessions,
  };
}

function repsOf({ reps }: PastSet): number {
  return clamp(Math.round(reps), BOUNDS.reps.low, BOUNDS.reps.high);
}

function loadIn(load: Weight, unit: Unit): number {
  const { low, high } = BOUNDS.load;
  return clamp(Math.round(100 * valueIn(unit, load)) / 100, low, high);
}

function blockOf(
  weeks: readonly PastWeek[],
  athlete: Athlete,
  catalogue: Catalogue,
  newId: () => string,
): ArchivedBlock {
  const block = documentOf(weeks, athlete, catalogue, newId);
  const input = { block, athlete, exercises: catalogue.find, issued: [], log: EMPTY_LOG, answers: [] };
  const conventions = conventionsOf({ own: athlete.conventions, block: block.conventions });
  const planned = unfold(input).weeks;
  const instant = (date: LocalDate, time: string) => `${date}T${time}Z`;
  const handedOut: ArchivedBlock['weeks'] = [];
  const workouts: ArchivedWorkout[] = [];
  for (const [at, week] of weeks.entries()) {
    const plan = planned[at]?.plan;
    if (plan === undefined) continue;
    const weekId = newId();
    const sessions = plan.sessions.flatMap((session) => {
      const slots = session.slots.flatMap((slot) => {
        const done = onDay(week, session.day, slot.exerciseId);
        return done.length === 0 ? [] : [{ slot: asDone(slot, done), done }];
      });
      if (slots.length === 0) return [];
      const date = addDays(week.monday, session.day);
      const sets = slots.flatMap(({ slot, done }) => loggedOf(slot, done, newId));
      workouts.push({
        id: `${weekId}.${session.sessionId}`,
        weekId,
        week: plan.week,
        sessionId: session.sessionId,
        date,
        lastSetAt: instant(date, '12:00:00.000'),
        finishedAt: instant(date, '13:00:00.000'),
        notes: [],
        hurtAt: null,
        hurtSeenAt: null,
        // In order, but all at the same time: their actual times are unknown.
        sets: sets.map((set, k) => {
          const at = `${date}T12:00:00.${String(Math.min(k, 999)).padStart(3, '0')}Z`;
          return { ...set, at, receivedAt: at };
        }),
        soreness: [],
        ramps: [],
      });
      const working = slots.reduce((sum, { slot }) => sum + slot.sets.length, 0);
      return [{ ...session, slots: slots.map(({ slot }) => slot), sets: working }];
    });
    handedOut.push({
      handedOut: {
        id: weekId,
        week: plan.week,
        issuedAt: instant(week.monday, '00:00:00.000'),
        engine: ENGINE_VERSION,
        conventions,
        exercises: exerciseFacts(sessions, catalogue.find),
        plan: { ...plan, sessions },
      },
      issuedAt: instant(week.monday, '00:00:00.000'),
      openedAt: null,
      line: null,
      version: 0,
      closedAt: instant(addDays(week.monday, WEEK - 1), '23:59:59.000'),
    });
  }
  const begun = instant(block.startDate, '00:00:00.000');
  return {
    id: newId(),
    revision: 0,
    createdAt: begun,
    updatedAt: begun,
    archivedAt: null,
    document: block,
    steps: [],
    weeks: handedOut,
    workouts,
    calls: [],
  };
}

/** A slot whose plan is what was done. */
function asDone(slot: SlotPlan, done: readonly PastSet[]): SlotPlan {
  return {
    ...slot,
    sets: slot.sets.flatMap((set, at) => {
      const was = done[at];
      return was === undefined
        ? []
        : [
            {
              ...set,
              load: loadIn(was.load, slot.unit),
              reps: repsOf(was),
              rir: was.rir,
              predictedRir: null,
            },
          ];
    }),
  };
}

function loggedOf(
  slot: SlotPlan,
  done: readonly PastSet[],
  newId: () => string,
): readonly Omit<ArchivedWorkout['sets'][number], 'at' | 'receivedAt'>[] {
  return done.map(({ exerciseId, load, reps, rir, note }, at) => ({
    id: newId(),
    slotId: slot.slotId,
    setId: slot.sets[at]?.id ?? `more-${at + 1}`,
    exerciseId,
    load,
    reps: Math.round(reps),
    rir,
    more: note === '' ? null : { line: note },
    measuresStrength: slot.sets[at]?.measuresStrength ?? false,
    supersedes: null,
    enteredBy: 'coach',
  }));
}
