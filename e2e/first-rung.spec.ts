import * as blockWords from '@/ui/words/screens/block';
import * as commonWords from '@/ui/words/screens/common';
import * as deskWords from '@/ui/words/screens/desk';
import * as railWords from '@/ui/words/screens/rail';
import * as sheetWords from '@/ui/words/screens/sheet';
import * as trainingWords from '@/ui/words/screens/training';
import {
  cell,
  expect,
  gauge,
  openBlock,
  ready,
  savedAt,
  setsOf,
  setsOfReps,
  signIn,
  slotRow,
  test,
  typeInto,
} from './coach';
import { begin } from './phones';

const PHONE = { width: 390, height: 844 };

test.setTimeout(400_000);

test('the main path: sign in, edit, send a week, train, report soreness, answer proposals, see them in week 2', async ({
  page,
  email,
  browser,
}) => {
  await test.step('sign in and find the athlete', async () => {
    await signIn(page, email);
    await expect(page.getByRole('row')).toHaveCount(7);
    await page.getByLabel(deskWords.searchAthletes).fill('aurel');
    await expect(page.getByRole('row')).toHaveCount(2);
    await openBlock(page, 'Aurelio');
  });

  await test.step('change a slot; gauges, minutes and all weeks follow at once', async () => {
    const quads = await setsOf(page, 'quads');
    const minutes = page.locator('[data-column="w1"]', { hasText: sheetWords.minText }).first();
    const before = await minutes.textContent();
    const week4 = cell(page, 'leg press', 'w4');
    await expect(week4).toHaveText(setsOfReps(2));
    await typeInto(page, 'leg press', 'sets', '4');
    await expect(gauge(page, 'quads')).toContainText(String(quads + 2));
    await expect(week4).toHaveText(setsOfReps(4));
    await expect(minutes).not.toHaveText(before ?? '');
    // A novice's block of four weeks has no deload.
    await expect(cell(page, 'leg press', 'w5')).toHaveCount(0);
    await typeInto(page, 'leg press', 'range', '6-10');
    await typeInto(page, 'leg press', 'rir', '+1');
    await expect(cell(page, 'leg press', 'rir')).toContainText('wk +1');
    await typeInto(page, 'leg press', 'tempo', '31x0');
    await expect(cell(page, 'leg press', 'tempo')).toHaveText('31X0');
    await typeInto(page, 'leg press', 'rest', '3:00');
    await expect(cell(page, 'leg press', 'rest')).toHaveText('180');
  });

  await test.step('another exercise is found as you type', async () => {
    await cell(page, 'machine chest press', 'slot').click();
    await page.keyboard.type('incl dumb press');
    await page.keyboard.press('Enter');
    await expect(slotRow(page, 'incline dumbbell press')).toBeVisible();
    await expect(cell(page, 'incline dumbbell press', 'start')).toHaveText('find');
    await typeInto(page, 'incline dumbbell press', 'start', '16x10@3');
    await expect(cell(page, 'incline dumbbell press', 'w1')).toContainText('16');
  });

  await test.step('every figure says why', async () => {
    await cell(page, 'neutral-grip pulldown', 'w1').click();
    await expect(page.getByTestId('why')).toContainText(
      'Best set: 45 × 10 with 3 reps left, estimated max 64.5 kg',
    );
    await expect(page.getByTestId('why')).toContainText('should leave');
    await gauge(page, 'lats').focus();
    await expect(page.getByTestId('why')).toContainText('Neutral-grip pulldown');
    await expect(page.getByTestId('why')).toContainText('minimum 6 (8 × 0.7)');
  });

  await test.step('undo and redo', async () => {
    await cell(page, 'leg press', 'sets').click();
    await page.keyboard.press('Control+z');
    await expect(cell(page, 'incline dumbbell press', 'start')).toHaveText('find');
    await page.keyboard.press('Control+y');
    await expect(cell(page, 'incline dumbbell press', 'start')).toContainText('16 × 10 @3');
  });

  await test.step('issue week 1 and reload: all still there', async () => {
    await page.getByRole('button', { name: blockWords.sendWeek(1) }).click();
    await expect(page.getByRole('button', { name: blockWords.sendWeek(2) })).toBeVisible();
    await expect(page.getByRole('columnheader', { name: 'week 1 sent' })).toBeVisible();
    await page.reload();
    await ready(page);
    await expect(page.getByRole('columnheader', { name: 'week 1 sent' })).toBeVisible();
    await expect(cell(page, 'leg press', 'sets')).toHaveText('4');
  });

  const phone = await browser.newContext({
    viewport: PHONE,
    storageState: await page.context().storageState(),
    hasTouch: true,
  });
  const floor = await phone.newPage();
  await test.step('on the floor: log the first session by tap', async () => {
    await floor.goto(page.url().replace('/blocks/', '/training/'));
    await begin(floor, /Full body A/);
    await expect(floor.getByText(/Leg press, set 1 of 4/)).toBeVisible();
    // The first set beats its target by two reps.
    await floor.getByRole('button', { name: trainingWords.moreOf('reps'), exact: true }).tap();
    await floor.getByRole('button', { name: trainingWords.moreOf('reps'), exact: true }).tap();
    await floor.waitForTimeout(750);
    await floor.getByRole('button', { name: /^Log / }).tap();
    await expect(floor.getByText(/Leg press, set 2 of 4/)).toBeVisible();
    for (let set = 2; set <= 13; set++) {
      await floor.waitForTimeout(750);
      const first = set <= 4;
      if (first) await floor.getByRole('button', { name: trainingWords.moreOf('reps'), exact: true }).tap();
      if (first) await floor.getByRole('button', { name: trainingWords.moreOf('reps'), exact: true }).tap();
      await floor.getByRole('button', { name: first ? /^Log / : 'Log as planned' }).tap();
      await expect(floor.getByText(trainingWords.setsOfAll(set, 13))).toBeVisible();
    }
    await expect(floor.getByText(trainingWords.allSetsAreLogged)).toBeVisible();
    await floor.getByRole('button', { name: trainingWords.finishSession }).tap();
  });

  await test.step('the day is put right, and both days stand', async () => {
    const twoDaysAgo = new Date(Date.now() - 2 * 86_400_000).toISOString().slice(0, 10);
    await floor.getByRole('button', { name: trainingWords.correctThis }).tap();
    const nextWeek = new Date(Date.now() + 7 * 86_400_000).toISOString().slice(0, 10);
    await floor.getByLabel(trainingWords.day).fill(nextWeek);
    await expect(floor.getByRole('alert').first()).toContainText('in the future');
    await floor.getByLabel(trainingWords.day).fill(twoDaysAgo);
    await floor.getByRole('button', { name: commonWords.save }).tap();
    await expect(floor.getByText(/\(the phone had /)).toBeVisible();
    await expect(floor.getByText(trainingWords.yourCoachHasAllSets)).toBeVisible();
  });

  await test.step('before the next session for the muscle the end of its soreness is asked', async () => {
    await floor.getByRole('link', { name: commonWords.weekText }).tap();
    await floor.getByRole('link', { name: /Full body B/ }).tap();
    const quads = floor.getByRole('group', { name: /^Quads, from / });
    const days = quads.getByRole('radio');
    await expect(days.first()).toHaveAccessibleName(trainingWords.noSoreness);
    await expect(days.last()).toHaveAccessibleName(trainingWords.stillSore);
    await days.nth(1).tap();
    await expect(quads.getByRole('radio', { checked: true })).toHaveCount(1);
    await floor.waitForTimeout(1500);
  });

  await test.step('the coach sees the proposed changes for week 2, each with its reason', async () => {
    await page.reload();
    await ready(page);
    await expect(page.getByRole('heading', { name: /proposed changes for week 2/ })).toBeVisible();
    const quads = page.getByRole('listitem').filter({ hasText: '+1 set, leg press' });
    await expect(quads).toContainText('recovered early, above target');
    await quads.getByRole('button', { name: commonWords.apply }).focus();
    await expect(page.getByTestId('why')).toContainText(
      'soreness gone a day or more before the next session; performance above target',
    );
    await expect(cell(page, 'leg press', 'w2')).toHaveText(setsOfReps(4));
    await page.keyboard.press('a');
    await expect(cell(page, 'leg press', 'w2')).toHaveText(setsOfReps(5));
  });

  await test.step('loads too; accepted, they are found in week 2 and after a reload', async () => {
    const week2 = cell(page, 'seated leg curl', 'w2');
    await expect(week2).toHaveAttribute('data-call', 'true');
    const proposed = await week2.textContent();
    await page.getByRole('button', { name: railWords.applyAll }).click();
    await expect(page.getByRole('heading', { name: /proposed changes? for week 2/ })).toBeHidden();
    await page.reload();
    await ready(page);
    await expect(week2).toHaveText(proposed ?? '');
    await expect(cell(page, 'leg press', 'w2')).toHaveText(setsOfReps(5));
    await week2.click();
    await expect(page.getByTestId('why')).toContainText('You applied');
    await page.getByRole('button', { name: blockWords.sendWeek(2) }).click();
    await expect(page.getByRole('columnheader', { name: 'week 2 sent' })).toBeVisible();
  });
  await phone.close();
});

test('undo works across a reload, and so does redo', async ({ coach: page }) => {
  await openBlock(page, 'Wren');
  await page.goto('/desk');
  await openBlock(page, 'Maren');
  await typeInto(page, 'seated leg curl', 'sets', '5');
  await typeInto(page, 'seated leg curl', 'rest', '200');
  await savedAt(page, 2);
  await page.reload();
  await ready(page);
  await page.getByRole('button', { name: commonWords.undo }).click();
  await page.getByRole('button', { name: commonWords.undo }).click();
  await expect(cell(page, 'seated leg curl', 'sets')).toHaveText('3');
  await expect(cell(page, 'seated leg curl', 'rest')).toHaveText('90');
  await expect(page.getByRole('button', { name: commonWords.undo })).toBeDisabled();
  await savedAt(page, 4);
  await page.reload();
  await ready(page);
  await page.getByRole('button', { name: blockWords.redo }).click();
  await expect(cell(page, 'seated leg curl', 'sets')).toHaveText('5');
});
