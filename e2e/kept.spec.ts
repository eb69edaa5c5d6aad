import * as athleteWords from '@/ui/words/screens/athlete';
import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as libraryWords from '@/ui/words/screens/library';
import * as pagesWords from '@/ui/words/screens/pages';
import * as railWords from '@/ui/words/screens/rail';
import { STANDING_NAMES } from '@/ui/words/values';
import {
  answers,
  cell,
  databaseDo,
  expect,
  gauge,
  openBlock,
  openProfile,
  press,
  ready,
  test,
} from './coach';

// Headless browsers block clipboard access unless it is granted.
test.use({ permissions: ['clipboard-read', 'clipboard-write'] });

test('corrected fatigue signs and closed hints stay so after a reload', async ({ coach: page }) => {
  await openBlock(page, 'Maren');
  const hints = page.getByRole('complementary', { name: blockWords.gettingStarted });
  await expect(hints.getByRole('listitem')).toHaveCount(3);
  await hints.getByRole('button', { name: blockWords.closeTheseHintsForGood }).click();
  await expect(hints).toBeHidden();
  await press(page, 'Alt+3');
  const deload = page.getByRole('region', { name: commonWords.deload });
  const advice = deload.getByRole('status');
  const calm = await advice.textContent();
  for (const sign of ['poor sleep', 'aching joints', 'falling performance', 'low motivation'])
    await deload.getByRole('group', { name: sign }).getByRole('radio', { name: 'strong' }).check();
  await expect(advice).not.toHaveText(calm ?? '');
  const due = (await advice.textContent()) ?? '';
  await page.reload();
  await answers(page);
  await expect(hints).toBeHidden();
  await expect(advice).toHaveText(due);
  await expect(
    deload.getByRole('group', { name: 'low motivation' }).getByRole('radio', { name: 'strong' }),
  ).toBeChecked();
});

test('a new block warns about unsaved profile changes and links back to them', async ({ coach: page }) => {
  await openProfile(page, 'Maren');
  await page.getByLabel(athleteWords.longestSessionInMinutes).fill('50');
  await page.getByRole('link', { name: commonWords.newBlock }).click();
  await page.waitForURL('**/blocks/new**');
  await answers(page);
  const note = page.getByRole('note').filter({ hasText: 'A change of the profile is not saved yet' });
  await note.getByRole('link', { name: commonWords.open }).click();
  await page.waitForURL('**/athletes/**');
  await answers(page);
  await expect(page.getByLabel(athleteWords.longestSessionInMinutes)).toHaveValue('50');
  await page.getByRole('button', { name: commonWords.save, exact: true }).click();
  await expect(page.getByRole('button', { name: commonWords.save, exact: true })).toBeHidden();
  await page.getByRole('link', { name: commonWords.newBlock }).click();
  await page.waitForURL('**/blocks/new**');
  await answers(page);
  await expect(note).toBeHidden();
});

test('a custom exercise created elsewhere is found after returning to the block', async ({ coach: page }) => {
  await openBlock(page, 'Maren');
  const block = page.url().replace(/#.*/, '');
  await page.getByRole('link', { name: commonWords.library }).click();
  await page.waitForURL('**/library**');
  await answers(page);
  await press(page, 'Alt+n');
  await page.getByLabel(commonWords.name, { exact: true }).fill('belt squat on blocks');
  await page.getByLabel(libraryWords.countsTowardLabel('quads')).fill('1');
  await page.getByLabel(libraryWords.countsTowardLabel('glutes')).fill('0.5');
  await page.getByRole('button', { name: libraryWords.addItToTheLibrary }).click();
  await expect(page.getByRole('article', { name: 'belt squat on blocks' })).toBeVisible();
  while (!page.url().startsWith(block)) await page.goBack();
  await ready(page);
  await cell(page, 'leg press', 'slot').click();
  await press(page, 'Alt+n');
  await page.keyboard.type('belt squat on bl');
  await expect(page.getByRole('option', { name: /belt squat on blocks/i })).toBeVisible();
});

test('a goal set on a gauge shows where it applies; cut slots can be pasted elsewhere', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  // Week 1 is done, so a goal changes unsent weeks, and the screen shows the first of them.
  await cell(page, 'hack squat', 'w1').click();
  const headline = page.getByRole('region', { name: railWords.hardSets }).getByRole('heading');
  await expect(headline).toContainText('week 1');
  await gauge(page, 'calves').focus();
  await expect(headline).toContainText('week 3');
  await press(page, 'h');
  await expect(headline).toContainText('week 3');
  await expect(gauge(page, 'calves')).toContainText(STANDING_NAMES.held);
  await expect(gauge(page, 'calves')).toBeFocused();

  const slots = () => page.locator('[data-column="slot"]').allTextContents();
  await cell(page, 'leg press', 'slot').click();
  const before = (await slots()).filter((text) => text.includes('leg press')).length;
  await press(page, 'Control+x');
  await expect
    .poll(async () => (await slots()).filter((text) => text.includes('leg press')).length)
    .toBe(before - 1);
  await cell(page, 'cable crunch', 'slot').click();
  await press(page, 'Control+v');
  await expect
    .poll(async () => (await slots()).filter((text) => text.includes('leg press')).length)
    .toBe(before);
});

test('focus stays in the list after applying a fix and after answering a proposal', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  const within = (name: string) =>
    page.evaluate(
      (region) => document.activeElement?.closest('section')?.getAttribute('aria-label') === region,
      name,
    );
  const fix = page.getByRole('button', { name: 'Add 2 sets: cable lateral raise' });
  await fix.focus();
  await press(page, 'Enter');
  await expect(fix).toBeHidden();
  await expect.poll(() => within('Checks')).toBe(true);
  const calls = page.getByRole('region', { name: commonWords.proposedChanges });
  const heading = calls.getByRole('heading', { level: 2 });
  const waiting = await heading.textContent();
  await calls.getByRole('button', { name: commonWords.apply, exact: true }).first().focus();
  await press(page, 'a');
  await expect(heading).not.toHaveText(waiting ?? '');
  await expect.poll(() => within('Proposed changes')).toBe(true);
});

test('missing pages and unavailable services say so and offer a way on', async ({ coach: page }) => {
  await page.goto('/blocks/no-such-block');
  await expect(page.getByRole('heading', { name: pagesWords.pageNotFound })).toBeVisible();
  await page.getByRole('link', { name: commonWords.toTheDesk }).click();
  await page.waitForURL('**/desk');
  await databaseDo('kill');
  try {
    await page.goto('/library');
    await expect(page.getByRole('heading', { name: pagesWords.thisPageIsNotAvailable })).toBeVisible();
  } finally {
    await databaseDo('start');
  }
  await answers(page);
  await expect(page).toHaveTitle(/Library/);
});
