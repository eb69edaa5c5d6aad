import { randomUUID } from 'node:crypto';
import {
  addDays,
  catalogueWith,
  type Edit,
  type Exercise,
  exerciseById,
  type Measurement,
  NO_CONVENTIONS,
} from '@/core';
import { closeDatabase, database } from '../database';
import { people } from '../demo/people';
import { models } from '../models/models';
import { NOW, setsFor, someBlock, someCoach, work } from '../testing/coach';
import {
  addAthlete,
  archiveAthlete,
  athleteNames,
  eraseAthlete,
  eraseAthletesDue,
  findAthlete,
  saveAthlete,
} from './athletes';
import { saveSteps } from './blocks';
import { coachConventions, saveCoachConventions } from './coach-conventions';
import { adoptRevision, exerciseUses, saveExercise } from './exercises';
import { rampReports, storeWork } from './logging';
import { changeMeasurements, findMeasurements } from './measurements';
import { ownExercises } from './own-exercises';
import { roster } from './roster';
import { issueWeek } from './sending-weeks';
import { findExposures } from './strength';
import { findHistory, findTraining } from './training';

afterAll(closeDatabase);

describe('an athlete', () => {
  test('is saved from the revision the page had; a stale save gets the stored version', async () => {
    const { asker, athlete } = await someBlock();
    const changed = { ...athlete, minutes: 60 };
    expect(await saveAthlete(asker, changed, 0, NOW)).toEqual({ status: 'saved', revision: 1 });
    const late = await saveAthlete(asker, { ...athlete, minutes: 90 }, 0, NOW);
    expect(late).toMatchObject({ status: 'stale', revision: 1, theirs: { minutes: 60 } });
    expect((await findAthlete(asker, athlete.id))?.athlete.minutes).toBe(60);
    expect(await saveAthlete(await someCoach(), changed, 1, NOW)).toEqual({ status: 'gone' });
  });

  test('gets the coach’s rules for all athletes when read, without storing them, from their own coach only', async () => {
    const { asker, athlete } = await someBlock();
    await saveCoachConventions(asker, { gapHours: 60 });
    const found = await findAthlete(asker, athlete.id);
    // Open pages follow: every athlete of the coach counts as changed.
    expect(found?.revision).toBe(1);
    expect(found?.athlete.conventions).toEqual({ ...NO_CONVENTIONS, coach: { gapHours: 60 } });
    if (found === undefined) throw new Error('gone');
    await saveAthlete(asker, { ...found.athlete, minutes: 50 }, 1, NOW);
    await saveCoachConventions(asker, {});
    expect((await findAthlete(asker, athlete.id))?.athlete.conventions).toEqual(NO_CONVENTIONS);
    const other = await someBlock();
    expect(await coachConventions(other.asker)).toEqual({});
    expect((await findAthlete(other.asker, other.athlete.id))?.revision).toBe(0);
  });

  test('of two saves at once one wins, the other is told', async () => {
    const { asker, athlete } = await someBlock();
    const outcomes = await Promise.all([1, 2, 3].map(() => saveAthlete(asker, athlete, 0, NOW)));
    expect(outcomes.map(({ status }) => status).sort()).toEqual(['saved', 'stale', 'stale']);
  });

  test('disappears from the roster when archived and is restored unchanged', async () => {
    const { asker, athlete, blockId } = await someBlock();
    expect(await archiveAthlete(asker, athlete.id, NOW)).toBe(true);
    expect((await roster(asker))[0]).toMatchObject({ archived: true });
    expect(await athleteNames(asker)).toEqual([]);
    await archiveAthlete(asker, athlete.id, null);
    expect(await athleteNames(asker)).toEqual([{ id: athlete.id, name: athlete.name, blockId }]);
    expect(await archiveAthlete(await someCoach(), athlete.id, NOW)).toBe(false);
  });

  test('is deleted with all of their data, and nobody else’s', async () => {
    const { asker, athlete, blockId } = await someBlock();
    const other = people(randomUUID, '2026-01-01').devika;
    await addAthlete(asker, other);
    const issued = await issueWeek(asker, blockId, 1, 0, NOW);
    if (issued.status !== 'issued') throw new Error(issued.status);
    const ref = { issuedWeekId: issued.week.id, sessionId: 'sa' };
    await storeWork(asker, ref, work({ sets: await setsFor(asker, blockId, 'sa') }), NOW);
    const weight: Measurement = {
      id: randomUUID(),
      date: '2026-11-24',
      kind: 'body weight',
      value: 70,
      unit: 'kg',
    };
    await changeMeasurements(asker, athlete.id, { keep: weight }, NOW);
    const days = (count: number) => new Date(NOW.getTime() + count * 86_400_000);
    expect(await eraseAthlete(await someCoach(), athlete.id, NOW)).toBe(false);
    expect(await eraseAthlete(asker, athlete.id, NOW)).toBe(true);
    // During the grace period the data stays and can be restored.
    await eraseAthletesDue(new Date(days(14).getTime() - 1));
    expect((await findAthlete(asker, athlete.id))?.eraseAt).toBe(days(14).toISOString());
    await archiveAthlete(asker, athlete.id, null);
    await eraseAthletesDue(days(15));
    expect(await findAthlete(asker, athlete.id)).toMatchObject({ archived: false, eraseAt: null });
    await eraseAthlete(asker, athlete.id, NOW);
    await eraseAthletesDue(days(14));
    expect(await findAthlete(asker, athlete.id)).toBeUndefined();
    for (const table of ['blocks', 'issued_weeks', 'workouts', 'logged_sets', 'measurements', 'calls']) {
      const [rows] = await database().query(`SELECT COUNT(*) AS n FROM ${table} WHERE coach_id = :coach`, {
        replacements: { coach: asker.coachId },
      });
      expect([table, rows]).toEqual([table, [{ n: 0 }]]);
    }
    expect((await roster(asker)).map(({ name }) => name)).toEqual([other.name]);
  });

  test('stored before places existed is read with one fully equipped place', async () => {
    const { asker, athlete } = await someBlock();
    const { places, sport, ...rest } = athlete;
    const { barbell, dumbbell, bodyweight, stack } = (places[0] as (typeof places)[number]).loads;
    const { loosePlates, ...plain } = stack;
    const old = { ...rest, hardSport: 1, equipment: { barbell, dumbbell, bodyweight, stack: plain } };
    await models().athletes.update({ facts: JSON.stringify(old) }, { where: { id: athlete.id } });
    const found = (await findAthlete(asker, athlete.id))?.athlete;
    expect(found?.places[0]?.loads.barbell).toEqual(barbell);
    expect(found?.sport).toEqual([{ name: 'hard sport', sessions: 1, hard: true }]);
    expect([loosePlates, sport.length]).toEqual([[], 1]);
  });
});

