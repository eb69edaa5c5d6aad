import { randomUUID } from 'node:crypto';
import * as deskWords from '@/ui/words/screens/desk';
import { answers, expect, signIn, test, tsx } from './coach';

test('the weekly check of sixty athletes by keyboard alone answers everything that waits', async ({
  page,
}) => {
  test.setTimeout(480_000);
  const email = `${randomUUID()}@example.org`;
  await tsx('bench/roster.ts', email, '60');
  await signIn(page, email);
  await answers(page);
  await expect(page.getByText('60 athletes')).toBeVisible();
  const needs = page.getByRole('region', { name: deskWords.needsAttention });
  const left = async () =>
    Number(await needs.getByRole('heading', { level: 2 }).locator('span').textContent());
  const waited = await left();
  expect(waited).toBeGreaterThan(60);
  await page.getByRole('radio', { name: deskWords.byKind }).focus();
  await page.keyboard.press('Space');
  await expect(needs.getByRole('heading', { level: 3, name: /^Pain \d/ })).toBeVisible();
  // Late in a week the list is so long that less urgent alerts only appear once others are answered.
  const kinds = new Set<string>();
  const look = async () => {
    for (const kind of await needs.getByRole('heading', { level: 3 }).allTextContents())
      kinds.add(kind.replace(/\s*\d+$/, ''));
  };
  await look();

  // Changes that follow from progression rules are applied for all athletes at once.
  await page.getByRole('button', { name: deskWords.applyAllRoutineChanges }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status')).toContainText(/proposed changes applied as proposed/);
  await expect(page.getByRole('button', { name: deskWords.applyAllRoutineChanges })).toHaveCount(0);
  // Esc leaves the search field for the list, where one key answers each alert and focus moves on by itself.
  await page.keyboard.press('/');
  await page.keyboard.press('Escape');
  await expect(needs.locator('[data-need]:focus')).toHaveCount(1);
  // Read in one go: an answered alert may be gone at the next read.
  const inHand = () =>
    page.evaluate(() => {
      const { need = null, kind = null } = (document.activeElement as HTMLElement | null)?.dataset ?? {};
      return { need, kind };
    });
  let actions = 2;
  while ((await left()) > 0) {
    await look();
    const { need, kind } = await inHand();
    // Stalled lifts and doubtful splits are dismissed; an answer may raise another alert, such as loads that follow.
    await page.keyboard.press(kind === 'stall' || kind === 'split' ? 'k' : 'a');
    actions++;
    await expect.poll(async () => (await inHand()).need, { intervals: [40, 60, 100, 150] }).not.toBe(need);
    expect(actions).toBeLessThan(60 * 12);
  }
  await expect(page.getByText(deskWords.nothingNeedsYourAttention)).toBeVisible();
  // Every simulated kind of problem raised an alert.
  expect([...kinds]).toEqual(
    expect.arrayContaining([
      'Pain',
      'Joints',
      'Below target twice in a row',
      'Fatigue',
      'Stalled lifts',
      'Nothing logged',
      'Poor readiness',
      'Splits that do not fit',
      'RIR accuracy',
      'Routine changes',
    ]),
  );
  // At most a dozen keys per athlete; the actual number is far lower.
  expect(actions / 60).toBeLessThanOrEqual(12);
});
