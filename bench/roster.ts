import { randomUUID } from 'node:crypto';
import {
  type Athlete,
  addDays,
  type Block,
  catalogueWith,
  dayIn,
  EPLEY,
  e1rm,
  emptyBlock,
  exerciseById,
  freezeWeek,
  type IssuedWeek,
  type Log,
  type LoggedSet,
  mondayOf,
  type NoteContent,
  newSlot,
  repsToFailure,
  type SessionNote,
  type Workout,
  weekdayOf,
  weekOutline,
} from '../src/core';
import { encodeBlock } from '../src/core/codecs';
import { closeDatabase } from '../src/data/database';
import { people } from '../src/data/demo/people';
import { models } from '../src/data/models/models';
import { addAthlete } from '../src/data/repositories/athletes';
import { refreshCalls } from '../src/data/repositories/calls';
import { addCoach, coachByEmail } from '../src/data/repositories/coaches';
import { storeCheckIn } from '../src/data/repositories/store-check-in';

/**
 * `tsx bench/roster.ts EMAIL COUNT`: a coach with COUNT athletes in the ninth week of a block. The core simulates
 * months of logs: some athletes are steady, others miss days, report pain, stall, report RIR too low, are exhausted,
 * fall below target, stop logging, or missed this week's Monday.
 */
const LIVES = [
  'steady',
  'misses Thursdays',
  'hurts',
  'stalls',
  'reports low',
  'worn out',
  'behind',
  'quiet',
  'lost a day',
  'rising',
] as const;
type Life = (typeof LIVES)[number];

const WEEKS_DONE = 8;
const [email = '', count = '0'] = process.argv.slice(2);
const now = new Date();
const asker =
  (await coachByEmail(email)) ??
  (await addCoach({ email, name: 'Rona Vestergaard', password: 'rung by rung' }));
const catalogue = catalogueWith([]);

const slot = (id: string, exerciseId: string) => {
  const exercise = exerciseById(exerciseId);
  if (exercise === undefined) throw new Error(`no exercise ${exerciseId}`);
  return { ...newSlot(id, exercise), technique: { kind: 'straight' as const, sets: 3 } };
};

/**
 * Four upper- and lower-body days with ids of their own.
 * @param today whatever the weekday, the last session is in the future, so the ninth week is not over
 */
function fourDays(startDate: string, mark: string, today: string): Block {
  const day = (id: string, name: string, at: number, exercises: readonly string[]) => ({
    id: `${id}-${mark}`,
    name,
    day: at,
    place: null,
    optional: false,
    weeks: [],
    slots: exercises.map((exercise, k) => slot(`${id}${k}-${mark}`, exercise)),
  });
  return {
    ...emptyBlock('Autumn, four days', startDate),
    weeks: 10,
    sessions: [
      day('a', 'Upper, press', 0, [
        'chest-press-machine',
        'seal-row',
        'cable-lateral-raise',
        'cable-pushdown',
      ]),
      day('b', 'Lower, squat', 1, ['hack-squat', 'seated-leg-curl', 'leg-extension', 'standing-calf-raise']),
      day('c', 'Upper, pull', 3, [
        'neutral-pulldown',
        'incline-dumbbell-press',
        'cable-curl',
        'reverse-fly-machine',
      ]),
      day('d', 'Lower, hinge', Math.max(4, weekdayOf(today)), [
        'leg-press',
        'lying-leg-curl',
        'hip-thrust-machine',
        'seated-calf-raise',
      ]),
    ],
  };
}

/** The athlete's strength in a later week as a fraction of their strength in week 1. */
function strengthIn(life: Life, week: number, exerciseId: string): number {
  if (life === 'behind') return 1 - 0.08 * Math.max(0, week - WEEKS_DONE + 2);
  if (life === 'stalls' && (exerciseId === 'leg-press' || exerciseId === 'hack-squat'))
    return 1 + 0.01 * Math.min(week, 3);
  return 1 + (life === 'rising' ? 0.012 : 0.008) * week;
}

