// npm run bench: figures and same-run ratios. Nothing here passes or fails.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { Database } from './database.mjs';
import { DATA, ensureBuild, ensurePackages, ROOT, run, say } from './machine.mjs';
import { startServer } from './server.mjs';

const RUNS = 60;
const WARM = 10;
const COACH = { email: 'bench@example.org', password: 'rung by rung' };

await ensurePackages();
await benchUnfold();

const database = new Database(join(DATA, 'bench'));
let server;
try {
  Database.erase(join(DATA, 'bench'));
  await database.start();
  await database.command('migrate');
  await database.command('seed', COACH.email);
  await ensureBuild();
  server = await startServer({ databaseUrl: database.url, quiet: true });
  await benchPages(server.address);
} finally {
  await server?.stop();
  await database.stop();
}

async function benchUnfold() {
  const { build } = await import('esbuild');
  const outfile = join(ROOT, '.cache', 'bench-unfold.mjs');
  mkdirSync(join(ROOT, '.cache'), { recursive: true });
  // Bundled as the browser gets it: without the name-keeping helpers that running TypeScript directly adds.
  await build({
    entryPoints: [join(ROOT, 'bench', 'unfold.ts')],
    bundle: true,
    format: 'esm',
    platform: 'node',
    outfile,
    logLevel: 'error',
  });
  await run(process.execPath, [outfile]);
}

/** Server time of the Sheet beside a bare page with one query by primary key, taken in turns. */
async function benchPages(address) {
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  });
  const page = await browser.newPage();
  await page.goto(`${address}/sign-in`);
  await page.getByLabel('Email').fill(COACH.email);
  await page.locator('input[name=password]').fill(COACH.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/desk');
  await page.getByRole('rowheader').getByRole('link', { name: 'Maren' }).click();
  await page.waitForURL('**/blocks/**');
  const sheet = new URL(page.url()).pathname;
  const athlete = await page.getByRole('heading').getByRole('link', { name: 'Maren' }).getAttribute('href');
  const cookie = (await page.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
  await browser.close();

  const take = async (path) => {
    const before = performance.now();
    const answer = await fetch(`${address}${path}`, { headers: { cookie } });
    const body = await answer.text();
    return { ms: performance.now() - before, body };
  };
  const pages = {
    'bare page': '/status',
    desk: '/desk',
    sheet,
    athlete,
    library: '/library',
    floor: sheet.replace('/blocks/', '/floor/'),
  };
  const times = Object.fromEntries(Object.keys(pages).map((name) => [name, []]));
  const bodies = {};
  for (let round = 0; round < RUNS + WARM; round++) {
    for (const [name, path] of Object.entries(pages)) {
      const { ms, body } = await take(path);
      bodies[name] = body;
      if (round >= WARM) times[name].push(ms);
    }
  }
  const middle = (list) => list.sort((a, b) => a - b)[list.length >> 1];
  const bare = middle(times['bare page']);
  say(`\nserver time of a page, median of ${RUNS}, and as a ratio to the bare page`);
  for (const [name, list] of Object.entries(times))
    say(`  ${name}: ${middle(list).toFixed(1)} ms, ${(middle(list) / bare).toFixed(2)} x`);

  say('\nscript of a first load, compressed');
  for (const [name, body] of Object.entries(bodies)) {
    const sources = [
      ...new Set(
        [...body.matchAll(/<script[^>]+src="([^"]+)"[^>]*>/g)]
          .filter(([tag]) => !/nomodule/i.test(tag))
          .map(([, source]) => source),
      ),
    ];
    let bytes = 0;
    for (const source of sources)
      bytes += gzipSync(await (await fetch(new URL(source, address))).text()).length;
    say(`  ${name}: ${(bytes / 1000).toFixed(0)} kB`);
  }
}
