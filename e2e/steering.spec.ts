import type { Page } from '@playwright/test';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as deskWords from '@/ui/words/screens/desk';
import * as sheetWords from '@/ui/words/screens/sheet';
import * as splitWords from '@/ui/words/screens/split';
import * as templatesWords from '@/ui/words/screens/templates';
import { answers, cell, expect, openBlock, openProfile, press, ready, test } from './coach';
import { marensPhone } from './phones';

const needs = (page: Page) => page.getByRole('region', { name: deskWords.needsAttention });
const need = (page: Page, text: RegExp) => needs(page).getByRole('listitem').filter({ hasText: text });

test('after a missed day in a sent week only that week is rearranged, and the phone follows', async ({
  coach: page,
  browser,
}) => {
  const context = await marensPhone(page, browser);
  const [phone] = context.pages();
  if (phone === undefined) throw new Error('no page');
  const sessions = phone.getByRole('link', { name: /Upper|Lower/ });
  const before = await sessions.count();
  await page.goto('/desk');
  await openBlock(page, 'Maren');
  await press(page, 'Alt+1');
  const card = page.locator('[data-session]').last();
  await card.click();
  const name = ((await card.textContent()) ?? '')
    .replace(/^[A-Z] /, '')
    .replace(/\d.*$/, '')
    .trim();
  await expect(page.getByText(splitWords.sentTheAthletesAppFollows)).toBeVisible();

  await test.step('left out, it is gone from the phone; the Sheet says so; the week after has it', async () => {
    await page
      .getByRole('group', { name: athleteWords.valueInWeek(name, 3) })
      .getByLabel(commonWords.skipped)
      .click();
    await expect(page.getByText(splitWords.onlyInWeek(3, `${name} skipped`))).toBeVisible();
    await expect(page.getByText(/saved.*rev 1/)).toBeVisible();
    await phone.reload();
    await expect(sessions).toHaveCount(before - 1);
    await press(page, 'Alt+2');
    const row = page.getByRole('row').filter({ hasText: name }).first();
    await expect(row.locator('[data-column="w3"]')).toHaveText(commonWords.skipped);
    await expect(row.locator('[data-column="w4"]')).toContainText(sheetWords.minText);
  });

  await test.step('undone, the phone has it again as it was handed out', async () => {
    await press(page, 'Control+z');
    await expect(page.getByText(/rev 2/)).toBeVisible();
    await phone.reload();
    await expect(sessions).toHaveCount(before);
  });

  await test.step('a week that will not be finished is closed, and opened again', async () => {
    await press(page, 'Alt+1');
    await page.getByRole('button', { name: /^Close week 3/ }).click();
    await expect(page.getByRole('button', { name: blockWords.sendWeek(4) })).toBeVisible();
    await page.getByLabel(splitWords.weekToChange).selectOption('3');
    await page.getByRole('button', { name: splitWords.reopenWeek(3) }).click();
    await expect(page.getByText(splitWords.sentTheAthletesAppFollows)).toBeVisible();
  });
  await context.close();
});

test('deload now: later weeks move back, and undo reverses it', async ({ coach: page }) => {
  await openBlock(page, 'Maren');
  const columns = page.getByRole('columnheader', { name: /^week \d/ });
  const weeks = await columns.count();
  const fourth = await cell(page, 'hack squat', 'w4').textContent();
  await press(page, 'Alt+1');
  await page.getByLabel(splitWords.weekToChange).selectOption('4');
  await page.getByRole('button', { name: splitWords.deloadInWeek(4) }).click();
  await press(page, 'Alt+2');
  await expect(page.locator('[role="columnheader"][data-column="w4"]')).toContainText(/deload/i);
  await expect(cell(page, 'hack squat', 'w5')).not.toBeEmpty();
  await press(page, 'Control+z');
  await expect(columns).toHaveCount(weeks);
  await expect(cell(page, 'hack squat', 'w4')).toHaveText(fourth ?? '');
});

test('the desk by keyboard: view, apply and undo routine changes; send a week once with a note, and recall it', async ({
  coach: page,
}) => {
  await answers(page);
  const routine = need(page, /^Maren Tveitdal\d+ loads/);
  await expect(routine).toBeVisible();
  await routine.focus();
  const preview = page.getByRole('region', { name: deskWords.whatEachOptionChanges });
  await preview.getByRole('button', { name: /^Show all/ }).click();
  await expect(preview.getByText(/Hack squat: /).first()).toBeVisible();
  await routine.focus();
  await press(page, 'a');
  await expect(page.getByRole('status')).toContainText(/proposed changes? applied as proposed/);
  await expect(routine).toHaveCount(0);
  await page.getByRole('button', { name: /recent decisions/ }).click();
  await page
    .getByRole('button', { name: /^Undo Maren Tveitdal: \d+ loads for week 3: applied/ })
    .first()
    .click();
  await expect(page.getByRole('status')).toContainText('Undone');
  await expect(routine).toBeVisible();

  await page.getByRole('button', { name: /ready to send/ }).click();
  const ready_ = page.getByRole('region', { name: deskWords.weeksToSendLabel });
  for (const box of await ready_.getByRole('checkbox', { name: /^(?!Maren)/ }).all()) await box.uncheck();
  await expect(
    ready_.getByRole('checkbox', { name: /^Maren Tveitdal, week 3: \d+ proposed changes? open/ }),
  ).toBeChecked();
  await ready_.getByLabel(deskWords.noteToEachAthlete).fill('A calm week.');
  await press(page, 'Enter', 'Enter');
  await expect(page.getByRole('status')).toContainText('1 week sent.');
  await expect(page.getByRole('button', { name: commonWords.undo, exact: true })).toBeFocused();
  await expect(need(page, /^Maren TveitdalWeek 3 is ready to send/)).toHaveCount(0);
  await press(page, 'Enter');
  await expect(page.getByRole('status')).toContainText('recalled');
  await expect(need(page, /^Maren TveitdalWeek 3 is ready to send/)).toBeVisible();
});

