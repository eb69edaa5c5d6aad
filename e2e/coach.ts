import { execFile } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { promisify } from 'node:util';
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { createConnection } from 'mysql2/promise';
import * as blockWords from '@/ui/words/screens/block';
import * as deskWords from '@/ui/words/screens/desk';
import * as signInWords from '@/ui/words/screens/sign-in';

const run = promisify(execFile);

/** Runs a data command, bundled once by scripts/test.mjs because nearly every journey starts with one. */
export async function data(...args: string[]): Promise<void> {
  await run(process.execPath, ['.cache/data-command.mjs', ...args], { env: process.env });
}

/** Runs a script with tsx. */
export async function tsx(...args: string[]): Promise<void> {
  await run('node_modules/.bin/tsx', args, { env: process.env });
}

/** Gives each journey its own demo coach, signed in. */
export const test = base.extend<{ email: string; coach: Page }>({
  // biome-ignore lint/correctness/noEmptyPattern: Playwright reads the names from the pattern
  email: async ({}, use) => {
    const email = `${randomUUID()}@example.org`;
    const made = await fetch(`${process.env.CONTROL_URL}/seed/${encodeURIComponent(email)}`, {
      method: 'POST',
    });
    if (!made.ok) throw new Error(await made.text());
    await use(email);
  },
  coach: async ({ page, email }, use) => {
    await signIn(page, email);
    await use(page);
  },
});

export { expect };

export async function signIn(page: Page, email: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel(signInWords.email).fill(email);
  await page.locator('input[name=password]').fill('rung by rung');
  await page.getByRole('button', { name: signInWords.signIn }).click();
  await page.waitForURL('**/desk');
}

/** Pretends that the coach last entered their password long ago, on every device. */
export async function leftOpen(email: string): Promise<void> {
  const connection = await createConnection(process.env.DATABASE_URL ?? '');
  try {
    await connection.execute(
      'UPDATE sign_ins SET told_at = NULL WHERE coach_id = (SELECT id FROM coaches WHERE email = ?)',
      [email],
    );
  } finally {
    await connection.end();
  }
}

/** The text of a week's cell: the load, and the reps of each set. */
export function setsOfReps(sets: number): RegExp {
  return new RegExp(`× \\d+(, \\d+){${sets - 1}}(?!, ?\\d)`);
}

/** Opens the command palette and waits until it takes input. */
export async function openPalette(page: Page): Promise<Locator> {
  await page.keyboard.press('Control+k');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('textbox')).toBeFocused();
  return dialog;
}

/** Waits until the screen reacts to keys and clicks. */
export async function answers(page: Page): Promise<void> {
  await expect(page.locator('main[data-ready="true"]')).toBeVisible();
}

/** Opens an athlete's profile and waits until it reacts. */
export async function openProfile(page: Page, athlete: string): Promise<void> {
  await page.getByRole('link', { name: deskWords.profileOf(athlete) }).click();
  await page.waitForURL('**/athletes/**');
  await answers(page);
}

/** Presses keys one after another. */
export async function press(page: Page, ...keys: string[]): Promise<void> {
  for (const key of keys) await page.keyboard.press(key);
}

/** Presses Tab until the control with this name has focus. */
export async function tabTo(page: Page, control: Locator): Promise<void> {
  for (let steps = 0; steps < 120; steps++) {
    if (await control.evaluate((element) => element === document.activeElement, null, { timeout: 10_000 }))
      return;
    await page.keyboard.press('Tab');
  }
  throw new Error('the control is not reached by Tab');
}

/** Opens an athlete's block and waits until it reacts. */
export async function openBlock(page: Page, athlete: string): Promise<void> {
  await page.getByRole('rowheader').getByRole('link', { name: athlete }).click();
  await page.waitForURL('**/blocks/**');
  await ready(page);
}

/** Waits until a block's screen reacts and the server has every change. */
export async function ready(page: Page): Promise<void> {
  await answers(page);
  await expect(page.getByRole('status').filter({ hasText: blockWords.savedText })).toBeVisible();
}

/** Waits until the server has every change, at least up to this revision. */
export async function savedAt(page: Page, revision: number): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: `rev ${revision}` })).toBeVisible();
}

/** The row of the n-th slot with this exercise. */
export function slotRow(page: Page, exercise: string, at = 0): Locator {
  return page
    .getByRole('row')
    .filter({ has: page.locator('[data-column="slot"]', { hasText: exercise }) })
    .nth(at);
}

export function cell(page: Page, exercise: string, column: string, at = 0): Locator {
  return slotRow(page, exercise, at).locator(`[data-column="${column}"]`);
}

/** Types over a cell as a coach would: move to it, type, Enter. */
export async function typeInto(page: Page, exercise: string, column: string, text: string): Promise<void> {
  await cell(page, exercise, column).click();
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

/** Weekly sets of a muscle as shown beside the Sheet. */
export function gauge(page: Page, muscle: string): Locator {
  return page.locator(`[data-muscle="${muscle}"]`);
}

export async function setsOf(page: Page, muscle: string): Promise<number> {
  const text = (await gauge(page, muscle).locator('span').nth(-2).textContent()) ?? '';
  return Number(text.trim());
}

/** Lets a test stop the database: `kill` acts like a power cut, `start` brings it back. */
export async function databaseDo(what: 'kill' | 'start'): Promise<void> {
  const answer = await fetch(`${process.env.CONTROL_URL}/${what}`, { method: 'POST' });
  if (!answer.ok) throw new Error(await answer.text());
}
