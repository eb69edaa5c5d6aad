import { randomUUID } from 'node:crypto';
import type { Outgoing, SentSet } from '@/core';
import { type Athlete, addDays, type Block, emptyBlock, exerciseById, newSlot, type Slot } from '@/core';
import type { Asker } from '../asker';
import { people } from '../demo/people';
import { addAthlete } from '../repositories/athletes';
import { addBlock } from '../repositories/blocks';
import { addCoach } from '../repositories/coaches';
import { findTraining } from '../repositories/training';

export const PASSWORD = 'correct horse';
export const NOW = new Date('2026-11-24T10:00:00Z');

/** A new coach for each test, so that tests share a database without seeing each other. */
export async function someCoach(): Promise<Asker & { readonly email: string }> {
  const email = `${randomUUID()}@example.org`;
  return { ...(await addCoach({ email, name: 'Test Coach', password: PASSWORD })), email };
}

function slot(id: string, exerciseId: string): Slot {
  const exercise = exerciseById(exerciseId);
  if (exercise === undefined) throw new Error(`no exercise ${exerciseId}`);
  return {
    ...newSlot(id, exercise),
    technique: { kind: 'straight', sets: 3 },
    range: { low: 8, high: 12 },
    rest: 120,
  };
}

/** Two sessions, two slots each, with fixed ids. */
export function smallBlock(): Block {
  return {
    ...emptyBlock('Test block', '2026-11-23'),
    sessions: [
      {
        id: 'sa',
        name: 'A',
        day: 0,
        place: null,
        optional: false,
        weeks: [],
        slots: [slot('a1', 'leg-press'), slot('a2', 'seated-leg-curl')],
      },
      {
        id: 'sb',
        name: 'B',
        day: 3,
        place: null,
        optional: false,
        weeks: [],
        slots: [slot('b1', 'neutral-pulldown')],
      },
    ],
  };
}

/** A coach with one athlete and a block, a small one by default. */
export async function someBlock(
  block = smallBlock(),
): Promise<{ asker: Asker; athlete: Athlete; blockId: string }> {
  const asker = await someCoach();
  const athlete = people(randomUUID, addDays('2026-11-24', -60)).maren;
  await addAthlete(asker, athlete);
  const blockId = await addBlock(asker, athlete.id, block, NOW);
  if (blockId === undefined) throw new Error('the block was not added');
  return { asker, athlete, blockId };
}

/** Sets for every planned set of a session of week 1, done as planned with `over` reps more. */
export async function setsFor(
  asker: Asker,
  blockId: string,
  sessionId: string,
  over = 0,
): Promise<SentSet[]> {
  const training = await findTraining(asker, blockId);
  const session = training?.issued.at(-1)?.plan.sessions.find((one) => one.sessionId === sessionId);
  return (session?.slots ?? []).flatMap((one) =>
    one.sets.map((set, at) => ({
      id: randomUUID(),
      slotId: one.slotId,
      setId: set.id,
      exerciseId: one.exerciseId,
      load: { value: set.load ?? 40, unit: one.unit },
      reps: set.reps + over,
      rir: set.rir,
      at: new Date(NOW.getTime() + at * 60_000).toISOString(),
      supersedes: null,
    })),
  );
}

/** What a phone sends for a session. */
export function work(part: Partial<Outgoing>, localDate = '2026-11-24'): Outgoing {
  return { localDate, sets: [], finish: false, soreness: [], ramps: [], notes: [], ...part };
}
