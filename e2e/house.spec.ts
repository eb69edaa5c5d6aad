import type { Browser, Page } from '@playwright/test';
import * as accountWords from '@/ui/words/screens/account';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as signInWords from '@/ui/words/screens/sign-in';
import { answers, cell, expect, openBlock, openProfile, press, ready, test, typeInto } from './coach';

/** A second coach, invited to the team of the coach on this page, with a page of their own. */
async function letIn(page: Page, browser: Browser): Promise<{ readonly other: Page; readonly url: string }> {
  await page.goto('/account');
  await page.getByRole('button', { name: accountWords.inviteACoach }).click();
  const url = (await page.locator('code').filter({ hasText: '/invite/' }).textContent()) ?? '';
  const other = await (await browser.newContext()).newPage();
  await other.goto(url);
  await expect(other.getByText('invites you to join their team')).toBeVisible();
  await other.getByLabel(commonWords.name).fill('Second Coach');
  await other.getByLabel(signInWords.email).fill(`second-${Date.now()}-${Math.random()}@example.org`);
  await other.locator('input[name=password]').fill('a long password');
  await other.locator('input[name=again]').fill('another one');
  await other.getByRole('button', { name: signInWords.signUp }).click();
  await expect(other.getByText(commonWords.theTwoPasswordsDoNot)).toBeVisible();
  await other.locator('input[name=password]').fill('a long password');
  await other.locator('input[name=again]').fill('a long password');
  await other.getByRole('button', { name: signInWords.signUp }).click();
  await other.waitForURL('**/desk');
  return { other, url };
}

test('a coach joins the team by a link, and an athlete is transferred to them with all of their data', async ({
  coach: page,
  browser,
}) => {
  await page.goto('/desk');
  const line = page.getByRole('row').filter({ hasText: 'Maren Tveitdal' });
  const before = await line.textContent();
  const { other, url } = await letIn(page, browser);

  await page.goto('/desk');
  await openProfile(page, 'Maren');
  await page.getByLabel(athleteWords.transferTo).selectOption({ label: 'Second Coach' });
  await page.getByRole('button', { name: athleteWords.transferAthlete }).click();
  await page.getByRole('button', { name: athleteWords.transfer, exact: true }).click();
  await page.waitForURL('**/desk');
  await expect(line).toHaveCount(0);
  await other.reload();
  await answers(other);
  const theirs = other.getByRole('row').filter({ hasText: 'Maren Tveitdal' });
  await expect(theirs).toHaveText(before ?? '');
  // The link is used up.
  const third = await other.context().newPage();
  await third.goto(url);
  await expect(third.getByText('This link was already used.')).toBeVisible();
  await other.context().close();
});

test('an athlete shared with a teammate, first to read, then in full; the history says who made each change', async ({
  coach: page,
  browser,
}) => {
  const { other } = await letIn(page, browser);
  const share = async (how: string) => {
    await page.goto('/desk');
    await openProfile(page, 'Maren');
    await page.getByLabel('Second Coach').selectOption({ label: how });
    await expect(page.getByText(athleteWords.saved, { exact: true })).toBeVisible();
    await page.reload();
    await answers(page);
    const [chosen] = await page.getByLabel('Second Coach').locator('option:checked').allTextContents();
    expect(chosen).toBe(how);
  };

  await test.step('to read: all is there to look at, and nothing gives way', async () => {
    await share('reads');
    await other.reload();
    await answers(other);
    const line = other.getByRole('row').filter({ hasText: 'Maren Tveitdal' });
    await expect(line).toContainText('read only');
    await expect(line.getByRole('link', { name: /^Open app/ })).toHaveCount(0);
    await openBlock(other, 'Maren');
    const sets = cell(other, 'leg press', 'w4');
    const before = await sets.textContent();
    await typeInto(other, 'leg press', 'rest', '77');
    await expect(other.getByRole('alert').filter({ hasText: 'Only' })).toBeVisible();
    await press(other, 'Escape');
    await expect(sets).toHaveText(before ?? '');
    await other.goto('/desk');
    await answers(other);
    await openProfile(other, 'Maren');
    await expect(other.getByLabel(commonWords.name, { exact: true })).toBeDisabled();
    await expect(other.getByRole('button', { name: athleteWords.deleteWordText })).toHaveCount(0);
  });

  await test.step('in full: what they change stands under their name', async () => {
    await share('can edit everything');
    await other.goto('/desk');
    await answers(other);
    await openBlock(other, 'Maren');
    await typeInto(other, 'leg press', 'rest', '77');
    await ready(other);
    await page.goto('/desk');
    await answers(page);
    await openBlock(page, 'Maren');
    await expect(cell(page, 'leg press', 'rest')).toContainText('77');
    await typeInto(page, 'leg press', 'rest', '78');
    await ready(page);
    await page.getByRole('button', { name: blockWords.history }).click();
    const lines = page.getByRole('dialog').getByRole('row');
    await expect(lines.nth(0)).not.toContainText('Second Coach');
    await expect(lines.nth(1)).toContainText('Second Coach');
  });

  await test.step('and what they did with the athlete is told on the Course', async () => {
    await other.goto('/desk');
    await answers(other);
    await openProfile(other, 'Maren');
    await other.getByLabel(commonWords.name, { exact: true }).fill('Maren T. Tveitdal');
    await other.getByRole('button', { name: commonWords.save, exact: true }).click();
    await expect(other.getByText(commonWords.saved, { exact: true })).toBeVisible();
    await page.goto('/desk');
    await openProfile(page, 'Maren T.');
    await press(page, 'Alt+8');
    const told = page.getByRole('region', { name: athleteWords.activity });
    await expect(told.getByRole('row').first()).toContainText('Second Coach');
    await expect(told.getByRole('row').first()).toContainText('changed the profile');
    await expect(told).toContainText('shared the athlete with Second Coach');
  });
  await other.context().close();
});
