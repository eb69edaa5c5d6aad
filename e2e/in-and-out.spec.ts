import { readFileSync } from 'node:fs';
import type { Download, Page } from '@playwright/test';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as commonWords from '@/ui/words/screens/common';
import * as importExportWords from '@/ui/words/screens/import-export';
import * as reviewWords from '@/ui/words/screens/review';
import * as spreadsheetWords from '@/ui/words/screens/spreadsheet';
import { readCalendar } from '../src/formats/calendar/calendar';
import { readWorkbook, writeWorkbook } from '../src/formats/workbook/workbook';
import { answers, cell, expect, openBlock, openPalette, openProfile, press, ready, test } from './coach';

const bytesOf = async (download: Download) => readFileSync(await download.path());

async function openFiles(page: Page): Promise<void> {
  await page.goto('/import-export');
  await answers(page);
}

async function give(page: Page, name: string, content: Buffer): Promise<void> {
  await page
    .locator('input[type=file]')
    .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: content });
}

/** Three months of somebody's log: two lifts, three sets each week, a little heavier each week. */
function log(from: string): Buffer {
  const weeks = Array.from({ length: 13 }, (_, week) => {
    const date = new Date(Date.parse(from) + week * 7 * 86_400_000).toISOString().slice(0, 10);
    const [year, month, day] = date.split('-');
    const said = `${day}.${month}.${year}`;
    return [8, 8, 7]
      .map((reps) => `${said};Hack squats;${100 + 2.5 * week};${reps};9;`)
      .concat(`${said};Grandfather's pull;${50 + week};10;8;"easy, today"`);
  });
  return Buffer.from(['Date;Exercise;Weight (kg);Reps;RPE;Notes', ...weeks.flat()].join('\r\n'));
}

test('a three-month CSV log: one name matched once, bad lines listed, and the review works on it', async ({
  coach: page,
}) => {
  await openFiles(page);
  await page.getByRole('button', { name: importExportWords.chooseFile }).focus();
  const bad = Buffer.concat([log('2026-06-01'), Buffer.from('\r\nsoon;Hack squats;100;8;9;')]);
  await give(page, 'log.csv', bad);
  await page.getByLabel(importExportWords.athleteForThisFile).selectOption({ label: 'Wren Okafor' });
  await expect(page.getByLabel(importExportWords.orderOfDates)).toHaveValue('day first');
  await expect(page.getByRole('listitem').filter({ hasText: 'Hack squats' })).toContainText('a guess');
  const pull = page.getByRole('listitem').filter({ hasText: 'Grandfather' });
  await expect(pull).toContainText('unknown');
  await page.getByLabel(/^Exercise for grandfather's pull/).selectOption({ label: 'seal row' });
  await expect(pull).toContainText(importExportWords.savedForNextTime);
  await expect(page.getByText('52 sets on 13 days, Mon 1 Jun 2026 to Mon 24 Aug 2026.')).toBeVisible();
  // An import is refused as a whole unless the coach agrees to leave lines out.
  const take = page.getByRole('button', { name: importExportWords.importWord });
  await expect(page.getByText('line 54')).toBeVisible();
  await expect(take).toHaveAttribute('aria-disabled', 'true');
  await page.getByLabel(importExportWords.importTheRestWithout('it')).check();
  await take.click();
  await expect(page.getByText(/^52 sets imported, as “Log, 1 Jun to 24 Aug 2026”/)).toBeVisible();

  await test.step('the same file again brings nothing twice, and remembers the name', async () => {
    await openFiles(page);
    await give(page, 'log.csv', log('2026-06-01'));
    await page.getByLabel(importExportWords.athleteForThisFile).selectOption({ label: 'Wren Okafor' });
    await expect(pull).toContainText(importExportWords.fromLastTime);
    await take.click();
    await expect(
      page.getByText(/^Nothing new in it\. 13 days already logged here did not change/),
    ).toBeVisible();
  });

  await test.step('the block is there to look back on', async () => {
    await page.getByRole('link', { name: commonWords.open }).click();
    await page.waitForURL('**/athletes/**');
    await answers(page);
    await press(page, 'Alt+8');
    await page
      .getByRole('link', { name: /^Log, 1 Jun to 24 Aug/ })
      .first()
      .click();
    await ready(page);
    await press(page, 'Alt+4');
    await expect(page.getByText(reviewWords.allAreOver('13 weeks'))).toBeVisible();
    await expect(page.getByRole('row', { name: /^Hack squat/ })).toContainText(commonWords.progressing);
  });
});

test('a block exported as a spreadsheet, edited, and imported as one step', async ({ coach: page }) => {
  await openBlock(page, 'Maren');
  const sets = cell(page, 'leg press', 'sets');
  const before = Number(await sets.textContent());
  const palette = await openPalette(page);
  await palette.getByRole('searchbox').or(palette.getByRole('textbox')).first().fill('Spreadsheet');
  await press(page, 'Enter');
  const dialog = page.getByRole('dialog', { name: spreadsheetWords.spreadsheet });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: spreadsheetWords.saveAsSpreadsheet }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Autumn block.xlsx');
  const read = await readWorkbook(new Uint8Array(await bytesOf(download)));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  expect(read.value.map(({ name }) => name)).toEqual([
    'Lower, squat first',
    'Upper, pull first',
    'Lower, hinge first',
    'Upper, press first',
    'Volume',
    'dense-ladder',
  ]);
  // The leg press gets another set, and one cell gets an unknown exercise.
  const edited = read.value.map((sheet) => ({
    ...sheet,
    rows: sheet.rows.map((row) => {
      const slot = row[1] ?? '';
      if (slot === 'leg press') return row.map((text, at) => (at === 2 ? String(before + 1) : text));
      return slot === 'cable crunch' ? row.map((text, at) => (at === 1 ? 'moon walk' : text)) : row;
    }),
  }));
  const file = Buffer.from(await writeWorkbook(edited));
  await dialog
    .locator('input[type=file]')
    .setInputFiles({ name: 'back.xlsx', mimeType: 'application/octet-stream', buffer: file });
  await expect(dialog.getByText(spreadsheetWords.toTheBlock('1 change'))).toBeVisible();
  await expect(dialog.getByRole('alert')).toContainText('1 cell could not be read');
  await expect(dialog.getByRole('alert')).toContainText('Lower, squat first, B7');
  await dialog.getByRole('button', { name: commonWords.apply }).click();
  await expect(sets).toHaveText(String(before + 1));
  await press(page, 'Control+z');
  await expect(sets).toHaveText(String(before));
});

