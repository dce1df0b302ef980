import { expect, test } from './test';
import { goTo, openDemo, pick, pictureFile, reload } from './bench';
import { datedJpeg } from './datedJpeg';

test('a picture tells its day; its print is cropped, what must show is marked, where it looks is said', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Photos');
  await pick(page, 'Story', 'a new story …');
  await page.getByLabel('What it is called').fill('Back to the wall');
  const torch = pictureFile('torch', 'back_again.jpg');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose files' }).click(),
  ]);
  await chooser.setFiles([{ ...torch, buffer: Buffer.from(datedJpeg(torch.buffer, '2026:10:03 21:40:00')) }]);
  const story = page.getByRole('region', { name: 'Back to the wall' });
  await expect(story).toContainText('3 Oct 2026');
  await story.getByRole('button', { name: /^back again, 6 × 4/ }).click();
  const slip = page.getByRole('region', { name: 'back again' });
  await expect(slip.getByLabel('Taken')).toHaveValue('2026-10-03 21:40');
  await expect(slip.getByText('Nothing of the picture is lost.')).toBeVisible();

  await pick(page, 'Print', '4 × 4');
  await expect(slip.getByText('33 % of the picture is left out.')).toBeVisible();
  const crop = slip.getByRole('group', { name: 'What is printed' });
  await crop.focus();
  await page.keyboard.press('-');
  await expect(slip.getByText(/(39|40) % of the picture is left out\./)).toBeVisible();
  await page.keyboard.press('Shift+ArrowRight');
  await slip.getByRole('button', { name: 'mark a part' }).click();
  await expect(slip.getByRole('group', { name: 'Not to be covered, 1' })).toBeVisible();
  await pick(page, 'Figures look', 'to the left');
  await slip.getByText('black and white').click();
  await slip.getByText('printed already').click();
  await expect(story).toContainText('4 × 4 · printed, waiting');

  // Found again by its day, and by its state.
  await page.getByLabel('Search').fill('2026-10-03');
  await expect(page.getByRole('button', { name: /^Hawk-moth/ })).toBeHidden();
  await expect(story).toBeVisible();
  await pick(page, 'Photos', 'still to print');
  await expect(page.getByText('No photo is like that.')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  // What was open is open again.
  await reload(page);
  await expect(slip.getByText('33 % of the picture is left out.')).toBeHidden();
  await expect(slip.getByRole('checkbox', { name: 'black and white' })).toBeChecked();
});
