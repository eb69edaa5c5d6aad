import type { BrowserContext, Page } from '@playwright/test';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as commonWords from '@/ui/words/screens/common';
import { asked, COACHS_ACTIONS, call, coachsPaths, placeOf } from './actions';
import { data, expect, openBlock, signIn, test } from './coach';
import { hrefOf, marensPhone } from './phones';

/** Text that strangers must never see: names of the demo's athletes and contents of their blocks. */
const THEIRS = /Maren|Tveitdal|Autumn block|Harbour hall|hack squat/;

/**
 * Requests every page, file and action of a coach as somebody else, and finds none of the coach's data in any
 * response.
 */
async function findsNothing(
  page: Page,
  { request }: Pick<BrowserContext, 'request'>,
  { athleteId, blockId, floor }: { athleteId: string; blockId: string; floor: string },
): Promise<void> {
  const { origin } = new URL(page.url());
  const told: [string, number][] = [];
  for (const path of [
    ...coachsPaths('page', athleteId, blockId),
    ...coachsPaths('route', athleteId, blockId),
    floor,
  ]) {
    const answer = await request.get(path, { maxRedirects: 0 });
    const text = answer.status() === 307 ? '' : await answer.text();
    if (THEIRS.test(text) || answer.status() >= 500) told.push([path, answer.status()]);
  }
  const table = asked(athleteId, blockId);
  for (const { id, key } of COACHS_ACTIONS) {
    const path = placeOf(key, athleteId, blockId);
    const answer = await call(request, { id, origin, path: '/sign-in', given: table[key] });
    const there = await call(request, { id, origin, path, given: table[key] });
    for (const one of [answer, there])
      if (THEIRS.test(await one.text()) || one.status() >= 500) told.push([key, one.status()]);
  }
  expect(told).toEqual([]);
}

test('other coaches, strangers, ended sessions, used links and signed-out phones can neither read nor change anything', async ({
  coach: page,
  browser,
  email,
}) => {
  const phone = await marensPhone(page, browser);
  await page.goto('/desk');
  const athleteId = (await hrefOf(page, 'Profile of Maren')).replace('/athletes/', '');
  await openBlock(page, 'Maren');
  const blockId = new URL(page.url()).pathname.replace('/blocks/', '');
  const theirs = { athleteId, blockId, floor: `/training/${blockId}` };
  const file = async () => {
    const answer = await page.request.get(`/import-export/athletes/${athleteId}/everything.json`);
    // Opening a week on a phone is the athlete's own action.
    return (await answer.text()).replace(/"(?:writtenAt|openedAt)": ?"[^"]*"|"openedAt": ?null/g, '');
  };
  const before = await file();
  expect(before).toMatch(THEIRS);

  await test.step('nobody', async () => {
    const nobody = await browser.newContext();
    await findsNothing(page, nobody, theirs);
    await nobody.close();
  });

  await test.step('another coach', async () => {
    const other = `other-${email}`;
    await data('coach', other, 'Another', 'rung by rung');
    const context = await browser.newContext();
    const theirPage = await context.newPage();
    await signIn(theirPage, other);
    await findsNothing(page, context, theirs);
    await context.close();
  });

  await test.step('a session that was signed out, its cookie kept', async () => {
    const context = await browser.newContext();
    const elsewhere = await context.newPage();
    await signIn(elsewhere, email);
    const kept = await context.cookies();
    await elsewhere.getByRole('button', { name: /▾$/ }).click();
    await elsewhere.getByRole('menuitem', { name: commonWords.signOut }).click();
    await elsewhere.waitForURL('**/sign-in');
    await context.addCookies(kept);
    await findsNothing(page, context, theirs);
    await context.close();
  });

  await test.step('a phone that was signed out, its cookie kept; and its link, which is spent', async () => {
    await page.goto(`/athletes/${athleteId}`);
    const phones = page.getByRole('region', { name: commonWords.phones });
    await phones
      .getByRole('button', { name: /^Sign .*out/ })
      .first()
      .click();
    await expect(phones.getByText(athleteWords.noPhoneIsSignedIn)).toBeVisible();
    await findsNothing(page, phone, theirs);
    const answer = await phone.request.get('/training', { maxRedirects: 0 });
    expect([307, 200]).toContain(answer.status());
    expect(await answer.text()).not.toMatch(THEIRS);
  });

  expect(await file()).toBe(before);
  await phone.close();
});
