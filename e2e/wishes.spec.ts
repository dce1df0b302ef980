import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { beginBoxStack, openDemo } from './bench';

test('a paper is forbidden and allowed again, a sheet is kept as drawn, and the plan follows', async ({ page }) => {
  await openDemo(page);
  await beginBoxStack(page);
  await page.getByRole('button', { name: /^To the cuts/ }).click();
  const cream = page.getByRole('figure').filter({ hasText: 'cardstock cream' });
  await expect(cream).toContainText('a leftover');
  await cream.getByRole('button', { name: /as drawn$/ }).click();
  await expect(cream.getByRole('button', { name: /as drawn$/ })).toHaveAttribute('aria-pressed', 'true');

  const [outlines] = await Promise.all([
    page.waitForEvent('download'),
    cream.getByRole('button', { name: /as SVG$/ }).click(),
  ]);
  expect(readFileSync(await outlines.path(), 'utf8')).toContain('mm" viewBox="0 0 ');
  const [sheet] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Cut sheet to print' }).click(),
  ]);
  expect(
    readFileSync(await sheet.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');

  await cream.getByRole('button', { name: /^Not from this/ }).click();
  const refused = page.getByRole('region', { name: 'Not from these' });
  await expect(refused).toContainText('cardstock cream');
  await expect(cream.filter({ hasText: '7 3/4 × 7 3/4' })).toHaveCount(0);
  await refused.getByRole('button', { name: 'allow it again' }).click();
  await expect(refused).toBeHidden();
  await expect(cream.filter({ hasText: '7 3/4 × 7 3/4' })).toHaveCount(1);
});
