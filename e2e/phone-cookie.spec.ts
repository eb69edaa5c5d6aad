import { readFileSync } from 'node:fs';
import * as z from 'zod';
import { expect, openBlock, test } from './coach';
import { hrefOf, marensPhone } from './phones';

const manifest = (name: string): unknown => JSON.parse(readFileSync(`.next/server/${name}.json`, 'utf8'));
/** Every server action of the build: its id, the file it stands in and its name. */
const ACTIONS = Object.entries(
  z
    .object({ node: z.record(z.string(), z.object({ filename: z.string(), exportedName: z.string() })) })
    .parse(manifest('server-reference-manifest')).node,
).map(([id, { filename, exportedName }]) => ({ id, filename, name: exportedName }));
/** Every page and route of the build, as its file is named. */
const ROUTES = Object.keys(z.record(z.string(), z.string()).parse(manifest('app-paths-manifest')));

const settings = {
  name: 'Taken',
  startDate: '2026-12-07',
  weeks: 4,
  deload: [{ kind: 'fewer sets', sets: 0.4, reps: 'cut' }],
  crediting: 'fractional',
  landmarks: 'ramped',
  goals: {},
  returning: false,
};
const someone = {
  name: 'Nobody',
  level: 'novice',
  phase: 'holding',
  unit: 'kg',
  bodyweight: 70,
  place: 'full gym',
  timeZone: 'Europe/Oslo',
};

/** What each of the coach's actions is asked with: well formed, so that nothing but the sign-in refuses it. */
const asked = (athleteId: string, blockId: string): Readonly<Record<string, readonly unknown[]>> => ({
  'find-athletes.ts findAthletes': [],
  'account/actions.ts keepConventionsAction': [{}],
  'account/actions.ts changePasswordAction': [null, {}],
  'athletes/[athleteId]/actions.ts invite': [athleteId],
  'athletes/[athleteId]/actions.ts erase': [athleteId],
  'athletes/[athleteId]/actions.ts measure': [athleteId, { remove: 'x' }],
  'athletes/[athleteId]/actions.ts archive': [athleteId, true],
  'athletes/[athleteId]/actions.ts revoke': [athleteId, 'all'],
  'account/actions.ts letIn': [null],
  'account/actions.ts beginSecondFactor': [],
  'account/actions.ts confirmSecondFactor': ['GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', '000000'],
  'account/actions.ts endSecondFactor': ['000000'],
  'account/actions.ts requireSecondFactor': [true],
  'athletes/[athleteId]/actions.ts hand': [athleteId, 'x'],
  'athletes/[athleteId]/actions.ts share': [athleteId, 'x', 'read'],
  'athletes/[athleteId]/actions.ts linkCalendar': [athleteId],
  'athletes/[athleteId]/actions.ts endCalendar': [athleteId],
  'files/actions.ts profile': [athleteId],
  'athletes/[athleteId]/actions.ts keep': [athleteId, {}, 0],
  'athletes/new/actions.ts addFirst': [someone, 'profile'],
  'blocks/[blockId]/actions.ts blockBefore': [blockId],
  'blocks/[blockId]/learning.ts learn': [blockId, 'ceiling/chest', 'take'],
  'blocks/[blockId]/learning.ts makeNext': [blockId, []],
  'blocks/[blockId]/actions.ts revisions': [blockId],
  'blocks/[blockId]/actions.ts restore': [blockId],
  'blocks/[blockId]/actions.ts proposeBalance': [blockId],
  'blocks/[blockId]/actions.ts recall': [blockId, 3],
  'blocks/[blockId]/actions.ts revision': [blockId, 0],
  'blocks/[blockId]/actions.ts reasons': [blockId, 3],
  'blocks/[blockId]/actions.ts reload': [blockId, null],
  'blocks/[blockId]/actions.ts saveTemplate': [blockId, 'Taken'],
  'blocks/[blockId]/actions.ts issue': [blockId, 4, 0],
  'blocks/[blockId]/actions.ts answer': [
    blockId,
    [],
    { revision: 0, athleteRevision: 0, exercises: 0, issued: [], readAt: '2026-11-24T10:00:00Z' },
  ],
  'blocks/[blockId]/actions.ts save': [blockId, 0, []],
  'blocks/[blockId]/done/[workoutId]/actions.ts enter': [
    { issuedWeekId: blockId, sessionId: 'a' },
    {
      id: 'x',
      slotId: 's',
      setId: 'work-1',
      exerciseId: 'leg-press',
      load: { value: 1, unit: 'kg' },
      reps: 1,
      rir: 1,
      at: '2026-11-24T10:00:00Z',
      supersedes: null,
      localDate: '2026-11-24',
    },
  ],
  'athletes/[athleteId]/actions.ts life': [blockId, 'archive'],
  'athletes/[athleteId]/actions.ts move': [blockId, '2026-12-07'],
  'athletes/[athleteId]/actions.ts copy': [blockId, 'Taken', '2026-11-30'],
  'blocks/[blockId]/actions.ts close': [blockId, 3, true],
  'desk/actions.ts take': [blockId, 'x', null],
  'desk/actions.ts answer': [blockId, [{ id: 'x', outcome: 'accepted', choice: null }]],
  'desk/actions.ts seenPain': [athleteId],
  'desk/actions.ts applyRoutine': [[blockId]],
  'desk/actions.ts routineOf': [blockId],
  'desk/actions.ts takeBack': [blockId, ['x']],
  'desk/actions.ts issueAll': [[{ blockId, week: 3 }], ''],
  'desk/actions.ts recall': [blockId, 3],
  'athletes/[athleteId]/actions.ts say': [blockId, 3, 'Hello'],
  'athletes/[athleteId]/actions.ts seen': [athleteId, 'w'],
  'athletes/[athleteId]/actions.ts settle': [athleteId, 'x'],
  'blocks/new/actions.ts design': [blockId],
  'blocks/new/actions.ts start': [athleteId, { kind: 'empty' }, settings],
  'library/actions.ts save': [{}],
  'library/actions.ts share': ['x', true],
  'templates/actions.ts share': [blockId, true],
  'library/actions.ts uses': ['leg-press'],
  'library/actions.ts adopt': [[blockId], { id: 'leg-press', revision: 1 }],
  'templates/actions.ts asks': [blockId, [{ exerciseId: 'pull-up', reps: 8 }]],
  'templates/actions.ts remove': [blockId],
  'templates/actions.ts rename': [blockId, 'Taken'],
});

