import * as accountWords from '@/ui/words/screens/account';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as commonWords from '@/ui/words/screens/common';
import * as deskWords from '@/ui/words/screens/desk';
import * as libraryWords from '@/ui/words/screens/library';
import * as signInWords from '@/ui/words/screens/sign-in';
import * as trainingWords from '@/ui/words/screens/training';
import { answers, expect, openBlock, openPalette, openProfile, press, signIn, test } from './coach';
import { begin, start } from './phones';

test('editing the profile shows what changes in the running block before saving, and survives a reload', async ({
  coach: page,
}) => {
  await openProfile(page, 'Maren');
  const effects = page.getByTestId('effects');

  await test.step('shorter sessions raise findings; nothing is kept yet', async () => {
    await page.getByLabel(athleteWords.longestSessionInMinutes).fill('45');
    await expect(effects).toContainText('the limit is 45');
    await page.reload();
    await answers(page);
    await expect(page.getByText(athleteWords.notSavedYet)).toBeVisible();
    await expect(page.getByLabel(athleteWords.longestSessionInMinutes)).toHaveValue('45');
    await page.getByRole('button', { name: athleteWords.discard }).click();
    await expect(page.getByLabel(athleteWords.longestSessionInMinutes)).toHaveValue('75');
  });

  await test.step('what cannot be read is said beside it and is not kept', async () => {
    await page.getByLabel(athleteWords.longestSessionInMinutes).fill('an hour');
    await expect(page.getByText('“an hour” is not a number.')).toBeVisible();
    await expect(page.getByRole('button', { name: commonWords.save })).toBeDisabled();
    await page.getByLabel(athleteWords.longestSessionInMinutes).fill('60');
    await page.getByLabel(commonWords.name, { exact: true }).fill(' ');
    await expect(page.getByText(commonWords.enterAName)).toBeVisible();
    await expect(page.getByRole('button', { name: commonWords.save })).toBeDisabled();
    await page.getByRole('button', { name: athleteWords.discard }).click();
  });

  await test.step('a joint brings its caution, and the block’s exercises that stress it', async () => {
    await page
      .getByRole('region', { name: athleteWords.irritatedJoints })
      .getByRole('button', { name: commonWords.add })
      .click();
    await page.getByLabel(athleteWords.joint(1), { exact: true }).selectOption('knee');
    await expect(page.getByText('see a licensed clinician')).toBeVisible();
    await expect(effects).toContainText('load the knee, which is irritated');
  });

  await test.step('coarser plates alter loads; a landmark of the coach’s own shows its origin', async () => {
    await press(page, 'Alt+2');
    await page.getByLabel(athleteWords.stackAddOnWeights(athleteWords.stacks), { exact: true }).fill('');
    await expect(effects).toContainText('planned loads from week 3');
    await press(page, 'Alt+4');
    await page.getByLabel('maximum for chest').fill('12');
    const chest = page.getByRole('row', { name: /^chest/ });
    await expect(chest).toContainText(commonWords.setByYou);
    await expect(chest).toContainText('14');
    await expect(page.getByRole('row', { name: /^hamstrings/ })).toContainText('learned');
    await expect(effects).toContainText('chest maximum');
    await press(page, 'Control+Enter');
    await expect(page.getByText(commonWords.saved, { exact: true })).toBeVisible();
  });

  await test.step('the Sheet follows', async () => {
    await page.getByRole('link', { name: 'Autumn block' }).click();
    await page.waitForURL('**/blocks/**');
    await page.locator('[data-muscle="chest"]').focus();
    await expect(page.getByTestId('why')).toContainText('maximum 14 (12 × 1.125), set by you');
    await expect(page.getByRole('region', { name: commonWords.checks })).toContainText('load the knee');
  });
});

test('two tabs: changes to different fields merge, changes to the same field ask', async ({
  coach: page,
  browser,
  email,
}) => {
  await openProfile(page, 'Aurelio');
  const elsewhere = await (await browser.newContext()).newPage();
  await signIn(elsewhere, email);
  await openProfile(elsewhere, 'Aurelio');
  await elsewhere.getByLabel(athleteWords.level).selectOption('intermediate');
  await press(elsewhere, 'Control+Enter');
  await expect(elsewhere.getByText(commonWords.saved, { exact: true })).toBeVisible();
  await page.getByLabel(athleteWords.longestSessionInMinutes).fill('50');
  await press(page, 'Control+Enter');
  await expect(page.getByText('also changed elsewhere. Both changes are shown')).toBeVisible();
  await expect(page.getByLabel(athleteWords.level)).toHaveValue('intermediate');
  await press(page, 'Control+Enter');
  await expect(page.getByText(commonWords.saved, { exact: true })).toBeVisible();
  await elsewhere.getByLabel(athleteWords.longestSessionInMinutes).fill('55');
  await press(elsewhere, 'Control+Enter');
  await expect(elsewhere.getByText('Also changed elsewhere: minutes.')).toBeVisible();
  await expect(elsewhere.getByLabel(athleteWords.longestSessionInMinutes)).toHaveValue('55');
});

