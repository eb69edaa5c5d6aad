import { answers, expect, openBlock, openPalette, openProfile, press, signIn, test } from './coach';
import { begin, start } from './phones';

test('a change says what it alters in the running block before it is kept, and survives a reload', async ({
  coach: page,
}) => {
  await openProfile(page, 'Maren');
  const effects = page.getByTestId('effects');

  await test.step('shorter sessions raise findings; nothing is kept yet', async () => {
    await page.getByLabel('Longest session in minutes').fill('45');
    await expect(effects).toContainText('the limit is 45');
    await page.reload();
    await answers(page);
    await expect(page.getByText('Not saved yet')).toBeVisible();
    await expect(page.getByLabel('Longest session in minutes')).toHaveValue('45');
    await page.getByRole('button', { name: 'Discard' }).click();
    await expect(page.getByLabel('Longest session in minutes')).toHaveValue('75');
  });

  await test.step('what cannot be read is said beside it and is not kept', async () => {
    await page.getByLabel('Longest session in minutes').fill('an hour');
    await expect(page.getByText('“an hour” is not a number.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Save' })).toBeDisabled();
    await page.getByLabel('Longest session in minutes').fill('60');
    await page.getByLabel('Name', { exact: true }).fill(' ');
    await expect(page.getByText('Enter a name.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Save' })).toBeDisabled();
    await page.getByRole('button', { name: 'Discard' }).click();
  });

  await test.step('a joint brings its caution, and the block’s exercises that stress it', async () => {
    await page.getByRole('region', { name: 'Irritated joints' }).getByRole('button', { name: 'Add' }).click();
    await page.getByLabel('Joint 1', { exact: true }).selectOption('knee');
    await expect(page.getByText('see a licensed clinician')).toBeVisible();
    await expect(effects).toContainText('load the knee, which is irritated');
  });

  await test.step('coarser plates alter loads; a landmark of the coach’s own shows its origin', async () => {
    await press(page, 'Alt+2');
    await page.getByLabel('Stack, add-on weights').fill('');
    await expect(effects).toContainText('planned loads from week 3');
    await press(page, 'Alt+4');
    await page.getByLabel('maximum of chest').fill('12');
    const chest = page.getByRole('row', { name: /^chest/ });
    await expect(chest).toContainText('yours');
    await expect(chest).toContainText('14');
    await expect(page.getByRole('row', { name: /^hamstrings/ })).toContainText('learned');
    await expect(effects).toContainText('chest maximum');
    await press(page, 'Control+Enter');
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  });

  await test.step('the Sheet follows', async () => {
    await page.getByRole('link', { name: 'Autumn block' }).click();
    await page.waitForURL('**/blocks/**');
    await page.locator('[data-muscle="chest"]').focus();
    await expect(page.getByTestId('why')).toContainText('maximum 14 = 12 × 1.125, yours');
    await expect(page.getByRole('region', { name: 'Checks' })).toContainText('load the knee');
  });
});

test('two tabs: other fields are brought together, the same field is asked about', async ({
  coach: page,
  browser,
  email,
}) => {
  await openProfile(page, 'Aurelio');
  const elsewhere = await (await browser.newContext()).newPage();
  await signIn(elsewhere, email);
  await openProfile(elsewhere, 'Aurelio');
  await elsewhere.getByLabel('Level').selectOption('intermediate');
  await press(elsewhere, 'Control+Enter');
  await expect(elsewhere.getByText('Saved', { exact: true })).toBeVisible();
  await page.getByLabel('Longest session in minutes').fill('50');
  await press(page, 'Control+Enter');
  await expect(page.getByText('changed elsewhere meanwhile; both changes stand here now')).toBeVisible();
  await expect(page.getByLabel('Level')).toHaveValue('intermediate');
  await press(page, 'Control+Enter');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await elsewhere.getByLabel('Longest session in minutes').fill('55');
  await press(elsewhere, 'Control+Enter');
  await expect(elsewhere.getByText('Changed elsewhere meanwhile too: minutes.')).toBeVisible();
  await expect(elsewhere.getByLabel('Longest session in minutes')).toHaveValue('55');
});

