import { randomUUID } from 'node:crypto';
import { largeBlock } from '../src/core/testing/fixtures';
import { closeDatabase } from '../src/data/database';
import { addBlock } from '../src/data/repositories/blocks';
import { coachByEmail } from '../src/data/repositories/coaches';
import { roster } from '../src/data/repositories/roster';

/** Gives a coach's first athlete a block of 12 weeks with 6 sessions of 8 slots, under ids of its own; prints its id. */
const [email = ''] = process.argv.slice(2);
const asker = await coachByEmail(email);
const [line] = asker === undefined ? [] : await roster(asker);
if (asker === undefined || line === undefined) throw new Error('no coach with an athlete has this address');
const mark = randomUUID().slice(0, 8);
const made = largeBlock(12, 6, 8);
const block = {
  ...made,
  name: 'Bench block',
  sessions: made.sessions.map((session) => ({
    ...session,
    id: `${mark}-${session.id}`,
    slots: session.slots.map((slot) => ({ ...slot, id: `${mark}-${slot.id}` })),
  })),
};
console.log(await addBlock(asker, line.athleteId, block, new Date()));
await closeDatabase();