test('body weight and girths are saved at once, drawn as a line, and body weight updates the profile', async ({
  coach: page,
}) => {
  await openProfile(page, 'Devika');
  await press(page, 'Alt+5');
  await expect(page.locator('.recharts-line-dot')).toHaveCount(12);
  await page.getByLabel(athleteWords.newValue('body weight')).fill('139.5');
  await page.getByRole('button', { name: commonWords.save }).click();
  await expect(page.getByRole('cell', { name: '139.5 lb' })).toBeVisible();
  await page.getByLabel(athleteWords.measurement, { exact: true }).selectOption('thigh');
  await expect(page.getByText(athleteWords.noMeasurementsYet)).toBeVisible();
  await page.getByLabel(athleteWords.newValue('thigh')).fill('much');
  await expect(page.getByText('“much” is not a number.')).toBeVisible();
  await page.getByLabel(athleteWords.newValue('thigh')).fill('22');
  await page.getByRole('button', { name: commonWords.save }).click();
  await expect(page.getByRole('cell', { name: '22 in' })).toBeVisible();
  await press(page, 'Alt+1');
  await expect(page.getByLabel(commonWords.bodyWeight, { exact: true })).toHaveValue('139.5');
});

test('archived and deleted athletes leave the roster and can be restored', async ({ coach: page }) => {
  await openProfile(page, 'Tobiasz');
  await page.getByRole('button', { name: athleteWords.archive }).click();
  await page.waitForURL('**/desk');
  await expect(page.getByText('5 athletes')).toBeVisible();
  await page.getByRole('button', { name: deskWords.archivedAthletes(1) }).click();
  await page.getByRole('link', { name: deskWords.profileOf('Tobiasz') }).click();
  await answers(page);
  await page.getByRole('button', { name: commonWords.restore }).click();
  await page.waitForURL('**/desk');
  await expect(page.getByText('6 athletes')).toBeVisible();

  await page.getByRole('link', { name: deskWords.profileOf('Tobiasz') }).click();
  await answers(page);
  await page.getByRole('button', { name: athleteWords.deleteWordText }).click();
  const dialog = page.getByRole('dialog', { name: athleteWords.deleteWord('Tobiasz Lewin') });
  await expect(dialog.getByRole('button', { name: athleteWords.deleteIn14Days })).toBeDisabled();
  await dialog.getByRole('textbox').fill('Tobiasz Lewin');
  await press(page, 'Enter');
  await page.waitForURL('**/desk');
  await expect(page.getByText('5 athletes')).toBeVisible();
  await expect(page.getByText('Tobiasz')).toHaveCount(0);
  await page.getByRole('button', { name: deskWords.archivedAthletes(1) }).click();
  await page.getByRole('link', { name: deskWords.profileOf('Tobiasz') }).click();
  await answers(page);
  await expect(page.getByRole('note').filter({ hasText: 'Will be deleted for good on' })).toBeVisible();
  await page.getByRole('button', { name: commonWords.restore }).click();
  await page.waitForURL('**/desk');
  await expect(page.getByText('6 athletes')).toBeVisible();
});

test('editing a custom exercise offers to update the blocks that use it', async ({ coach: page }) => {
  await page.goto('/library');
  await answers(page);
  await page.getByLabel(commonWords.searchExercises).fill('towel');
  await expect(page.getByRole('article', { name: 'towel-grip row' })).toContainText(
    'Ilmari Koskela, Rings and bars',
  );
  await page.getByRole('button', { name: libraryWords.edit, exact: true }).click();
  await page.getByLabel(libraryWords.countsTowardLabel('forearms')).fill('0.5');
  await page.getByRole('button', { name: libraryWords.saveAsRevision(2) }).click();
  await expect(page.getByText('1 block still uses an earlier revision')).toBeVisible();
  await page.getByRole('button', { name: libraryWords.update('1 block') }).click();
  await expect(page.getByRole('article', { name: 'towel-grip row' })).toContainText(
    libraryWords.yourOwnRevision(2),
  );
  await page.goto('/desk');
  await openBlock(page, 'Ilmari');
  await expect(page.getByRole('status').filter({ hasText: 'rev 1' })).toBeVisible();
  await page.locator('[data-muscle="forearms"]').focus();
  await expect(page.getByTestId('why')).toContainText('towel-grip row 3 × 0.5');
});

