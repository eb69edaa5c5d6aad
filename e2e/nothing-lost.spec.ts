import * as blockWords from '@/ui/words/screens/block';
import * as trainingWords from '@/ui/words/screens/training';
import { cell, databaseDo, expect, openBlock, ready, savedAt, setsOfReps, test, typeInto } from './coach';
import { begin } from './phones';

test.use({ viewport: { width: 390, height: 844 } });

test('a double tap logs one set, a resent set is stored once, a wrong set is corrected and kept on record', async ({
  coach: page,
}) => {
  await page.goto('/desk');
  await page
    .getByRole('row')
    .filter({ hasText: 'Devika' })
    .getByRole('link', { name: /^Open app/ })
    .click();
  await page.waitForURL('**/training/**');
  await begin(page, /Hinge and row/);
  // When a stepper reacts, the page is ready.
  await expect(async () => {
    await page.getByRole('button', { name: trainingWords.moreOf('reps'), exact: true }).click();
    await expect(page.getByRole('button', { name: /^Log / })).toBeVisible({ timeout: 500 });
  }).toPass();
  await page.getByRole('button', { name: /^Log / }).dblclick();
  await expect(page.getByText(trainingWords.setsOfAll(1, 14))).toBeVisible();
  await expect(page.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible();

  // The response to the next send is lost after the server has stored the set, so the phone sends it again.
  let lost = 0;
  await page.route('**/training/**', async (route) => {
    if (route.request().method() !== 'POST' || lost > 0) return route.continue();
    lost++;
    await route.fetch();
    await route.abort();
  });
  await page.waitForTimeout(750);
  await page.getByRole('button', { name: trainingWords.logAsPlanned }).click();
  await expect(page.getByText(trainingWords.onThisPhone('No connection. 1 set saved'))).toBeVisible();
  await expect(page.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible();
  expect(lost).toBe(1);
  await page.reload();
  await expect(page.getByText(trainingWords.setsOfAll(2, 14))).toBeVisible();

  await page.getByRole('button', { name: trainingWords.allSets }).click();
  await page
    .getByRole('button', { name: /^Set 1 of 4/ })
    .first()
    .click();
  await page.getByRole('button', { name: trainingWords.lessOf('lb'), exact: true }).click();
  await page.waitForTimeout(750);
  await page.getByRole('button', { name: /^Save correction 150 × / }).click();
  await expect(page.getByRole('button', { name: /^Set 1 of 4 150 lb/ })).toBeVisible();
  await expect(page.getByText('logged twice')).toHaveCount(0);
});

test('a load the gym cannot make shows a hint, letters are refused, and neither loses the set', async ({
  coach: page,
}) => {
  await page
    .getByRole('row')
    .filter({ hasText: 'Devika' })
    .getByRole('link', { name: /^Open app/ })
    .click();
  await page.waitForURL('**/training/**');
  await begin(page, /Hinge and row/);
  const load = page.getByRole('textbox').first();
  await load.fill('abc');
  await expect(page.getByRole('alert').filter({ hasText: 'must be a number, not “abc”' })).toBeVisible();
  await expect(page.getByRole('button', { name: trainingWords.log })).toBeDisabled();
  await load.fill('181');
  await expect(page.getByText('The equipment here gives 180 or 185 lb, not 181.')).toBeVisible();
  await page.waitForTimeout(750);
  await page.getByRole('button', { name: /^Log 181/ }).click();
  await expect(page.getByText(trainingWords.setsOfAll(1, 14))).toBeVisible();
});

test('sets logged during a database outage stay on the phone, even if the page closes, until it is back', async ({
  coach: page,
}) => {
  await page
    .getByRole('row')
    .filter({ hasText: 'Devika' })
    .getByRole('link', { name: /^Open app/ })
    .click();
  await page.waitForURL('**/training/**');
  await begin(page, /Hinge and row/);
  await expect(page.getByText(trainingWords.setsOfAll(0, 14))).toBeVisible();
  const address = page.url();
  await databaseDo('kill');
  try {
    for (const count of [1, 2]) {
      await page.waitForTimeout(750);
      await page.getByRole('button', { name: trainingWords.logAsPlanned }).click();
      await expect(page.getByText(trainingWords.setsOfAll(count, 14))).toBeVisible();
    }
    await expect(page.getByText(trainingWords.onThisPhone('No connection. 2 sets saved'))).toBeVisible();
    await page.close({ runBeforeUnload: false });
  } finally {
    await databaseDo('start');
  }
  const again = await page.context().newPage();
  await again.goto(address);
  await expect(again.getByText(trainingWords.setsOfAll(2, 14))).toBeVisible();
  await expect(again.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible({ timeout: 60_000 });
  await again.evaluate(() => localStorage.clear());
  await again.reload();
  await expect(again.getByText(trainingWords.setsOfAll(2, 14))).toBeVisible();
});

test.describe('for the coach', () => {
  test.use({ viewport: { width: 1280, height: 800 } });

  test('edits made during a database outage wait, say so, and are saved when it is back', async ({
    coach: page,
  }) => {
    await openBlock(page, 'Maren');
    await databaseDo('kill');
    try {
      await typeInto(page, 'seated leg curl', 'sets', '5');
      await expect(
        page
          .getByRole('status')
          .filter({ hasText: 'not saved yet: the database is not responding; 1 saved on this device' }),
      ).toBeVisible();
      await expect(cell(page, 'seated leg curl', 'w3')).toHaveText(setsOfReps(5));
      await typeInto(page, 'seated leg curl', 'rest', '75');
    } finally {
      await databaseDo('start');
    }
    await savedAt(page, 2);
    await page.reload();
    await ready(page);
    await expect(cell(page, 'seated leg curl', 'sets')).toHaveText('5');
    await expect(cell(page, 'seated leg curl', 'rest')).toHaveText('75');
  });

  test('a page closed before its edit was saved sends the edit when reopened', async ({ coach: page }) => {
    await openBlock(page, 'Maren');
    await page.route('**/blocks/**', (route) =>
      route.request().method() === 'POST' ? route.abort() : route.continue(),
    );
    await typeInto(page, 'seated leg curl', 'sets', '6');
    await expect(
      page.getByRole('status').filter({ hasText: blockWords.notSavedYetNoConnection }),
    ).toBeVisible();
    const context = page.context();
    const address = page.url();
    await page.close();
    const again = await context.newPage();
    await again.goto(address);
    await savedAt(again, 1);
    await expect(cell(again, 'seated leg curl', 'sets')).toHaveText('6');
  });
});