describe('measurements', () => {
  const weight = (date: string, value: number): Measurement => ({
    id: randomUUID(),
    date,
    kind: 'body weight',
    value,
    unit: 'kg',
  });

  test('the latest body weight becomes the athlete’s; an older one or a girth does not', async () => {
    const { asker, athlete } = await someBlock();
    const latest = weight('2026-11-24', 70.5);
    const kept = await changeMeasurements(asker, athlete.id, { keep: latest }, NOW);
    expect(kept).toMatchObject({ status: 'kept', revision: 1 });
    await changeMeasurements(asker, athlete.id, { keep: weight('2026-10-01', 64) }, NOW);
    await changeMeasurements(
      asker,
      athlete.id,
      { keep: { id: randomUUID(), date: '2026-11-25', kind: 'waist', value: 76, unit: 'cm' } },
      NOW,
    );
    expect((await findAthlete(asker, athlete.id))?.athlete.bodyweight).toEqual({ value: 70.5, unit: 'kg' });
    expect((await findMeasurements(asker, athlete.id)).map(({ date }) => date)).toEqual([
      '2026-10-01',
      '2026-11-24',
      '2026-11-25',
    ]);
    await changeMeasurements(asker, athlete.id, { keep: { ...latest, value: 71 } }, NOW);
    expect(await findMeasurements(asker, athlete.id)).toHaveLength(3);
    await changeMeasurements(asker, athlete.id, { remove: latest.id }, NOW);
    expect((await findAthlete(asker, athlete.id))?.athlete.bodyweight.value).toBe(64);
    expect(await changeMeasurements(await someCoach(), athlete.id, { keep: latest }, NOW)).toEqual({
      status: 'gone',
    });
  });
});

