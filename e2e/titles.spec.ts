import { goTo, openDemo } from './bench';
import { expect, test } from './test';

test.use({ demo: 'whole' });

test('a title is spelt from the letters left, set by set, its letters are taken out and put back by undo', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Titles');
  await expect(page.getByRole('heading', { name: 'Letters left' })).toBeVisible();
  const title = page.getByRole('textbox', { name: 'Title' });
  const ways = page.getByRole('region', { name: 'From which letters' });
  await title.fill('Nine moths');
  await expect(ways.getByRole('button', { name: /alpha seed label as they are/ })).toBeVisible();
  await expect(ways.getByRole('button', { name: /alpha puffy short of/ })).toBeDisabled();
  await expect(page.getByText(/^The last .* of alpha seed label/)).toBeVisible();
  await expect(page.getByText(/About .* wide, 3\/4″ high/)).toBeVisible();
  await page.getByRole('button', { name: 'Take these letters out' }).click();
  await expect(page.getByText('Took the letters of Nine moths out')).toBeVisible();
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await expect(tray.getByText(/alpha seed label/)).toBeVisible();
  // All pages that wait, together.
  await expect(page.getByRole('region', { name: 'For the pages together' }).getByText('…')).toHaveCount(0);
  await page.reload();
  await expect(title).toHaveValue('Nine moths');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(tray.getByText(/alpha seed label/)).toBeHidden();
  // Letters that nobody has are told.
  await page.getByText('turn, swap and cut letters').click();
  await title.fill('Zzz');
  await expect(ways.getByRole('button', { name: /short of z/i }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take these letters out' })).toBeDisabled();
});
