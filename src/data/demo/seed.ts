import { randomUUID } from 'node:crypto';
import type { SentSet } from '@/core';
import { addDays, emptyBlock, type Muscle, mondayOf, pageState } from '@/core';
import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';
import { addAthlete } from '../repositories/athletes';
import { addBlock } from '../repositories/blocks';
import { answerCalls, pendingCalls, refreshCalls } from '../repositories/calls';
import { addCoach, coachByEmail } from '../repositories/coaches';
import { saveExercise } from '../repositories/exercises';
import { storeWork } from '../repositories/logging';
import { changeMeasurements } from '../repositories/measurements';
import { issueWeek, setWeekNote } from '../repositories/sending-weeks';
import { storeCheckIn } from '../repositories/store-check-in';
import { storeTemplate } from '../repositories/templates';
import { findTraining } from '../repositories/training';
import {
  autumnUpperLower,
  firstFullBody,
  garageCut,
  ringsAndBars,
  summerFullBody,
  TOWEL_ROW,
} from './blocks';
import { measurementsOf, people } from './people';

export const DEMO_COACH = { email: 'coach@example.org', name: 'Solveig Aas', password: 'rung by rung' };

const shortId = () => randomUUID().replaceAll('-', '').slice(0, 12);

/** How a session went: reps above target, and days until soreness was gone. */
interface Course {
  readonly over: readonly number[];
  readonly soreness: Readonly<Partial<Record<Muscle, number>>>;
  /** Loads found on the day, by exercise, for sets without a planned load. */
  readonly found?: Readonly<Record<string, number>>;
  /** Minutes between sets. */
  readonly pace?: number;
}

/** Trains a sent week: logs some of its sessions through the same functions as the athlete's app. */
async function playWeek(
  asker: Asker,
  blockId: string,
  week: number,
  sessions: number,
  course: Course,
): Promise<void> {
  const training = await findTraining(asker, blockId);
  const issued = training?.issued.find((one) => one.week === week);
  if (issued === undefined) return;
  for (const [at, session] of issued.plan.sessions.slice(0, sessions).entries()) {
    const date = addDays(issued.plan.startDate, session.day);
    const ref = { issuedWeekId: issued.id, sessionId: session.sessionId };
    let minute = 0;
    const sets = session.slots.flatMap((slot, index) =>
      slot.sets.map((set, k): SentSet => {
        minute += course.pace ?? 3;
        const over = course.over[(at + index) % course.over.length] ?? 0;
        return {
          id: randomUUID(),
          slotId: slot.slotId,
          setId: set.id,
          exerciseId: slot.exerciseId,
          load: { value: set.load ?? course.found?.[slot.exerciseId] ?? 0, unit: slot.unit },
          reps: Math.max(1, set.reps + (k === slot.sets.length - 1 ? Math.min(0, over) : over)),
          rir: Math.max(0, set.rir),
          at: new Date(Date.parse(`${date}T16:00:00Z`) + minute * 60_000).toISOString(),
          supersedes: null,
        };
      }),
    );
    const end = new Date(Date.parse(`${date}T16:05:00Z`) + minute * 60_000);
    const reports = Object.entries(course.soreness).map(([muscle, days]) => ({
      id: randomUUID(),
      muscle: muscle as Muscle,
      ended: addDays(date, days),
      said: addDays(date, days),
    }));
    const work = { localDate: date, sets, finish: true, soreness: reports, ramps: [], notes: [] };
    const kept = await storeWork(asker, ref, work, end);
    if (kept.status !== 'taken' || kept.refused.length > 0)
      throw new Error(`the demo session was not kept: ${JSON.stringify(kept)}`);
  }
}

/** Maren's two weeks: a check-in each, and what differed from the plan in the last session. */
async function checkInFor(asker: Asker, blockId: string, athleteId: string, monday: string): Promise<void> {
  const phone = { ...asker, athleteId };
  const usual = {
    drive: 'usual',
    appetite: 'well',
    soreness: 'gone in time',
    aches: [],
    measured: [],
  } as const;
  const first = { ...usual, id: randomUUID(), date: addDays(monday, -8), slept: 'well' } as const;
  await storeCheckIn(phone, { ...first, restingHeartRate: 54, line: '' }, new Date());
  const second = { ...usual, id: randomUUID(), date: addDays(monday, -1), slept: 'so so' } as const;
  await storeCheckIn(
    phone,
    {
      ...second,
      restingHeartRate: 57,
      aches: [{ joint: 'elbow', grade: 'slight' }],
      line: 'Late shifts this week, nights were short.',
    },
    new Date(),
  );
  const training = await findTraining(asker, blockId);
  const last = training?.issued.at(-1);
  const session = last?.plan.sessions.at(-1);
  if (last === undefined || session === undefined) return;
  const localDate = addDays(last.plan.startDate, session.day);
  const head = () => ({ id: randomUUID(), at: `${localDate}T17:10:00.000Z` });
  const notes = [
    { ...head(), kind: 'readiness', slept: 'so so', feels: 'well', rescue: null },
    { ...head(), kind: 'rating', rating: 'too hard', line: 'The last presses were a grind.' },
  ] as const;
  const told = { localDate, sets: [], finish: false, soreness: [], ramps: [], notes: [...notes] };
  await storeWork(asker, { issuedWeekId: last.id, sessionId: session.sessionId }, told, new Date());
  await setWeekNote(
    asker,
    blockId,
    last.week,
    'Short nights: stop a rep earlier on the presses if they slow down.',
  );
}

