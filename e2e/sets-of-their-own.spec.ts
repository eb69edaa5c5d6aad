import * as accountWords from '@/ui/words/screens/account';
import * as athleteWords from '@/ui/words/screens/athlete';
import * as blockWords from '@/ui/words/screens/block';
import * as blockDialogsWords from '@/ui/words/screens/block-dialogs';
import * as blockSettingsWords from '@/ui/words/screens/block-settings';
import * as commonWords from '@/ui/words/screens/common';
import * as deskWords from '@/ui/words/screens/desk';
import * as newBlockWords from '@/ui/words/screens/new-block';
import * as partsWords from '@/ui/words/screens/parts';
import * as sheetWords from '@/ui/words/screens/sheet';
import * as trainingWords from '@/ui/words/screens/training';
import { cell, expect, openBlock, press, ready, savedAt, test } from './coach';
import { begin } from './phones';
import { goTo, takeTechnique } from './prescribe';

test('sets of their own, rising clusters, alternating halves, held and slow last reps, one clock for a group: written by keyboard, logged on the phone', async ({
  coach: page,
}) => {
  test.setTimeout(300_000);
  await openBlock(page, 'Maren');
  await cell(page, 'hack squat', 'slot').focus();

  await test.step('back-offs with an effort, a tempo and a cue of their own', async () => {
    await goTo(page, cell(page, 'hack squat', 'rir'));
    await page.keyboard.type('week, back-offs 1');
    await press(page, 'Enter');
    await expect(cell(page, 'hack squat', 'rir')).toHaveText('wk *');
    await goTo(page, cell(page, 'hack squat', 'tempo'));
    await page.keyboard.type('31X0, back-offs 4011');
    await press(page, 'Enter');
    await expect(cell(page, 'hack squat', 'tempo')).toHaveText('31X0 *');
    await goTo(page, cell(page, 'hack squat', 'tempo'));
    await page.keyboard.type('31X0, slowly');
    await press(page, 'Enter');
    await expect(page.getByRole('alert').filter({ hasText: 'slowly' })).toBeVisible();
    await press(page, 'Escape');
    await press(page, 'Alt+d');
    const details = page.getByRole('region', { name: sheetWords.detailsOf('hack squat') });
    await details.getByLabel(sheetWords.cuesForSingleSets).fill('back-offs: hold each squeeze');
    await press(page, 'Enter', 'Escape');
    await expect(details).toBeHidden();
  });

  await test.step('a top set to failure with partials; two schemes stand side by side before one is taken', async () => {
    await goTo(page, cell(page, 'hack squat', 'technique'));
    await press(page, 'Enter');
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('row', { name: /^sets that count/ })).toBeVisible();
    await expect(dialog.getByRole('row', { name: /^total reps/ })).toBeVisible();
    await press(page, 'Escape');
    await takeTechnique(
      page,
      'hack squat',
      'top set',
      ['top set to failure', ''],
      ['partials after the top set', '3'],
    );
    await expect(cell(page, 'hack squat', 'w3')).toContainText(/× \d+\+3/);
  });

  await test.step('a cluster that rises to a single, halves in turn, a hold and three lowered', async () => {
    await takeTechnique(
      page,
      'dumbbell split squat',
      'cluster',
      ['heavier each set by, %', '10'],
      ['last set a single', ''],
    );
    await expect(cell(page, 'dumbbell split squat', 'technique')).toContainText('↑');
    await expect(cell(page, 'dumbbell split squat', 'w4')).toContainText(/^[\d.]+ × 4×3\s+[\d.]+ × 1/);
    await takeTechnique(page, 'cable crunch', 'total-rep target', ['alternate half reps', '']);
    await expect(cell(page, 'cable crunch', 'w4')).toContainText(/\d\+\d+½/);
    await takeTechnique(page, 'seated leg curl', 'hold and negatives', ['hold, seconds', '12']);
    await expect(cell(page, 'seated leg curl', 'w3')).toContainText(/\+12″\+3↓/);
  });

  await test.step('two ladders in one group are climbed rung by rung, with a closing round', async () => {
    await takeTechnique(page, 'leg press', 'rep ladder', ['sets or rounds', '1'], ['highest reps', '3']);
    await takeTechnique(
      page,
      'barbell hip thrust',
      'rep ladder',
      ['sets or rounds', '1'],
      ['highest reps', '3'],
    );
    await goTo(page, cell(page, 'barbell hip thrust', 'slot'));
    await press(page, 'Alt+j');
    await expect(page.locator('tr', { hasText: 'leg press' }).first()).toContainText('one clock');
    await press(page, 'Alt+d');
    const details = page.getByRole('region', { name: sheetWords.detailsOf('barbell hip thrust') });
    await details.getByLabel(sheetWords.optionalAtTheEnd('rounds of the group')).fill('1');
    await press(page, 'Enter');
    await ready(page);
  });

  await test.step('on the floor each set says its own tempo and cue, and what follows its last rep', async () => {
    await page.getByRole('button', { name: blockWords.sendWeek(3) }).click();
    await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
    const floor = page.url().replace('/blocks/', '/training/').replace(/#.*/, '');
    await page.goto(floor);
    await begin(page, /Lower, squat first/);
    await expect(page.getByText(/^Hack squat, top set/)).toBeVisible();
    await expect(page.getByText(/Tempo 31X0\./)).toBeVisible();
    await expect(page.getByLabel(trainingWords.partialRepsAfter)).toHaveValue('3');
    await page.waitForTimeout(750);
    await page.getByLabel(trainingWords.partialRepsAfter).fill('5');
    await page.getByRole('button', { name: trainingWords.logAsPlanned }).click();
    await expect(page.getByText(/^Hack squat, back-off 1 of/)).toBeVisible();
    await expect(page.getByText(/Hold each squeeze\. Tempo 4011\./)).toBeVisible();

    // Assisted reps and unclean form can be noted for any set.
    await page.getByRole('button', { name: trainingWords.addDetails }).click();
    await page.getByLabel(trainingWords.repsWithHelp).fill('2');
    await page.getByLabel(trainingWords.formWasNotClean).check();
    for (let left = 0; left < 6; left++) {
      await page.waitForTimeout(750);
      await page.getByRole('button', { name: trainingWords.logAsPlanned }).click();
      if (await page.getByText(/^Seated leg curl/).isVisible()) break;
    }
    await expect(page.getByText(/^Seated leg curl/)).toBeVisible();
    await expect(page.getByLabel(trainingWords.secondsHeldAfter)).toHaveValue('12');
    await expect(page.getByLabel(trainingWords.loweredRepsAfter)).toHaveValue('3');

    await page.goto(floor);
    await begin(page, /Lower, hinge first/);
    for (let left = 0; left < 12; left++) {
      if (await page.getByText(/^Leg press/).isVisible()) break;
      await page.waitForTimeout(750);
      await page.getByRole('button', { name: trainingWords.logAsPlanned }).click();
    }
    const names: string[] = [];
    for (let set = 0; set < 4; set++) {
      names.push((await page.getByText(/^(Leg press|Barbell hip thrust), /).textContent()) ?? '');
      await page.waitForTimeout(750);
      await page.getByRole('button', { name: trainingWords.logAsPlanned }).click();
    }
    expect(names.map((name) => name.split(',')[0])).toEqual([
      'Leg press',
      'Barbell hip thrust',
      'Leg press',
      'Barbell hip thrust',
    ]);
  });

  await test.step('back at the desk the cell shows what was done', async () => {
    await page.goto('/desk');
    await openBlock(page, 'Maren');
    await expect(cell(page, 'hack squat', 'w3')).toContainText('+5');
    await expect(cell(page, 'hack squat', 'w3')).toContainText('+2h~');
  });
});

