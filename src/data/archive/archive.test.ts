import fc from 'fast-check';
import { exerciseById, type SentSet } from '@/core';
import { decodeOwnFile, readOwnFile, writeOwnFile } from '@/formats/archive/files';
import type { Asker } from '../asker';
import { closeDatabase } from '../database';
import { models } from '../models/models';
import { eraseAthlete, eraseAthletesDue, findAthlete } from '../repositories/athletes';
import { saveSteps } from '../repositories/blocks';
import { saveExercise } from '../repositories/exercises';
import { changeMeasurements } from '../repositories/measurements';
import { ownExercises } from '../repositories/own-exercises';
import { changeExercise } from '../repositories/own-facts';
import { roster } from '../repositories/roster';
import { ownTemplates, storeTemplate } from '../repositories/templates';
import { findTraining } from '../repositories/training';
import { NOW, someCoach } from '../testing/coach';
import { slot, someWeeks, twoDays } from '../testing/weeks';
import { importAccount, importAthlete, importLibrary, importTemplate } from './archive-in';
import { accountFile, athleteFile, libraryFile, templateFile } from './archive-out';

afterAll(closeDatabase);

/**
 * An athlete with everything a file contains: a custom exercise, steps, two simulated weeks, pain, check-ins, a
 * measurement, answers.
 */
async function somebody() {
  const own = {
    ...exerciseById('hack-squat'),
    id: `own-${Math.random().toString(36).slice(2)}`,
    revision: 1,
  };
  const exercise = { ...own, name: 'squat on the old machine' } as NonNullable<
    ReturnType<typeof exerciseById>
  >;
  const weeks = await someWeeks(twoDays(6));
  const { asker, athlete, blockId } = weeks;
  expect((await saveExercise(asker, exercise, NOW)).status).toBe('saved');
  const added = { ...slot('own', 'hack-squat'), exercise: { id: exercise.id, revision: 1 } };
  const edit = { kind: 'slot/add', session: 'sa', after: null, slot: added } as const;
  await saveSteps(asker, blockId, 0, [{ id: 'step-1', action: 'do', edit }], NOW);
  const hurts = {
    kind: 'pain',
    slotId: 'a1',
    exerciseId: 'hack-squat',
    where: 'knee',
    grade: 'clear',
    line: 'below parallel',
  } as const;
  const doing = (set: SentSet): SentSet => ({
    ...set,
    reps: set.reps + 1,
    more: { line: 'went well; =1+1' },
  });
  await weeks.live(1, { says: { slept: 'poorly' }, does: doing });
  await weeks.live(2, { says: {}, tells: (session) => (session === 'sa' ? [hurts] : []), skips: ['sb'] });
  const measurement = {
    id: `m-${blockId}`,
    date: '2026-11-25',
    kind: 'waist',
    value: 81.25,
    unit: 'cm',
  } as const;
  await changeMeasurements(asker, athlete.id, { keep: measurement }, NOW);
  await storeTemplate(asker, blockId, 'Kept for later', NOW);
  return { ...weeks, exercise };
}

async function fileOf(asker: Asker, athleteId: string) {
  const file = await athleteFile(asker, athleteId);
  if (file === undefined) throw new Error('nobody');
  return file;
}

test('an athlete with everything is unchanged after export, deletion and import', async () => {
  const { asker, athlete, blockId, exercise } = await somebody();
  const file = await fileOf(asker, athlete.id);
  expect(file.exercises).toEqual([exercise]);
  expect(file.blocks[0]?.steps).toHaveLength(1);
  expect(file.blocks[0]?.weeks).toHaveLength(2);
  expect(file.blocks[0]?.workouts.map(({ sets }) => sets.length).sort()).toEqual([4, 6, 6]);
  expect(file.checkIns).toHaveLength(2);
  expect(file.measurements).toMatchObject([{ kind: 'waist', value: 81.25 }]);
  const before = await findTraining(asker, blockId);

  const read = readOwnFile(writeOwnFile({ kind: 'athlete', file }));
  if (!read.ok || read.value.kind !== 'athlete') throw new Error(JSON.stringify(read));
  expect(read.value.file).toEqual(file);
  expect(await eraseAthlete(asker, athlete.id, NOW)).toBe(true);
  expect(await importAthlete(asker, read.value.file, NOW)).toMatchObject({
    status: 'taken in',
    athleteId: athlete.id,
    isCopy: false,
  });
  expect(await fileOf(asker, athlete.id)).toEqual(file);
  const after = await findTraining(asker, blockId);
  expect({ ...after, readAt: '', athleteRevision: 0 }).toEqual({ ...before, readAt: '', athleteRevision: 0 });
  // Alerts and proposals are recomputed.
  expect(await roster(asker)).toMatchObject([{ block: { id: blockId, state: 'running' } }]);
});

