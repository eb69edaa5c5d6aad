import { expect, openBlock, test } from './coach';

test('without signing in nothing is shown; a wrong password says so; signing out ends it', async ({
  page,
  email,
}) => {
  await page.goto('/desk');
  await page.waitForURL('**/sign-in?to=%2Fdesk');
  await page.getByLabel('Email').fill(email);
  await page.locator('input[name=password]').fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'do not belong together' })).toBeVisible();
  await page.locator('input[name=password]').fill('rung by rung');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/desk');
  const [cookie] = await page.context().cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
  await page.getByRole('button', { name: /▾$/ }).click();
  await page.getByRole('menuitem', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await page.goto('/desk');
  await page.waitForURL('**/sign-in?**');
});

test('another coach’s block is not there', async ({ coach: page, browser }) => {
  await openBlock(page, 'Maren');
  const address = page.url();
  const elsewhere = await browser.newContext();
  const stranger = await elsewhere.newPage();
  await stranger.goto(address);
  await stranger.waitForURL('**/sign-in?to=%2Fblocks**');
  await elsewhere.close();
});
