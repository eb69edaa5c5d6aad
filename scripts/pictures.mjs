// npm run pictures: fresh demo data, one picture of each main view into docs/screenshots.
import { join } from 'node:path';
import { Database } from './database.mjs';
import { DATA, ensureBuild, ensurePackages, ROOT, say } from './machine.mjs';
import { startServer } from './server.mjs';

const COACH = { email: 'coach@example.org', password: 'rung by rung' };
const FOLDER = join(ROOT, 'docs', 'screenshots');

await ensurePackages();
const home = join(DATA, 'pictures');
Database.erase(home);
const database = new Database(home);
let server;
let browser;
try {
  await database.start();
  await database.command('migrate');
  await database.command('seed');
  await ensureBuild();
  server = await startServer({ databaseUrl: database.url, quiet: true });
  const { chromium } = await import('@playwright/test');
  browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  });
  await desk(await signedIn({ viewport: { width: 1280, height: 800 } }));
  await floor(await signedIn({ viewport: { width: 390, height: 844 }, hasTouch: true }));
  await block(await signedIn({ viewport: { width: 1280, height: 800 }, colorScheme: 'dark' }), '-dark');
} finally {
  await browser?.close();
  await server?.stop();
  await database.stop();
}

async function signedIn(options) {
  const page = await (await browser.newContext({ baseURL: server.address, ...options })).newPage();
  await page.goto('/sign-in');
  await page.getByLabel('Email').fill(COACH.email);
  await page.locator('input[name=password]').fill(COACH.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/desk');
  // What is said to beginners is closed once and for all.
  await page.evaluate(() => localStorage.setItem('ladder/hints-closed', 'yes'));
  return page;
}

/** Takes the picture once the screen answers and its charts have come to rest. */
async function take(page, name) {
  await page.waitForTimeout(1500);
  await page.screenshot({ path: join(FOLDER, `${name}.png`) });
  say(name);
}

async function answers(page) {
  await page.locator('main[data-ready="true"]').waitFor();
}

async function openBlock(page, athlete) {
  await page.goto('/desk');
  await page.getByRole('rowheader').getByRole('link', { name: athlete }).click();
  await page.waitForURL('**/blocks/**');
  await answers(page);
}

async function desk(page) {
  await take(page, 'desk');

  await page.getByRole('link', { name: 'Profile of Maren' }).click();
  await page.waitForURL('**/athletes/**');
  await answers(page);
  for (const [at, face] of ['person', 'places', 'strength', 'volume', 'body'].entries()) {
    await page.keyboard.press(`Alt+${at + 1}`);
    await take(page, `athlete-${face}`);
  }
  await page.keyboard.press('Control+k');
  await page.getByRole('dialog').getByRole('textbox').fill('how do I make 87.5');
  await take(page, 'palette');
  await page.keyboard.press('Escape');

  await page.getByRole('link', { name: 'New block' }).click();
  await page.waitForURL('**/blocks/new**');
  await answers(page);
  await page.getByRole('radio', { name: /^Upper and lower, four days/ }).check();
  await take(page, 'new-block');

  await page.goto('/library');
  await answers(page);
  await page.getByLabel('Muscle').selectOption('quads');
  await page.getByRole('button', { name: 'leg press', exact: true }).click();
  await page.getByRole('button', { name: 'Keep beside the next' }).click();
  await page.getByRole('button', { name: 'hack squat', exact: true }).click();
  await page.getByLabel('Variant', { exact: true }).selectOption({ label: 'feet high' });
  await take(page, 'library');

  await block(page, '');
}

async function block(page, tone) {
  await openBlock(page, 'Maren');
  await take(page, `sheet${tone}`);
  await page.keyboard.press('Alt+3');
  await take(page, `ladder${tone}`);
  if (tone === '') {
    await page.keyboard.press('Alt+1');
    await take(page, 'frame');
  }
  await openBlock(page, 'Devika');
  await page.locator('[data-column="technique"]', { hasText: 'drop' }).first().click();
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: /^Technique of/ }).waitFor();
  await take(page, `technique-picker${tone}`);
}

async function floor(page) {
  await openBlock(page, 'Maren');
  await page.goto(new URL(page.url()).pathname.replace('/blocks/', '/floor/'));
  await take(page, 'floor-week');
  await page
    .getByRole('link', { name: /Lower, squat first/ })
    .first()
    .click();
  await take(page, 'floor-soreness');
  await openBlock(page, 'Devika');
  await page.goto(new URL(page.url()).pathname.replace('/blocks/', '/floor/'));
  await page
    .getByRole('link', { name: /^Hinge and row/ })
    .first()
    .click();
  await take(page, 'floor-set');
}