test('body weight and girths over time: kept at once, drawn, taken over by the profile', async ({
  coach: page,
}) => {
  await openProfile(page, 'Devika');
  await press(page, 'Alt+5');
  await expect(page.locator('.recharts-line-dot')).toHaveCount(12);
  await page.getByLabel('body weight').fill('139.5');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('cell', { name: '139.5 lb' })).toBeVisible();
  await page.getByLabel('Measurement').selectOption('thigh');
  await expect(page.getByText('No measurements yet.')).toBeVisible();
  await page.getByLabel('thigh').fill('much');
  await expect(page.getByText('“much” is not a number.')).toBeVisible();
  await page.getByLabel('thigh').fill('22');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('cell', { name: '22 in' })).toBeVisible();
  await press(page, 'Alt+1');
  await expect(page.getByLabel('Body weight', { exact: true })).toHaveValue('139.5');
});

test('archived athletes leave the roster and come back; so do erased ones while there is grace', async ({
  coach: page,
}) => {
  await openProfile(page, 'Tobiasz');
  await page.getByRole('button', { name: 'Archive' }).click();
  await page.waitForURL('**/desk');
  await expect(page.getByText('5 athletes')).toBeVisible();
  await page.getByRole('button', { name: '1 archived' }).click();
  await page.getByRole('link', { name: 'Profile of Tobiasz' }).click();
  await answers(page);
  await page.getByRole('button', { name: 'Restore' }).click();
  await page.waitForURL('**/desk');
  await expect(page.getByText('6 athletes')).toBeVisible();

  await page.getByRole('link', { name: 'Profile of Tobiasz' }).click();
  await answers(page);
  await page.getByRole('button', { name: 'Delete' }).click();
  const dialog = page.getByRole('dialog', { name: 'Delete Tobiasz Lewin' });
  await expect(dialog.getByRole('button', { name: 'Delete in 14 days' })).toBeDisabled();
  await dialog.getByRole('textbox').fill('Tobiasz Lewin');
  await press(page, 'Enter');
  await page.waitForURL('**/desk');
  await expect(page.getByText('5 athletes')).toBeVisible();
  await expect(page.getByText('Tobiasz')).toHaveCount(0);
  await page.getByRole('button', { name: '1 archived' }).click();
  await page.getByRole('link', { name: 'Profile of Tobiasz' }).click();
  await answers(page);
  await expect(page.getByRole('note').filter({ hasText: 'To be erased instead of good on' })).toBeVisible();
  await page.getByRole('button', { name: 'Restore' }).click();
  await page.waitForURL('**/desk');
  await expect(page.getByText('6 athletes')).toBeVisible();
});

test('an own exercise that is edited offers to update the blocks that use it', async ({ coach: page }) => {
  await page.goto('/library');
  await answers(page);
  await page.getByLabel('Search exercises').fill('towel');
  await expect(page.getByRole('article', { name: 'towel-grip row' })).toContainText(
    'Ilmari Koskela, Rings and bars',
  );
  await page.getByRole('button', { name: 'Edit', exact: true }).click();
  await page.getByLabel('Counts toward forearms').fill('0.5');
  await page.getByRole('button', { name: 'Save as revision 2' }).click();
  await expect(page.getByText('1 block still use an earlier revision')).toBeVisible();
  await page.getByRole('button', { name: 'Update 1 block' }).click();
  await expect(page.getByRole('article', { name: 'towel-grip row' })).toContainText('your own, revision 2');
  await page.goto('/desk');
  await openBlock(page, 'Ilmari');
  await expect(page.getByRole('status').filter({ hasText: 'rev 1' })).toBeVisible();
  await page.locator('[data-muscle="forearms"]').focus();
  await expect(page.getByTestId('why')).toContainText('towel-grip row 3 × 0.5');
});