test('the calendar link follows a moved session, and a revoked link shows nothing', async ({
  coach: page,
}) => {
  await openProfile(page, 'Maren');
  await page.getByRole('button', { name: athleteWords.createPrivateLink }).last().click();
  const address = (await page.locator('code').filter({ hasText: '/calendar/' }).textContent()) ?? '';
  const path = new URL(address).pathname;
  const days = async () => {
    const answer = await page.request.get(path);
    expect(answer.headers()['content-type']).toContain('text/calendar');
    const read = readCalendar(await answer.text());
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    return read.value;
  };
  const before = await days();
  const hinge = (list: typeof before) => list.filter(({ title }) => title === 'Lower, hinge first').at(-1);
  await page.goto('/desk');
  await openBlock(page, 'Maren');
  await press(page, 'Alt+1');
  await page.locator('[data-session]').filter({ hasText: 'hinge' }).focus();
  await press(page, 'Alt+ArrowRight');
  await expect(page.getByText(/saved.*rev 1/)).toBeVisible();
  const after = await days();
  expect(hinge(after)?.uid).toBe(hinge(before)?.uid);
  expect(hinge(after)?.date).not.toBe(hinge(before)?.date);

  await page.goto('/desk');
  await openProfile(page, 'Maren');
  await page.getByRole('button', { name: athleteWords.removeLink }).click();
  await expect(page.getByText(athleteWords.noCalendarIsSubscribed)).toBeVisible();
  expect((await page.request.get(path)).status()).toBe(404);
});

test('an athlete is exported with all data, deleted, and imported again unchanged', async ({
  coach: page,
}) => {
  await openFiles(page);
  const row = page.getByRole('listitem', { name: 'Maren Tveitdal' });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    row.getByRole('link', { name: 'everything' }).click(),
  ]);
  const file = await bytesOf(download);
  await page.goto('/desk');
  const line = page.getByRole('row').filter({ hasText: 'Maren Tveitdal' });
  const before = await line.textContent();
  await openProfile(page, 'Maren');
  await page.getByRole('button', { name: /^Delete/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox').fill('Maren Tveitdal');
  await dialog.getByRole('button', { name: /^Delete/ }).click();
  await page.waitForURL('**/desk');
  await expect(line).toHaveCount(0);

  await openFiles(page);
  await give(page, 'maren.json', file);
  await expect(page.getByText(/^An athlete, Maren Tveitdal: \d+ blocks?, \d+ logged sets/)).toBeVisible();
  await page.getByRole('button', { name: importExportWords.importWord }).click();
  await expect(page.getByText('Maren Tveitdal imported with all data.')).toBeVisible();
  await page.goto('/desk');
  await expect(line).toHaveText(before ?? '');

  // A file edited by hand is refused with the faulty place, and nothing of it is imported.
  await openFiles(page);
  await give(
    page,
    'maren.json',
    Buffer.from(file.toString().replace('"version": 1', '"version": 1, "reps": 5')),
  );
  await expect(page.getByRole('alert').filter({ hasText: 'cannot be read' })).toBeVisible();
  await give(page, 'bad.json', Buffer.from(file.toString().replace(/"rir": 3/, '"rir": "three"')));
  await expect(page.getByRole('alert').filter({ hasText: 'cannot be read' })).toContainText(/blocks\/\d+/);
});
