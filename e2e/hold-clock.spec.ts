import { expect, openBlock, test } from './coach';

test('a hold counts down to what is asked, through a phone that slept, and on; what was held stands in its field', async ({
  coach: page,
}) => {
  await openBlock(page, 'Ilmari');
  const issue = page.getByRole('button', { name: /^Issue week \d+$/ });
  await issue.click();
  await expect(page.getByRole('columnheader', { name: /issued/ }).first()).toBeVisible();
  const floor = new URL(page.url()).pathname.replace('/blocks/', '/floor/');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install();
  await page.goto(floor);
  await page.getByRole('link', { name: /Lever and pull/ }).click();
  const start = page.getByRole('button', { name: /^Start the clock: \d+ s$/ });
  const asked = Number((await start.textContent())?.match(/\d+/)?.[0]);
  await start.click();
  await expect(page.getByRole('button', { name: /^Begins in \d s, tap to stop$/ })).toBeVisible();
  await page.clock.fastForward((5 + asked + 3) * 1000);
  const over = page.getByRole('button', { name: /^[3-9] s longer, tap to stop$/ });
  await expect(over).toBeVisible();
  const seconds = asked + Number((await over.textContent())?.match(/\d+/)?.[0]);
  await over.click();
  const field = page.getByLabel('seconds', { exact: true });
  await expect(field).toHaveValue(/^\d+$/);
  const held = Number(await field.inputValue());
  expect(held).toBeGreaterThanOrEqual(seconds);
  expect(held).toBeLessThan(seconds + 3);
  await page.getByRole('button', { name: new RegExp(`^Log ${held} s`) }).click();
  await expect(page.getByText(/^1 of \d+ sets$/)).toBeVisible();
});