test('the palette: what is 8 at 2 left, how do I make it, and where to go', async ({ coach: page }) => {
  await openBlock(page, 'Maren');
  await page.locator('[data-column="slot"]', { hasText: 'Romanian deadlift' }).click();
  const dialog = await openPalette(page);
  await page.keyboard.type('8 at 2 left');
  await expect(dialog).toContainText('Romanian deadlift: 8 with 2 left is');
  await expect(dialog).toContainText('each side');
  await press(page, 'Control+a');
  await page.keyboard.type('how do I make 88');
  await expect(dialog).toContainText('cannot be made here; nearest 87.5 and 90 kg');
  await press(page, 'Control+a');
  await page.keyboard.type('devika prof');
  await press(page, 'Enter');
  await page.waitForURL('**/athletes/**');
  await expect(page.getByRole('heading', { name: 'Devika Rao' })).toBeVisible();
  // Typed at once, before the field has the focus: nothing of it is lost.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('sign out');
  await expect(page.getByRole('dialog').getByRole('textbox')).toHaveValue('sign out');
  await press(page, 'Enter');
  await page.waitForURL('**/sign-in');
});

test('the password: the old one is asked for, mistakes stand beside their field, the new one signs in', async ({
  coach: page,
  email,
}) => {
  await page.goto('/account');
  const fill = async (now: string, next: string, again = next) => {
    await page.getByLabel('Current password').fill(now);
    await page.getByLabel('New password', { exact: true }).fill(next);
    await page.getByLabel('Repeat the new password').fill(again);
    await press(page, 'Enter');
  };
  await fill('wrong', 'another long one');
  await expect(page.getByText('That is not your current password.')).toBeVisible();
  await fill('rung by rung', 'short');
  await expect(page.getByText('Use at least 10 characters.')).toBeVisible();
  await fill('rung by rung', 'another long one', 'another one');
  await expect(page.getByText('The two passwords do not match.')).toBeVisible();
  await fill('rung by rung', 'another long one');
  await expect(page.getByText('Password changed.')).toBeVisible();
  await page.context().clearCookies();
  await page.goto('/sign-in');
  await page.getByLabel('Email').fill(email);
  await page.locator('input[name=password]').fill('another long one');
  await press(page, 'Enter');
  await page.waitForURL('**/desk');
});

test('how the last warm-up set moved proposes the load of the first', async ({ coach: page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('row').filter({ hasText: 'Devika' }).getByRole('link', { name: 'Open as athlete' }).click();
  await page.waitForURL('**/training/**');
  await begin(page, /Hinge and row/);
  const load = page.getByRole('textbox', { name: 'lb' });
  const asked = Number(await load.inputValue());
  // The way up, a set at a time with its own load.
  const sets = Number((await page.getByText(/^Warm-up 1 of \d$/).textContent())?.at(-1));
  expect(sets).toBeGreaterThan(1);
  const walk = async (verdict: string) => {
    for (let set = 1; set < sets; set++)
      await page.getByRole('button', { name: 'Next', exact: true }).click();
    await page.getByRole('button', { name: verdict, exact: true }).click();
    await expect(page.getByText(`Warm-up done: ${verdict}`)).toBeVisible();
  };
  await walk('light');
  await expect(load).toHaveValue(String(asked + 5));
  await page.getByRole('button', { name: 'Show again' }).click();
  await walk('heavy');
  await expect(load).toHaveValue(String(asked - 5));
  await page.getByRole('button', { name: 'Show again' }).click();
  await walk('as expected');
  await expect(load).toHaveValue(String(asked));
  await expect(page.getByRole('status').last()).not.toContainText('Sending');
  await page.reload();
  await start(page);
  await expect(page.getByText('Warm-up done: as expected')).toBeVisible();
});