const isTrained = (life: Life, week: number, at: number, isPast: boolean): boolean => {
  if (!isPast) return false;
  if (life === 'misses Thursdays' && week > WEEKS_DONE - 3 && at === 2) return false;
  if (life === 'quiet' && week > WEEKS_DONE - 1) return false;
  if (life === 'lost a day' && week > WEEKS_DONE && at === 0) return false;
  return true;
};

function tellings(life: Life, week: number, at: number): readonly NoteContent[] {
  if (life === 'hurts' && week >= WEEKS_DONE && at === 1)
    return [
      {
        kind: 'pain',
        slotId: '',
        exerciseId: 'hack-squat',
        where: 'knee',
        grade: 'clear',
        line: 'At the bottom.',
      },
    ];
  if (life === 'worn out' && week >= WEEKS_DONE - 1)
    return [{ kind: 'readiness', slept: 'poorly', feels: 'poorly', rescue: null }];
  return [];
}

interface State {
  readonly issued: readonly IssuedWeek[];
  readonly log: Log;
}

function play(block: Block, athlete: Athlete, life: Life, today: string): State {
  let state: State = { issued: [], log: { workouts: [], sets: [], soreness: [] } };
  const maxes = new Map<string, number>();
  for (let week = 1; week <= WEEKS_DONE + 1; week++) {
    const frozen = freezeWeek({ block, athlete, ...state, answers: [], exercises: catalogue.find }, week, {
      id: randomUUID(),
      at: new Date(`${addDays(block.startDate, 7 * (week - 1))}T06:00:00Z`).toISOString(),
    });
    if (!frozen.ok) throw new Error(JSON.stringify(frozen.refusal));
    const { value: issued } = frozen;
    const workouts: Workout[] = [];
    const sets: LoggedSet[] = [];
    for (const [at, session] of issued.plan.sessions.entries()) {
      const date = addDays(issued.plan.startDate, session.day);
      if (!isTrained(life, week, at, date < today)) continue;
      const workout: Workout = {
        id: `${issued.id}.${session.sessionId}`,
        week,
        sessionId: session.sessionId,
        date,
        finished: true,
        notes: tellings(life, week, at).map(
          (telling): SessionNote => ({
            ...telling,
            ...(telling.kind === 'pain' ? { slotId: session.slots[0]?.slotId ?? '' } : {}),
            id: randomUUID(),
            at: `${date}T17:00:00.000Z`,
          }),
        ),
      };
      workouts.push(workout);
      for (const planned of session.slots)
        for (const [k, set] of planned.sets.entries()) {
          const load = set.load ?? 40;
          const first = maxes.get(planned.slotId) ?? e1rm(load, set.reps + set.rir, EPLEY);
          maxes.set(planned.slotId, first);
          const max = first * strengthIn(life, week, planned.exerciseId);
          // Athletes who report RIR too low stop early: the further from failure, the larger their error.
          const left = life === 'reports low' ? set.rir * 1.8 : set.rir;
          const able = repsToFailure(max, load, EPLEY) - k - left;
          sets.push({
            id: randomUUID(),
            workoutId: workout.id,
            slotId: planned.slotId,
            setId: set.id,
            exerciseId: planned.exerciseId,
            load: { value: load, unit: planned.unit },
            reps: Math.max(1, Math.round(able)),
            rir: set.rir,
            at: new Date(Date.parse(`${date}T17:00:00Z`) + sets.length * 120_000).toISOString(),
            supersedes: null,
          });
        }
    }
    state = {
      issued: [...state.issued, issued],
      log: {
        ...state.log,
        workouts: [...state.log.workouts, ...workouts],
        sets: [...state.log.sets, ...sets],
      },
    };
  }
  return state;
}

/**
 * Simulated runs, each with the id prefix it was made with. The same weeks under other ids serve for another athlete.
 */
const plays = new Map<Life, { readonly mark: string; readonly text: string }>();