test('an athlete already there is added beside themself with new ids; for another coach their exercises are added too', async () => {
  const { asker, athlete, exercise } = await somebody();
  const file = await fileOf(asker, athlete.id);
  const beside = await importAthlete(asker, file, NOW);
  if (beside.status !== 'taken in') throw new Error(JSON.stringify(beside));
  expect(beside).toMatchObject({ isCopy: true, name: `${athlete.name} (copy)` });
  // Their custom exercise is the existing one.
  expect(await ownExercises(asker)).toEqual([exercise]);
  const copy = await fileOf(asker, beside.athleteId);
  const plain = (of: typeof file) =>
    of.blocks.flatMap(({ workouts }) =>
      workouts.flatMap(({ date, sets }) =>
        sets.map(({ load, reps, more }) => JSON.stringify([date, load, reps, more])),
      ),
    );
  expect(plain(copy).sort()).toEqual(plain(file).sort());
  const weeks = copy.blocks[0]?.weeks.map(({ handedOut }) => handedOut.id);
  for (const { weekId } of copy.blocks[0]?.workouts ?? []) expect(weeks).toContain(weekId);
  expect(copy.blocks[0]?.id).not.toBe(file.blocks[0]?.id);

  const other = await someCoach();
  const there = await importAthlete(other, file, NOW);
  if (there.status !== 'taken in') throw new Error(JSON.stringify(there));
  const [theirs] = await ownExercises(other);
  expect(theirs).toEqual({ ...exercise, id: theirs?.id });
  expect(theirs?.id).not.toBe(exercise.id);
  expect(JSON.stringify(await fileOf(other, there.athleteId))).not.toContain(exercise.id);
  // Nobody sees the other's.
  expect(await athleteFile(other, athlete.id)).toBeUndefined();
  expect(await findAthlete(asker, there.athleteId)).toBeUndefined();
});

test('a library, a template and a whole account can be exported and imported', async () => {
  const { asker, athlete, exercise } = await somebody();
  const account = await accountFile(asker);
  expect(account.athletes.map((one) => one.athlete.id)).toEqual([athlete.id]);
  expect(account.templates.map(({ name }) => name)).toEqual(['Kept for later']);
  const [kept] = await ownTemplates(asker);
  const template = await templateFile(asker, kept?.id ?? '');
  const library = await libraryFile(asker);
  if (template === undefined) throw new Error('no template');
  expect(template.exercises).toEqual([exercise]);
  for (const one of [
    { kind: 'account', file: account },
    { kind: 'template', file: template },
    { kind: 'library', file: library },
  ] as const)
    expect(readOwnFile(writeOwnFile(one))).toEqual({ ok: true, value: one });

  const other = await someCoach();
  expect(await importLibrary(other, library.exercises, NOW)).toBe(1);
  // Importing again adds nothing, although its id differs here.
  await importTemplate(other, template, NOW);
  const [theirs] = await ownTemplates(other);
  const back = await templateFile(other, theirs?.id ?? '');
  expect(back?.design.sessions.map(({ slots }) => slots.length)).toEqual(
    template.design.sessions.map(({ slots }) => slots.length),
  );
  expect(await templateFile(other, kept?.id ?? '')).toBeUndefined();
});

test('a whole account is imported into another, all of it or nothing', async () => {
  const { asker } = await somebody();
  await changeExercise(asker, 'leg-press', { name: 'sled press' });
  await changeExercise(asker, 'hack-squat', { name: 'sled squat' });
  await changeExercise(asker, 'leg-press', { contributions: { quads: 1, glutes: 0.5, hamstrings: 0.5 } });
  const account = await accountFile(asker);
  expect(readOwnFile(writeOwnFile({ kind: 'account', file: account }))).toMatchObject({ ok: true });
  const other = await someCoach();
  await changeExercise(other, 'hack-squat', { name: 'machine squat' });
  expect(await importAccount(other, account, NOW)).toEqual({
    status: 'taken in',
    athletes: 1,
    templates: 1,
    exercises: 1,
  });
  const there = await accountFile(other);
  // A name that the other coach has already given stays.
  expect(there.exerciseNames).toEqual({ 'leg-press': 'sled press', 'hack-squat': 'machine squat' });
  expect(there.exerciseShares).toEqual({ 'leg-press': { quads: 1, glutes: 0.5, hamstrings: 0.5 } });
  expect(there.athletes[0]?.blocks[0]?.workouts).toHaveLength(3);
  expect(there.templates.map(({ name }) => name)).toEqual(['Kept for later']);
  const [first] = account.athletes;
  if (first === undefined) throw new Error('nobody');
  const broken = { ...first, measurements: [...first.measurements, ...first.measurements] };
  const third = await someCoach();
  expect(await importAccount(third, { ...account, athletes: [first, broken] }, NOW)).toMatchObject({
    status: 'refused',
    problems: [{ path: 'athletes/1/measurements/1' }],
  });
  expect(await accountFile(third)).toMatchObject({ athletes: [], templates: [], exercises: [] });
});

