import { expect, test } from './test';
import { beginPage, cutAll, goTo, openDemo, paperFigures, reload } from './bench';

test('two pages are cut in one go, with a reload in the middle; both are then cut', async ({ page }) => {
  await openDemo(page);
  await beginPage(page, 'Framed ground', /^Torch on the wall/, 'Neighbours by torch');
  await page.getByRole('button', { name: /^To the cuts/ }).click();
  await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
  await beginPage(page, 'Strip bands', /^On the scales/, 'The heaviest');
  await page.getByRole('button', { name: /^To the cuts/ }).click();
  await page.getByRole('checkbox', { name: 'Neighbours by torch' }).press('Space');
  const list = page.getByRole('region', { name: 'Cut list' });
  await expect(list).toContainText('Frame · Neighbours by torch');
  await expect(list).toContainText('Upper strip · The heaviest');
  await page.getByRole('button', { name: 'Take these papers out' }).click();
  await expect(page.getByText('Took out the papers for 2 pages')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText('✓').first()).toBeVisible();
  await reload(page);
  await cutAll(page, () => page.keyboard.press('Space'));
  await goTo(page, 'Pages');
  await expect(page.getByRole('link', { name: /Neighbours by torch/ }).first()).toContainText('cut');
  await expect(page.getByRole('link', { name: /The heaviest/ }).first()).toContainText('cut');
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});

test('a strip that no card is long enough for is joined from several, and cut', async ({ page }) => {
  await openDemo(page);
  await beginPage(page, 'Strip bands', /^Torch on the wall/, 'By lantern light');
  await page.getByRole('button', { name: /Upper strip$/ }).click();
  await page.getByRole('option', { name: /^lantern cards .*joined from strips$/ }).click();
  await page.getByRole('button', { name: /^To the cuts/ }).click();
  await page.getByRole('button', { name: 'Join it from shorter strips' }).click();
  const slip = page.getByRole('dialog', { name: 'Upper strip, joined' });
  // Three cards down reach where four across would.
  await expect(slip).toContainText('2 joins');
  const [across, down] = [slip.getByLabel('starts again, across'), slip.getByLabel('and down')];
  await across.fill('7');
  await down.fill('7');
  await expect(slip.getByRole('alert')).toHaveText('The strips there make 4″ at the most; 12″ are wanted.');
  await across.fill('');
  await slip.getByRole('button', { name: 'Cut it so' }).click();
  await expect(page.getByRole('region', { name: 'Joined strips' })).toContainText('Upper strip, 4 parts');
  await page.getByRole('button', { name: 'Take these papers out' }).click();
  await cutAll(page, () => page.keyboard.press('Space'));
});
