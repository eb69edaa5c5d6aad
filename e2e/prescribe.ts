import type { Locator, Page } from '@playwright/test';
import { cell, expect, press, tabTo } from './coach';

/** Moves to a cell with the arrow keys from wherever the cursor is in the table. */
export async function goTo(page: Page, target: Locator): Promise<void> {
  const wanted = await target.evaluate((element) => ({ ...(element as HTMLElement).dataset }));
  const order = ['slot', 'sets', 'range', 'rir', 'tempo', 'rest', 'technique', 'start'];
  await press(page, 'Home');
  const down = await page.evaluate((to) => {
    const rows = [...document.querySelectorAll<HTMLElement>('[data-column="slot"]')].map(
      (one) => one.dataset.row,
    );
    return rows.indexOf(to) - rows.indexOf((document.activeElement as HTMLElement | null)?.dataset.row);
  }, wanted.row);
  for (let step = 0; step < Math.abs(down); step++) await press(page, down > 0 ? 'ArrowDown' : 'ArrowUp');
  const across = wanted.column?.startsWith('w')
    ? order.length + Number(wanted.column.slice(1)) - 1
    : order.indexOf(wanted.column ?? '');
  for (let step = 0; step < across; step++) await press(page, 'ArrowRight');
  await expect(target).toBeFocused();
}

/** Opens a slot's technique picker, finds a technique by typing, and optionally changes parameters. */
export async function takeTechnique(
  page: Page,
  exercise: string,
  name: string,
  ...fields: readonly (readonly [label: string, text: string])[]
): Promise<void> {
  await goTo(page, cell(page, exercise, 'technique'));
  await press(page, 'Enter');
  const search = page.getByRole('combobox', { name: /^Technique of exercise/ });
  await expect(search).toBeFocused();
  await page.keyboard.type(name);
  await expect(page.locator('[data-kind][aria-selected="true"]')).toContainText(name);
  for (const [label, text] of fields) {
    const input = page.getByRole('dialog').getByLabel(label, { exact: true });
    await tabTo(page, input);
    if ((await input.getAttribute('type')) === 'checkbox') await press(page, 'Space');
    else {
      await press(page, 'Control+a');
      await page.keyboard.type(text);
    }
  }
  await press(page, 'Enter');
  await expect(search).toBeHidden();
  await expect(cell(page, exercise, 'technique')).toBeFocused();
}
