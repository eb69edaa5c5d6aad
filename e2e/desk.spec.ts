import { randomUUID } from 'node:crypto';
import { answers, cell, expect, gauge, openBlock, ready, savedAt, setsOf, signIn, test, tsx } from './coach';

async function crowd(count: number): Promise<string> {
  const email = `${randomUUID()}@example.org`;
  await tsx('e2e/crowd.ts', email, String(count));
  return email;
}

test('sixty athletes with long names: found as you type, sorted, nothing runs off the screen', async ({
  page,
}) => {
  await signIn(page, await crowd(60));
  await expect(page.getByText('60 athletes')).toBeVisible();
  const wide = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(wide).toBeLessThanOrEqual(0);
  await page.getByLabel('Search athletes').fill('cutting person 3');
  await expect(page.getByText('10 of 60 athletes')).toBeVisible();
  await page.getByLabel('Search athletes').fill('nobody at all');
  await expect(page.getByText('No matches for “nobody at all”.')).toBeVisible();
  await page.getByLabel('Search athletes').fill('');
  await page.getByRole('button', { name: /^athlete/ }).click();
  await expect(page.getByRole('columnheader', { name: /^athlete/ })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  await expect(page.getByRole('rowheader').first()).toContainText('Person 0 ');
});

test('a coach without athletes is led to a first one; one athlete without a block gets one', async ({
  page,
  browser,
}) => {
  await signIn(page, await crowd(0));
  await expect(page.getByRole('heading', { name: 'Add your first athlete' })).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.type('Solveig Aas');
  await page.getByLabel('Body weight').fill('70');
  await page.getByRole('button', { name: 'Add athlete and start a block' }).click();
  await page.waitForURL('**/blocks/new**');
  await answers(page);
  await expect(page.getByRole('radio', { name: /^Full body, three days/ })).toBeChecked();
  await page.getByRole('button', { name: 'Start the block' }).click();
  await ready(page);
  await expect(page.getByRole('button', { name: 'Name of the block: First block' })).toBeVisible();
  await expect(page.locator('[data-day="0"]')).toContainText('Full body A');
  const elsewhere = await browser.newContext();
  const other = await elsewhere.newPage();
  await signIn(other, await crowd(1));
  await other.getByRole('link', { name: 'Start a block' }).click();
  await answers(other);
  await other.getByRole('radio', { name: /^Nothing/ }).check();
  await other.getByRole('button', { name: 'Start the block' }).click();
  await ready(other);
  await expect(other.getByRole('heading', { name: 'No sessions yet' })).toBeVisible();
  await elsewhere.close();
});

test('findings are mended by their fix and brought back by undo', async ({ coach: page }) => {
  await openBlock(page, 'Maren');
  const sideDelts = await setsOf(page, 'side delts');
  await page.getByRole('button', { name: 'Add 2 sets of cable lateral raise' }).click();
  await expect(gauge(page, 'side delts')).toContainText(String(sideDelts + 2));
  await expect(
    page.getByRole('region', { name: 'Checks' }).getByText(/^Side delts minimum/),
  ).toHaveCount(0);
  await savedAt(page, 1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(gauge(page, 'side delts')).toContainText(String(sideDelts));
});

test('a week is recalled until its first set, and calls are kept or answered otherwise from their cell', async ({
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
  await expect(week3).toContainText('10·105');
  expect(week2).toContain('10·105');

  await page.getByRole('button', { name: 'Show' }).click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Cable crunch' })
    .getByRole('button', { name: /^Use/ })
    .first()
    .click();
  await expect(cell(page, 'cable crunch', 'w3')).toHaveAttribute('data-call', 'false');

  await page.getByRole('button', { name: 'Send week 3' }).click();
  await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
  await page.getByRole('button', { name: 'Recall week 3' }).click();
  await expect(page.getByRole('button', { name: 'Send week 3' })).toBeVisible();
  await page.reload();
  await ready(page);
  await expect(page.getByRole('button', { name: 'Send week 3' })).toBeVisible();
  await expect(cell(page, 'hack squat', 'w3')).toContainText('10·105');
});
