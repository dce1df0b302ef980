import { goTo, openDemo, reload } from './bench';
import { expect, test } from './test';

test('in centimetres, what is typed is in centimetres', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Settings');
  await page.getByText('centimetres, 8.26 cm').click();
  await goTo(page, 'Stash');
  await test.step('a scrap', async () => {
    await page.getByRole('button', { name: 'Add scraps' }).click();
    const dialog = page.getByRole('dialog', { name: 'Add scraps' });
    await dialog.getByLabel(/^A scrap/).fill('10x15 leaf, red');
    await expect(dialog.getByRole('status')).toContainText('10 × 15 cm leaf');
    await page.keyboard.press('Enter');
    await expect(dialog.getByText('10 × 15 cm leaf')).toBeVisible();
    await page.keyboard.press('Escape');
  });
  await test.step('what a paper is', async () => {
    await page
      .getByRole('button', { name: /^night sky.*30.48 × 30.48 cm/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Change what it is' }).click();
    const size = page.getByLabel('Size', { exact: true });
    await expect(size).toHaveValue('30.48x30.48');
    await size.fill('30x30');
    await page.getByRole('button', { name: 'So it is' }).click();
    await expect(page.getByRole('button', { name: /^night sky.*30 × 30 cm/ }).first()).toBeVisible();
  });
  await test.step('what a sheet is cut apart into', async () => {
    await page.getByRole('button', { name: /^leaf.*10 × 15 cm/ }).click();
    await expect(page.getByRole('region', { name: /^leaf/ }).getByText('10 × 15 cm').first()).toBeVisible();
    await page.getByRole('button', { name: 'Cut apart', exact: true }).click();
    const dialog = page.getByRole('dialog', { name: /^Cut apart/ });
    await dialog.getByLabel(/^What is printed on it/).fill('4 x 5x7');
    await dialog.getByRole('button', { name: 'Cut into 4' }).click();
    await expect(dialog).toBeHidden();
    await expect(page.getByRole('button', { name: /^leaf.*5 × 7 cm/ }).first()).toBeVisible();
  });
});

test('a list of sizes without a unit is said to be in centimetres', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).click();
  await page.getByLabel('The list, as it came or as you type it').fill('2 x 30x30 fern\n1 x 15x30 stripes');
  const box = page.getByRole('list', { name: 'What is in the box' });
  await expect(box.getByText('So large, in inches? Or in cm?')).toBeVisible();
  await page.getByRole('radiogroup', { name: 'Sizes without a unit are in' }).getByText('cm', { exact: true }).click();
  await expect(box.getByText('So large, in inches? Or in cm?')).toBeHidden();
  await reload(page);
  await expect(box.getByText('So large, in inches? Or in cm?')).toBeHidden();
  await page.getByLabel('Kit', { exact: true }).fill('ferns');
  await page.getByRole('button', { name: 'the rest is all here' }).click();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await goTo(page, 'Stash');
  await expect(page.getByRole('button', { name: /^fern.*11 13\/16 × 11 13\/16/ }).first()).toBeVisible();
});
