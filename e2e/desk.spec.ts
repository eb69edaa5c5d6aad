import { randomUUID } from 'node:crypto';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as deskWords from '@/ui/words/screens/desk';
import * as newBlockWords from '@/ui/words/screens/new-block';
import * as railWords from '@/ui/words/screens/rail';
import * as sheetWords from '@/ui/words/screens/sheet';
import { answers, cell, expect, gauge, openBlock, ready, savedAt, setsOf, signIn, test, tsx } from './coach';

async function crowd(count: number): Promise<string> {
  const email = `${randomUUID()}@example.org`;
  await tsx('e2e/crowd.ts', email, String(count));
  return email;
}

test('sixty athletes with long names can be searched and sorted, and nothing overflows the screen', async ({
  page,
}) => {
  await signIn(page, await crowd(60));
  await expect(page.getByText('60 athletes')).toBeVisible();
  const wide = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(wide).toBeLessThanOrEqual(0);
  await page.getByLabel(deskWords.searchAthletes).fill('cutting person 3');
  await expect(page.getByText(deskWords.ofAthletes(10, 60))).toBeVisible();
  await page.getByLabel(deskWords.searchAthletes).fill('nobody at all');
  await expect(page.getByText(deskWords.noMatchesFor('nobody at all'))).toBeVisible();
  await page.getByLabel(deskWords.searchAthletes).fill('');
  await page.getByRole('button', { name: /^athlete/ }).click();
  await expect(page.getByRole('columnheader', { name: /^athlete/ })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  await expect(page.getByRole('rowheader').first()).toContainText('Person 0 ');
});

test('a coach without athletes is led to add the first; an athlete without a block is led to create one', async ({
  page,
  browser,
}) => {
  await signIn(page, await crowd(0));
  await expect(page.getByRole('heading', { name: athleteWords.addYourFirstAthlete })).toBeVisible();
  await expect(page.getByLabel(commonWords.name, { exact: true })).toBeFocused();
  await page.keyboard.type('Solveig Aas');
  await page.getByLabel(commonWords.bodyWeight).fill('70');
  await page.getByRole('button', { name: athleteWords.addAthleteAndStartA }).click();
  await expect(page.getByText(athleteWords.chooseTrainingDays)).toBeVisible();
  for (const day of ['Mon', 'Wed', 'Fri'])
    await page
      .getByRole('group', { name: athleteWords.trainingDays })
      .getByRole('checkbox', { name: day })
      .check();
  await page.getByRole('button', { name: athleteWords.addAthleteAndStartA }).click();
  await page.waitForURL('**/blocks/new**');
  await answers(page);
  await expect(page.getByRole('radio', { name: /^Full body, three days/ })).toBeChecked();
  await page.getByRole('button', { name: newBlockWords.startTheBlock }).click();
  await ready(page);
  await expect(page.getByRole('button', { name: 'Name of the block: Block 1' })).toBeVisible();
  await expect(page.locator('[data-day="0"]')).toContainText('Full body A');
  const elsewhere = await browser.newContext();
  const other = await elsewhere.newPage();
  await signIn(other, await crowd(1));
  await other.getByRole('link', { name: commonWords.startABlock }).click();
  await answers(other);
  await other.getByRole('radio', { name: /^Empty/ }).check();
  await other.getByRole('button', { name: newBlockWords.startTheBlock }).click();
  await ready(other);
  await expect(other.getByRole('heading', { name: sheetWords.noSessionsYet })).toBeVisible();
  await elsewhere.close();
});

test("a check's fix can be applied and undone", async ({ coach: page }) => {
  await openBlock(page, 'Maren');
  const sideDelts = await setsOf(page, 'side delts');
  await page.getByRole('button', { name: 'Add 2 sets: cable lateral raise' }).click();
  await expect(gauge(page, 'side delts')).toContainText(String(sideDelts + 2));
  await expect(
    page.getByRole('region', { name: commonWords.checks }).getByText(/^Side delts: .* minimum/),
  ).toHaveCount(0);
  await savedAt(page, 1);
  await page.getByRole('button', { name: commonWords.undo }).click();
  await expect(gauge(page, 'side delts')).toContainText(String(sideDelts));
});

test('a week can be recalled until its first set, and proposals can be kept or answered differently from their cell', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  const week3 = cell(page, 'hack squat', 'w3');
  const week2 = await cell(page, 'hack squat', 'w2').textContent();
  await expect(week3).toHaveAttribute('data-call', 'true');
  await week3.click();
  await page.keyboard.press('Delete');
  await expect(week3).toHaveAttribute('data-call', 'false');
  await expect(page.getByTestId('why')).toContainText('You kept 105 × 10');
  await expect(week3).toContainText('105 × 10');
  expect(week2).toContain('105 × 10');

  await page
    .getByRole('region', { name: commonWords.proposedChanges })
    .getByRole('button', { name: railWords.show })
    .click();
  const other = page
    .getByRole('listitem')
    .filter({ hasText: 'Seated leg curl' })
    .getByRole('button', { name: /^Use/ })
    .first();
  const answer = ((await other.textContent()) ?? '').replace(/^Use /, '');
  await other.click();
  await expect(other).toBeHidden();
  await expect(cell(page, 'seated leg curl', 'w3')).toContainText(answer);

  await page.getByRole('button', { name: blockWords.sendWeek(3) }).click();
  await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
  await page.getByRole('button', { name: blockWords.recallWeek(3) }).click();
  await expect(page.getByRole('button', { name: blockWords.sendWeek(3) })).toBeVisible();
  await page.reload();
  await ready(page);
  await expect(page.getByRole('button', { name: blockWords.sendWeek(3) })).toBeVisible();
  await expect(cell(page, 'hack squat', 'w3')).toContainText('105 × 10');
});
