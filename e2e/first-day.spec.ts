import { randomUUID } from 'node:crypto';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as commonWords from '@/ui/words/screens/common';
import * as libraryWords from '@/ui/words/screens/library';
import {
  answers,
  cell,
  data,
  expect,
  openPalette,
  press,
  ready,
  savedAt,
  signIn,
  slotRow,
  tabTo,
  test,
} from './coach';

test('first day by keyboard: an athlete with two places, a custom exercise, best sets; the Sheet follows the equipment', async ({
  page,
}) => {
  const email = `${randomUUID()}@example.org`;
  await data('coach', email, 'New Coach', 'rung by rung');

  await test.step('a coach without athletes begins with the first one, and is told what is missing', async () => {
    await signIn(page, email);
    await expect(page.getByLabel(commonWords.name, { exact: true })).toBeFocused();
    await press(page, 'Enter');
    await expect(page.getByText(commonWords.enterAName)).toBeVisible();
    await page.keyboard.type('Nuria Feldt');
    await tabTo(page, page.getByRole('radio', { name: /^novice/ }));
    await press(page, 'ArrowRight');
    await expect(page.getByRole('radio', { name: /^intermediate/ })).toBeChecked();
    for (const day of ['Mon', 'Tue', 'Thu', 'Fri']) {
      await tabTo(page, page.getByRole('checkbox', { name: day }));
      await press(page, 'Space');
    }
    await tabTo(page, page.getByLabel(commonWords.bodyWeight));
    await page.keyboard.type('64,5');
    await tabTo(page, page.getByRole('button', { name: athleteWords.addAthleteAndFillIn }));
    await press(page, 'Enter');
    await page.waitForURL('**/athletes/**');
    await answers(page);
    await expect(page.getByRole('heading', { name: 'Nuria Feldt' })).toBeVisible();
    await expect(page.getByLabel(commonWords.bodyWeight, { exact: true })).toHaveValue('64.5');
  });

  await test.step('a second place, in pounds, with one pair of plates', async () => {
    await press(page, 'Alt+2');
    await tabTo(page, page.getByRole('button', { name: 'home gym' }));
    await press(page, 'Enter');
    await tabTo(page, page.getByLabel(athleteWords.nameOfThePlace));
    await press(page, 'Control+a');
    await page.keyboard.type('Attic');
    await tabTo(page, page.getByLabel(athleteWords.unitOf('barbell')));
    await page.keyboard.type('lb');
    await tabTo(page, page.getByLabel('Barbell, bar'));
    await press(page, 'Control+a');
    await page.keyboard.type('45');
    await tabTo(page, page.getByLabel(athleteWords.pairsOfPlatesLabel('Barbell')));
    await press(page, 'Control+a');
    await page.keyboard.type('25x1 10 5 2.5z');
    await expect(page.getByText('“2.5z” was not understood.')).toBeVisible();
    await press(page, 'Backspace');
    await expect(page.getByText(athleteWords.makesLoads('45, 50, 55'))).toBeVisible();
    await expect(page.getByRole('button', { name: commonWords.save, exact: true })).toBeEnabled();
    await press(page, 'Control+Enter');
    await expect(page.getByText(commonWords.saved, { exact: true })).toBeVisible();
  });

  await test.step('an own exercise, previewed as it is written', async () => {
    await openPalette(page);
    await page.keyboard.type('library');
    await press(page, 'Enter');
    await page.waitForURL('**/library');
    await answers(page);
    await press(page, 'Alt+n');
    await tabTo(page, page.getByLabel(commonWords.name, { exact: true }));
    await page.keyboard.type('attic floor press');
    await tabTo(page, page.getByLabel(libraryWords.countsTowardLabel('chest')));
    await page.keyboard.type('1');
    await tabTo(page, page.getByLabel(libraryWords.countsTowardLabel('triceps')));
    await page.keyboard.type('0,75');
    await expect(page.getByText('3 hard sets would count toward chest 3, triceps 2.25')).toBeVisible();
    await tabTo(page, page.getByRole('checkbox', { name: 'barbell' }));
    await press(page, 'Space');
    await tabTo(page, page.getByLabel(libraryWords.howTheLoadIsMade));
    await page.keyboard.type('bar');
    await tabTo(page, page.getByRole('button', { name: libraryWords.addItToTheLibrary }));
    await press(page, 'Enter');
    await expect(page.getByRole('article', { name: 'attic floor press' })).toBeVisible();
    await expect(page.getByText('282 exercises')).toBeVisible();
  });

  await test.step('best sets, found as you type and written as coaches write them', async () => {
    await openPalette(page);
    await page.keyboard.type('nuria');
    await press(page, 'Enter');
    await page.waitForURL('**/athletes/**');
    await answers(page);
    await press(page, 'Alt+3');
    for (const [exercise, set] of [
      ['attic floor', '50x8@2'],
      ['dumbbell curl', '10x12@1'],
    ] as const) {
      await tabTo(page, page.getByRole('button', { name: commonWords.addExercise }));
      await press(page, 'Enter');
      await page.keyboard.type(exercise);
      await press(page, 'Enter');
      await tabTo(page, page.getByLabel(new RegExp(`^Best set: ${exercise}`)));
      await page.keyboard.type(set);
    }
    await expect(page.getByRole('row', { name: /attic floor press/ })).toContainText('66.7 kg');
    await press(page, 'Control+Enter');
    await expect(page.getByText(commonWords.saved, { exact: true })).toBeVisible();
  });

  await test.step('the same slot at two places: loads each place can make, in its own unit', async () => {
    await tabTo(page, page.getByRole('link', { name: commonWords.startABlock }));
    await press(page, 'Enter');
    await page.waitForURL('**/blocks/new**');
    await answers(page);
    await tabTo(page, page.getByRole('radio', { checked: true }));
    // Moving up from the top of the list reaches the last entry: none.
    while (!(await page.getByRole('radio', { name: /^Empty/ }).isChecked())) await press(page, 'ArrowUp');
    await press(page, 'Control+Enter');
    await ready(page);
    for (let session = 0; session < 2; session++) {
      await press(page, 'Alt+s');
      await page.keyboard.type('attic floor');
      await press(page, 'Enter');
      await expect(cell(page, 'attic floor press', 'sets', session)).toBeFocused();
    }
    const kilograms = [20, 22.5, 25, 27.5, 30, 32.5, 35, 37.5, 40, 42.5, 45, 47.5, 50, 52.5, 55];
    await expect(cell(page, 'attic floor press', 'w1')).toHaveText(/^[\d.]+ × \d+, \d+, \d+\s*$/);
    const loadOf = async (at: number) =>
      Number((await cell(page, 'attic floor press', 'w1', at).textContent())?.split('×')[0]);
    expect(kilograms).toContain(await loadOf(1));
    // From the second slot to the session's row, then to its place.
    await press(page, 'ArrowUp');
    for (let step = 0; step < 8; step++) {
      const at = await page.evaluate(() => document.activeElement?.getAttribute('data-column'));
      if (at === 'technique') break;
      await press(page, 'ArrowRight');
    }
    await press(page, 'Enter');
    await page.keyboard.type('attic');
    await press(page, 'Enter');
    await savedAt(page, 5);
    const pounds = [45, 50, 55, 60, 65, 70, 75, 80, 85, 95, 100, 105, 110, 115, 120, 125, 130];
    expect(pounds).toContain(await loadOf(1));
    expect(kilograms).toContain(await loadOf(0));
    await slotRow(page, 'attic floor press', 1).locator('[data-column="w1"]').click();
    await expect(page.getByTestId('why')).toContainText('lb');
  });

  await test.step('equipment that the place lacks is found', async () => {
    await cell(page, 'attic floor press', 'slot', 1).click();
    await page.keyboard.type('leg press');
    await press(page, 'Enter');
    await expect(page.getByRole('region', { name: commonWords.checks })).toContainText(
      'Attic has no equipment for part of Session 2: leg press needs machine.',
    );
  });
});