test('every page, route and action of the coach’s, and every floor of another athlete, refuses an athlete’s phone', async ({
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
  const theirs = new URL(page.url()).pathname.replace('/blocks/', '/floor/');
  const filled = (path: string) =>
    path.replace('[athleteId]', athleteId).replace('[blockId]', blockId).replace('[week]', '3');

  await test.step('pages lead to the sign-in', async () => {
    const pages = ROUTES.filter((route) => route.startsWith('/(coach)/') && route.endsWith('/page')).map(
      (route) => filled(route.replace('/(coach)', '').replace(/\/page$/, '')),
    );
    expect(pages.length).toBeGreaterThan(8);
    for (const path of pages) {
      const phone = await context.newPage();
      await phone.goto(path);
      await expect(phone, path).toHaveURL(/\/sign-in\?to=/);
      await phone.close();
    }
  });

  await test.step('files are handed out to nobody, nor taken in', async () => {
    const files = ROUTES.filter((route) => route.startsWith('/(coach)/') && route.endsWith('/route')).map(
      (route) =>
        filled(route.replace('/(coach)', '').replace(/\/route$/, ''))
          .replace('[name]', 'everything.json')
          .replace('[templateId]', 'x'),
    );
    expect(files.length).toBeGreaterThan(4);
    for (const path of files.filter((one) => !one.endsWith('/take-in')))
      expect([path, (await context.request.get(path)).status()]).toEqual([path, 401]);
    const taken = await context.request.post('/files/take-in', {
      headers: { origin: new URL(page.url()).origin },
      data: { kind: 'check-ins', athleteId, csv: '' },
    });
    expect(await taken.json()).toEqual({ status: 'signed out' });
    // The coach's own sign-in does not do for a page of another place.
    const elsewhere = await page.request.post('/files/take-in', {
      headers: { origin: 'https://elsewhere.example.org' },
      data: { kind: 'check-ins', athleteId, csv: '' },
    });
    expect(await elsewhere.json()).toEqual({ status: 'malformed' });
  });

  await test.step('actions answer that nobody is signed in', async () => {
    const coachs = ACTIONS.filter(({ filename }) => filename.includes('(coach)/'));
    const table = asked(athleteId, blockId);
    const keyOf = (one: (typeof coachs)[number]) => `${one.filename.split('(coach)/')[1]} ${one.name}`;
    expect(coachs.map(keyOf).sort()).toEqual(Object.keys(table).sort());
    for (const one of coachs) {
      const key = keyOf(one);
      const path = filled(`/${key.split(' ')[0]}`)
        .replace(/\/actions\.ts$/, '')
        .replace('/find-athletes.ts', '/desk');
      const answer = await context.request.post(path, {
        headers: {
          'next-action': one.id,
          'content-type': 'text/plain;charset=UTF-8',
          accept: 'text/x-component',
        },
        data: JSON.stringify(table[key]),
        maxRedirects: 0,
      });
      const to = answer.headers()['x-action-redirect'] ?? '';
      const said = to.startsWith('/sign-in') ? 'signed out' : await answer.text();
      if (key === 'find-athletes.ts findAthletes')
        expect([key, said]).toEqual([key, expect.stringMatching(/^1:\[\]$/m)]);
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
    const answer = await context.request.post('/floor/log', {
      headers: { origin: new URL(page.url()).origin },
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
    await phones.goto('/floor/phones');
    await expect(phones.getByRole('listitem')).toHaveCount(1);
  });
  await context.close();
});
