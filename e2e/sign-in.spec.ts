import { generate } from 'otplib';
import * as accountWords from '@/ui/words/screens/account';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as commonWords from '@/ui/words/screens/common';
import * as partsWords from '@/ui/words/screens/parts';
import * as signInWords from '@/ui/words/screens/sign-in';
import { answers, expect, leftOpen, openBlock, openProfile, signIn, test } from './coach';

test('without sign-in nothing is shown; a wrong password says so; signing out ends the session', async ({
  page,
  email,
}) => {
  await page.goto('/desk');
  await page.waitForURL('**/sign-in?to=%2Fdesk');
  await page.getByLabel(signInWords.email).fill(email);
  await page.locator('input[name=password]').fill('wrong');
  await page.getByRole('button', { name: signInWords.signIn }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Wrong email address or password' })).toBeVisible();
  await page.locator('input[name=password]').fill('rung by rung');
  await page.getByRole('button', { name: signInWords.signIn }).click();
  await page.waitForURL('**/desk');
  const [cookie] = await page.context().cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
  await page.getByRole('button', { name: /▾$/ }).click();
  await page.getByRole('menuitem', { name: commonWords.signOut }).click();
  await page.waitForURL('**/sign-in');
  await page.goto('/desk');
  await page.waitForURL('**/sign-in?**');
});

test("another coach's block does not exist for this coach", async ({ coach: page, browser }) => {
  await openBlock(page, 'Maren');
  const address = page.url();
  const elsewhere = await browser.newContext();
  const stranger = await elsewhere.newPage();
  await stranger.goto(address);
  await stranger.waitForURL('**/sign-in?to=%2Fblocks**');
  await elsewhere.close();
});

test('a second factor: set up, asked for at sign-in, replaced by a recovery code, required for the team', async ({
  coach: page,
  email,
  browser,
}) => {
  await page.goto('/account');
  await page.getByRole('button', { name: accountWords.setUp }).click();
  const section = page.getByRole('region', { name: accountWords.secondFactor });
  const secret = (await section.locator('code').textContent()) ?? '';
  await section.getByLabel(accountWords.codeFromYourAuthenticatorApp).fill('000000');
  await section.getByRole('button', { name: accountWords.turnOn }).click();
  await expect(section.getByRole('alert')).toContainText('This code is wrong');
  await section.getByLabel(accountWords.codeFromYourAuthenticatorApp).fill(await generate({ secret }));
  await section.getByRole('button', { name: accountWords.turnOn }).click();
  await expect(section.getByText('8 recovery codes left')).toBeVisible();
  const recovery = (await section.getByRole('listitem').first().textContent()) ?? '';
  await page.getByLabel(accountWords.everyCoachInThisTeam).check();

  const context = await browser.newContext();
  const other = await context.newPage();
  await other.goto('/library');
  await other.getByLabel(signInWords.email).fill(email);
  await other.locator('input[name=password]').fill('rung by rung');
  await other.getByRole('button', { name: signInWords.signIn }).click();
  const code = other.getByLabel(signInWords.codeFromYourAuthenticatorApp);
  // The password alone is not enough.
  await expect(code).toBeVisible();
  await other.goto('/desk');
  await expect(code).toBeVisible();
  await code.fill('123');
  await other.getByRole('button', { name: signInWords.signIn }).click();
  await expect(other.getByText(accountWords.thisCodeIsWrongOr)).toBeVisible();
  await code.fill(recovery);
  await other.getByRole('button', { name: signInWords.signIn }).click();
  await other.waitForURL('**/desk');

  await test.step('a coach who is let in has to set one up before anything is shown', async () => {
    await page.getByRole('button', { name: accountWords.inviteACoach }).click();
    const url = (await page.locator('code').filter({ hasText: '/invite/' }).textContent()) ?? '';
    const fresh = await browser.newContext();
    const third = await fresh.newPage();
    await third.goto(url);
    await third.getByLabel(commonWords.name).fill('Second Coach');
    await third.getByLabel(signInWords.email).fill(`factor-${Date.now()}@example.org`);
    await third.locator('input[name=password]').fill('a long password');
    await third.locator('input[name=again]').fill('a long password');
    await third.getByRole('button', { name: signInWords.signUp }).click();
    await third.waitForURL('**/second-factor');
    await third.goto('/library');
    await third.waitForURL('**/second-factor');
    await third.getByRole('button', { name: accountWords.setUp }).click();
    const theirs = (await third.locator('code').first().textContent()) ?? '';
    await third
      .getByLabel(accountWords.codeFromYourAuthenticatorApp)
      .fill(await generate({ secret: theirs }));
    await third.getByRole('button', { name: accountWords.turnOn }).click();
    await expect(third.getByText('8 recovery codes left')).toBeVisible();
    await third.getByRole('link', { name: commonWords.toTheDesk }).click();
    await third.waitForURL('**/desk');
    await fresh.close();
  });
  await context.close();
});

test('pages restrict which scripts may run; injected markup does not run', async ({ coach: page }) => {
  const answer = await page.goto('/desk');
  const headers = (await answer?.allHeaders()) ?? {};
  expect(headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'cross-origin-opener-policy': 'same-origin',
    'referrer-policy': 'same-origin',
    'cache-control': expect.stringContaining('no-store'),
    'permissions-policy': expect.stringContaining('camera=()'),
  });
  const file = await page.request.get('/import-export/library');
  expect(file.headers()).toMatchObject({
    'cache-control': 'no-store',
    'content-disposition': expect.stringMatching(/^attachment;/),
  });
  const policy = headers['content-security-policy'] ?? '';
  expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]{24}';/);
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  const again = await page.goto('/desk');
  expect((await again?.allHeaders())?.['content-security-policy']).not.toBe(policy);
  await answers(page);
  const ran = await page.evaluate(() => {
    const script = document.createElement('script');
    script.textContent = 'document.documentElement.dataset.ran = "yes"';
    document.body.append(script);
    return document.documentElement.dataset.ran ?? 'no';
  });
  expect(ran).toBe('no');
});

