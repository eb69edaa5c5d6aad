import * as athleteWords from '@/ui/words/screens/athlete';
import * as blockDialogsWords from '@/ui/words/screens/block-dialogs';
import * as commonWords from '@/ui/words/screens/common';
import * as newBlockWords from '@/ui/words/screens/new-block';
import * as pagesWords from '@/ui/words/screens/pages';
import * as partsWords from '@/ui/words/screens/parts';
import * as signInWords from '@/ui/words/screens/sign-in';
import * as templatesWords from '@/ui/words/screens/templates';
import { answers, cell, expect, openBlock, ready, test } from './coach';

test('back and forward move between tabs; titles name the athlete, the block and the tab', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  await expect(page).toHaveTitle(partsWords.denseLadder('Maren Tveitdal, Autumn block, Sheet'));
  await page.getByRole('button', { name: pagesWords.split }).click();
  await expect(page).toHaveURL(/#split$/);
  await page.keyboard.press('Alt+3');
  await expect(page).toHaveURL(/#ladder$/);
  await expect(page).toHaveTitle(/Ladder · Dense Ladder$/);
  await page.goBack();
  await expect(page.getByRole('button', { name: pagesWords.split })).toHaveAttribute('aria-current', 'page');
  await page.goForward();
  await expect(page.getByRole('button', { name: pagesWords.ladder })).toHaveAttribute('aria-current', 'page');
  await page.goBack();
  await page.goBack();
  await expect(page.getByRole('button', { name: pagesWords.sheet })).toHaveAttribute('aria-current', 'page');

  await page.getByRole('link', { name: 'Maren Tveitdal' }).click();
  await page.waitForURL('**/athletes/**');
  await answers(page);
  await page.getByRole('button', { name: athleteWords.strength }).click();
  await page.getByRole('button', { name: commonWords.volume }).click();
  await page.goBack();
  await expect(page.getByRole('button', { name: athleteWords.strength })).toHaveAttribute(
    'aria-current',
    'page',
  );
  await expect(page).toHaveTitle(partsWords.denseLadder('Maren Tveitdal, Strength'));
});

test('a link to a cell or a dialog opens exactly that, even when it leads through sign-in', async ({
  coach: page,
  browser,
  email,
}) => {
  await openBlock(page, 'Maren');
  await page.getByRole('button', { name: pagesWords.ladder }).click();
  await page.keyboard.press('Alt+2');
  await cell(page, 'leg press', 'rest').click();
  await expect(page).toHaveURL(/#sheet\/[\w-]+\/rest$/);
  await page.keyboard.press('Alt+c');
  await expect(page.getByRole('dialog', { name: blockDialogsWords.rulesAndNumbersOfThis })).toBeVisible();
  await expect(page).toHaveURL(/\/rest:conventions$/);
  const address = page.url();

  const elsewhere = await (await browser.newContext()).newPage();
  await elsewhere.goto(address);
  await elsewhere.waitForURL('**/sign-in?to=**');
  await elsewhere.getByLabel(signInWords.email).fill(email);
  await elsewhere.locator('input[name=password]').fill('rung by rung');
  await elsewhere.getByRole('button', { name: signInWords.signIn }).click();
  await elsewhere.waitForURL('**/blocks/**');
  await expect(
    elsewhere.getByRole('dialog', { name: blockDialogsWords.rulesAndNumbersOfThis }),
  ).toBeVisible();
  await elsewhere.keyboard.press('Escape');
  await expect(elsewhere).toHaveURL(/\/rest$/);
  await expect(elsewhere.locator('[data-column="rest"][tabindex="0"]')).toBeVisible();
  await elsewhere.context().close();
});

test('dark mode is there from the first paint after a reload, without console output', async ({
  coach: page,
}) => {
  const said: string[] = [];
  page.on('console', (message) => {
    if (['error', 'warning'].includes(message.type())) said.push(message.text());
  });
  page.on('pageerror', (error) => said.push(error.message));
  await page.getByRole('button', { name: /▾$/ }).click();
  await page.getByRole('menuitemradio', { name: commonWords.darkTheme }).click();
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
  for (const address of ['/desk', '/library', '/account', '/athletes/new']) {
    await page.goto(address);
    await expect(page.getByRole('button', { name: /▾$/ })).toBeVisible();
  }
  await page.goto('/desk');
  await openBlock(page, 'Maren');
  await page.reload();
  await ready(page);
  expect(said).toEqual([]);
});

test('an exercise is found by its gym name, even misspelled; a missing exercise can be created', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  await cell(page, 'leg press', 'slot').click();
  await page.keyboard.press('Enter');
  const field = page.getByRole('combobox', { name: /^Exercise/ });
  for (const [typed, found] of [
    ['romanian deadlift', 'Romanian deadlift'],
    ['RDL', 'Romanian deadlift'],
    ['skull crusher', 'skull crusher'],
    ['military press', 'overhead press'],
    ['OHP', 'overhead press'],
    ['hammer curl', 'hammer curl'],
    ['chinup', 'chin-up'],
    ['pull up', 'pull-up'],
    ['incline flye', 'incline dumbbell fly'],
    ['bulgarian', 'Bulgarian split squat'],
    ['face pull', 'face pull'],
    ['pec deck', 'pec fly machine'],
    ['lat pulldown', 'lat pulldown'],
    ['preacher curl', 'preacher curl'],
    ['nordic', 'Nordic hamstring curl'],
    ['hex bar deadlift', 'trap-bar deadlift'],
    ['diamond push-up', 'close-grip push-up'],
    ['ab wheel', 'rollout'],
    ['seal row', 'seal row'],
    ['pallof press', 'anti-rotation press'],
    ['skul crusher', 'skull crusher'],
  ] as const) {
    await field.fill(typed);
    await expect(page.getByRole('option').first()).toContainText(found);
  }
  await field.fill('cellar door hinge');
  await page.getByRole('option', { name: /as your own exercise/ }).click();
  await page.waitForURL('**/library#new:**');
  await expect(page.getByLabel(commonWords.name, { exact: true })).toHaveValue('cellar door hinge');
});

test('signing in again leads back to the page one was on', async ({ page, email }) => {
  await page.goto('/library#leg-press');
  await page.waitForURL('**/sign-in?to=%2Flibrary**');
  await page.getByLabel(signInWords.email).fill(email);
  await page.locator('input[name=password]').fill('rung by rung');
  await page.getByRole('button', { name: signInWords.signIn }).click();
  await page.waitForURL('**/library#leg-press');
  await expect(page.getByRole('complementary', { name: commonWords.exerciseLabel })).toContainText(
    'Leg press',
  );
});

test('focus is never lost: after closing a dialog with Esc, adding a slot, removing several, cutting and pasting', async ({
  coach: page,
}) => {
  await openBlock(page, 'Maren');
  const onCell = () => page.evaluate(() => document.activeElement?.getAttribute('data-row') ?? null);
  const inDialog = () => page.evaluate(() => document.activeElement?.closest('[role=dialog]') != null);
  await cell(page, 'leg press', 'rest').click();
  for (const keys of ['Alt+h', 'Alt+c', 'Alt+b', 'Alt+r']) {
    await page.keyboard.press(keys);
    await expect.poll(inDialog).toBe(true);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    await expect.poll(onCell).not.toBeNull();
  }
  // After adding a slot, typing goes into it.
  await page.keyboard.press('Alt+n');
  await page.keyboard.type('hammer curl');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'hammer curl', 'sets')).toBeFocused();
  await page.keyboard.type('4');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'hammer curl', 'sets')).toHaveText('4');

  // Removes two selected slots as one step.
  await cell(page, 'seated leg curl', 'slot').click();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Delete');
  await expect(cell(page, 'seated leg curl', 'slot')).toBeHidden();
  await expect(cell(page, 'dumbbell split squat', 'slot')).toBeHidden();
  await expect.poll(onCell).not.toBeNull();
  await page.keyboard.press('Control+z');
  await expect(cell(page, 'seated leg curl', 'slot')).toBeVisible();
  await expect(cell(page, 'dumbbell split squat', 'slot')).toBeVisible();

  // After a session's last slot the cursor goes on to the next session.
  const first = async () =>
    (await page.locator('[data-column="slot"]').allTextContents()).findIndex((text) =>
      text.includes('cable crunch'),
    );
  await cell(page, 'cable crunch', 'slot').click();
  const before = await first();
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(first).toBe(before + 1);
  await expect(cell(page, 'cable crunch', 'slot')).toBeFocused();
});

