import { goTo, openDemo } from './bench';
import { expect, test } from './test';

test.use({ demo: 'whole' });

const STORY =
  'It took two of us to lift it onto the scales, and the ribbon would not go round. The judge wrote it down twice. ' +
  'Then she asked for the wheelbarrow, and everybody who had laughed in May came to help. We ate it until the new year.';

test('writing is fitted where it stands, in her own hand as she measured it, and its lines are printed', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Pages');
  await page.getByRole('link', { name: /Heaviest of all/ }).click();
  await page.getByRole('textbox', { name: 'Journaling' }).fill(STORY);
  await page.getByRole('textbox', { name: 'Journaling' }).blur();
  await expect(page.getByText(/^About \d+ letters more than there is room for/)).toBeVisible();
  const choose = async (label: RegExp, option: string): Promise<void> => {
    await page.getByRole('button', { name: label }).click();
    await page.getByRole('option', { name: option }).click();
  };
  await choose(/Written$/, 'on a tag, both sides');
  await expect(page.getByText(/^\d+ lines of 30: /)).toBeVisible();
  // A larger hand takes more lines.
  await page.getByRole('button', { name: 'Measure my hand' }).click();
  const slip = page.getByRole('dialog');
  await slip.getByRole('textbox', { name: 'With which pen' }).fill('broad pen');
  await slip.getByRole('textbox', { name: 'How wide it is' }).fill('14');
  await slip.getByRole('button', { name: 'Keep this hand' }).click();
  await choose(/In$/, 'broad pen');
  await expect(page.getByText(/letters more than there is room for/)).toBeVisible();
  await choose(/Written$/, 'round the page’s edge');
  await expect(page.getByText(/without “.*” it fits/)).toBeVisible();
  await choose(/In$/, 'a small hand');
  await expect(page.getByText(/^It goes round as far as \d+ % of the edge/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^It goes round as far as/)).toBeVisible();
  await choose(/Written$/, 'on strips');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print its lines at true size' }).click();
  expect((await download).suggestedFilename()).toMatch(/^writing-lines-.*\.pdf$/);
});
