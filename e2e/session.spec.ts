import { cell, expect, openBlock, openProfile, ready, test } from './coach';

test('a finished session shows each set against its target; the coach corrects one, enters one, and the history stays visible', async ({
  coach: page,
}) => {
  await openProfile(page, 'Devika');
  await page.keyboard.press('Alt+7');
  await page.getByRole('link', { name: /^Week 1, / }).click();
  await page.waitForURL('**/done/**');
  const row = page
    .getByRole('row')
    .filter({ has: page.getByRole('rowheader', { name: 'Set 1 of' }) })
    .first();
  const field = row.getByRole('textbox');
  await expect(field).toHaveValue(/^[\d.]+ × \d+ @\d/);
  const was = await field.inputValue();
  const [load, reps] = was.split(/ [×@]/);
  await field.fill('nonsense');
  await expect(row.getByText(/nonsense/)).toBeVisible();
  await field.press('Escape');
  await expect(field).toHaveValue(was);
  await field.fill(`${load}x${Number(reps) - 2}@1`);
  await field.press('Enter');
  await expect(row.locator('s')).toContainText(`×${reps}`);
  await expect(row).toContainText('by a coach, ');
  await page.reload();
  await expect(field).toHaveValue(`${load} × ${Number(reps) - 2} @1`);

  await page.goto('/desk');
  await openBlock(page, 'Devika');
  await ready(page);
  // The squat has a top set and back-offs, so the first numbered set is of the bench press.
  await expect(cell(page, 'bench press', 'w1')).toContainText(String(Number(reps) - 2));
});