test('over HTTPS cookies are secure and bound to this host, and the page requires HTTPS from then on', async ({
  email,
  browser,
}) => {
  const context = await browser.newContext({ extraHTTPHeaders: { 'x-forwarded-proto': 'https' } });
  const page = await context.newPage();
  const answer = await page.goto('/sign-in');
  expect((await answer?.allHeaders())?.['strict-transport-security']).toMatch(/max-age=31536000/);
  const posted = page.waitForResponse((response) => response.request().method() === 'POST');
  await page.getByLabel(signInWords.email).fill(email);
  await page.locator('input[name=password]').fill('rung by rung');
  await page.getByRole('button', { name: signInWords.signIn }).click();
  const cookies = (await (await posted).headersArray()).filter(
    ({ name }) => name.toLowerCase() === 'set-cookie',
  );
  expect(cookies.map(({ value }) => value.split('=')[0]).sort()).toEqual([
    '__Host-ladder_device',
    '__Host-ladder_sign_in',
  ]);
  for (const { value } of cookies) expect(value).toMatch(/Path=\/;.*Secure; HttpOnly; SameSite=lax/i);
  await context.close();
});

test('sensitive actions ask for the password again: wrong, cancelled, right; then not again for a while', async ({
  coach: page,
  email,
}) => {
  await leftOpen(email);
  await page.goto('/account');
  const make = page.getByRole('button', { name: accountWords.inviteACoach });
  const link = page.locator('code').filter({ hasText: '/invite/' });
  const dialog = page.getByRole('dialog', { name: partsWords.enterYourPassword });
  await make.click();
  await expect(dialog.getByRole('textbox', { name: commonWords.password })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
  await expect(page.getByText('Nothing changed: this needs your password.')).toBeVisible();
  await expect(link).toBeHidden();

  await make.click();
  await dialog.getByRole('textbox', { name: commonWords.password }).fill('not this one');
  await page.keyboard.press('Enter');
  await expect(dialog.getByText(partsWords.thatIsNotYourPassword)).toBeVisible();
  await dialog.getByRole('textbox', { name: commonWords.password }).fill('rung by rung');
  await page.keyboard.press('Enter');
  await expect(dialog).toBeHidden();
  await expect(link).toBeVisible();

  await page.reload();
  await make.click();
  await expect(link).toBeVisible();

  await leftOpen(email);
  await page.goto('/desk');
  await openProfile(page, 'Maren');
  await page.getByRole('button', { name: athleteWords.deleteWordText }).click();
  await page.getByLabel(athleteWords.typeTheNameToConfirm).fill('Maren Tveitdal');
  await page.keyboard.press('Enter');
  await dialog.getByRole('textbox', { name: commonWords.password }).fill('rung by rung');
  await page.keyboard.press('Enter');
  await page.waitForURL('**/desk');
  await expect(page.getByRole('rowheader').getByRole('link', { name: 'Maren' })).toBeHidden();
});

test("signing in works before the page's scripts have loaded", async ({ browser, email }) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  await page.goto('/library');
  await page.getByLabel(signInWords.email).fill(email);
  await page.locator('input[name=password]').fill('rung by rung');
  await page.getByRole('button', { name: signInWords.signIn }).click();
  await page.waitForURL('**/library');
  await context.close();
});

test('signed-in devices are listed, and another device can be signed out', async ({
  coach: page,
  email,
  browser,
}) => {
  const context = await browser.newContext();
  const other = await context.newPage();
  await signIn(other, email);
  await page.goto('/account');
  const rows = page.getByRole('region', { name: accountWords.whereYouAreSignedIn }).getByRole('listitem');
  await expect(rows).toHaveCount(2);
  await expect(rows.filter({ hasText: accountWords.thisDevice })).toHaveCount(1);
  await rows.getByRole('button', { name: commonWords.signOut }).click();
  await expect(rows).toHaveCount(1);
  await other.goto('/desk');
  await other.waitForURL('**/sign-in?**');
  await page.goto('/desk');
  await answers(page);
  await context.close();
});