test('letters typed while the techniques are still loading are not lost', async ({ coach: page }) => {
  await openBlock(page, 'Maren');
  await cell(page, 'leg press', 'technique').click();
  await page.keyboard.type('drop', { delay: 0 });
  await expect(page.getByRole('combobox', { name: /^Technique of/ })).toHaveValue('drop');
});

test('templates can be viewed, renamed and removed, and used to start a block', async ({ coach: page }) => {
  await page.getByRole('link', { name: commonWords.templates }).click();
  await page.waitForURL('**/templates');
  await expect(page).toHaveTitle(partsWords.denseLadder('Templates'));
  await page.getByRole('link', { name: /^Rings and bars/ }).click();
  await answers(page);
  const name = page.getByLabel(commonWords.nameOfTheTemplate);
  await name.fill(' ');
  await name.press('Enter');
  await expect(page.getByText(commonWords.enterAName)).toBeVisible();
  await name.fill('Rings, bars and legs');
  await name.press('Enter');
  await expect(page.getByRole('link', { name: /^Rings, bars and legs/ })).toBeVisible();
  await page.getByRole('button', { name: templatesWords.removeTheTemplate('Rings, bars and legs') }).click();
  await page
    .getByRole('button', { name: templatesWords.confirmRemoveForGood('Rings, bars and legs') })
    .click();
  await expect(page.getByRole('link', { name: /^Rings, bars and legs/ })).toBeHidden();

  await page.getByRole('link', { name: /^Upper and lower, four days/ }).click();
  await expect(page.getByRole('region', { name: commonWords.weekText })).toContainText('Lower, squat first');
  await page.getByRole('link', { name: /^Maren/ }).click();
  await page.waitForURL('**/blocks/new**');
  await answers(page);
  await expect(page.getByRole('radio', { name: /^Upper and lower, four days/ })).toBeChecked();
  await expect(page.getByText(newBlockWords.noProblemsOrWarnings)).toBeVisible();
  await page.goto('/templates?show=template/nothing');
  await expect(page.getByText(templatesWords.templateNotFound)).toBeVisible();
});
