// npm run load [-- --minutes N]: fills a database with five hundred athletes and a million sets; then fifty phones
// log and twenty coaches edit and browse, each with short pauses. Prints response times and resources used.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { Coach, letIn, Phone } from './clients.mjs';
import { Database } from './database.mjs';
import { bin, DATA, ensureBuild, ensurePackages, run, say } from './machine.mjs';
import { startServer } from './server.mjs';
import { option } from './which-database.mjs';

const MINUTES = Number(option('--minutes') ?? 2);
const COPIES = { blocks: Number(option('--blocks') ?? 88), coaches: Number(option('--coaches') ?? 82) };
const PHONES = 50;
const COACHES = 20;
/** Pauses between two sets of a phone and two edits of a coach: shorter than anybody's real ones. */
const PHONE_PAUSE_MS = 2_000;
const COACH_PAUSE_MS = 1_500;
const SAMPLE_MS = 5_000;
const COACH = 'load@example.org';
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** Memory of a process in MB. */
function megabytes(pid) {
  const [, kilobytes] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
  return Math.round(Number(kilobytes) / 1024);
}

/** A client that pauses between requests, and a coach who sometimes opens a screen. */
function paced(client, pause, looks = []) {
  const send = client.send.bind(client);
  client.times = [];
  client.looks = [];
  client.send = async (made) => {
    const begun = performance.now();
    const said = await send(made);
    client.times.push(performance.now() - begun);
    await sleep(pause * (0.5 + Math.random()));
    if (looks.length > 0 && client.times.length % 4 === 0) {
      const path = looks[(client.times.length / 4) % looks.length];
      const from = performance.now();
      const answer = await fetch(`${client.addresses[0]()}${path}`, {
        headers: { cookie: client.cookie },
      }).catch(() => undefined);
      await answer?.text();
      client.looks.push(performance.now() - from);
      if (answer?.status !== 200) client.unanswered++;
    }
    return said;
  };
  return client;
}

const at = (sorted, share) =>
  Math.round(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0);
function told(name, times) {
  const sorted = [...times].sort((a, b) => a - b);
  say(
    `${name}: ${sorted.length} in ${MINUTES} min, ${(sorted.length / MINUTES / 60).toFixed(1)} a second; half within ${at(sorted, 0.5)} ms, 99 of 100 within ${at(sorted, 0.99)} ms, all within ${at(sorted, 1)} ms`,
  );
}

await ensurePackages();
const home = join(DATA, 'load');
Database.erase(home);
const database = new Database(home);
let server;
let failed = 0;
try {
  await database.start();
  await database.command('migrate');
  await database.command('seed', COACH);
  say('Laying in half a thousand athletes and their past ...');
  const env = { ...process.env, DATABASE_URL: database.url };
  const copies = [String(COPIES.blocks), String(COPIES.coaches)];
  if ((await run(bin('tsx'), ['bench/multiply.ts', ...copies], { env })) !== 0)
    throw new Error('It could not be laid in.');
  const db = await mysql.createConnection(database.url);
  const [[sizes]] = await db.query(
    'SELECT (SELECT COUNT(*) FROM athletes) AS athletes, (SELECT COUNT(*) FROM logged_sets) AS sets, (SELECT COUNT(*) FROM blocks) AS blocks',
  );
  const [emails] = await db.query('SELECT email FROM coaches ORDER BY id LIMIT ?', [COACHES]);
  // Sets are logged in sessions that are under way.
  await db.query('UPDATE workouts SET finished_at = NULL');
  await db.end();
  say(`${sizes.athletes} athletes, ${sizes.blocks} blocks, ${sizes.sets} sets.`);
  await ensureBuild();
  server = await startServer({ databaseUrl: database.url, silent: true });
  const addresses = [() => server.address];
  const homes = [];
  for (const { email } of emails) homes.push(await letIn(database.url, email));
  const phones = Array.from({ length: PHONES }, (_, n) => {
    const ofCoach = homes[n % homes.length];
    return paced(new Phone(`phone ${n}`, addresses, ofCoach[n % ofCoach.length]), PHONE_PAUSE_MS);
  });
  const coaches = homes.map((ofCoach, n) => {
    const [first] = ofCoach;
    return paced(new Coach(`coach ${n}`, addresses, first, n), COACH_PAUSE_MS, [
      '/desk',
      `/blocks/${first.blockId}`,
    ]);
  });
  const clients = [...phones, ...coaches];
  await fetch(`${server.address}/status`);
  const running = clients.map(async (client) => {
    await sleep(Math.random() * PHONE_PAUSE_MS);
    await client.run();
  });
  const memory = [];
  const end = Date.now() + MINUTES * 60_000;
  while (Date.now() < end) {
    memory.push(megabytes(server.child.pid));
    await sleep(SAMPLE_MS);
  }
  for (const client of clients) client.isOver = true;
  await Promise.all(running);
  told(
    'sets logged',
    phones.flatMap(({ times }) => times),
  );
  told(
    'changes saved',
    coaches.flatMap(({ times }) => times),
  );
  told(
    'screens opened',
    coaches.flatMap(({ looks }) => looks),
  );
  const third = Math.max(1, Math.floor(memory.length / 3));
  const mean = (part) => Math.round(part.reduce((sum, one) => sum + one, 0) / part.length);
  const thirds = [memory.slice(0, third), memory.slice(third, -third), memory.slice(-third)].map(mean);
  say(`memory of the server: ${thirds.join(', ')} MB in each third, ${Math.max(...memory)} MB at most`);
  failed = clients.reduce((sum, one) => sum + one.unanswered + one.refused, 0);
} catch (error) {
  console.error(error);
  failed++;
} finally {
  await server?.stop();
  await database.stop();
}
say(`${failed} errors`);
process.exit(failed === 0 ? 0 : 1);
