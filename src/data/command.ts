import { createInterface } from 'node:readline';
import { closeDatabase } from './database';
import { DEMO_COACH, seedDemo } from './demo/seed';
import { migrate } from './migrate';
import { PASSWORD_LEAST, passwordProblem } from './passwords';
import { addCoach, coachByEmail } from './repositories/coaches';
import { forgottenPasswordLink } from './repositories/teams';

/**
 * Run by the start scripts: `migrate`; `seed`, or `seed EMAIL` for a demo coach with another address and without
 * history; `coach EMAIL NAME PASSWORD` for a coach without athletes; `password EMAIL` for a password reset link.
 * `seeds` creates demo coaches for the journeys, one for each address it reads, and prints each when it is done.
 */
const [command, email, name, password] = process.argv.slice(2);
const today = new Date().toISOString().slice(0, 10);

if (command === 'migrate') {
  // Only the schema's owner may change it.
  process.env.DATABASE_URL = process.env.DATABASE_OWNER_URL ?? process.env.DATABASE_URL;
  const ran = await migrate();
  console.log(ran.length === 0 ? 'The schema is up to date.' : `Migrated: ${ran.join(', ')}.`);
} else if (command === 'seed') {
  const added =
    email === undefined ? await seedDemo(today) : await seedDemo(today, { ...DEMO_COACH, email }, false);
  console.log(added ? 'The demo data is in.' : 'The demo data is there already.');
} else if (command === 'seeds') {
  for await (const line of createInterface({ input: process.stdin })) {
    const seeded = () => seedDemo(today, { ...DEMO_COACH, email: line }, false);
    // The database may have been restarted since the last one.
    await seeded().catch(async () => {
      await closeDatabase();
      await seeded();
    });
    console.log(line);
  }
} else if (command === 'coach' && email !== undefined && name !== undefined && password !== undefined) {
  const problem = passwordProblem(password, [email, name]);
  if (problem !== null) {
    console.error(
      problem === 'too short'
        ? `Use at least ${PASSWORD_LEAST} characters for the password.`
        : 'This password is easy to guess.',
    );
    process.exitCode = 2;
  } else if ((await coachByEmail(email)) !== undefined) {
    console.error('A coach with this address already exists.');
    process.exitCode = 2;
  } else {
    await addCoach({ email, name, password });
    console.log(`${name} can sign in with ${email}.`);
  }
} else if (command === 'password' && email !== undefined) {
  const token = await forgottenPasswordLink(email, new Date());
  if (token === undefined) {
    console.error('No coach has this address.');
    process.exitCode = 2;
  } else
    console.log(
      `${email} can set a new password at ${process.env.PUBLIC_URL ?? ''}/invite/${token}, once, within a day. All devices are then signed out.`,
    );
} else {
  console.error('Usage: migrate | seed | coach EMAIL NAME PASSWORD | password EMAIL');
  process.exitCode = 2;
}
await closeDatabase();
