import type { Page } from '@playwright/test';
import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as joinWords from '@/ui/words/screens/join';
import * as trainingWords from '@/ui/words/screens/training';
import { cell, expect, openBlock, test } from './coach';
import { begin, marensPhone } from './phones';
import { takeTechnique } from './prescribe';

async function asAsked(phone: Page): Promise<void> {
  await phone.waitForTimeout(750);
  await phone.getByRole('button', { name: trainingWords.logAsPlanned }).click();
}

test('two offline tabs of a phone, then a second phone: every set arrives, and a set done twice is reported', async ({
  coach: page,
  browser,
}) => {
  test.setTimeout(180_000);
  const context = await marensPhone(page, browser);
  const [one] = context.pages();
  if (one === undefined) throw new Error('no page');
  await begin(one, /Lower, squat first/);
  const session = one.url();
  const two = await context.newPage();
  await two.goto(session);
  await two.getByRole('button', { name: trainingWords.start, exact: true }).click();
  await expect(two.getByText(/^Hack squat, top set/)).toBeVisible();

  await context.setOffline(true);
  await asAsked(one);
  await asAsked(one);
  // The other tab logs the second set too, with one rep more.
  await two.getByRole('button', { name: trainingWords.allSets }).click();
  await two.getByRole('button', { name: /^Back-off 1/ }).click();
  await two.waitForTimeout(750);
  await two.getByRole('button', { name: trainingWords.moreOf('reps'), exact: true }).click();
  await two.getByRole('button', { name: /^Log / }).click();
  await expect(two.getByText(trainingWords.onThisPhone('No connection. 1 set saved'))).toBeVisible();
  await one.close({ runBeforeUnload: false });
  await two.close({ runBeforeUnload: false });
  await context.setOffline(false);

  const next = await context.newPage();
  await next.goto(session);
  await expect(next.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible({ timeout: 60_000 });
  await expect(next.getByText(/^2 of \d+ sets$/)).toBeVisible();
  await next.getByRole('button', { name: trainingWords.allSets }).click();
  await expect(next.getByText('logged twice: the later one counts')).toBeVisible();

  // A second phone of the same athlete continues from there.
  await next.goto('/training/phones');
  await next.getByRole('button', { name: trainingWords.codeForAnotherPhone }).click();
  const code = (await next.locator('strong').textContent()) ?? '';
  const other = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await other.goto('/join');
  await other.getByLabel(joinWords.code).fill(code);
  await other.getByRole('button', { name: commonWords.continueWord }).click();
  await other.waitForURL(/\/training$/);
  await other.goto(session);
  await expect(other.getByText(/^2 of \d+ sets$/)).toBeVisible();
  await asAsked(other);
  await expect(other.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible();
  await next.goto(session);
  await expect(next.getByText(/^3 of \d+ sets$/)).toBeVisible();
  await other.context().close();
  await context.close();
});

test('a session of 17 sets or more including a technique is logged as planned in at most 22 taps', async ({
  coach: page,
  browser,
}) => {
  test.setTimeout(180_000);
  await openBlock(page, 'Maren');
  await cell(page, 'seated dumbbell shoulder press', 'slot').focus();
  await takeTechnique(page, 'seated dumbbell shoulder press', 'rest-pause');
  await page.goto('/desk');
  const context = await marensPhone(page, browser);
  const [phone] = context.pages();
  if (phone === undefined) throw new Error('no page');
  await phone
    .getByRole('link', { name: /Upper, press first/ })
    .first()
    .click();
  const start = phone.getByRole('button', { name: trainingWords.start, exact: true });
  await expect(start).toBeVisible();
  await phone.waitForTimeout(1500);
  await phone.evaluate(() => {
    document.body.dataset.taps = '0';
    document.addEventListener('click', () => {
      document.body.dataset.taps = String(Number(document.body.dataset.taps) + 1);
    });
  });
  const sets = Number((await phone.getByText(/^0 of \d+ sets$/).textContent())?.match(/of (\d+)/)?.[1]);
  expect(sets).toBeGreaterThanOrEqual(17);
  await start.click();
  const whole = phone.getByRole('button', { name: /^Log all as planned/ });
  const done = phone.getByRole('button', { name: trainingWords.logAsPlanned });
  const over = phone.getByText(trainingWords.allSetsAreLogged);
  let rounds = 0;
  for (let taps = 0; taps < sets && !(await over.isVisible()); taps++) {
    await phone.waitForTimeout(750);
    const isRound = await whole.isVisible();
    if (isRound) rounds++;
    await (isRound ? whole : done).click();
  }
  await phone.getByRole('button', { name: trainingWords.finishSession }).click();
  await expect(phone.getByText(trainingWords.sessionFinished)).toBeVisible();
  const taps = Number(await phone.evaluate(() => document.body.dataset.taps));
  expect(rounds).toBeGreaterThan(0);
  expect(taps).toBeLessThanOrEqual(22);
  await expect(phone.getByText(trainingWords.setsOfAll(sets, sets))).toBeVisible();
  await context.close();
});

test("a round runs by itself: parts and rests stay within two tenths of a second of the page's clock on a slow phone", async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  await cell(page, 'hack squat', 'slot').focus();
  await takeTechnique(page, 'hack squat', 'rest-pause');
  await page.getByRole('button', { name: blockWords.sendWeek(3) }).click();
  await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install();
  const slow = await page.context().newCDPSession(page);
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  await page.goto(new URL(page.url()).pathname.replace('/blocks/', '/training/'));
  await begin(page, /Lower, squat first/);
  const clock = page.getByRole('button', { name: trainingWords.startTheRoundParts(3) });
  await page.evaluate(() => {
    document.addEventListener('click', () => {
      document.body.dataset.tapped = String(Date.now());
    });
  });
  await clock.click();
  const running = page.getByRole('button', {
    name: /^(\d+ reps? in|Part \d of 3|Rest \d+ s|Round finished)/,
  });
  await expect(running).toContainText(/^\d+ reps in [1-5] s$/);
  // Far into the first part, then until its rest begins: the time left agrees with the clock.
  await expect(async () => {
    await page.clock.fastForward(5000);
    await expect(running).toContainText(/^Rest \d+ s, then/, { timeout: 500 });
  }).toPass();
  const read = () =>
    running.evaluate((button) => ({
      now: Date.now() - Number(document.body.dataset.tapped),
      left: Number((button.textContent ?? '').match(/\d+/)?.[0]),
    }));
  const first = await read();
  await page.clock.fastForward(4000);
  await page.waitForTimeout(1200);
  const second = await read();
  const passed = (second.now - first.now) / 1000;
  expect(Math.abs(first.left - second.left - passed)).toBeLessThanOrEqual(1.2);
  await page.clock.fastForward(120_000);
  await expect(running).toHaveText(trainingWords.roundFinishedLogIt);
  await page.waitForTimeout(750);
  await page.getByRole('button', { name: /^Log all as planned/ }).click();
  await expect(page.getByText(/^3 of \d+ sets$/)).toBeVisible();
});
