import type { Page } from '@playwright/test';
import * as trainingWords from '@/ui/words/screens/training';
import { expect, test } from './coach';
import { begin, marensPhone } from './phones';

/** Waits until the service worker has stored the week's pages and everything they load. */
async function kept(page: Page): Promise<void> {
  await expect
    .poll(
      () =>
        page.evaluate(async () => {
          const pages = await caches.open('training-pages-1');
          const parts = await caches.open('training-parts-1');
          const names = (await pages.keys()).map(({ url }) => new URL(url).pathname);
          return names.filter((path) => /^\/training\/[^/]+\/[^/]+$/.test(path)).length >= 4 &&
            (await parts.keys()).length > 5
            ? 'kept'
            : names;
        }),
      { timeout: 30_000 },
    )
    .toBe('kept');
}

test('offline from a cold start: the week and a session open, sets survive a killed browser, and all of them arrive', async ({
  coach: page,
  browser,
}) => {
  test.setTimeout(300_000);
  const context = await marensPhone(page, browser);
  const [first] = context.pages();
  if (first === undefined) throw new Error('no page');
  await kept(first);
  await first.close({ runBeforeUnload: false });

  await context.setOffline(true);
  let phone = await context.newPage();
  await phone.goto('/training');
  await expect(phone.getByRole('heading', { name: 'Week 3' })).toBeVisible();
  await begin(phone, /Upper, press first/);
  await expect(phone.getByText(/^Seated dumbbell shoulder press, set 1/)).toBeVisible();
  const session = phone.url();
  const count = Number((await phone.getByText(/^0 of \d+ sets$/).textContent())?.match(/of (\d+)/)?.[1]);
  expect(count).toBeGreaterThanOrEqual(18);

  // The page is killed after each of these taps, and the next one knows what was done.
  for (let done = 1; done <= count; done++) {
    await phone.waitForTimeout(750);
    await phone.getByRole('button', { name: trainingWords.logAsPlanned }).click();
    await expect(phone.getByText(trainingWords.setsOfAll(done, count))).toBeVisible();
    await expect(phone.getByText(/saved on this phone/)).toBeVisible();
    await phone.close({ runBeforeUnload: false });
    phone = await context.newPage();
    await phone.goto(session);
    await expect(phone.getByText(trainingWords.setsOfAll(done, count))).toBeVisible();
  }
  await expect(
    phone.getByText(trainingWords.onThisPhone(`No connection. ${count} sets saved`)),
  ).toBeVisible();
  await phone.getByRole('button', { name: trainingWords.finishSession }).click();
  await expect(phone.getByText(trainingWords.sessionFinished)).toBeVisible();
  await phone.close({ runBeforeUnload: false });
  phone = await context.newPage();
  await phone.goto(session);
  await expect(phone.getByText(trainingWords.howWasIt)).toBeVisible();

  // Back online everything arrives. Offline again, the phone still knows it although nothing is waiting.
  await context.setOffline(false);
  await expect(phone.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible({ timeout: 60_000 });
  await context.setOffline(true);
  await phone.close({ runBeforeUnload: false });
  phone = await context.newPage();
  await phone.goto(session);
  await expect(phone.getByText(trainingWords.setsOfAll(count, count))).toBeVisible();
  await context.setOffline(false);

  await page.goto('/desk');
  await page
    .getByRole('row')
    .filter({ hasText: 'Maren' })
    .getByRole('link', { name: /^Open app/ })
    .click();
  await page.waitForURL('**/training/**');
  await page
    .getByRole('link', { name: /Upper, press first/ })
    .first()
    .click();
  await expect(page.getByText(trainingWords.setsOfAll(count, count))).toBeVisible();

  // A phone that was signed out keeps none of the athlete's pages.
  await phone.goto('/training/phones');
  await phone.getByRole('button', { name: trainingWords.signOutThisPhone }).click();
  await expect(phone).toHaveURL(/\/join/);
  await phone.goto('/training');
  await expect(phone).toHaveURL(/\/sign-in|\/join/);
  await context.setOffline(true);
  await phone.goto('/training').catch(() => {});
  await expect(phone.getByRole('heading', { name: 'Week 3' })).toHaveCount(0);
  await context.close();
});

test('a phone without storage says so and shows its sets as text; a session ended early lists what is open', async ({
  coach: page,
  browser,
}) => {
  const context = await marensPhone(page, browser);
  await context.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });
  await context.route('**/training/log', (route) => route.abort());
  const phone = await context.newPage();
  await phone.goto('/training');
  await begin(phone, /Lower, squat first/);
  await phone.waitForTimeout(750);
  await phone.getByRole('button', { name: trainingWords.logAsPlanned }).click();
  await expect(phone.getByText(trainingWords.onThisPageOnlyKeep('1 set saved'))).toBeVisible();
  await phone.getByText(trainingWords.showTheseSetsAsText).click();
  await expect(phone.getByText(/^Maren .*, week 3, Lower, squat first/)).toContainText(
    /Hack squat, top set: \d/,
  );

  await phone.getByRole('button', { name: trainingWords.allSets }).click();
  await phone.getByRole('button', { name: trainingWords.endSessionHere }).click();
  await expect(phone.getByText(/^\d+ sets (are )?not logged\.$/)).toBeVisible();
  await expect(phone.getByRole('button', { name: trainingWords.finishSession })).toBeVisible();
  await phone.getByRole('button', { name: /^Hack squat, back-off 1/ }).click();
  await expect(phone.getByText(/^Hack squat, back-off 1/)).toBeVisible();
  await context.close();
});
