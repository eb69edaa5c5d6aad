import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as commonWords from '@/ui/words/screens/common';
import * as deskWords from '@/ui/words/screens/desk';
import * as ladderWords from '@/ui/words/screens/ladder';
import * as libraryWords from '@/ui/words/screens/library';
import * as newBlockWords from '@/ui/words/screens/new-block';
import * as splitWords from '@/ui/words/screens/split';
import * as trainingWords from '@/ui/words/screens/training';
import { answers, cell, expect, openBlock, openPalette, openProfile, test } from './coach';

interface Violation {
  readonly id: string;
  readonly impact: string | null;
  readonly nodes: readonly { readonly html: string; readonly failureSummary?: string }[];
}

/** Rules whose result depends on the colours. */
const BY_COLOUR = ['color-contrast', 'link-in-text-block'];

/** Runs axe on a page: these rules, or all WCAG 2.2 A and AA rules and best practices, at every severity. */
async function broken(page: Page, rules: readonly string[] | null): Promise<string[]> {
  const found = await page.evaluate(async (only) => {
    const { axe } = globalThis as unknown as {
      axe: { run: (where: Document, options: object) => Promise<{ violations: Violation[] }> };
    };
    const options = only === null ? {} : { runOnly: { type: 'rule', values: only } };
    return (await axe.run(document, options)).violations;
  }, rules);
  return found.flatMap(({ id, impact, nodes }) =>
    nodes.slice(0, 3).map(({ html }) => `${id} (${impact}): ${html.slice(0, 160)}`),
  );
}

/** What axe finds: by every rule in the light, and by the rules about colours in the dark. */
async function violations(page: Page): Promise<string[]> {
  await page.evaluate(readFileSync('node_modules/axe-core/axe.min.js', 'utf8'));
  await wears(page, 'light');
  const light = await broken(page, null);
  await wears(page, 'dark');
  const dark = await broken(page, BY_COLOUR);
  await wears(page, 'light');
  return [...light, ...dark.map((one) => `dark: ${one}`)];
}

async function wears(page: Page, colorScheme: 'light' | 'dark'): Promise<void> {
  await page.emulateMedia({ reducedMotion: 'reduce', colorScheme });
  await expect(page.locator(`html[data-mantine-color-scheme="${colorScheme}"]`)).toBeAttached();
}

