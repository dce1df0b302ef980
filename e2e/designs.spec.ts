import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { leave, beginPage, openDemo, pick } from './bench';

test('the same photos in other designs, the best first with why; one is taken, its options changed', async ({
  page,
}) => {
  await openDemo(page);
  await beginPage(page, 'Box stack', /^Hawk-moth/, 'A hawk-moth came');
  await page.getByRole('button', { name: 'Designs side by side' }).click();
  await page.getByText('Laying the photos out').waitFor({ state: 'detached', timeout: 60_000 });
  const proposals = page.getByRole('list', { name: 'Designs that can be made' }).getByRole('listitem');
  await expect(proposals).toHaveCount(6);
  await expect(proposals.first()).toContainText(/photos/);
  await page.getByRole('button', { name: /^Show \d+ more/ }).click();
  await proposals.filter({ hasText: 'Banners' }).getByRole('button', { name: 'Take this design' }).click();
  await expect(page.getByText('12 × 12 · Banners · an idea')).toBeVisible();
  const cutList = page.getByRole('region', { name: 'Cut list' });
  await expect(cutList.getByText('Fifth banner')).toBeHidden();
  await pick(page, 'Banners', 'five');
  await expect(cutList.getByText('Fifth banner')).toBeVisible();
});

test('a layer is moved, turned and lifted by keys until it covers the photo, and put back', async ({ page }) => {
  await openDemo(page);
  await beginPage(page, 'L shape', /^Hawk-moth/, 'A hawk-moth came');
  await page.getByRole('button', { name: /^Upright strip 2 × 12/ }).click();
  const moves = page.getByRole('region', { name: 'Move the layer' });
  const left = moves.getByText('left', { exact: true }).locator('xpath=following-sibling::dd');
  const before = await left.innerText();
  await page.keyboard.press('ArrowRight');
  await expect(left).not.toHaveText(before);
  await page.getByRole('button', { name: /^Look it over/ }).click();
  const covered = page
    .getByRole('region', { name: 'Worth a look' })
    .getByText('It lies over what matters in the photo.');
  for (let n = 0; n < 3; n++) {
    await page.keyboard.press('PageUp');
    await page.waitForTimeout(150);
  }
  for (let n = 0; n < 24 && !(await covered.isVisible()); n++) {
    await page.keyboard.press('Shift+ArrowRight');
    await page.waitForTimeout(150);
  }
  await expect(covered).toBeVisible();
  await page.keyboard.press(']');
  await expect(moves.getByText('1°')).toBeVisible();
  await page.keyboard.press('Home');
  await expect(left).toHaveText(before);
  await expect(covered).toBeHidden();
});

test('a guide in words becomes a design of her own, is cut from, and goes out and in as a file', async ({ page }) => {
  await openDemo(page);
  await beginPage(page, 'Framed ground', /^Torch on the wall/, 'By torch');
  await page.getByRole('button', { name: 'Write my own' }).click();
  const text = page.getByLabel('Layers, from the bottom up, one a line');
  await text.fill('page 12 x 12\nground 12 x 12\nstrip 12 x 3, beside the photo');
  await expect(page.getByText(/Line 3: “beside the photo” is not understood/)).toBeVisible();
  // What she measured is not lost with the slip.
  await leave(page);
  await page.getByRole('button', { name: 'Write my own' }).click();
  await expect(text).toHaveValue(/strip 12 x 3, beside the photo$/);
  await text.fill(
    'page 12 x 12\nground 12 x 12\nstrip 12 x 3, about 1 1/4 up from the foot\nphoto 6 x 4, 2 from the left, 5 1/2 down from the head',
  );
  await expect(page.getByText('Line 3: about 1 1/4 is taken as 1 1/4.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'What is covered' })).toContainText('strip');
  await page.getByRole('group', { name: 'Lay one more rectangle' }).getByRole('button', { name: 'Lay it' }).click();
  await expect(text).toHaveValue(/box 3 x 3, 1 from the left, 1 down from the head$/);
  await page.getByLabel('Its name').fill('Low strip');
  await page.getByRole('button', { name: 'Keep it, and lay this page so' }).click();
  await expect(page.getByText('12 × 12 · Low strip · an idea')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Cut list' })).toContainText('1 × 12 × 3');

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'As a file' }).click(),
  ]);
  const file = readFileSync(await download.path(), 'utf8');
  expect(JSON.parse(file)).toMatchObject({ format: 'nubbin-design', name: 'Low strip' });
  await page.getByRole('button', { name: 'Write my own' }).click();
  const open = async (content: string): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Open a file' }).click(),
    ]);
    await chooser.setFiles({ name: 'guide.json', mimeType: 'application/json', buffer: Buffer.from(content) });
  };
  await open(file.replace('"3in"', '"3 1/in"'));
  await expect(page.getByText(/guide\.json: .*\/layers\/.*Nothing was changed\./)).toBeVisible();
  await open(file);
  await expect(page.getByLabel('Its name')).toHaveValue('Low strip');
});