test('an athlete whose loads apply automatically raises only the other proposals, and lists what was applied', async ({
  coach: page,
}) => {
  await openProfile(page, 'Maren');
  await page.getByLabel(athleteWords.whoDecidesOnProposedChanges).selectOption('apply the routine');
  await press(page, 'Control+Enter');
  await expect(page.getByText(commonWords.saved, { exact: true }).first()).toBeVisible();
  await page.goto('/desk');
  await answers(page);
  await expect(need(page, /^Maren Tveitdal\d+ loads?/)).toHaveCount(0);
  await page.getByRole('button', { name: /by a rule/ }).click();
  await expect(page.getByText(/\d+ loads for week 3: applied \(by rule\)/)).toBeVisible();
});

test('the year: a copied block is moved by keyboard, week by week; the running block stays', async ({
  coach: page,
}) => {
  await openProfile(page, 'Maren');
  await press(page, 'Alt+8');
  const year = page.getByRole('region', { name: athleteWords.year });
  const running = year.getByRole('button', { name: /^Autumn block: .*7 weeks, deload from .*, running$/ });
  await expect(running).toBeVisible();
  await page.getByRole('button', { name: athleteWords.copyBlockLabel('Autumn block') }).click();
  await page.getByLabel(athleteWords.nameOfTheCopy).fill('Winter');
  await page
    .getByRole('button', { name: athleteWords.copyBlockLabel('Autumn block'), exact: true })
    .last()
    .click();
  const winter = year.getByRole('button', { name: /^Winter: / });
  await expect(winter).toBeVisible();
  const before = await winter.getAttribute('aria-label');
  await winter.focus();
  await press(page, 'ArrowRight');
  await expect(winter).not.toHaveAttribute('aria-label', before ?? '');
  await running.focus();
  const stands = await running.getAttribute('aria-label');
  await press(page, 'ArrowRight');
  await page.reload();
  await answers(page);
  await expect(running).toHaveAttribute('aria-label', stands ?? '');
  await expect(winter).not.toHaveAttribute('aria-label', before ?? '');
});

test('blocks: copied, archived, deleted and restored beside the running one, which goes on', async ({
  coach: page,
}) => {
  await openProfile(page, 'Maren');
  await press(page, 'Alt+8');
  const blocks = page.getByRole('region', { name: athleteWords.blocks });
  await expect(blocks.getByRole('link').first()).toBeVisible();
  const [running = ''] = await blocks.getByRole('link').allTextContents();
  await page.getByRole('button', { name: athleteWords.copyBlockLabel(running) }).click();
  await page.getByLabel(athleteWords.nameOfTheCopy).fill('Winter');
  await page
    .getByRole('button', { name: athleteWords.copyBlockLabel(running), exact: true })
    .last()
    .click();
  const winter = blocks.getByRole('row', { name: /Winter/ });
  await expect(winter).toContainText(commonWords.planned);
  await expect(blocks.getByRole('row', { name: new RegExp(running ?? '') }).last()).toContainText('running');
  await page.getByRole('button', { name: 'Archive Winter' }).click();
  await expect(winter).toContainText(athleteWords.archivedText);
  await page.getByRole('button', { name: athleteWords.deleteWord('Winter') }).click();
  await expect(winter).toContainText(athleteWords.inTheBinFor30);
  await page.getByRole('button', { name: 'Restore Winter' }).click();
  await expect(winter).toContainText(athleteWords.archivedText);
  await page.goto('/desk');
  await openBlock(page, 'Maren');
  await ready(page);
  await expect(page.getByRole('button', { name: `Name of the block: ${running}` })).toBeVisible();
});

test('a template can require a number of clean reps first, and starting from it shows whether the athlete meets it', async ({
  coach: page,
}) => {
  await page.goto('/templates');
  await page.getByRole('link', { name: 'Rings and bars' }).click();
  await expect(page.getByText(templatesWords.noRequirements)).toBeVisible();
  await page.getByLabel(templatesWords.exerciseOfTheRequirement).selectOption({ label: 'pull-up' });
  await page.getByLabel(templatesWords.cleanRepsRequired).fill('8');
  await page.getByLabel(templatesWords.cleanRepsRequired).press('Enter');
  await page.getByRole('button', { name: templatesWords.addRequirement }).click();
  await expect(page.getByText('8 clean reps of pull-up')).toBeVisible();
  await page.getByRole('link', { name: /^Tobiasz/ }).click();
  await page.waitForURL('**/blocks/new**');
  await expect(page.getByText(/^Requirements: 8 clean reps of pull-up \(/)).toBeVisible();
});
