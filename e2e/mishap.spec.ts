import { expect, test } from './test';
import { beginBoxStack, cutAll, planAgain, openDemo, paperFigures, reload, takePapersOut } from './bench';

test('a cut at another measure and a spoilt part: the rest is planned again, and finished after a reload', async ({
  page,
}) => {
  await openDemo(page);
  await beginBoxStack(page);
  await takePapersOut(page);
  const setting = page.getByText('Set the trimmer to');
  await expect(setting).toBeVisible();

  await page.getByRole('button', { name: 'Something went wrong' }).click();
  await page.getByLabel(/^I cut it at/).fill('2');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  await page.getByLabel(/^I cut it at/).fill('99');
  await expect(page.getByRole('alert')).toHaveText(/That is beyond the part/);
  await expect(page.getByRole('button', { name: 'That was the cut' })).toBeDisabled();
  await page.getByLabel(/^I cut it at/).fill('3');
  await page.getByRole('button', { name: 'That was the cut' }).click();
  await expect(page.getByText('Noted a mishap for Page without a title')).toBeVisible();
  await planAgain(page);

  await expect(setting).toBeVisible();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  await page.getByRole('button', { name: 'The part is spoilt' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await reload(page);
  await planAgain(page);
  await cutAll(page, () => page.keyboard.press('Space'));

  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});

test('with scissors each cut takes a hair: it is said at every cut, kept over a reload, and the account adds up', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/settings');
  await page.getByRole('radio', { name: '1/32″' }).check({ force: true });
  await beginBoxStack(page);
  await takePapersOut(page);
  await expect(page.getByText('Cut beyond the mark: 1/32″ is taken there.')).toBeVisible();
  await page.keyboard.press('Space');
  await reload(page);
  await cutAll(page, () => page.keyboard.press('Space'));
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
  await page.goto('/settings');
  await expect(page.getByRole('radio', { name: '1/32″' })).toBeChecked();
});
