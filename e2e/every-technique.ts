import {
  emptyBlock,
  exerciseById,
  mondayOf,
  newSlot,
  type Slot,
  startOf,
  TECHNIQUE_KINDS,
  type TechniqueKind,
} from '../src/core';
import { closeDatabase } from '../src/data/database';
import { addBlock } from '../src/data/repositories/blocks';
import { coachByEmail } from '../src/data/repositories/coaches';
import { roster } from '../src/data/repositories/roster';
import { issueWeek } from '../src/data/repositories/sending-weeks';

/** The exercise for techniques that only fit some exercises; all others use a leg machine. */
const ON: Readonly<Partial<Record<TechniqueKind, string>>> = {
  'static hold': 'plank',
  'restricted blood flow': 'cable-curl',
  'strict then loose': 'cable-curl',
};

const A_SESSION = 5;

/**
 * Run by a journey with `EMAIL ATHLETE`: creates a block with every set technique, sends its first week, prints its
 * address.
 */
const [email = '', who = ''] = process.argv.slice(2);
const asker = await coachByEmail(email);
if (asker === undefined) throw new Error(`no coach ${email}`);
const athlete = (await roster(asker)).find(({ name }) => name.startsWith(who));
if (athlete === undefined) throw new Error(`no athlete ${who}`);

const slotOf = (kind: TechniqueKind, at: number): Slot => {
  const exercise = exerciseById(ON[kind] ?? 'leg-extension');
  if (exercise === undefined) throw new Error(`nothing to do ${kind} on`);
  const technique = startOf(kind);
  return {
    ...newSlot(`t${at}`, exercise),
    rest: 60,
    note: kind,
    technique: technique.kind === 'restricted blood flow' ? { ...technique, screened: true } : technique,
  };
};
const slots = TECHNIQUE_KINDS.map(slotOf);
const today = new Date().toISOString().slice(0, 10);
const block = {
  ...emptyBlock('Every technique', mondayOf(today)),
  lowSets: true,
  sessions: Array.from({ length: Math.ceil(slots.length / A_SESSION) }, (_, at) => ({
    id: `s${at}`,
    name: `Part ${at + 1}`,
    day: at,
    place: null,
    optional: false,
    weeks: [],
    slots: slots.slice(at * A_SESSION, (at + 1) * A_SESSION),
  })),
};
const now = new Date();
const blockId = await addBlock(asker, athlete.athleteId, block, now);
if (blockId === undefined) throw new Error('the block was not added');
const issued = await issueWeek(asker, blockId, 1, 0, now);
if (issued.status !== 'issued') throw new Error(JSON.stringify(issued));
console.log(blockId);
await closeDatabase();