/** A finished summer block: lifts that rose, one that stalled, legs that declined before the deload. */
async function liveSummer(asker: Asker, athleteId: string, monday: string): Promise<void> {
  const startDate = addDays(monday, -49);
  const started = new Date(`${addDays(startDate, -1)}T09:00:00Z`);
  const summer = await addBlock(asker, athleteId, summerFullBody(shortId, startDate), started);
  if (summer === undefined) return;
  const found = {
    'hack-squat': 80,
    'chest-press-machine': 50,
    'seal-row': 45,
    'seated-leg-curl': 40,
    'cable-lateral-raise': 7.5,
    'stiff-leg-deadlift': 70,
    'neutral-pulldown': 50,
    'incline-dumbbell-press': 20,
    'leg-press': 140,
    'cable-curl': 25,
  };
  const weeks: readonly Course[] = [
    { over: [1, 2, 1], soreness: { quads: 2, chest: 2 }, found, pace: 3.5 },
    { over: [1, 1, 2, 0], soreness: { quads: 3, chest: 1 }, found, pace: 3.5 },
    { over: [0, 1, 1, 0], soreness: { quads: 3, lats: 1 }, found, pace: 4 },
    // The legs, first on one day and fourth on the other, decline.
    { over: [-3, 1, 0, 1], soreness: { quads: 4, chest: 2 }, found, pace: 4.5 },
    { over: [-4, 1, 0, 0], soreness: { quads: 4, chest: 2 }, found, pace: 4.5 },
    { over: [0], soreness: {}, found, pace: 3.5 },
  ];
  for (const [at, course] of weeks.entries()) {
    await issue(asker, summer, at + 1, `${addDays(startDate, 7 * at - 1)}T18:00:00Z`);
    await playWeek(asker, summer, at + 1, 2, course);
  }
}

async function issue(asker: Asker, blockId: string, week: number, at: string): Promise<void> {
  const training = await findTraining(asker, blockId);
  const outcome = await issueWeek(asker, blockId, week, training?.revision ?? 0, new Date(at));
  if (outcome.status !== 'issued')
    throw new Error(`the demo week was not issued: ${JSON.stringify(outcome)}`);
}

/**
 * Fills an empty database with the demo: one coach, six athletes at different points of their blocks.
 * @param today the local date on which the demo's third week runs
 * @param past whether one of them also has a finished summer block, which takes seconds to simulate
 * @returns whether anything was added; if a coach has the address, it is already there
 */
export async function seedDemo(today: string, coach = DEMO_COACH, past = true): Promise<boolean> {
  if ((await coachByEmail(coach.email)) !== undefined) return false;
  const asker = await addCoach(coach);
  try {
    await fillDemo(asker, today, past);
  } catch (error) {
    // A partly seeded demo would pass for complete the next time: deleting the coach deletes everything.
    await models().coaches.destroy({ where: { id: asker.coachId } });
    throw error;
  }
  return true;
}

async function fillDemo(asker: Asker, today: string, past: boolean): Promise<void> {
  const monday = mondayOf(today);
  const { maren, aurelio, devika, tobiasz, wren, ilmari } = people(randomUUID, addDays(monday, -50));
  for (const athlete of [maren, aurelio, devika, tobiasz, wren, ilmari]) await addAthlete(asker, athlete);
  const towelRow = { ...TOWEL_ROW, id: `own-${shortId()}` };
  await saveExercise(asker, towelRow, new Date());
  for (const athlete of [maren, devika]) {
    // The latest check-in is yesterday's, because in other time zones it is still today.
    for (const keep of measurementsOf(randomUUID, athlete, addDays(today, -1)))
      await changeMeasurements(asker, athlete.id, { keep }, new Date());
  }
  const started = new Date(`${addDays(monday, -15)}T09:00:00Z`);

  const autumn = await addBlock(asker, maren.id, autumnUpperLower(shortId, addDays(monday, -14)), started);
  if (autumn !== undefined) {
    await issue(asker, autumn, 1, `${addDays(monday, -15)}T18:00:00Z`);
    await playWeek(asker, autumn, 1, 4, {
      over: [1, 2, 0, 1],
      soreness: { quads: 2, lats: 3, chest: 1 },
    });
    const answeredAt = new Date(`${addDays(monday, -8)}T18:00:00Z`);
    const calls = await pendingCalls(asker, autumn, answeredAt);
    const accepted = calls.map(({ id }) => ({ id, outcome: 'accepted' as const, choice: null }));
    const training = await findTraining(asker, autumn);
    if (training !== undefined) await answerCalls(asker, autumn, accepted, pageState(training), answeredAt);
    await issue(asker, autumn, 2, `${addDays(monday, -8)}T18:05:00Z`);
    await playWeek(asker, autumn, 2, 4, {
      over: [1, 0, 2, 0, -1],
      soreness: {
        quads: 3,
        hamstrings: 2,
        glutes: 2,
        lats: 1,
        chest: 4,
      },
    });
    await checkInFor(asker, autumn, maren.id, monday);
  }
  await addBlock(asker, aurelio.id, firstFullBody(shortId, monday), started);
  const garage = await addBlock(asker, devika.id, garageCut(shortId, monday), started);
  if (garage !== undefined) {
    await issue(asker, garage, 1, `${addDays(monday, -1)}T18:00:00Z`);
    await playWeek(asker, garage, 1, 1, { over: [0, 1, -1], soreness: {} });
  }
  const rings = await addBlock(asker, ilmari.id, ringsAndBars(shortId, monday, towelRow), started);
  if (rings !== undefined) await storeTemplate(asker, rings, 'Rings and bars', started);
  await addBlock(asker, wren.id, emptyBlock('New block', monday), started);
  if (past) await liveSummer(asker, tobiasz.id, monday);
  // Everything was created in the past, so alerts are computed for today.
  const blocks = await models().blocks.findAll({ where: ownRows(asker), attributes: ['id'] });
  for (const block of blocks) await refreshCalls(asker, block.get().id, new Date());
}
