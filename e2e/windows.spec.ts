import { expect, test } from './test';
import { cutAll, goTo, openDemo, paperFigures, reload, takePapersOut } from './bench';

test('hidden middles are cut out before glueing, as her school has it, and go to the stash', async ({ page }) => {
  await openDemo(page);
  await page.goto('/settings');
  await page.getByText('take it back', { exact: true }).click();
  await goTo(page, 'Pages');
  await page.getByRole('button', { name: 'New page' }).click();
  await page.getByRole('button', { name: /^Hawk-moth/ }).click();
  await takePapersOut(page);
  await cutAll(page, () => page.keyboard.press('Space'));
  const steps = page.getByRole('region', { name: 'Before you glue' });
  const frame = steps.getByRole('article').filter({ has: page.getByRole('heading', { name: 'Frame' }) });
  await expect(frame).toContainText('Measure 1″ from its left and 1″ from its head; cut out 10 × 10.');
  await frame.getByRole('button', { name: 'It is cut out' }).click();
  await expect(frame).toBeHidden();
  await reload(page);
  await expect(page.getByRole('heading', { name: 'All cut' })).toBeVisible();
  await expect(frame).toBeHidden();

  await page.getByRole('button', { name: 'To the glue' }).click();
  await page.getByRole('button', { name: 'It is glued' }).click();
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});
