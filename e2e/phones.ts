import type { Browser, BrowserContext, Page } from '@playwright/test';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as trainingWords from '@/ui/words/screens/training';
import { answers, expect, openBlock } from './coach';

/**
 * A phone signed in as Maren by a personal link, with week 3 sent: a separate browser without the coach's cookies.
 */
export async function marensPhone(page: Page, browser: Browser): Promise<BrowserContext> {
  await openBlock(page, 'Maren');
  await page.getByRole('button', { name: blockWords.sendWeek(3) }).click();
  await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
  await page.goto('/desk');
  await page.goto(await hrefOf(page, 'Profile of Maren'));
  await answers(page);
  const phones = page.getByRole('region', { name: commonWords.phones });
  await phones.getByRole('button', { name: athleteWords.createPersonalLink }).click();
  const link = await phones.getByLabel(/^Personal link for/).inputValue();
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await phone.goto(link);
  await phone.getByRole('button', { name: /^I am Maren/ }).click();
  await expect(phone.getByRole('heading', { name: 'Week 3' })).toBeVisible();
  return context;
}

/** The target of a link on the page. */
export async function hrefOf(page: Page, name: string | RegExp): Promise<string> {
  const href = await page.getByRole('link', { name }).first().getAttribute('href');
  if (href === null) throw new Error(`no link ${name}`);
  return href;
}

/** Opens a session of the week in the athlete's app and starts it. */
export async function begin(page: Page, session: RegExp): Promise<void> {
  // Taps until the page is ready and the tap leads there.
  await expect(async () => {
    await page.getByRole('link', { name: session }).first().click({ timeout: 5000 });
    await page.waitForURL(/\/training\/[^/]+\/[^/]+$/, { timeout: 5000 });
  }).toPass({ timeout: 60_000 });
  await start(page);
}

/** Starts the open session, answering what is asked before it. */
export async function start(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: trainingWords.start, exact: true });
  // Taps until the page is ready and the tap takes effect.
  await expect(button).toBeVisible();
  await expect(async () => {
    if ((await button.count()) > 0) await button.click({ timeout: 2000 });
    await expect(button).toHaveCount(0, { timeout: 500 });
  }).toPass();
}
