// npm test: everything. Installs what the machine lacks, then runs lint, unused code, build, types, unit and data
// tests, journeys.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { ensureBrowser } from './browser.mjs';
import { Database } from './database.mjs';
import { bin, DATA, ensureBuild, ensurePackages, ensurePrograms, ROOT, run, say } from './machine.mjs';
import { startServer } from './server.mjs';

const reports = join(ROOT, '.cache', 'reports');
const totals = { passed: 0, failed: 0 };
const only = process.argv[2];

function count(name, passed, failed) {
  totals.passed += passed;
  totals.failed += failed;
  say(`${name}: ${passed} passed, ${failed} failed`);
}

async function step(name, work) {
  if (only !== undefined && only !== name) return;
  say(`\n== ${name}`);
  try {
    await work();
  } catch (error) {
    console.error(error);
    count(name, 0, 1);
  }
}

async function command(name, program, args, env = {}) {
  const code = await run(bin(program), args, {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  });
  count(name, code === 0 ? 1 : 0, code === 0 ? 0 : 1);
}

function report(file) {
  const path = join(reports, file);
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined;
}

/** The data commands bundled into one file, so that a journey's seed does not load the whole tree first. */
async function bundleDataCommand() {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [join(ROOT, 'src', 'data', 'command.ts')],
    outfile: join(ROOT, '.cache', 'data-command.mjs'),
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    logLevel: 'error',
  });
}

/** Creates demo coaches in a process that stays alive: after the first, each takes a fraction of the time. */
function seeder(database) {
  const child = spawn(process.execPath, [join(ROOT, '.cache', 'data-command.mjs'), 'seeds'], {
    env: { ...process.env, DATABASE_URL: database.url },
    stdio: ['pipe', 'pipe', 'inherit'],
  });
  const waiting = new Map();
  createInterface({ input: child.stdout }).on('line', (email) => waiting.get(email)?.resolve());
  child.once('exit', () => {
    for (const { reject } of waiting.values())
      reject(new Error('The process that makes demo coaches has ended.'));
  });
  return {
    seed: (email) =>
      new Promise((resolve, reject) => {
        waiting.set(email, { resolve, reject });
        child.stdin.write(`${email}\n`);
      }),
    end: () => child.stdin.end(),
  };
}

/**
 * A control server for journeys: POST /kill and /start stop and start the database, /seed/ADDRESS creates a demo
 * coach.
 */
function control(database, seeds) {
  const server = createServer(async (request, response) => {
    try {
      if (request.url.startsWith('/seed/')) await seeds.seed(decodeURIComponent(request.url.slice(6)));
      if (request.url === '/kill') await database.kill();
      if (request.url === '/start') await database.start();
      response.end('ok');
    } catch (error) {
      response.writeHead(500).end(String(error));
    }
  });
  return new Promise((resolve) => server.listen(0, '127.0.0.1', () => resolve(server)));
}

const database = new Database(join(DATA, 'test'), { scratch: true });
let server;
let door;
let seeds;
async function end(code) {
  door?.close();
  seeds?.end();
  await server?.stop();
  await database.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => end(1));

try {
  await ensurePackages();
  await ensurePrograms([{ program: 'mariadbd', debian: 'mariadb-server' }]);
  await ensureBrowser();
  rmSync(reports, { recursive: true, force: true });
  mkdirSync(reports, { recursive: true });
  Database.erase(join(DATA, 'test'));
  await database.start();
  await database.command('migrate');

  await step('lint', () => command('lint', 'biome', ['check', '.']));
  await step('unused', () => command('unused', 'knip', []));
  await step('types', () => command('types', 'tsc', ['--noEmit']));
  await step('unit and data', async () => {
    const args = ['--json', `--outputFile=${join(reports, 'jest.json')}`, ...process.argv.slice(3)];
    const code = await run(bin('jest'), args, {
      env: {
        ...process.env,
        DATABASE_URL: database.url,
        DATABASE_OWNER_URL: database.ownerUrl,
        NODE_ENV: 'test',
      },
    });
    const result = report('jest.json');
    if (result === undefined) throw new Error('Jest left no report.');
    const broken = result.testResults.filter(
      (suite) => suite.status === 'failed' && suite.assertionResults.length === 0,
    ).length;
    const failed = result.numFailedTests + broken;
    count('unit and data', result.numPassedTests, failed === 0 && code !== 0 ? 1 : failed);
  });
  await step('torture', async () => {
    const code = await run(process.execPath, [join(ROOT, 'scripts', 'torture.mjs'), '--rounds', '8']);
    count('torture', code === 0 ? 1 : 0, code === 0 ? 0 : 1);
  });
  await step('journeys', async () => {
    await ensureBuild();
    await bundleDataCommand();
    server = await startServer({ databaseUrl: database.url, quiet: true });
    seeds = seeder(database);
    door = await control(database, seeds);
    const env = {
      ...process.env,
      DATABASE_URL: database.url,
      BASE_URL: server.address,
      CONTROL_URL: `http://127.0.0.1:${door.address().port}`,
      PLAYWRIGHT_JSON_OUTPUT_NAME: join(reports, 'playwright.json'),
    };
    const code = await run(bin('playwright'), ['test', ...process.argv.slice(3)], { env });
    const stats = report('playwright.json')?.stats;
    if (stats === undefined) throw new Error('Playwright left no report.');
    const failed = stats.unexpected + stats.skipped;
    if (stats.flaky > 0)
      say(`${stats.flaky} of the journeys passed only at the second try: see "flaky" above.`);
    count('journeys', stats.expected + stats.flaky, failed === 0 && code !== 0 ? 1 : failed);
  });
} catch (error) {
  console.error(error);
  totals.failed += 1;
}

say(`\n${totals.passed} passed, ${totals.failed} failed`);
await end(totals.failed === 0 && totals.passed > 0 ? 0 : 1);
