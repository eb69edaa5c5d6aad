import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as trainingWords from '@/ui/words/screens/training';
import { cell, expect, openBlock, test } from './coach';
import { begin } from './phones';
import { takeTechnique } from './prescribe';

test('a hold counts down to its target and beyond, even while the phone sleeps, and fills in the seconds held', async ({
  coach: page,
}) => {
  await openBlock(page, 'Ilmari');
  const issue = page.getByRole('button', { name: /^Send week \d+$/ });
  await issue.click();
  await expect(page.getByRole('columnheader', { name: /sent/ }).first()).toBeVisible();
  const floor = new URL(page.url()).pathname.replace('/blocks/', '/training/');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install();
  await page.goto(floor);
  await begin(page, /Lever and pull/);
  const start = page.getByRole('button', { name: /^Start the clock: \d+ s$/ });
  const asked = Number((await start.textContent())?.match(/\d+/)?.[0]);
  await start.click();
  await expect(page.getByRole('button', { name: /^starts in \d s, tap to stop$/ })).toBeVisible();
  await page.clock.fastForward((5 + asked + 3) * 1000);
  const over = page.getByRole('button', { name: /^[3-9] s over, tap to stop$/ });
  await expect(over).toBeVisible();
  const seconds = asked + Number((await over.textContent())?.match(/\d+/)?.[0]);
  await over.click();
  const field = page.getByLabel(commonWords.seconds, { exact: true });
  await expect(field).toHaveValue(/^\d+$/);
  const held = Number(await field.inputValue());
  expect(held).toBeGreaterThanOrEqual(seconds);
  expect(held).toBeLessThan(seconds + 3);
  await page.getByRole('button', { name: new RegExp(`^Log ${held} s`) }).click();
  await expect(page.getByText(/^1 of \d+ sets$/)).toBeVisible();
});

test("the pacer stays within two tenths of a second of the page's clock for three minutes on a slow phone", async ({
  coach: page,
}) => {
  // Three minutes on a phone slowed down six times need a long timeout when another journey runs beside it.
  test.setTimeout(480_000);
  await openBlock(page, 'Maren');
  await page.getByRole('button', { name: blockWords.sendWeek(3) }).click();
  await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install();
  const slow = await page.context().newCDPSession(page);
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  await page.goto(new URL(page.url()).pathname.replace('/blocks/', '/training/'));
  await begin(page, /Lower, squat first/);
  const pacer = page.getByRole('button', { name: /^Metronome: [\dX]{4}$/ });
  const tempo = ((await pacer.textContent())?.match(/[\dX]{4}$/)?.[0] ?? '')
    .split('')
    .map((one) => (one === 'X' ? 1 : Number(one)));
  const whole = tempo.reduce((sum, phase) => sum + phase, 0);
  expect(whole).toBeGreaterThan(2);
  await page.evaluate(() => {
    document.addEventListener('click', () => {
      document.body.dataset.tapped = String(Date.now());
    });
  });
  await pacer.click();
  const running = page.getByRole('button', { name: /^(First rep|Rep \d+)/ });
  for (let minute = 0; minute < 3; minute++) {
    await page.clock.fastForward(58_000);
    await page.waitForTimeout(1500);
    const { now, tapped, words } = await running.evaluate((button) => ({
      now: Date.now(),
      tapped: Number(document.body.dataset.tapped),
      words: button.textContent ?? '',
    }));
    const repAt = (ms: number) => Math.floor((ms - tapped - 5000) / 1000 / whole) + 1;
    const shown = Number(words.match(/Rep (\d+)/)?.[1]);
    expect(shown, words).toBeGreaterThanOrEqual(repAt(now - 200));
    expect(shown, words).toBeLessThanOrEqual(repAt(now + 200));
  }
  await running.click();
  await expect(pacer).toBeVisible();
});

test('a round of mini-sets is logged with one tap at its end, each part reaches the coach, and a set can be typed as text', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  await cell(page, 'hack squat', 'slot').focus();
  await takeTechnique(page, 'hack squat', 'rest-pause');
  await page.getByRole('button', { name: blockWords.sendWeek(3) }).click();
  await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(new URL(page.url()).pathname.replace('/blocks/', '/training/'));
  await begin(page, /Lower, squat first/);
  const whole = page.getByRole('button', { name: /^Log all as planned: \d+, \d+ and \d+, \d+ s apart$/ });
  const reps = ((await whole.textContent())?.match(/\d+/g) ?? []).slice(0, 3);
  await page.waitForTimeout(750);
  await whole.click();
  await expect(page.getByText(/^3 of \d+ sets$/)).toBeVisible();
  await expect(page.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible();
  await page.getByRole('button', { name: trainingWords.allSets }).click();
  const first = page.getByRole('button', { name: /part \d of 3/ });
  for (const [at, count] of reps.entries()) await expect(first.nth(at)).toContainText(`× ${count} `);

  // A set typed into one field fills all fields.
  await page.getByRole('button', { name: commonWords.continueWord }).click();
  await page.getByLabel(/^kg/).fill('42.5x7@1');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel(/^kg/)).toHaveValue('42.5');
  await expect(page.getByLabel(commonWords.reps, { exact: true })).toHaveValue('7');
  await expect(page.getByLabel(trainingWords.repsLeft, { exact: true })).toHaveValue('1');
});
