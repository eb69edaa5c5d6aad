import * as blockWords from '@/ui/words/screens/block';
import * as partsWords from '@/ui/words/screens/parts';
import * as sheetWords from '@/ui/words/screens/sheet';
import { cell, expect, openBlock, ready, savedAt, slotRow, test } from './coach';

test('a block is built and edited by keyboard alone', async ({ coach: page }) => {
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key);
  };

  await test.step('from the desk into an empty block', async () => {
    await page.keyboard.type('wren');
    await press('ArrowDown');
    await expect(page.getByRole('link', { name: 'Wren Okafor', exact: true })).toBeFocused();
    await press('Enter');
    await page.waitForURL('**/blocks/**');
    await ready(page);
    await expect(page.getByRole('heading', { name: sheetWords.noSessionsYet })).toBeVisible();
  });

  await test.step('it cannot be issued while it is empty, and says so', async () => {
    await page.getByRole('button', { name: blockWords.sendWeek(1) }).focus();
    await press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: 'The block has no sessions yet' })).toBeVisible();
  });

  await test.step('a session and two slots', async () => {
    await press('Alt+s');
    await page.keyboard.type('leg pre');
    await press('Enter');
    await expect(cell(page, 'leg press', 'sets')).toBeFocused();
    await press('Alt+n');
    await page.keyboard.type('lying leg');
    await press('Enter');
    await expect(cell(page, 'lying leg curl', 'sets')).toBeFocused();
  });

  await test.step('type over, Tab onward, Enter down, Esc leaves as it was', async () => {
    await page.keyboard.type('4');
    await press('Tab');
    await expect(cell(page, 'lying leg curl', 'range')).toBeFocused();
    await page.keyboard.type('12-15');
    await press('Tab');
    await page.keyboard.type('2');
    await press('Enter');
    await expect(cell(page, 'lying leg curl', 'sets')).toHaveText('4');
    await expect(cell(page, 'lying leg curl', 'range')).toHaveText('12–15');
    await expect(cell(page, 'lying leg curl', 'rir')).toHaveText('2');
    await press('F2');
    await page.keyboard.type('9');
    await press('Escape');
    await expect(cell(page, 'lying leg curl', 'rir')).toHaveText('2');
  });

  await test.step('arrows, Home and End; move a slot; take one out; bring it back', async () => {
    await press('Home');
    await expect(cell(page, 'lying leg curl', 'slot')).toBeFocused();
    await press('Alt+ArrowUp');
    await expect(slotRow(page, 'lying leg curl').locator('[data-column="slot"]')).toContainText('1');
    await press('End');
    await expect(cell(page, 'lying leg curl', 'w7')).toBeFocused();
    await press('Home', 'ArrowDown');
    await expect(cell(page, 'leg press', 'slot')).toBeFocused();
    await press('Delete');
    await expect(slotRow(page, 'leg press')).toHaveCount(0);
    await press('Control+z');
    await expect(slotRow(page, 'leg press')).toHaveCount(1);
  });

  await test.step('a muscle is held from its gauge, the keys are listed, the week goes out', async () => {
    await page.locator('[data-muscle="chest"]').focus();
    await press('ArrowDown', 'ArrowDown', 'h');
    await expect(page.locator('[data-muscle="side delts"]')).toContainText('low');
    await press('p');
    await expect(page.locator('[data-muscle="side delts"]')).toContainText(partsWords.priority);
    await press('?');
    await expect(page.getByRole('dialog', { name: partsWords.shortcuts('Sheet') })).toBeVisible();
    await press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await press('Alt+i');
    await expect(page.getByRole('columnheader', { name: 'week 1 sent' })).toBeVisible();
    await savedAt(page, 11);
  });
});

test('week heads and exercise names stay visible wherever the cursor moves', async ({ coach: page }) => {
  await page.setViewportSize({ width: 1000, height: 600 });
  await openBlock(page, 'Maren');
  const week = page.getByRole('columnheader', { name: /^week 6/ });
  const first = cell(page, 'hack squat', 'slot');
  await page.keyboard.press('ArrowDown');
  await expect(cell(page, 'seated leg curl', 'slot')).toBeFocused();
  for (let down = 0; down < 4; down++) await page.keyboard.press('PageDown');
  await page.keyboard.press('End');
  await expect(page.getByRole('columnheader', { name: /^deload/ })).toBeInViewport();
  await expect(page.locator('[data-column="slot"]:visible').last()).toBeInViewport();
  const head = await week.boundingBox();
  const grid = await page.getByRole('grid').locator('xpath=..').boundingBox();
  expect(Math.round(head?.y ?? 0)).toBe(Math.round(grid?.y ?? -1));
  for (let up = 0; up < 4; up++) await page.keyboard.press('PageUp');
  await page.keyboard.press('Home');
  const row = await first.boundingBox();
  expect(row?.y ?? 0).toBeGreaterThanOrEqual((head?.y ?? 0) + (head?.height ?? 0));
});
