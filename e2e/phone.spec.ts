import type { Browser, Page } from '@playwright/test';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as deskWords from '@/ui/words/screens/desk';
import * as joinWords from '@/ui/words/screens/join';
import * as trainingWords from '@/ui/words/screens/training';
import { expect, openBlock, press, ready, test } from './coach';
import { begin } from './phones';

test.use({ viewport: { width: 1280, height: 800 } });

/** A separate browser as the phone, without any of the coach's cookies. */
async function somePhone(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, colorScheme: 'light' });
  return context.newPage();
}

test('an athlete signs in by a personal link, trains, adds and removes a second phone; coach pages stay closed', async ({
  coach: page,
  browser,
}) => {
  test.setTimeout(240_000);
  await openBlock(page, 'Maren');
  await page.getByRole('button', { name: blockWords.sendWeek(3) }).click();
  await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
  const block = page.url().replace(/#.*/, '');
  await page.goto('/desk');
  const profile =
    (await page.getByRole('link', { name: deskWords.profileOf('Maren') }).getAttribute('href')) ?? '';
  const others =
    (await page.getByRole('link', { name: deskWords.profileOf('Devika') }).getAttribute('href')) ?? '';

  const theirs =
    (await page.getByRole('rowheader').getByRole('link', { name: 'Devika' }).getAttribute('href')) ?? '';

  const link = await test.step('the coach makes a link, shown with QR code of the link', async () => {
    await page.goto(profile);
    const phones = page.getByRole('region', { name: commonWords.phones });
    await expect(phones.getByText(athleteWords.noPhoneIsSignedIn)).toBeVisible();
    await phones.getByRole('button', { name: athleteWords.createPersonalLink }).click();
    await expect(phones.getByRole('img', { name: /QR code of the link/ })).toBeVisible();
    return phones.getByLabel(/^Personal link for/).inputValue();
  });

  const phone = await somePhone(browser);
  await test.step('the link asks first, then leads to the week', async () => {
    await phone.goto(link);
    await phone.getByRole('button', { name: /^I am Maren/ }).click();
    await phone.waitForURL(/\/training$/);
    await expect(phone.getByRole('heading', { name: 'Week 3' })).toBeVisible();
    await expect(phone.getByRole('link', { name: commonWords.phones })).toBeVisible();
    await expect(phone.getByText(trainingWords.backToTheDesk)).toHaveCount(0);
    const again = await somePhone(browser);
    await again.goto(link);
    await expect(again.getByRole('alert').first()).toContainText('was already used');
    await again.context().close();
  });

  await test.step('a set logged on the phone stands on the coach’s screen', async () => {
    await begin(phone, /Lower, squat first/);
    await phone.waitForTimeout(750);
    await phone.getByRole('button', { name: trainingWords.logAsPlanned }).click();
    await expect(phone.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible();
    await page.goto(block);
    await ready(page);
    await expect(page.getByRole('row', { name: /hack squat/ }).first()).toContainText('@');
  });

  await test.step('no page of the coach’s, nor another athlete’s floor, answers to the phone', async () => {
    for (const path of ['/desk', '/library', '/templates', '/account', '/glossary', profile, others, block]) {
      await phone.goto(path);
      await expect(phone).toHaveURL(/\/sign-in/);
    }
    const floors = [theirs.replace('/blocks/', '/training/'), block.replace('/blocks/', '/training/')];
    const answers = await Promise.all(floors.map((path) => phone.request.get(path)));
    expect(answers.map((answer) => answer.status())).toEqual([404, 200]);
  });

  const second = await somePhone(browser);
  await test.step('a second phone comes in by a code, once', async () => {
    await phone.goto('/training/phones');
    await phone.getByRole('button', { name: trainingWords.codeForAnotherPhone }).click();
    const code = (await phone.locator('strong').textContent()) ?? '';
    await second.goto('/join');
    await second.getByLabel(joinWords.code).fill('nonsense');
    await second.getByRole('button', { name: commonWords.continueWord }).click();
    await expect(second.getByRole('alert').first()).toContainText('is not valid');
    await second.getByLabel(joinWords.code).fill(code.toLowerCase());
    await second.getByRole('button', { name: commonWords.continueWord }).click();
    await second.waitForURL(/\/training$/);
    await expect(second.getByRole('heading', { name: 'Week 3' })).toBeVisible();
  });

  await test.step('the first signs the second out; the coach signs all out', async () => {
    await phone.goto('/training/phones');
    await expect(phone.getByRole('listitem')).toHaveCount(2);
    await phone
      .getByRole('button', { name: /^Sign out/ })
      .first()
      .click();
    await expect(phone.getByRole('listitem')).toHaveCount(1);
    await second.goto('/training/phones');
    await expect(second).toHaveURL(/\/join/);
    await page.goto(profile);
    const phones = page.getByRole('region', { name: commonWords.phones });
    await phones.getByRole('button', { name: /^Sign out/ }).click();
    await expect(phones.getByText(athleteWords.noPhoneIsSignedIn)).toBeVisible();
    await phone.goto('/training/phones');
    await expect(phone).toHaveURL(/\/join/);
  });
  await press(page, 'Escape');
  await phone.context().close();
  await second.context().close();
});
