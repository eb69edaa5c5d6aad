import { COMMAND_WORDS } from '@/ui/words/commands';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as library from '@/ui/words/screens/library';
import * as rail from '@/ui/words/screens/rail';
import * as sheet from '@/ui/words/screens/sheet';
import * as training from '@/ui/words/screens/training';
import { TASKS } from '@/ui/words/tasks';
import { answers, cell, expect, openBlock, openPalette, press, ready, test } from './coach';

/** What people type for everyday tasks, and the command it should find. */
const TYPED = [
  ['superset', COMMAND_WORDS.superset.name],
  ['log a session', COMMAND_WORDS.log.name],
  ['missed session', COMMAND_WORDS.missed.name],
  ['early deload', COMMAND_WORDS.deload.name],
  ['progression', COMMAND_WORDS.progression.name],
  ['add a set', COMMAND_WORDS['add set'].name],
  ['rest timer', COMMAND_WORDS.log.name],
  ['swap exercise', COMMAND_WORDS.replace.name],
  ['drop set', COMMAND_WORDS.technique.name],
  ['send week', COMMAND_WORDS.issue.name],
] as const;

test('ten everyday tasks are found by the words people type: as commands in a block, as explanations elsewhere', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  await cell(page, 'leg press', 'slot').click();
  const dialog = await openPalette(page);
  for (const [typed, found] of TYPED) {
    await page.keyboard.type(typed);
    await expect(dialog.getByRole('button', { name: found }).first()).toBeVisible();
    await press(page, 'Control+a');
  }

  await test.step('a command does it: a set more, a superset, the progression of the exercise', async () => {
    const sets = Number(await cell(page, 'leg press', 'sets').textContent());
    await page.keyboard.type('add a set');
    await press(page, 'Enter');
    await expect(cell(page, 'leg press', 'sets')).toHaveText(String(sets + 1));
    await openPalette(page);
    await page.keyboard.type('superset');
    await press(page, 'Enter');
    await expect(page.getByRole('row').filter({ hasText: 'superset' }).first()).toBeVisible();
    await openPalette(page);
    await page.keyboard.type('progression');
    await press(page, 'Enter');
    await expect(page.getByRole('region', { name: sheet.detailsOf('leg press') })).toBeVisible();
    await ready(page);
  });

  await page.goto('/desk');
  await answers(page);
  const desk = await openPalette(page);
  for (const { name, searches } of TASKS)
    for (const typed of searches.slice(0, 1)) {
      await press(page, 'Control+a');
      await page.keyboard.type(typed);
      await expect(desk.getByRole('button').first()).toContainText(name);
    }
  await press(page, 'Enter');
  await page.waitForURL('**/glossary#*');
  await expect(page.getByRole('heading', { name: TASKS.at(-1)?.name ?? '' })).toBeVisible();
});

test("a coach's own name for an exercise appears in the library, the Sheet, search and the athlete's app", async ({
  coach: page,
}) => {
  await page.goto('/library#leg-press');
  await answers(page);
  await page.getByRole('button', { name: library.rename, exact: true }).click();
  const field = page.getByRole('textbox', { name: library.yourNameFor('leg press') });
  await field.fill(' ');
  await press(page, 'Enter');
  await expect(field).toBeVisible();
  await field.fill('sled press');
  await press(page, 'Enter');
  await expect(page.getByRole('article', { name: 'sled press' })).toBeVisible();
  await page.goto('/desk');
  await openBlock(page, 'Maren');
  await expect(cell(page, 'sled press', 'slot')).toBeVisible();
  await expect(cell(page, 'leg press', 'slot')).toHaveCount(0);
  const dialog = await openPalette(page);
  await page.keyboard.type('leg press');
  await expect(dialog.getByRole('button').filter({ hasText: 'sled press' }).first()).toBeVisible();
  await press(page, 'Escape');
  await page.goto(new URL(page.url()).pathname.replace('/blocks/', '/training/'));
  await page
    .getByRole('link', { name: /Lower, hinge first/ })
    .first()
    .click();
  await page.waitForURL(/\/training\/[^/]+\/[^/]+$/);
  await page.getByRole('button', { name: training.allSets }).click();
  await expect(page.getByRole('heading', { name: 'Sled press' })).toBeVisible();
  await page.goto('/library#leg-press');
  await answers(page);
  await page.getByRole('button', { name: library.originalName('leg press') }).click();
  await expect(page.getByRole('article', { name: 'leg press' })).toBeVisible();
});

test('a coach changes what a shipped exercise counts toward, for all athletes, and restores it', async ({
  coach: page,
}) => {
  await page.goto('/library#leg-press');
  await answers(page);
  const article = page.getByRole('article', { name: 'leg press' });
  await page.getByRole('button', { name: library.changeShares, exact: true }).click();
  const field = page.getByRole('textbox', { name: library.sharesOf('leg press') });
  await field.fill('quads 1, hamstrings 2');
  await press(page, 'Enter');
  await expect(article).toContainText(capital(library.shareOf('hamstrings')));
  await field.fill('quads 1, glutes 0.5, calves 0.5');
  await press(page, 'Enter');
  await expect(article.getByRole('row', { name: /calves/ })).toBeVisible();
  await page.reload();
  await answers(page);
  await expect(article.getByRole('row', { name: /calves/ })).toBeVisible();
  await page
    .getByRole('button', { name: library.originalShares('quads 1, glutes 0.5, adductors 0.5') })
    .click();
  await expect(article.getByRole('row', { name: /calves/ })).toHaveCount(0);
});

test('easing a joint asks which exercises to change, and changes only those ticked', async ({
  coach: page,
}) => {
  await openBlock(page, 'Aurelio');
  const checks = page.getByRole('region', { name: common.checks });
  const offered = checks.getByRole('button', { name: /^Use lighter, longer sets/ });
  await offered.click();
  const ticks = page.getByRole('dialog', { name: /^Use lighter, longer sets/ });
  const boxes = ticks.getByRole('checkbox');
  await expect(boxes.first()).toBeFocused();
  const all = await boxes.count();
  expect(all).toBeGreaterThan(1);
  for (let at = 1; at < all; at++) await boxes.nth(at).uncheck();
  await ticks.getByRole('button', { name: rail.applyTo(1) }).click();
  await expect(cell(page, 'leg press', 'range').first()).toHaveText('15–20');
  await expect(cell(page, 'goblet squat', 'range').first()).not.toHaveText('15–20');
});
