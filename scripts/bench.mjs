// npm run bench: figures and ratios from one run. Nothing here passes or fails.
import { execFile } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { gzipSync } from 'node:zlib';
import { launchBrowser } from './browser.mjs';
import { letIn, Phone } from './clients.mjs';
import { Database } from './database.mjs';
import { BUILT_FROM, DATA, ensureBuild, ensurePackages, ROOT, run, say } from './machine.mjs';
import { startServer } from './server.mjs';

const RUNS = 60;
const WARM = 10;
/** Compressed size budget in kB for each screen's first load: document, scripts and styles. */
const WEIGHTS = { desk: 230, library: 230, sheet: 330, athlete: 300, floor: 200 };
const COACH = { email: 'bench@example.org', password: 'rung by rung' };

await ensurePackages();
await benchCore('unfold');
await benchCore('balance');
await benchCore('simulation');
await benchCore('learning');

const database = new Database(join(DATA, 'bench'));
let server;
try {
  Database.erase(join(DATA, 'bench'));
  await database.start();
  await database.command('migrate');
  await database.command('seed', COACH.email);
  // Builds with source maps, to tell by module what a screen loads; the next build removes them.
  process.env.SOURCE_MAPS = 'yes';
  rmSync(BUILT_FROM, { force: true });
  await ensureBuild();
  server = await startServer({ databaseUrl: database.url, quiet: true });
  await benchPages(server.address);
  await benchLogging(server.address);
  await benchWeights(server.address);
  const { stdout } = await script('large-block', COACH.email);
  await benchEdits(server.address, stdout.trim());
  await benchRoster(server.address);
} finally {
  await server?.stop();
  await database.stop();
  rmSync(BUILT_FROM, { force: true });
}

async function benchCore(name) {
  const { build } = await import('esbuild');
  const outfile = join(ROOT, '.cache', `bench-${name}.mjs`);
  mkdirSync(join(ROOT, '.cache'), { recursive: true });
  // Bundled as for the browser, without the name-keeping helpers that running TypeScript directly adds.
  await build({
    entryPoints: [join(ROOT, 'bench', `${name}.ts`)],
    bundle: true,
    format: 'esm',
    packages: 'external',
    platform: 'node',
    outfile,
    logLevel: 'error',
  });
  await run(process.execPath, [outfile]);
}

