import { addDays } from '@/core';
import type { PastSet } from '@/formats/log-import/past-blocks';
import { closeDatabase } from '../database';
import { models } from '../models/models';
import {
  calendarByLink,
  calendarLinks,
  endCalendarLinks,
  makeCalendarLink,
} from '../repositories/calendar-links';
import { importNames, rememberImportNames } from '../repositories/import-names';
import { findMeasurements } from '../repositories/measurements';
import { NOW, someCoach } from '../testing/coach';
import { dayOf, someWeeks } from '../testing/weeks';
import { athleteFile } from './archive-out';
import { importCheckIns, importLog, importMeasurements } from './log-in';

afterAll(closeDatabase);

const squat = (date: string, reps: number): PastSet => ({
  date,
  exerciseId: 'hack-squat',
  load: { value: 100, unit: 'kg' },
  reps,
  rir: 1,
  note: '',
});

test('a three-month log is imported as finished blocks; imported again, no day is doubled', async () => {
  const weeks = await someWeeks();
  const { asker, athlete } = weeks;
  await weeks.live(1);
  const days = Array.from({ length: 13 }, (_, week) => addDays('2026-08-03', 7 * week));
  // One of them is a day that was trained here.
  const sets = [...days, dayOf(1, 0)].flatMap((date) => [squat(date, 8), squat(date, 7)]);
  const taken = await importLog(asker, athlete.id, sets, NOW);
  expect(taken).toMatchObject({
    status: 'taken in',
    sets: 26,
    days: [dayOf(1, 0)],
    blocks: [{ name: 'Log, 3 Aug to 26 Oct 2026' }],
  });
  expect(await importLog(asker, athlete.id, sets, NOW)).toMatchObject({
    status: 'taken in',
    sets: 0,
    blocks: [],
  });
  const file = await athleteFile(asker, athlete.id);
  expect(file?.blocks.flatMap(({ workouts }) => workouts)).toHaveLength(13 + 2);
  // What is long over raises no alerts.
  const past = taken.status === 'taken in' ? taken.blocks.map(({ id }) => id) : [];
  const open = await models().calls.findAll({ where: { blockId: past, status: 'pending' } });
  expect(open.map((call) => call.get().subject)).toEqual([]);
  // The running block is still the one the desk shows.
  expect((await weeks.training()).blockId).toBe(weeks.blockId);
  expect(
    await importLog(asker, athlete.id, [{ ...squat('2026-01-05', 5), exerciseId: 'nothing' }], NOW),
  ).toMatchObject({
    status: 'refused',
    problems: [{ path: 'sets/0' }],
  });
  expect(await importLog(await someCoach(), athlete.id, sets, NOW)).toEqual({ status: 'gone' });
});

test('measurements and check-ins: an existing day is kept; the latest weight becomes the athlete’s', async () => {
  const weeks = await someWeeks();
  const { asker, athlete } = weeks;
  const rows = [
    { date: '2026-11-02', what: 'body weight', value: 90.5, unit: 'kg' },
    { date: '2026-11-09', what: 'body weight', value: 91.25, unit: 'kg' },
    { date: '2026-11-09', what: 'waist', value: 80, unit: 'cm' },
  ] as const;
  expect(await importMeasurements(asker, athlete.id, rows, NOW)).toEqual({ status: 'taken in', added: 3 });
  expect(await importMeasurements(asker, athlete.id, rows, NOW)).toEqual({ status: 'taken in', added: 0 });
  expect((await findMeasurements(asker, athlete.id)).map(({ value }) => value).sort()).toEqual([
    80, 90.5, 91.25,
  ]);
  expect((await weeks.training()).athlete.bodyweight).toEqual({ value: 91.25, unit: 'kg' });
  const said = {
    date: '2026-11-08',
    slept: 'poorly',
    drive: 'low',
    appetite: 'well',
    soreness: 'some stayed',
    aches: [{ joint: 'knee', grade: 'slight' }],
    resting_heart_rate: 54,
    line: 'long week',
  } as const;
  expect(await importCheckIns(asker, athlete.id, [said, said], NOW)).toEqual({
    status: 'taken in',
    added: 1,
  });
  expect(await importCheckIns(asker, athlete.id, [said], NOW)).toEqual({ status: 'taken in', added: 0 });
  expect((await weeks.training()).checkIns).toMatchObject([
    { date: '2026-11-08', restingHeartRate: 54, line: 'long week' },
  ]);
});

test('the meaning of an exercise name in files is remembered, for that coach only', async () => {
  const [asker, other] = [await someCoach(), await someCoach()];
  await rememberImportNames(asker, { 'hack squats': 'hack-squat', kniebeuge: 'leg-press' });
  await rememberImportNames(asker, { kniebeuge: 'barbell-back-squat' });
  expect(await importNames(asker)).toEqual({ 'hack squats': 'hack-squat', kniebeuge: 'barbell-back-squat' });
  expect(await importNames(other)).toEqual({});
});

test('a private calendar link follows changes and can be revoked', async () => {
  const weeks = await someWeeks();
  const { asker, athlete } = weeks;
  const token = await makeCalendarLink(asker, athlete.id, NOW);
  if (token === undefined) throw new Error('no link');
  const calendar = await calendarByLink(token, NOW);
  expect(calendar?.name).toBe(athlete.name);
  expect(calendar?.blocks.map(({ id }) => id)).toEqual([weeks.blockId]);
  expect(await calendarLinks(asker, athlete.id)).toEqual([
    { createdAt: NOW.toISOString(), seenAt: NOW.toISOString() },
  ]);
  expect(await calendarByLink(`${token}x`, NOW)).toBeUndefined();
  // Another coach can neither create nor see one.
  const other = await someCoach();
  expect(await makeCalendarLink(other, athlete.id, NOW)).toBeUndefined();
  await endCalendarLinks(other, athlete.id);
  expect(await calendarLinks(other, athlete.id)).toEqual([]);
  // A new link revokes the previous one.
  const next = await makeCalendarLink(asker, athlete.id, NOW);
  expect(await calendarByLink(token, NOW)).toBeUndefined();
  expect(await calendarByLink(next ?? '', NOW)).toBeDefined();
  await endCalendarLinks(asker, athlete.id);
  expect(await calendarByLink(next ?? '', NOW)).toBeUndefined();
});

test('of the same log imported twice at once, one import finds it there', async () => {
  const { asker, athlete } = await someWeeks();
  const sets = [0, 1, 2].map((week) => squat(addDays('2026-08-03', 7 * week), 8));
  const both = await Promise.all([1, 2].map(() => importLog(asker, athlete.id, sets, NOW)));
  expect(both.map((one) => one.status === 'taken in' && one.sets).sort()).toEqual([0, 3]);
});
