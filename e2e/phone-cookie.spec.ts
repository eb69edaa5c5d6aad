import { asked, COACHS_ACTIONS, call, coachsPaths, placeOf } from './actions';
import { expect, openBlock, test } from './coach';
import { hrefOf, marensPhone } from './phones';

test("an athlete's phone is refused by every coach page, route and action, and by every other athlete's app", async ({
  coach: page,
  browser,
}) => {
  const context = await marensPhone(page, browser);
  await page.goto('/desk');
  const athleteId = (await hrefOf(page, 'Profile of Maren')).replace('/athletes/', '');
  const before = await page.locator('main').textContent();
  await openBlock(page, 'Maren');
  const blockId = new URL(page.url()).pathname.replace('/blocks/', '');
  await page.goto('/desk');
  await openBlock(page, 'Devika');
  const theirs = new URL(page.url()).pathname.replace('/blocks/', '/training/');
  const { origin } = new URL(page.url());

  await test.step('pages lead to the sign-in', async () => {
    const pages = coachsPaths('page', athleteId, blockId);
    expect(pages.length).toBeGreaterThan(8);
    for (const path of pages) {
      const phone = await context.newPage();
      await phone.goto(path);
      await expect(phone, path).toHaveURL(/\/sign-in\?to=/);
      await phone.close();
    }
  });

  await test.step('files are handed out to nobody, nor taken in', async () => {
    const files = coachsPaths('route', athleteId, blockId);
    expect(files.length).toBeGreaterThan(4);
    for (const path of files.filter((one) => !one.endsWith('/import')))
      expect([path, (await context.request.get(path)).status()]).toEqual([path, 401]);
    const taken = await context.request.post('/import-export/import', {
      headers: { origin },
      data: { kind: 'check-ins', athleteId, csv: '' },
    });
    expect(await taken.json()).toEqual({ status: 'signed out' });
    // The coach's own sign-in does not work on a page of another origin.
    const elsewhere = await page.request.post('/import-export/import', {
      headers: { origin: 'https://elsewhere.example.org' },
      data: { kind: 'check-ins', athleteId, csv: '' },
    });
    expect(elsewhere.status()).toBe(403);
    const unsaid = await page.request.post('/import-export/import', {
      data: { kind: 'check-ins', athleteId, csv: '' },
    });
    expect(unsaid.status()).toBe(403);
    // An account of many years is larger than the framework's default body limit.
    const large = await page.request.post('/import-export/import', {
      headers: { origin },
      data: {
        kind: 'file',
        athleteId: null,
        file: { format: 'dense-ladder/library', version: 1, exercises: [], rest: 'x'.repeat(12_000_000) },
      },
    });
    expect(await large.json()).toMatchObject({
      status: 'refused',
      problems: [{ detail: expect.stringContaining('"rest"') }],
    });
  });

  await test.step('actions answer that nobody is signed in', async () => {
    const table = asked(athleteId, blockId);
    expect(COACHS_ACTIONS.map(({ key }) => key).sort()).toEqual(Object.keys(table).sort());
    for (const { id, key } of COACHS_ACTIONS) {
      const path = placeOf(key, athleteId, blockId);
      const answer = await call(context.request, { id, origin, path, given: table[key] });
      const to = answer.headers()['x-action-redirect'] ?? '';
      const said = to.startsWith('/sign-in') ? 'signed out' : await answer.text();
      if (key === 'find.ts find')
        expect([key, said]).toEqual([
          key,
          expect.stringMatching(/^1:\{"athletes":\[\],"exercises":\[\]\}$/m),
        ]);
      else expect([key, said]).toEqual([key, expect.stringContaining('signed out')]);
    }
  });

  await test.step('another athlete’s week and sessions are not there, nor can be logged into', async () => {
    await page.goto(theirs);
    const session = await page.locator(`main a[href^="${theirs}/"]`).first().getAttribute('href');
    if (session === null) throw new Error('Devika has no session to open');
    expect((await context.request.get(theirs)).status()).toBe(404);
    expect((await context.request.get(session)).status()).toBe(404);
    const [issuedWeekId, sessionId] = session.slice(theirs.length + 1).split('.');
    const answer = await context.request.post('/training/log', {
      headers: { origin },
      data: {
        ref: { issuedWeekId, sessionId },
        outgoing: { localDate: '2026-11-24', sets: [], finish: true, soreness: [], ramps: [], notes: [] },
      },
    });
    expect(await answer.json()).toEqual({ status: 'gone' });
  });

  await test.step('nothing of the coach’s has changed', async () => {
    await page.goto('/desk');
    expect(await page.locator('main').textContent()).toBe(before);
    const phones = await context.newPage();
    await phones.goto('/training/phones');
    await expect(phones.getByRole('listitem')).toHaveCount(1);
  });
  await context.close();
});