test('rules for all athletes, one athlete, a muscle, an exercise or a block: the most specific applies and each says where it comes from', async ({
  coach: page,
}) => {
  test.setTimeout(240_000);
  const kept = async () => {
    await press(page, 'Control+Enter');
    await expect(page.getByText(commonWords.saved, { exact: true })).toBeVisible();
  };
  const search = async (text: string) => {
    await page.getByLabel(partsWords.searchRules).fill(text);
  };
  const set = async (name: string, value: string) => {
    await page.getByLabel(name, { exact: true }).fill(value);
    await press(page, 'Enter');
  };

  await page.goto('/account');
  await search('hard-set');
  await set('Hard-set threshold', '3');
  await expect(page.getByText(accountWords.savedWeeksThatHaveNot)).toBeVisible();
  await set('Hard-set threshold', '99');
  await expect(page.getByRole('alert').filter({ hasText: 'must be a number from' })).toBeVisible();

  await page.goto('/desk');
  const profile = await page.getByRole('link', { name: deskWords.profileOf('Maren') }).getAttribute('href');
  await page.goto(`${profile}#rules`);
  await search('hard-set');
  await expect(page.getByRole('row', { name: /Hard-set threshold/ })).toContainText(
    partsWords.yourSettingForAll,
  );
  await page.getByLabel(athleteWords.appliesTo).selectOption('one muscle');
  await page.getByLabel(commonWords.muscle, { exact: true }).selectOption('quads');
  await search('hard-set');
  await set('Hard-set threshold', '2');
  await page.getByLabel(athleteWords.appliesTo).selectOption('one exercise');
  const exercise = page.getByRole('combobox', { name: athleteWords.exerciseWithItsOwnSettings });
  await exercise.fill('leg press');
  await press(page, 'Enter');
  await search('hard-set');
  // Quads are its first prime mover.
  await expect(page.getByRole('row', { name: /Hard-set threshold/ })).toContainText('2 set for this muscle');
  await set('Hard-set threshold', '5');
  await kept();

  await page.goto(`${profile}#strength`);
  await page.getByLabel(athleteWords.bestRepRangeLabel('leg press')).fill('12-20');
  await press(page, 'Enter');
  await page.getByLabel(athleteWords.rangeOfMotionAgreedLabel('leg press')).fill('Knees past 90 degrees');
  await press(page, 'Enter');
  await kept();
  await page.goto(`${profile}#person`);
  await page
    .getByRole('region', { name: athleteWords.events })
    .getByRole('button', { name: commonWords.add })
    .click();
  await page.getByLabel(athleteWords.nameOfEvent(1)).fill('Photo day');
  await press(page, 'Enter');
  await kept();

  await page.goto('/desk');
  await openBlock(page, 'Maren');
  await cell(page, 'leg press', 'slot').click();
  await expect(page.getByTestId('why')).toContainText('Full: Knees past 90 degrees');
  await press(page, 'Alt+c');
  const dialog = page.getByRole('dialog', { name: blockDialogsWords.rulesAndNumbersOfThis });
  await dialog.getByLabel(partsWords.searchRules).fill('hard-set');
  await expect(dialog.getByRole('row', { name: /Hard-set threshold/ })).toContainText(
    partsWords.yourSettingForAll,
  );
  await press(page, 'Escape');
  // A new slot starts with the athlete's best rep range.
  await cell(page, 'hack squat', 'slot').click();
  await press(page, 'Alt+n');
  await page.keyboard.type('leg press');
  await press(page, 'Enter');
  await expect(cell(page, 'leg press', 'sets')).toBeFocused();
  await expect(cell(page, 'leg press', 'range')).toHaveText('12–20');
  await savedAt(page, 1);
});

