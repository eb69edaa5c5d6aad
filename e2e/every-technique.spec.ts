import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import * as commonWords from '@/ui/words/screens/common';
import * as trainingWords from '@/ui/words/screens/training';
import { expect, test } from './coach';
import { start } from './phones';

const run = promisify(execFile);

test('every set technique can be logged on a phone as planned, to the end of its session', async ({
  coach: page,
  email,
}) => {
  test.setTimeout(400_000);
  const { stdout } = await run('node_modules/.bin/tsx', ['e2e/every-technique.ts', email, 'Maren'], {
    env: process.env,
  });
  const floor = `/training/${stdout.trim().split('\n').at(-1)}`;
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(floor);
  const parts = await page.getByRole('link', { name: /^Part \d/ }).count();
  expect(parts).toBeGreaterThan(3);
  let walked = 0;
  for (let part = 1; part <= parts; part++) {
    await page.goto(floor);
    await page.getByRole('link', { name: new RegExp(`^Part ${part} `) }).click();
    await start(page);
    const whole = page.getByRole('button', { name: /^Log all as planned/ });
    const asAsked = page.getByRole('button', { name: trainingWords.logAsPlanned });
    const found = page.getByRole('button', { name: /^Log / });
    const over = page.getByText(trainingWords.allSetsAreLogged);
    for (let taps = 0; taps < 60 && !(await over.isVisible()); taps++) {
      await page.waitForTimeout(720);
      if (await page.getByText(/^No load known yet|^No hold logged yet/).isVisible()) {
        const load = page.getByRole('textbox', { name: /^kg/ });
        if (await load.isVisible()) await load.fill('20');
      }
      const button = (await whole.isVisible()) ? whole : (await asAsked.isVisible()) ? asAsked : found;
      await button.click();
      walked++;
    }
    await expect(over).toBeVisible();
    await page.getByRole('button', { name: trainingWords.finishSession }).click();
    await expect(page.getByText(trainingWords.sessionFinished)).toBeVisible();
    await expect(page.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible();
  }
  expect(walked).toBeGreaterThan(25);
  await page.goto(floor);
  await expect(page.getByText(commonWords.done, { exact: true })).toHaveCount(parts);
});
