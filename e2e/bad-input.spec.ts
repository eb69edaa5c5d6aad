import type { Page } from '@playwright/test';
import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as libraryWords from '@/ui/words/screens/library';
import { answers, cell, expect, openBlock, ready, savedAt, test, typeInto } from './coach';

const EXERCISE = 'seated leg curl';

/** Types into a cell and expects this error, with the cell still open and nothing changed. */
async function refused(page: Page, column: string, text: string, sentence: string | RegExp): Promise<void> {
  const target = cell(page, EXERCISE, column);
  const before = await target.textContent();
  await typeInto(page, EXERCISE, column, text);
  await expect(target.getByRole('alert')).toContainText(sentence);
  await expect(target.getByRole('textbox')).toHaveValue(text);
  await page.keyboard.press('Escape');
  await expect(target).toHaveText(before ?? '');
}

test('rejected input shows why at its cell, keeps what was typed, and changes nothing', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  await refused(page, 'sets', '3x', '“3x” is not a number');
  await refused(page, 'sets', '0', 'must be a whole number from 1 to 12');
  await refused(page, 'sets', '99', 'not 99');
  await refused(page, 'range', '12-8', 'starts above its end (12 is more than 8). Did you mean 8–12?');
  await refused(page, 'range', '1-2-3', 'Type it like this: 8-12');
  await refused(page, 'rir', 'lots', '“lots” is not a number');
  await refused(page, 'rir', '9', 'RIR must be a');
  await refused(page, 'tempo', 'slow', 'is not a tempo');
  await refused(page, 'rest', '5000', 'Rest must be a');
  await refused(page, 'start', '46x10@2', 'has no 46 kg. Nearest: 45 kg or 47.5 kg');
  await refused(page, 'start', 'heavy', 'Type it like this: 60 × 10 @3');
  await page.getByRole('button', { name: 'RIR of the last week: 1' }).click();
  await page.keyboard.type('5');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('alert').filter({ hasText: 'RIR must not rise toward the deload: 3 to 5' }),
  ).toBeVisible();
  await page.keyboard.press('Escape');
  await savedAt(page, 0);
});

test('a tab with old data merges its edits where it can and asks where it cannot', async ({
  coach: page,
}) => {
  // A tab checks for news when it gets focus; this test keeps both tabs from doing so.
  await page
    .context()
    .addInitScript(() => window.addEventListener('focus', (event) => event.stopImmediatePropagation()));
  await openBlock(page, 'Maren');
  await page.reload();
  await ready(page);
  const other = await page.context().newPage();
  await other.goto(page.url());
  await ready(other);

  await typeInto(page, EXERCISE, 'sets', '4');
  await savedAt(page, 1);
  await typeInto(other, EXERCISE, 'rest', '75');
  await expect(
    other.getByRole('status').filter({ hasText: 'Changes made elsewhere were added' }),
  ).toBeVisible();
  await expect(cell(other, EXERCISE, 'sets')).toHaveText('4');
  await expect(cell(other, EXERCISE, 'rest')).toHaveText('75');

  // The first tab has not seen the other tab's rest and writes its own.
  await typeInto(page, EXERCISE, 'rest', '120');
  await expect(
    page.getByRole('alert').filter({ hasText: 'Another tab changed the same thing' }),
  ).toBeVisible();
  await page.getByRole('button', { name: blockWords.takeTheirs }).click();
  await expect(cell(page, EXERCISE, 'rest')).toHaveText('75');

  await typeInto(other, 'hack squat', 'rest', '200');
  await savedAt(other, 3);
  await typeInto(page, 'hack squat', 'rest', '210');
  await page.getByRole('button', { name: blockWords.keepMine }).click();
  await savedAt(page, 4);
  await page.reload();
  await ready(page);
  await expect(cell(page, 'hack squat', 'rest')).toHaveText('210');
});

test('a custom exercise is not saved while one of its fields cannot be read', async ({ coach: page }) => {
  await page.goto('/library');
  await answers(page);
  await page.keyboard.press('Alt+n');
  await page.getByLabel(commonWords.name, { exact: true }).fill('cellar press');
  await page.getByRole('checkbox', { name: 'barbell' }).check();
  await page.getByLabel(libraryWords.countsTowardLabel('chest')).fill('1');
  await page.getByLabel(libraryWords.countsTowardLabel('triceps')).fill('half');
  await page.getByRole('button', { name: libraryWords.addItToTheLibrary }).click();
  await expect(page.getByText('“half” is not a number.')).toBeVisible();
  await expect(page.getByText(libraryWords.aboveCannotBeReadYet('1 field'))).toBeVisible();
  await expect(page.getByLabel(libraryWords.countsTowardLabel('triceps'))).toHaveValue('half');
  await page.getByLabel(libraryWords.countsTowardLabel('triceps')).fill('0,5');
  await page.getByRole('button', { name: libraryWords.addItToTheLibrary }).click();
  await expect(page.getByRole('article', { name: 'cellar press' })).toBeVisible();
});