test('the palette answers load questions, explains how to load the bar, and navigates', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  await page.locator('[data-column="slot"]', { hasText: 'Romanian deadlift' }).click();
  const dialog = await openPalette(page);
  await page.keyboard.type('8 at 2 left');
  await expect(dialog).toContainText('Romanian deadlift: 8 reps with 2 left is');
  await expect(dialog).toContainText('each side');
  await press(page, 'Control+a');
  await page.keyboard.type('how do I make 88');
  await expect(dialog).toContainText('not available here; nearest 87.5 and 90 kg');
  await press(page, 'Control+a');
  await page.keyboard.type('devika prof');
  await press(page, 'Enter');
  await page.waitForURL('**/athletes/**');
  await expect(page.getByRole('heading', { name: 'Devika Rao' })).toBeVisible();
  // Typing immediately, before the field has focus, loses nothing.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('sign out');
  await expect(page.getByRole('dialog').getByRole('textbox')).toHaveValue('sign out');
  await press(page, 'Enter');
  await page.waitForURL('**/sign-in');
});

test('changing the password asks for the old one, shows errors at their field, and the new one signs in', async ({
  coach: page,
  email,
}) => {
  await page.goto('/account');
  const fill = async (now: string, next: string, again = next) => {
    await page.getByLabel(accountWords.currentPassword).fill(now);
    await page.getByLabel(accountWords.newPassword, { exact: true }).fill(next);
    await page.getByLabel(accountWords.repeatTheNewPassword).fill(again);
    await press(page, 'Enter');
  };
  await fill('wrong', 'another long one');
  await expect(page.getByText(accountWords.thatIsNotYourCurrent)).toBeVisible();
  await fill('rung by rung', 'short');
  await expect(page.getByText(accountWords.passwordTooShort(10))).toBeVisible();
  await fill('rung by rung', 'another long one', 'another one');
  await expect(page.getByText(commonWords.theTwoPasswordsDoNot)).toBeVisible();
  await fill('rung by rung', 'another long one');
  await expect(page.getByText(accountWords.passwordChanged)).toBeVisible();
  await page.context().clearCookies();
  await page.goto('/sign-in');
  await page.getByLabel(signInWords.email).fill(email);
  await page.locator('input[name=password]').fill('another long one');
  await press(page, 'Enter');
  await page.waitForURL('**/desk');
});

test('the speed of the last warm-up set suggests the load of the first work set', async ({ coach: page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page
    .getByRole('row')
    .filter({ hasText: 'Devika' })
    .getByRole('link', { name: /^Open app/ })
    .click();
  await page.waitForURL('**/training/**');
  await begin(page, /Hinge and row/);
  const load = page.getByRole('textbox', { name: 'lb' });
  const asked = Number(await load.inputValue());
  // The warm-up: one set after another, each with its own load.
  const sets = Number((await page.getByText(/^Warm-up 1 of \d$/).textContent())?.at(-1));
  expect(sets).toBeGreaterThan(1);
  const walk = async (verdict: string) => {
    for (let set = 1; set < sets; set++)
      await page.getByRole('button', { name: trainingWords.next, exact: true }).click();
    await page.getByRole('button', { name: verdict, exact: true }).click();
    await expect(page.getByText(trainingWords.warmUpDone(`: ${verdict}`))).toBeVisible();
  };
  await walk('light');
  await expect(load).toHaveValue(String(asked + 5));
  await page.getByRole('button', { name: trainingWords.showAgain }).click();
  await walk('heavy');
  await expect(load).toHaveValue(String(asked - 5));
  await page.getByRole('button', { name: trainingWords.showAgain }).click();
  await walk('very light');
  const far = Number(await load.inputValue());
  expect(far).toBeGreaterThan(asked + 5);
  expect(far).toBeLessThanOrEqual(asked * 1.1);
  await page.getByRole('button', { name: trainingWords.showAgain }).click();
  await walk('as expected');
  await expect(load).toHaveValue(String(asked));
  await expect(page.getByRole('status').last()).not.toContainText(trainingWords.sending);
  await page.reload();
  await start(page);
  await expect(page.getByText(trainingWords.warmUpDone(': as expected'))).toBeVisible();
});
