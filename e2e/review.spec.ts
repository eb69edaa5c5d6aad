import { randomUUID } from 'node:crypto';
import * as commonWords from '@/ui/words/screens/common';
import * as reviewWords from '@/ui/words/screens/review';
import * as simulateWords from '@/ui/words/screens/simulate';
import { answers, cell, expect, openBlock, press, ready, signIn, test, tsx } from './coach';

test('reviewing a block: suggestions, one lesson applied and one dismissed, and the next block from it', async ({
  page,
}) => {
  const email = `${randomUUID()}@example.org`;
  // Ten simulated runs, one of each kind; Dmitri's squat stalls.
  await tsx('bench/roster.ts', email, '10');
  await signIn(page, email);
  await answers(page);
  await openBlock(page, 'Dmitri A.');
  await press(page, 'Alt+4');
  await expect(page.getByText(/^8 of 11 weeks are over · 32 of 32 sessions done/)).toBeVisible();

  await test.step('what stalled, what goes on, and every muscle planned against done', async () => {
    const suggests = page.getByRole('region', { name: reviewWords.suggestionsForTheNextBlock });
    await expect(suggests.getByText(/^Swap hack squat/)).toBeVisible();
    await expect(suggests.getByText(/^Keep .*seal row/)).toBeVisible();
    const muscles = page.getByRole('region', { name: reviewWords.muscles });
    await expect(muscles.getByRole('row', { name: /^Quads/ })).toContainText(/9\.8/);
    await expect(
      page.getByRole('region', { name: commonWords.lifts }).getByRole('row', { name: /^Hack squat/ }),
    ).toContainText(reviewWords.stalled);
  });

  const teaches = page.getByRole('region', { name: reviewWords.whatWeLearned });
  const floor = teaches.getByRole('listitem').filter({ hasText: 'Side delts: minimum' });
  const other = teaches.getByRole('listitem').filter({ hasText: 'Rear delts: minimum' });

  await test.step('one lesson is taken over into the athlete, another is not; forgotten, it is asked again', async () => {
    await expect(floor).toContainText('gained strength at 3 sets (week');
    await floor.getByRole('button', { name: /^Apply/ }).click();
    await expect(floor).toContainText(reviewWords.applied);
    await other.getByRole('button', { name: /^Dismiss/ }).click();
    await expect(other).toContainText(commonWords.dismissed);
    await page.reload();
    await ready(page);
    await expect(floor).toContainText(reviewWords.applied);
    await expect(other).toContainText(commonWords.dismissed);
    await page.getByRole('heading').getByRole('link', { name: 'Dmitri A.' }).click();
    await page.waitForURL('**/athletes/**');
    await answers(page);
    await press(page, 'Alt+4');
    await expect(page.getByText(/Autumn, four days: gained strength at 3 sets/)).toBeVisible();
    await page.goBack();
    await page.goBack();
    await ready(page);
    await floor.getByRole('button', { name: /^Undo/ }).click();
    await expect(floor.getByRole('button', { name: /^Apply/ })).toBeVisible();
  });

  await test.step('the next block starts from this one, and asks at once what the strength held allows', async () => {
    const suggests = page.getByRole('region', { name: reviewWords.suggestionsForTheNextBlock });
    await suggests.getByRole('checkbox', { name: /^Swap hack squat/ }).check();
    await expect(suggests.getByText(/with 1 change; loads from current strength/)).toBeVisible();
    const before = page.url();
    await suggests.getByRole('button', { name: reviewWords.createNextBlock }).click();
    await page.waitForURL((url) => url.toString() !== before && url.pathname.startsWith('/blocks/'));
    await ready(page);
    await expect(page.getByRole('button', { name: 'Name of the block: Autumn, four days 2' })).toBeVisible();
    await press(page, 'Alt+2');
    await expect(cell(page, 'hack squat', 'slot')).toHaveCount(0);
    await expect(cell(page, 'leg press', 'slot')).toBeVisible();
    await expect(cell(page, 'seal row', 'w1')).toContainText(/\d × \d/);
    await page.goto(before);
    await ready(page);
    await press(page, 'Alt+4');
    await page.getByRole('button', { name: reviewWords.comparedWithThePreviousBlock }).click();
    await expect(page.getByText(commonWords.thereIsNoEarlierBlock)).toBeVisible();
  });
});

test('simulating a block against the same block with one set fewer shows results and loads, and can be stopped', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  await press(page, 'Alt+e');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/^A model, not a measurement/)).toBeVisible();
  await dialog.getByRole('button', { name: simulateWords.simulate, exact: true }).click();
  await dialog.getByRole('button', { name: simulateWords.stop }).click();
  await expect(dialog.getByRole('button', { name: simulateWords.simulate, exact: true })).toBeVisible();

  await dialog.getByLabel(commonWords.compareWith).selectOption('a set more');
  await press(page, 'Tab');
  await dialog.getByRole('button', { name: simulateWords.simulate, exact: true }).click();
  await expect(dialog.getByRole('status')).toHaveText(simulateWords.countRunsDone(100), { timeout: 90_000 });
  const table = dialog.getByRole('table', { name: simulateWords.asPlannedAndChanged });
  await expect(table.getByRole('columnheader', { name: 'a set more' })).toBeVisible();
  await expect(
    table.getByRole('row', { name: /^no muscle is below target in two sessions in a row/ }),
  ).toContainText(/\d+ %.*\d+ %/);
  const minutes = await table
    .getByRole('row', { name: /^session minutes in the last week/ })
    .getByRole('cell')
    .allTextContents();
  expect(Number(minutes[1])).toBeGreaterThan(Number(minutes[0]));
  // Two weeks of the block are done: what actually happened shows below what was simulated.
  await expect(
    dialog
      .getByRole('table', { name: simulateWords.sessionsBelowTarget })
      .getByRole('row', { name: /^actual/ }),
  ).toContainText(/\d+ %.*\d+ %/);
  // Applying it is a step of the block like any other.
  const sets = cell(page, 'leg press', 'sets');
  const before = await sets.textContent();
  await dialog.getByRole('button', { name: simulateWords.applyThis('a set more') }).click();
  await expect(sets).toHaveText(String(Number(before) + 1));
  await press(page, 'Control+z');
  await expect(sets).toHaveText(before ?? '');
  await press(page, 'Alt+e');
  await dialog.getByLabel(commonWords.compareWith).selectOption('all of these');
  await dialog.getByRole('button', { name: simulateWords.simulate, exact: true }).click();
  await expect(dialog.getByRole('columnheader', { name: 'a week more' })).toBeVisible({ timeout: 60_000 });
  await expect(dialog.getByRole('listitem').filter({ hasText: 'Hack squat' }).first()).toContainText(
    /\d+ \(\d+(\.\d+)? to \d+/,
  );
});
