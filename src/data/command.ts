import { closeDatabase } from './database';
import { DEMO_COACH, seedDemo } from './demo/seed';
import { migrate } from './migrate';

/** Run by the start scripts: `migrate`, `seed`, or `seed EMAIL` for a demo coach of another address. */
const [command, email] = process.argv.slice(2);
const today = new Date().toISOString().slice(0, 10);

if (command === 'migrate') {
  const ran = await migrate();
  console.log(ran.length === 0 ? 'The schema is up to date.' : `Migrated: ${ran.join(', ')}.`);
} else if (command === 'seed') {
  const added = await seedDemo(today, email === undefined ? DEMO_COACH : { ...DEMO_COACH, email });
  console.log(added ? 'The demo data is in.' : 'The demo data is there already.');
} else {
  console.error('Say migrate or seed.');
  process.exitCode = 2;
}
await closeDatabase();