test('a file with inconsistent parts is refused with the faulty place, and nothing of it is imported', async () => {
  const { asker, athlete } = await somebody();
  const file = await fileOf(asker, athlete.id);
  await eraseAthlete(asker, athlete.id, NOW);
  await eraseAthletesDue(new Date(NOW.getTime() + 15 * 86_400_000));
  const [block] = file.blocks;
  const [workout] = block?.workouts ?? [];
  if (block === undefined || workout === undefined) throw new Error('nothing done');
  const refused = async (changed: Partial<typeof block>, path: string) => {
    const outcome = await importAthlete(asker, { ...file, blocks: [{ ...block, ...changed }] }, NOW);
    expect(outcome).toMatchObject({ status: 'refused' });
    expect(outcome.status === 'refused' && outcome.problems.map((one) => one.path)).toContain(path);
    expect(await models().athletes.count({ where: { id: athlete.id } })).toBe(0);
  };
  await refused({ workouts: [{ ...workout, weekId: 'elsewhere' }] }, 'blocks/0/workouts/0/weekId');
  await refused({ workouts: [workout, workout] }, 'blocks/0/workouts/1');
  await refused({ weeks: [...block.weeks, ...block.weeks] }, 'blocks/0/weeks/2');
  await refused({ revision: 0 }, 'blocks/0/steps/0/revision');
  expect(await importAthlete(asker, file, NOW)).toMatchObject({ status: 'taken in' });
});

/** The same value with one part removed, doubled or of another kind. */
function mutated(value: unknown, at: readonly number[], how: number): unknown {
  const [first = 0, ...rest] = at;
  const other = [null, -1, 1e9, '', 'x'.repeat(3000), [], {}, '2026-02-30', Number.MAX_SAFE_INTEGER][how % 9];
  if (value === null || typeof value !== 'object' || at.length === 0) return other;
  if (Array.isArray(value)) {
    if (value.length === 0) return [other];
    const where = first % value.length;
    return value.map((one, k) => (k === where ? mutated(one, rest, how) : one));
  }
  const entries = Object.entries(value);
  if (entries.length === 0) return other;
  const where = first % entries.length;
  return Object.fromEntries(
    entries.flatMap(([key, one], k) => {
      if (k !== where) return [[key, one]];
      return how % 10 === 9 && rest.length === 0 ? [] : [[key, mutated(one, rest, how)]];
    }),
  );
}

test('two thousand mutated files are read or refused with a place, and imported whole or not at all', async () => {
  const { asker, athlete } = await somebody();
  const file = await fileOf(asker, athlete.id);
  let read = 0;
  const places = new Set<string>();
  const good: unknown[] = [];
  fc.assert(
    fc.property(fc.array(fc.nat(40), { minLength: 1, maxLength: 12 }), fc.nat(90), (at, how) => {
      const changed = mutated(file, at, how);
      const decoded = decodeOwnFile(changed);
      if (decoded.ok) {
        read++;
        good.push(changed);
        return;
      }
      expect(decoded.problems.length).toBeGreaterThan(0);
      for (const { path } of decoded.problems) places.add(path);
    }),
    { numRuns: 2000 },
  );
  expect(places.size).toBeGreaterThan(20);
  expect(read).toBeGreaterThan(0);
  for (const changed of good.slice(0, 25)) {
    const decoded = decodeOwnFile(changed);
    if (!decoded.ok || decoded.value.kind !== 'athlete') continue;
    const other = await someCoach();
    const outcome = await importAthlete(other, decoded.value.file, NOW);
    const people = await models().athletes.count({ where: { coachId: other.coachId } });
    expect([outcome.status, people]).toEqual([outcome.status, outcome.status === 'taken in' ? 1 : 0]);
  }
}, 180_000);

test('text that is not JSON, or nests too deeply, is refused at once', () => {
  expect(readOwnFile('{"format": "dense-ladder/athlete",').ok).toBe(false);
  expect(readOwnFile('['.repeat(100_000))).toMatchObject({
    ok: false,
    problems: [{ code: 'too-many', field: 'levels' }],
  });
  expect(readOwnFile('"["').ok).toBe(false);
  expect(readOwnFile('{"format":"dense-ladder/athlete","version":2}')).toMatchObject({
    ok: false,
    problems: [{ code: 'newer-format', version: 2 }],
  });
  expect(readOwnFile('{"format":"toString"}')).toMatchObject({ ok: false, problems: [{ path: 'format' }] });
});
