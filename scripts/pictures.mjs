// npm run pictures: fresh demo data, then one picture of each main view into docs/screenshots.
import { join } from 'node:path';
import { launchBrowser } from './browser.mjs';
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
  browser = await launchBrowser();
  await desk(await signedIn({ viewport: { width: 1280, height: 800 } }));
  await training('light', 'training');
  await training('dark', 'training-dark');
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
  // Hints for beginners are closed once and stay closed.
  await page.evaluate(() => localStorage.setItem('ladder/hints-closed', 'yes'));
  return page;
}

/** Takes the picture once the screen reacts and its charts have stopped moving. */
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
  for (const [key, face] of [
    [1, 'profile'],
    [3, 'strength'],
    [4, 'volume'],
    [7, 'check-ins'],
    [8, 'progress'],
  ]) {
    await page.keyboard.press(`Alt+${key}`);
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
  await page.getByRole('button', { name: 'Compare' }).click();
  await page.getByRole('button', { name: 'hack squat', exact: true }).click();
  await page.getByLabel('Set-up', { exact: true }).selectOption({ label: 'feet high' });
  await take(page, 'library');

  await block(page);
}

/** The block simulated, and the review of a finished one. */
async function simulation(page) {
  await page.keyboard.press('Alt+e');
  await page.getByRole('button', { name: 'Simulate', exact: true }).click();
  await page.getByText('100 runs done').waitFor({ timeout: 120_000 });
  await take(page, 'simulation');
  await page.keyboard.press('Escape');
  await openBlock(page, 'Tobiasz');
  await page.keyboard.press('Alt+4');
  await take(page, 'review');
  await openBlock(page, 'Maren');
}

async function block(page) {
  await openBlock(page, 'Maren');
  await take(page, 'sheet');
  await page.keyboard.press('Alt+3');
  await take(page, 'ladder');
  await simulation(page);
  await page.keyboard.press('Alt+1');
  await take(page, 'split');
  await openBlock(page, 'Devika');
  await page.locator('[data-column="technique"]', { hasText: 'drop' }).first().click();
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: /^Technique of/ }).waitFor();
  await take(page, 'technique-picker');
  await page.keyboard.press('Escape');
  await page.locator('[data-column="w1"] a').first().click();
  await page.waitForURL('**/done/**');
  await take(page, 'session');
  await page.goto('/import-export');
  await answers(page);
  const buffer = Buffer.from(log().join('\n'));
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'log of the summer.csv', mimeType: 'text/csv', buffer });
  await page.getByRole('button', { name: 'Import' }).waitFor();
  await take(page, 'import-export');
}

/** An import with an unknown exercise name. */
function log() {
  return [
    'Date;Exercise;Weight (kg);Reps;RPE;Notes',
    ...['03.08.2026', '10.08.2026', '17.08.2026'].flatMap((date, week) => [
      `${date};Hack squats;${100 + 2.5 * week};8;8;`,
      `${date};Hack squats;${100 + 2.5 * week};7;9;`,
      `${date};Bench press (barbell);${60 + week};9;8,5;"shoulder fine"`,
      `${date};The old rowing machine;${50 + week};10;8;`,
    ]),
  ];
}

/**
 * The athlete's phone, screens side by side: week, session start, a set with its pacer, a superset, a swap, a
 * check-in.
 */
async function training(colorScheme, name) {
  const coach = await signedIn({ viewport: { width: 1280, height: 800 } });
  await openBlock(coach, 'Maren');
  const block = new URL(coach.url()).pathname;
  const issue = coach.getByRole('button', { name: 'Send week 3' });
  if (await issue.isVisible()) {
    await issue.click();
    await coach.getByRole('columnheader', { name: 'week 3 sent' }).waitFor();
  }
  await coach.goto('/desk');
  await coach.goto(await coach.getByRole('link', { name: 'Profile of Maren' }).getAttribute('href'));
  await answers(coach);
  await coach.getByRole('button', { name: /personal link/ }).click();
  const link = await coach.getByLabel(/^Personal link for/).inputValue();
  await coach.goto('about:blank');
  const context = await browser.newContext({
    baseURL: server.address,
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    colorScheme,
  });
  const page = await context.newPage();
  await page.goto(link);
  await page.getByRole('button', { name: /^I am/ }).click();
  await page.waitForURL('**/training');
  const shots = [];
  const shot = async () => {
    await page.waitForTimeout(1200);
    shots.push(await page.screenshot());
  };
  await shot();
  await page.goto(block.replace('/blocks/', '/training/'));
  await page
    .getByRole('link', { name: /^Upper, pull first/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Start', exact: true }).waitFor();
  await page.waitForTimeout(1000);
  await page.getByRole('group', { name: 'How did you sleep?' }).getByLabel('Poor').click();
  await shot();
  // Closes without saving, so that the next picture starts where this one did.
  await page.reload();
  await page.waitForTimeout(1000);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.getByRole('button', { name: /^Metronome/ }).click();
  await page.waitForTimeout(8000);
  await shot();
  await page.getByRole('button', { name: 'All sets' }).click();
  await page.locator('section', { hasText: 'Incline dumbbell curl' }).getByRole('button').first().click();
  await shot();
  await page.getByRole('button', { name: 'Change this set' }).click();
  await page.getByLabel('Swap').click();
  await shot();
  await page.goto('/training/check-in');
  await page.waitForTimeout(1000);
  await page.getByRole('group', { name: 'Sleep' }).getByLabel('OK').click();
  await page.getByLabel('Knee').click();
  await page.getByLabel('Mild').click();
  await shot();
  await context.close();
  await sideBySide(shots, name);
}

/** Puts phone pictures side by side into one. */
async function sideBySide(shots, name) {
  const width = shots.length * 390 + (shots.length - 1) * 24;
  const page = await browser.newPage({ viewport: { width, height: 844 } });
  const images = shots.map(
    (one) => `<img width="390" src="data:image/png;base64,${one.toString('base64')}">`,
  );
  await page.setContent(
    `<body style="margin:0;display:flex;gap:24px;background:#777">${images.join('')}</body>`,
  );
  await page.screenshot({ path: join(FOLDER, `${name}.png`) });
  await page.close();
  say(name);
}