describe('a coach’s custom exercises', () => {
  const press: Exercise = { ...(exerciseById('leg-press') as Exercise), id: 'x', name: 'own press' };

  test('have consecutive, immutable revisions; another coach’s are invisible', async () => {
    const asker = await someCoach();
    const own = { ...press, id: randomUUID() };
    expect(await saveExercise(asker, own, NOW)).toMatchObject({ status: 'saved' });
    expect(await saveExercise(asker, own, NOW)).toMatchObject({ status: 'stale', newest: { revision: 1 } });
    expect(await saveExercise(asker, { ...own, revision: 2, name: 'renamed' }, NOW)).toMatchObject({
      status: 'saved',
    });
    expect((await ownExercises(asker)).map(({ name, revision }) => [name, revision])).toEqual([
      ['own press', 1],
      ['renamed', 2],
    ]);
    const stranger = await someCoach();
    expect(await saveExercise(stranger, { ...own, revision: 3 }, NOW)).toEqual({ status: 'gone' });
    expect(await ownExercises(stranger)).toEqual([]);
  });

  test('a new revision does not change blocks until they adopt it, in one step', async () => {
    const { asker, blockId, athlete } = await someBlock();
    const own = { ...press, id: randomUUID() };
    await saveExercise(asker, own, NOW);
    const row = await models().blocks.findByPk(blockId);
    const document = JSON.parse(row?.get().document ?? '');
    document.sessions[0].slots[0].exercise = { id: own.id, revision: 1 };
    await models().blocks.update({ document: JSON.stringify(document) }, { where: { id: blockId } });
    const saved = await saveExercise(
      asker,
      { ...own, revision: 2, contributions: { quads: 1, glutes: 1 } },
      NOW,
    );
    if (saved.status !== 'saved') throw new Error(saved.status);
    expect(saved.uses).toEqual([
      {
        blockId,
        blockName: 'Test block',
        athleteName: athlete.name,
        slots: [{ slotId: 'a1', session: 'A', revision: 1 }],
      },
    ]);
    const to = { id: own.id, revision: 2 };
    const stranger = await someBlock();
    expect(await adoptRevision(asker, [blockId, stranger.blockId], to, NOW)).toEqual([stranger.blockId]);
    const training = await findTraining(asker, blockId);
    expect(training?.revision).toBe(1);
    expect(training?.block.sessions[0]?.slots[0]?.exercise.revision).toBe(2);
    // Again there is nothing to move, and no failure.
    expect(await adoptRevision(asker, [blockId], to, NOW)).toEqual([]);
    expect((await findTraining(asker, blockId))?.revision).toBe(1);
    expect(await adoptRevision(asker, [blockId], { id: own.id, revision: 9 }, NOW)).toEqual([blockId]);
    // It is a normal step that undo reverts.
    const [step] = await findHistory(asker, blockId);
    const back = { id: randomUUID(), action: 'undo', edit: step?.inverse as Edit } as const;
    expect(await saveSteps(asker, blockId, 1, [back], NOW)).toMatchObject({ status: 'saved', revision: 2 });
    expect((await findTraining(asker, blockId))?.block.sessions[0]?.slots[0]?.exercise.revision).toBe(1);
    expect(await exerciseUses(await someCoach(), own.id)).toEqual([]);
  });
});

