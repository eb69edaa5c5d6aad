import { randomUUID } from 'node:crypto';
import { closeDatabase } from '../database';
import { NOW, setsFor, someBlock, someCoach, work } from '../testing/coach';
import { entriesOf } from './entries';
import { storeWork, workoutId } from './logging';
import { issueWeek } from './sending-weeks';
import { findTraining } from './training';

afterAll(closeDatabase);

test('sets entered or corrected by the coach show it with the time; the athlete’s own stays on record', async () => {
  const { asker, blockId, athlete } = await someBlock();
  const issued = await issueWeek(asker, blockId, 1, 0, NOW);
  if (issued.status !== 'issued') throw new Error(issued.status);
  const session = { issuedWeekId: issued.week.id, sessionId: 'sa' };
  const [set] = await setsFor(asker, blockId, 'sa');
  if (set === undefined) throw new Error('nothing planned');
  await storeWork({ ...asker, athleteId: athlete.id }, session, work({ sets: [set] }), NOW);
  const later = new Date(NOW.getTime() + 3_600_000);
  const right = { ...set, id: randomUUID(), reps: set.reps - 2, supersedes: set.id };
  await storeWork({ ...asker, entersAs: 'coach' }, session, work({ sets: [right] }), later);
  const entries = await entriesOf(asker, workoutId(session));
  expect(entries.get(set.id)).toEqual({ at: NOW.toISOString(), by: 'athlete' });
  expect(entries.get(right.id)).toEqual({ at: later.toISOString(), by: 'coach' });
  expect((await findTraining(asker, blockId))?.log.sets).toHaveLength(2);
  expect((await entriesOf(await someCoach(), workoutId(session))).size).toBe(0);
});
