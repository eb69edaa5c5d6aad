import { cell, databaseDo, expect, openBlock, ready, savedAt, setsOfReps, test, typeInto } from './coach';
import { begin } from './phones';

test.use({ viewport: { width: 390, height: 844 } });

test('a double tap logs one set; a set sent again is one set; a wrong set is corrected, not erased', async ({
  coach: page,
}) => {
  await page.goto('/desk');
  await page.getByRole('row').filter({ hasText: 'Devika' }).getByRole('link', { name: 'Open as athlete' }).click();
  await page.waitForURL('**/training/**');
  await begin(page, /Hinge and row/);
  // Once a stepper answers, the page is alive.
  await expect(async () => {
    await page.getByRole('button', { name: 'more reps' }).click();
    await expect(page.getByRole('button', { name: /^Log / })).toBeVisible({ timeout: 500 });
  }).toPass();
  await page.getByRole('button', { name: /^Log / }).dblclick();
  await expect(page.getByText('1 of 14 sets')).toBeVisible();
  await expect(page.getByText('Your coach has all sets.')).toBeVisible();

  // The answer to the next send is lost after the server has kept it: the phone sends the same set again.
  let lost = 0;
  await page.route('**/training/**', async (route) => {
    if (route.request().method() !== 'POST' || lost > 0) return route.continue();
    lost++;
    await route.fetch();
    await route.abort();
  });
  await page.waitForTimeout(750);
  await page.getByRole('button', { name: 'Log as planned' }).click();
  await expect(page.getByText('No connection. 1 set kept on this phone.')).toBeVisible();
  await expect(page.getByText('Your coach has all sets.')).toBeVisible();
  expect(lost).toBe(1);
  await page.reload();
  await expect(page.getByText('2 of 14 sets')).toBeVisible();

  await page.getByRole('button', { name: 'All sets' }).click();
  await page
    .getByRole('button', { name: /^Set 1 of 4/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'less lb' }).click();
  await page.waitForTimeout(750);
  await page.getByRole('button', { name: /^Correct to 150 × / }).click();
  await expect(page.getByRole('button', { name: /^Set 1 of 4 150 lb/ })).toBeVisible();
  await expect(page.getByText('logged twice')).toHaveCount(0);
});

test('a load the place cannot make is hinted at, letters are refused, and neither loses the set', async ({
  coach: page,
}) => {
  await page.getByRole('row').filter({ hasText: 'Devika' }).getByRole('link', { name: 'Open as athlete' }).click();
  await page.waitForURL('**/training/**');
  await begin(page, /Hinge and row/);
  const load = page.getByRole('textbox').first();
  await load.fill('abc');
  await expect(page.getByRole('alert').filter({ hasText: '“abc” is not a number' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Log' })).toBeDisabled();
  await load.fill('181');
  await expect(page.getByText('This place makes 180 or 185 lb, not 181.')).toBeVisible();
  await page.waitForTimeout(750);
  await page.getByRole('button', { name: /^Log 181/ }).click();
  await expect(page.getByText('1 of 14 sets')).toBeVisible();
});

test('sets logged while the database is dead are kept on the phone, through a closed page, until it is back', async ({
  coach: page,
}) => {
  await page.getByRole('row').filter({ hasText: 'Devika' }).getByRole('link', { name: 'Open as athlete' }).click();
  await page.waitForURL('**/training/**');
  await begin(page, /Hinge and row/);
  await expect(page.getByText('0 of 14 sets')).toBeVisible();
  const address = page.url();
  await databaseDo('kill');
  try {
    for (const count of [1, 2]) {
      await page.waitForTimeout(750);
      await page.getByRole('button', { name: 'Log as planned' }).click();
      await expect(page.getByText(`${count} of 14 sets`)).toBeVisible();
    }
    await expect(page.getByText('No connection. 2 sets kept on this phone.')).toBeVisible();
    await page.close({ runBeforeUnload: false });
  } finally {
    await databaseDo('start');
  }
  const again = await page.context().newPage();
  await again.goto(address);
  await expect(again.getByText('2 of 14 sets')).toBeVisible();
  await expect(again.getByText('Your coach has all sets.')).toBeVisible({ timeout: 60_000 });
  await again.evaluate(() => localStorage.clear());
  await again.reload();
  await expect(again.getByText('2 of 14 sets')).toBeVisible();
});

test.describe('at the desk', () => {
  test.use({ viewport: { width: 1280, height: 800 } });

  test('edits made while the database is dead wait, say so, and are saved when it is back', async ({
    coach: page,
  }) => {
    await openBlock(page, 'Maren');
    await databaseDo('kill');
    try {
      await typeInto(page, 'seated leg curl', 'sets', '5');
      await expect(
        page
          .getByRole('status')
          .filter({ hasText: 'not saved yet: the database does not answer; 1 kept here' }),
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

  test('a page closed before its edit was saved takes it up again', async ({ coach: page }) => {
    await openBlock(page, 'Maren');
    await page.route('**/blocks/**', (route) =>
      route.request().method() === 'POST' ? route.abort() : route.continue(),
    );
    await typeInto(page, 'seated leg curl', 'sets', '6');
    await expect(page.getByRole('status').filter({ hasText: 'not saved yet: no connection' })).toBeVisible();
    const context = page.context();
    const address = page.url();
    await page.close();
    const again = await context.newPage();
    await again.goto(address);
    await savedAt(again, 1);
    await expect(cell(again, 'seated leg curl', 'sets')).toHaveText('6');
  });
});