describe('strength from the log', () => {
  test('exposures have loads as moved and what earlier sets cost; corrections replace sets', async () => {
    const { asker, athlete, blockId } = await someBlock();
    const issued = await issueWeek(asker, blockId, 1, 0, NOW);
    if (issued.status !== 'issued') throw new Error(issued.status);
    const ref = { issuedWeekId: issued.week.id, sessionId: 'sa' };
    const sets = await setsFor(asker, blockId, 'sa');
    await storeWork(asker, ref, work({ sets: sets }), NOW);
    const [first] = sets;
    if (first === undefined) throw new Error('no sets');
    const better = { ...first, id: randomUUID(), reps: 20, supersedes: first.id };
    await storeWork(asker, ref, work({ sets: [better] }), new Date(NOW.getTime() + 1000));
    await storeWork(asker, ref, work({ finish: true }), NOW);
    const exposures = await findExposures(asker, athlete, catalogueWith([]));
    const press = exposures.find(({ slotId }) => slotId === 'a1');
    expect(press).toMatchObject({ exerciseId: 'leg-press', week: 1, date: '2026-11-24' });
    expect(press?.sets.map(({ reps }) => reps).includes(20)).toBe(true);
    expect(press?.sets.map(({ fatigue }) => fatigue)).toEqual([0, 1, 2]);
    expect(await findExposures(await someCoach(), athlete, catalogueWith([]))).toEqual([]);
  });

  test('sets of a deload are no evidence of strength, even before the last building week', async () => {
    const { asker, athlete, blockId } = await someBlock();
    const issued = await issueWeek(asker, blockId, 1, 0, NOW);
    if (issued.status !== 'issued') throw new Error(issued.status);
    const ref = { issuedWeekId: issued.week.id, sessionId: 'sa' };
    await storeWork(asker, ref, work({ sets: await setsFor(asker, blockId, 'sa') }), NOW);
    expect(await findExposures(asker, athlete, catalogueWith([]))).not.toEqual([]);
    await database().query(`UPDATE issued_weeks SET kind = 'deload' WHERE id = :id`, {
      replacements: { id: issued.week.id },
    });
    expect(await findExposures(asker, athlete, catalogueWith([]))).toEqual([]);
  });

  test('the verdict on the last warm-up set is stored with its session', async () => {
    const { asker, blockId } = await someBlock();
    const issued = await issueWeek(asker, blockId, 1, 0, NOW);
    if (issued.status !== 'issued') throw new Error(issued.status);
    const ref = { issuedWeekId: issued.week.id, sessionId: 'sa' };
    const report = { id: randomUUID(), slotId: 'a1', verdict: 'light' as const };
    await storeWork(asker, ref, work({ ramps: [report] }), NOW);
    await storeWork(asker, ref, work({ ramps: [report] }), NOW);
    const later = { id: randomUUID(), slotId: 'a1', verdict: 'heavy' as const };
    await storeWork(asker, ref, work({ ramps: [later] }), new Date(NOW.getTime() + 1000));
    expect(await rampReports(asker, ref)).toEqual({ a1: 'heavy' });
    expect(await rampReports(await someCoach(), ref)).toEqual({});
  });
});

test('the demo’s people are valid and cover levels, phases, units and places', () => {
  const all = Object.values(people(randomUUID, addDays('2026-11-24', -60)));
  const seen = (of: (one: (typeof all)[number]) => string | undefined) => new Set(all.map(of));
  expect(seen(({ level }) => level).size).toBe(3);
  expect(seen(({ phases }) => phases.at(-1)?.phase).size).toBe(3);
  expect(seen(({ unit }) => unit).size).toBe(2);
  expect(all.some(({ places }) => places.length > 1)).toBe(true);
  expect(all.some(({ places }) => !places[0]?.equipment.includes('barbell'))).toBe(true);
});
