// npm run demo [-- --reset]   installs, starts, migrates, seeds, builds, serves. npm run dev: the same with live reload.
import { join } from 'node:path';
import { Database } from './database.mjs';
import { DATA, ensureBuild, ensurePackages, say } from './machine.mjs';
import { startServer } from './server.mjs';

const dev = process.argv.includes('--dev');
const home = join(DATA, 'demo');
const database = new Database(home);
let server;
let ending = false;

async function end(code) {
  if (ending) return;
  ending = true;
  await server?.stop();
  await database.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => end(0));

try {
  await ensurePackages();
  if (process.argv.includes('--reset')) {
    Database.erase(home);
    say('The demo data has been erased.');
  }
  await database.start();
  await database.command('migrate');
  await database.command('seed');
  if (!dev) await ensureBuild();
  server = await startServer({
    databaseUrl: database.url,
    wish: Number(process.env.PORT ?? 3000),
    mode: dev ? 'dev' : 'start',
  });
  say(
    `\n  Dense Ladder runs at ${server.address}\n  Email:     coach@example.org\n  Password:  rung by rung\n  Ctrl-C stops it. Data is kept in .data/demo.\n`,
  );
  server.child.once('exit', () => end(1));
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  await end(1);
}
