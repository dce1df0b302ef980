import { expect, test } from './test';
import { cutAll, openDemo, reload } from './bench';

test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });

test('the main path by touch on a tablet', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Pages' }).tap();
  await page.getByRole('button', { name: 'New page' }).tap();
  await page.getByRole('button', { name: /^Hawk-moth/ }).tap();
  await page.getByRole('button', { name: /^Setting the lamp/ }).tap();
  await page.getByRole('button', { name: /^Framed ground/ }).tap();
  await page.getByRole('option', { name: 'Strip bands' }).tap();
  await page.getByRole('button', { name: /12 × 12 single/ }).tap();
  await page.getByRole('option', { name: '12 × 12 spread' }).tap();
  await expect(page.getByText('12 × 12 spread · Strip bands · an idea')).toBeVisible();
  await expect(page.getByLabel('Cut list').getByText('2 × 12 × 3').first()).toBeVisible();
  await page.getByRole('button', { name: /^To the cuts/ }).tap();
  await page.getByRole('button', { name: 'Take these papers out' }).tap();
  await expect(page.getByText('Set the trimmer to')).toBeVisible();
  await reload(page);
  await cutAll(page, async () => {
    // A cut is made between two taps: at once after another a tap is the second of a double one, which does nothing.
    await page.waitForTimeout(600);
    await page.getByRole('button', { name: 'Cut', exact: true }).tap();
  });
  await page.getByRole('button', { name: 'To the glue' }).tap();
  await page.getByRole('button', { name: 'It is glued' }).tap();
  await page.getByLabel('Title', { exact: true }).fill('Lamp and hawk');
  await page.getByLabel('Place', { exact: true }).tap();
  await page.getByRole('button', { name: 'It is done' }).tap();
  await expect(page.getByText(/· done$/)).toBeVisible();
});