async function signedIn(address, email = COACH.email) {
  const browser = await launchBrowser();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/sign-in`);
  await page.getByLabel('Email').fill(email);
  await page.locator('input[name=password]').fill(COACH.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/desk');
  return { browser, page };
}

/**
 * From the key that commits an edit or moves the cursor to the paint that shows it, on a block of 12 weeks with 48
 * slots.
 */
async function benchEdits(address, blockId) {
  const { browser, page } = await signedIn(address);
  await page.goto(`${address}/blocks/${blockId}`);
  await page.getByRole('grid').waitFor();
  await page.waitForTimeout(1500);
  // The browser's own measure from key to next paint, in steps of 8 ms; below 16 ms it reports nothing.
  await page.evaluate(() => {
    window.keys = new Map();
    window.painted = [];
    window.addEventListener('keydown', (event) => window.keys.set(event.timeStamp, event.key), {
      capture: true,
    });
    new PerformanceObserver((list) => {
      for (const { name, startTime, duration } of list.getEntries())
        if (name === 'keydown') window.painted.push({ startTime, ms: duration });
    }).observe({ type: 'event', durationThreshold: 16 });
  });
  const saves = answersTo(page);
  const rows = page.locator('[data-column="rest"]');
  for (let edit = 0; edit < 30; edit++) {
    await rows.nth(edit).click();
    await page.keyboard.type(String(60 + ((edit * 7) % 90)));
    await page.keyboard.press('Enter');
    // Measured separately: a move pressed at once would wait for the edit's paint and the checks after it.
    await page.waitForTimeout(300);
    await page.keyboard.press('ArrowDown');
    await page.waitForTimeout(150);
  }
  await page.waitForTimeout(500);
  const painted = await page.evaluate(() =>
    [...window.keys].map(([at, key]) => ({
      key,
      ms: window.painted.find(({ startTime }) => Math.abs(startTime - at) < 0.5)?.ms ?? 16,
    })),
  );
  const frames = await scrolled(page);
  await tellAnswers('a save', saves, page);
  await browser.close();
  const of = (name) =>
    painted
      .filter(({ key }) => key === name)
      .map(({ ms }) => ms)
      .sort((a, b) => a - b);
  const late = frames.filter((ms) => ms > 25).length;
  const [edits, moves] = [of('Enter'), of('ArrowDown')];
  say('\nkey to paint in the Sheet, 12 weeks x 48 slots, median of 30');
  say(
    `  an edit ${middle(edits).toFixed(0)} ms (meant: under 50 ms), a move of the cursor ${middle(moves).toFixed(0)} ms: ${(middle(edits) / middle(moves)).toFixed(1)} x`,
  );
  say(`  scrolled from end to end: ${late} of ${frames.length} frames came late (above 25 ms)`);
}

/** Records the responses to a page's requests from now on: bytes on the wire and milliseconds. */
function answersTo(page) {
  const answers = [];
  page.on('requestfinished', async (request) => {
    if (request.method() !== 'POST') return;
    const { requestStart, responseEnd } = request.timing();
    const { responseBodySize } = await request.sizes();
    answers.push({ bytes: responseBodySize, ms: responseEnd - requestStart });
  });
  return answers;
}

/** Prints the size and duration of responses against a bare page requested by the same page. */
async function tellAnswers(name, answers, page) {
  const bare = await page.evaluate(async (runs) => {
    const times = [];
    for (let run = 0; run < runs; run++) {
      const from = performance.now();
      await (await fetch('/status', { cache: 'no-store' })).text();
      times.push(performance.now() - from);
    }
    return times;
  }, RUNS);
  const largest = Math.max(...answers.map(({ bytes }) => bytes));
  sayAnswers(
    name,
    answers.map(({ ms }) => ms),
    bare,
    largest,
  );
}

function sayAnswers(name, times, bare, largest) {
  say(
    `\n${times.length} answers to ${name}: median ${middle(times).toFixed(1)} ms, ${(middle(times) / middle(bare)).toFixed(1)} x a bare page (meant: 2); the largest ${(largest / 1000).toFixed(1)} kB (meant: under 20)`,
  );
}

/** Sets that a phone logs singly, each measured against a bare page. */
async function benchLogging(address) {
  const [home] = await letIn(database.url, COACH.email);
  const phone = new Phone('bench', [() => address], home);
  const [times, bare] = [[], []];
  for (let run = 0; run < RUNS + WARM; run++) {
    const before = performance.now();
    if ((await phone.send(phone.make())) !== 'stands') throw new Error('a set was not taken');
    const between = performance.now();
    await (await fetch(`${address}/status`)).text();
    if (run < WARM) continue;
    times.push(between - before);
    bare.push(performance.now() - between);
  }
  sayAnswers('a set logged', times, bare, phone.longest);
}

/** Milliseconds between frames while the wheel scrolls through the whole Sheet and back. */
async function scrolled(page) {
  await page.evaluate(() => {
    window.drawn = [];
    const note = (at) => {
      window.drawn.push(at);
      window.noting = requestAnimationFrame(note);
    };
    window.noting = requestAnimationFrame(note);
  });
  await page.mouse.move(600, 500);
  for (const by of [60, -60])
    for (let turn = 0; turn < 25; turn++) {
      await page.mouse.wheel(0, by);
      await page.waitForTimeout(16);
    }
  return page.evaluate(() => {
    cancelAnimationFrame(window.noting);
    return window.drawn.slice(1).map((at, k) => at - window.drawn[k]);
  });
}

/** Runs a bench script on the bench's database. */
function script(name, ...args) {
  return promisify(execFile)(
    join(ROOT, 'node_modules', '.bin', 'tsx'),
    [join(ROOT, 'bench', `${name}.ts`), ...args],
    { env: { ...process.env, DATABASE_URL: database.url }, maxBuffer: 1e8 },
  );
}

/**
 * The weekly check of sixty athletes by keyboard alone: actions and seconds per athlete. Then the same coach with
 * five hundred athletes and a million logged sets: server time against a bare page.
 */
async function benchRoster(address) {
  const email = 'roster@example.org';
  await script('roster', email, '60');
  const { browser, page } = await signedIn(address, email);
  await page.locator('main[data-ready="true"]').waitFor();
  const answers = answersTo(page);
  const needs = page.getByRole('region', { name: 'Needs you' });
  const left = async () => Number(await needs.locator('h2 span').textContent());
  const waited = await left();
  await page.getByRole('radio', { name: 'urgent first' }).focus();
  while ((await needs.locator('[data-need]:focus').count()) === 0) await page.keyboard.press('Tab');
  const began = performance.now();
  const focused = () =>
    page.evaluate(() => {
      const { need, kind } = document.activeElement?.dataset ?? {};
      return { need, kind };
    });
  let actions = 0;
  for (let now = await focused(); (await left()) > 0 && actions < 720; actions++) {
    await page.keyboard.press(now.kind === 'stall' || now.kind === 'split' ? 'k' : 'a');
    const before = now.need;
    for (let tries = 0; tries < 400 && now.need === before && (await left()) > 0; tries++) {
      await page.waitForTimeout(15);
      now = await focused();
    }
  }
  const seconds = (performance.now() - began) / 1000;
  say(
    `\n${waited} matters of 60 athletes answered by keyboard: ${(actions / 60).toFixed(1)} actions an athlete (meant: at most 12), ${(seconds / 60).toFixed(1)} s an athlete`,
  );
  await tellAnswers('a call', answers, page);
  await script('many', email, '500', '5');
  await page.goto(`${address}/desk`);
  // Copied weeks have no plan, so the measured page belongs to a simulated athlete.
  const block = await page.locator('th a[href^="/blocks/"]:not([href*="~"])').first().getAttribute('href');
  const cookie = (await page.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
  await browser.close();
  const pages = {
    'bare page': '/status',
    desk: '/desk',
    sheet: block,
    floor: block.replace('/blocks/', '/training/'),
  };
  const times = await inTurns(address, pages, cookie);
  const bare = middle(times['bare page']);
  say('\n500 athletes, a million logged sets: server time, median, and as a ratio to the bare page');
  for (const [name, list] of Object.entries(times))
    say(`  ${name}: ${middle(list).toFixed(1)} ms, ${(middle(list) / bare).toFixed(2)} x`);
}

function middle(list) {
  return list.sort((a, b) => a - b)[list.length >> 1];
}

/** Milliseconds per page, measured in turns. */
async function inTurns(address, pages, cookie) {
  const times = Object.fromEntries(Object.keys(pages).map((name) => [name, []]));
  for (let round = 0; round < RUNS + WARM; round++)
    for (const [name, path] of Object.entries(pages)) {
      const before = performance.now();
      await (await fetch(`${address}${path}`, { headers: { cookie } })).text();
      if (round >= WARM) times[name].push(performance.now() - before);
    }
  return times;
}

/** Server time of the Sheet against a bare page with one primary-key query, measured in turns. */
async function benchPages(address) {
  const { browser, page } = await signedIn(address);
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
    floor: sheet.replace('/blocks/', '/training/'),
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

/** The first load of each screen against its budget, with its ten largest files. */
async function benchWeights(address) {
  const { browser, page } = await signedIn(address);
  const block = await page.getByRole('rowheader').getByRole('link').first().getAttribute('href');
  const profile = await page
    .getByRole('link', { name: /^Profile of/ })
    .first()
    .getAttribute('href');
  const cookies = await page.context().cookies();
  const screens = {
    desk: '/desk',
    library: '/library',
    sheet: block,
    athlete: profile,
    floor: block.replace('/blocks/', '/training/'),
  };
  say('\nfirst load, compressed kB: document, scripts and styles');
  for (const [screen, path] of Object.entries(screens)) {
    const context = await browser.newContext();
    await context.addCookies(cookies);
    const fresh = await context.newPage();
    const cdp = await context.newCDPSession(fresh);
    await cdp.send('Network.enable');
    const kinds = new Map();
    const files = [];
    cdp.on('Network.responseReceived', ({ requestId, type, response }) =>
      kinds.set(requestId, { type, url: response.url }),
    );
    cdp.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      const { type, url } = kinds.get(requestId) ?? {};
      if (['Document', 'Script', 'Stylesheet'].includes(type))
        files.push({ url, kB: encodedDataLength / 1000 });
    });
    await fresh.goto(`${address}${path}`, { waitUntil: 'load' });
    const sum = files.reduce((total, { kB }) => total + kB, 0);
    say(
      `  ${screen.padEnd(8)} ${sum.toFixed(0).padStart(4)} of ${WEIGHTS[screen]}: ${(sum / WEIGHTS[screen]).toFixed(2)} x`,
    );
    const modules = new Map();
    for (const { url, kB } of files.filter(({ url }) => url.endsWith('.js')))
      for (const [name, share] of await sharesOf(url))
        modules.set(name, (modules.get(name) ?? 0) + share * kB);
    const largest = [...modules].sort(([, a], [, b]) => b - a).slice(0, 10);
    say(`           ${largest.map(([name, kB]) => `${name} ${kB.toFixed(1)}`).join(', ')}`);
    await context.close();
  }
  await browser.close();
}

/** Shares of a script by module: a package or one of our folders. */
async function sharesOf(url) {
  const { eachMapping, FlattenMap } = await import('@jridgewell/trace-mapping');
  const text = await (await fetch(url)).text();
  const [, name] = /sourceMappingURL=(\S+)/.exec(text) ?? [];
  if (name === undefined) return new Map([['unmapped', 1]]);
  const map = await (await fetch(new URL(name, url))).json();
  const lines = text.split('\n');
  const sums = new Map();
  let last = null;
  const until = (line, column) => {
    if (last === null) return;
    const length =
      last.line === line ? column - last.column : (lines[last.line - 1]?.length ?? 0) - last.column;
    sums.set(last.name, (sums.get(last.name) ?? 0) + Math.max(0, length));
  };
  eachMapping(new FlattenMap(map), ({ generatedLine, generatedColumn, source }) => {
    until(generatedLine, generatedColumn);
    last = { line: generatedLine, column: generatedColumn, name: moduleOf(source ?? 'other') };
  });
  const all = [...sums.values()].reduce((sum, length) => sum + length, 0);
  return new Map([...sums].map(([name, length]) => [name, length / all]));
}

function moduleOf(source) {
  const [, pack] = /.*node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(source) ?? [];
  if (pack !== undefined) return pack;
  const [, ours] = /(src\/[^?]+)\/[^/]+$/.exec(source) ?? [];
  return ours ?? 'other';
}