test('axe finds no problems on any screen', async ({ coach: page }) => {
  expect(await violations(page)).toEqual([]);
  await openBlock(page, 'Maren');
  expect(await violations(page)).toEqual([]);
  await page.keyboard.press('Alt+1');
  await expect(page.getByRole('region', { name: splitWords.daysOfTheCycle })).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.goto(page.url().replace('/blocks/', '/training/').replace(/#.*/, ''));
  expect(await violations(page)).toEqual([]);
  await page
    .getByRole('link', { name: /squat first/ })
    .first()
    .click();
  await expect(page.getByText(trainingWords.howWasIt)).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.getByRole('button', { name: trainingWords.allSets }).click();
  await page
    .getByRole('button', { name: /^Set 1 of/ })
    .first()
    .click();
  expect(await violations(page)).toEqual([]);
});

test('axe finds no problems on the profile, the library and their dialogs', async ({ coach: page }) => {
  await openProfile(page, 'Maren');
  for (const face of ['Profile', 'Equipment', 'Strength', 'Volume', 'Body', 'Rules']) {
    await page.getByRole('button', { name: face, exact: true }).click();
    await expect(page.getByRole('button', { name: face, exact: true })).toHaveAttribute(
      'aria-current',
      'page',
    );
    expect([face, await violations(page)]).toEqual([face, []]);
  }
  await page.getByRole('button', { name: commonWords.profile, exact: true }).click();
  await page.getByLabel(athleteWords.longestSessionInMinutes).fill('soon');
  await expect(page.getByText('“soon” is not a number.')).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.getByRole('button', { name: athleteWords.discard }).click();
  await openPalette(page);
  await page.keyboard.type('make 87.5');
  await expect(page.getByRole('dialog')).toContainText('each side');
  expect(await violations(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.getByRole('link', { name: commonWords.newBlock }).click();
  await page.getByRole('radio', { name: /^Upper and lower/ }).check();
  await expect(page.getByRole('region', { name: newBlockWords.week1 })).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.goto('/library#hack-squat');
  await answers(page);
  await expect(page.getByRole('heading', { name: 'Hack squat' })).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.getByRole('button', { name: libraryWords.duplicate }).click();
  expect(await violations(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Alt+2');
  await expect(page.getByRole('list', { name: commonWords.techniques }).getByRole('img')).toHaveCount(22);
  expect(await violations(page)).toEqual([]);
  for (const path of ['/athletes/new', '/account']) {
    await page.goto(path);
    expect([path, await violations(page)]).toEqual([path, []]);
  }
});

test('axe finds no problems on the Ladder, the technique picker and the dialogs of a block', async ({
  coach: page,
}) => {
  await openBlock(page, 'Devika');
  await cell(page, 'dumbbell lateral raise', 'technique').first().click();
  await page.keyboard.press('Alt+d');
  await expect(page.getByRole('region', { name: /^Details of/ })).toBeVisible();
  expect(['details', await violations(page)]).toEqual(['details', []]);
  await cell(page, 'dumbbell lateral raise', 'technique').first().click();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('combobox', { name: /^Technique of/ })).toBeVisible();
  await page.keyboard.type('restricted');
  await expect(page.getByRole('dialog').getByRole('alert')).toBeVisible();
  expect(['picker', await violations(page)]).toEqual(['picker', []]);
  await page.keyboard.press('Escape');
  for (const [keys, name] of [
    ['Alt+b', 'Fill and rebalance'],
    ['Alt+h', 'History of the block'],
    ['Alt+c', 'Rules and numbers of this block'],
    ['Alt+r', 'Replace an exercise everywhere'],
  ] as const) {
    await page.keyboard.press(keys);
    await expect(page.getByRole('dialog', { name })).toBeVisible();
    await expect(page.getByRole('dialog', { name }).getByRole('status')).toBeHidden();
    expect([name, await violations(page)]).toEqual([name, []]);
    await page.getByRole('dialog', { name }).getByRole('button', { name: commonWords.close }).first().click();
    await expect(page.getByRole('dialog', { name })).toBeHidden();
  }
  await page.keyboard.press('Alt+3');
  await expect(page.getByRole('region', { name: ladderWords.ladders })).toBeVisible();
  expect(['ladder', await violations(page)]).toEqual(['ladder', []]);
  const week = await page.getByRole('link', { name: /^Print week/ }).getAttribute('href');
  await page.goto(week ?? '');
  await expect(page.getByRole('button', { name: commonWords.print })).toBeVisible();
  expect(['print', await violations(page)]).toEqual(['print', []]);
});

/** Lists elements wider than the screen by how much, and texts of the Sheet that overflow their cell. */
async function standingOut(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const wide = document.documentElement.scrollWidth - window.innerWidth;
    const over = [...document.querySelectorAll('[data-column] > [data-long="false"]')].filter(
      (text) => text.scrollWidth > text.clientWidth,
    );
    return [
      ...(wide <= 0 ? [] : [`${wide} px wider than the screen`]),
      ...over.map((text) => `${text.textContent} runs over`),
    ];
  });
}

for (const [width, height] of [
  [390, 844],
  [768, 1024],
  // 1280 x 800 at 200 %.
  [640, 400],
] as const) {
  test(`at ${width} px nothing overflows, axe finds no problems, and touch targets are large enough`, async ({
    coach: page,
  }) => {
    await page.setViewportSize({ width, height });
    await page.emulateMedia({ reducedMotion: 'reduce', colorScheme: 'light' });
    const looks = async (name: string) => {
      // Layout differs at each width and is checked at each; axe's checks do not depend on it and run at the
      // narrowest.
      const found = width === 390 ? await violations(page) : [];
      expect([name, await standingOut(page), found]).toEqual([name, [], []]);
    };
    await looks('desk');
    const block = await page.getByRole('link', { name: 'Maren Tveitdal' }).first().getAttribute('href');
    const profile = await page.getByRole('link', { name: deskWords.profileOf('Maren') }).getAttribute('href');
    const tapped = await page.getByRole('link', { name: deskWords.profileOf('Maren') }).boundingBox();
    expect(tapped?.height).toBeGreaterThanOrEqual(44);
    for (const face of ['profile', 'equipment', 'strength', 'volume', 'body', 'rules']) {
      await page.goto(`${profile}#${face}`);
      await answers(page);
      await looks(face);
    }
    await page.goto(`/blocks/new?athlete=${profile?.split('/').at(-1)}`);
    await answers(page);
    await page.getByRole('radio', { name: /^Upper and lower/ }).check();
    await looks('new block');
    for (const face of ['sheet', 'frame', 'ladder']) {
      await page.goto(`${block}#${face}`);
      await answers(page);
      await looks(face);
    }
    // Proposals are answered with a thumb.
    const calls = page.getByRole('region', { name: commonWords.proposedChanges });
    const accept = calls.getByRole('button', { name: commonWords.apply, exact: true }).first();
    expect((await accept.boundingBox())?.height).toBeGreaterThanOrEqual(44);
    const before = await calls.getByRole('heading', { level: 2 }).textContent();
    await accept.click();
    await expect(calls.getByRole('heading', { level: 2 })).not.toHaveText(before ?? '');
    await page.goto('/library#hack-squat');
    await answers(page);
    await looks('library');
    await page.goto('/account');
    await looks('account');
    await page.goto('/templates');
    await answers(page);
    await looks('templates');
    await page.goto('/glossary');
    await looks('words');
    await page.goto('/blocks/no-such-block');
    await looks('nothing');
    await page.goto(`${block?.replace('/blocks/', '/training/')}`);
    await looks('minimum');
    await page
      .getByRole('link', { name: /squat first/ })
      .first()
      .click();
    await expect(page.getByText(trainingWords.howWasIt)).toBeVisible();
    await looks('a session on the floor');
  });
}

test('at 1280 px nothing overflows, even with very long names', async ({ coach: page }) => {
  await answers(page);
  const names = await page.getByRole('rowheader').allTextContents();
  expect(names.join()).toContain('Aurelio Santangelo-Whitcombe');
  const addresses = await page
    .getByRole('rowheader')
    .or(page.getByRole('cell'))
    .getByRole('link')
    .evaluateAll((links) => links.map((link) => (link as HTMLAnchorElement).href.replace(/#.*/, '')));
  const all = [...new Set(addresses)].filter((address) => /\/(athletes|blocks)\/[\w-]+$/.test(address));
  expect(all.length).toBeGreaterThan(6);
  for (const address of all) {
    await page.goto(address);
    await answers(page);
    expect([address, await standingOut(page)]).toEqual([address, []]);
  }
});