function played(block: Block, mark: string, athlete: Athlete, life: Life, today: string): State {
  const known = plays.get(life);
  if (known === undefined) {
    const state = play(block, athlete, life, today);
    plays.set(life, { mark, text: JSON.stringify(state) });
    return state;
  }
  const ids = new Map<string, string>();
  const fresh = (id: string) => {
    const other = ids.get(id) ?? randomUUID();
    ids.set(id, other);
    return other;
  };
  const text = known.text
    .replaceAll(known.mark, mark)
    .replace(/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g, fresh);
  return JSON.parse(text) as State;
}

async function store(
  blockId: string,
  athleteId: string,
  block: Block,
  { issued, log }: State,
): Promise<void> {
  const { coachId } = asker as { readonly coachId: string };
  const started = new Date(`${block.startDate}T06:00:00Z`);
  const { blocks, issued: weeks, workouts, sets } = models();
  await blocks.create({
    id: blockId,
    coachId,
    athleteId,
    revision: 0,
    document: encodeBlock(block),
    createdAt: started,
    updatedAt: started,
    archivedAt: null,
    deletedAt: null,
  });
  await weeks.bulkCreate(
    issued.map((week) => ({
      id: week.id,
      coachId,
      blockId,
      week: week.week,
      kind: week.plan.kind,
      snapshot: JSON.stringify(week),
      outline: JSON.stringify(weekOutline(week.plan)),
      issuedAt: new Date(week.issuedAt),
      recalledAt: null,
      openedAt: null,
      line: null,
      version: 0,
      closedAt: week.week > WEEKS_DONE ? null : new Date(Date.parse(week.issuedAt) + 7 * 86_400_000),
    })),
  );
  await workouts.bulkCreate(
    log.workouts.map(({ id, week, sessionId, date, notes }) => {
      const at = new Date(`${date}T18:30:00Z`);
      return {
        id,
        coachId,
        blockId,
        issuedWeekId: id.split('.')[0] ?? '',
        week,
        sessionId,
        localDate: date,
        lastSetAt: at,
        finishedAt: at,
        notes: JSON.stringify(notes),
        rescue: null,
        hurtAt: notes.some(({ kind }) => kind === 'pain') ? at : null,
        hurtSeenAt: null,
      };
    }),
  );
  await sets.bulkCreate(
    log.sets.map(({ load, at, more: _, ...set }) => ({
      ...set,
      coachId,
      more: null,
      measuresStrength: true,
      loadValue: load.value,
      loadUnit: load.unit,
      doneAt: new Date(at),
      receivedAt: new Date(at),
      enteredBy: 'athlete',
    })),
  );
}

const NAMES = ['Ada', 'Bruno', 'Carla', 'Dmitri', 'Esme', 'Farid', 'Greta', 'Hakon', 'Ines', 'Jonas'];
const { maren } = people(randomUUID, dayIn('Europe/Oslo', now));
for (let at = 0; at < Number(count); at++) {
  const life = LIVES[at % LIVES.length] as Life;
  const name = `${NAMES[at % NAMES.length]} ${String.fromCharCode(65 + Math.floor(at / NAMES.length))}.`;
  const athlete: Athlete = { ...maren, id: randomUUID(), name, joints: [], bestSets: maren.bestSets };
  await addAthlete(asker, athlete);
  const today = dayIn(athlete.timeZone, now);
  const mark = randomUUID().slice(0, 8);
  const block = fourDays(addDays(mondayOf(today), -7 * WEEKS_DONE), mark, today);
  const blockId = randomUUID();
  await store(blockId, athlete.id, block, played(block, mark, athlete, life, today));
  if (life === 'worn out')
    await storeCheckIn(
      { ...asker, athleteId: athlete.id },
      {
        id: randomUUID(),
        date: addDays(today, -1),
        slept: 'poorly',
        drive: 'low',
        appetite: 'so so',
        soreness: 'some stayed',
        aches: [],
        restingHeartRate: null,
        measured: [],
        line: 'Short nights.',
      },
      now,
    );
  await refreshCalls(asker, blockId, now);
}
await closeDatabase();