test('timed lists of exercises, a shift of all loads, and a block after time off', async ({
  coach: page,
}) => {
  test.setTimeout(300_000);
  await openBlock(page, 'Maren');
  await cell(page, 'hack squat', 'slot').focus();

  await test.step('two lists for time in one group, two exercises by the minute in another', async () => {
    await takeTechnique(page, 'standing calf raise', 'for time', ['reps in order', '20-15-10']);
    await takeTechnique(page, 'cable crunch', 'for time', ['reps in order', '5-5-5']);
    await goTo(page, cell(page, 'cable crunch', 'slot'));
    await press(page, 'Alt+j');
    await expect(page.locator('tr', { hasText: 'standing calf raise' }).first()).toContainText('one clock');
    await takeTechnique(page, 'leg press', 'every-minute', ['minutes', '4'], ['reps of each', '6']);
    await takeTechnique(page, 'barbell hip thrust', 'every-minute', ['minutes', '4']);
    await goTo(page, cell(page, 'barbell hip thrust', 'slot'));
    await press(page, 'Alt+j');
    await expect(page.locator('tr', { hasText: 'leg press' }).first()).toContainText('one clock');
  });

  await test.step('from week 5 on every load is five per cent higher; the strip of one says so', async () => {
    const load = async () =>
      Number((await cell(page, 'chest-supported row', 'w5').textContent())?.match(/^([\d.]+) ×/)?.[1]);
    const before = await load();
    await page.getByRole('button', { name: blockWords.allSettings }).click();
    const drawer = page.getByRole('dialog');
    await drawer.getByLabel(blockSettingsWords.shiftAllLoadsText).fill('week 5 +5 %');
    await press(page, 'Enter', 'Escape');
    await expect(drawer).toBeHidden();
    await expect.poll(load).toBeGreaterThan(before);
    await ready(page);
  });

  await test.step('on the floor the lists alternate under one stopwatch, and its time is noted for both', async () => {
    await page.getByRole('button', { name: blockWords.sendWeek(3) }).click();
    await expect(page.getByRole('columnheader', { name: 'week 3 sent' })).toBeVisible();
    await page.clock.install();
    await page.goto(page.url().replace('/blocks/', '/training/').replace(/#.*/, ''));
    await begin(page, /Lower, squat first/);
    for (let left = 0; left < 14; left++) {
      if (await page.getByText(/^Standing calf raise, /).isVisible()) break;
      await page.waitForTimeout(750);
      await page.getByRole('button', { name: trainingWords.logAsPlanned }).click();
    }
    const names: string[] = [];
    for (let piece = 0; piece < 6; piece++) {
      names.push((await page.getByText(/^(Standing calf raise|Cable crunch), /).textContent()) ?? '');
      const last = piece === 5;
      await expect(page.getByLabel(trainingWords.secondsTaken)).toHaveCount(last ? 1 : 0);
      if (piece === 0)
        await page.getByRole('button', { name: trainingWords.startTheStopwatchUpTo('8:00') }).click();
      else await expect(page.getByText(/^0:\d\d of 8:00$/)).toBeVisible();
      if (last) await page.clock.fastForward('07:00');
      await page.waitForTimeout(750);
      await page.getByRole('button', { name: trainingWords.logAsPlanned }).click();
    }
    expect(names.map((name) => name.split(' ')[0])).toEqual([
      'Standing',
      'Cable',
      'Standing',
      'Cable',
      'Standing',
      'Cable',
    ]);
    await page.goto('/desk');
    await openBlock(page, 'Maren');
    await expect(cell(page, 'cable crunch', 'w3')).toContainText(/7:[0-4]\d/);
  });

  await test.step('after time away: half the sets, four in reserve, no deload behind', async () => {
    await page.goto('/desk');
    const profile = await page.getByRole('link', { name: deskWords.profileOf('Maren') }).getAttribute('href');
    await page.goto(`/blocks/new?athlete=${profile?.split('/').at(-1)}`);
    await page.getByRole('radio', { name: /^Upper and lower/ }).check();
    await page.getByRole('checkbox', { name: newBlockWords.twoWeeksOrMore }).check({ force: true });
    await expect(page.getByText(/weeks at 50 % of the sets and RIR 4, loads from 85 %/)).toBeVisible();
    await press(page, 'Control+Enter');
    await page.waitForURL(/\/blocks\/[0-9a-f-]{36}/);
    await ready(page);
    await press(page, 'Alt+2');
    await expect(page.getByRole('columnheader', { name: /^week 1/ })).toContainText('4');
    await expect(page.getByRole('columnheader', { name: /^deload/ })).toHaveCount(0);
  });
});
