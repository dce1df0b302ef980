import { expect, test, type Page } from './test';
import { goTo, openDemo, startEmpty } from './bench';

async function choose(page: Page, name: string, buffer: Buffer): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose files' }).click(),
  ]);
  await chooser.setFiles([{ name, mimeType: 'image/jpeg', buffer }]);
}

test('a picture that cannot be read and an empty file are named, and what was typed stays', async ({ page }) => {
  await openDemo(page);
  await startEmpty(page);
  await goTo(page, 'Photos');
  await page.getByLabel('What it is called').fill('A raku firing');
  await choose(page, 'smoke.jpg', Buffer.from('this is no picture'));
  await expect(page.getByRole('alert').getByText('smoke.jpg cannot be read as a picture.')).toBeVisible();
  await choose(page, 'nothing.jpg', Buffer.alloc(0));
  await expect(page.getByText('nothing.jpg is empty: it has 0 bytes.')).toBeVisible();
  await expect(page.getByLabel('What it is called')).toHaveValue('A raku firing');
});

test('a broken measure says what is wrong in its place', async ({ page }) => {
  await openDemo(page);
  const field = page.getByLabel('Holds, width');
  for (const [typed, says] of [
    ['3 1/', 'The fraction is not finished'],
    ['-2in', 'leave the minus out'],
    ['three', 'This is not a measure'],
  ] as const) {
    await field.fill(typed);
    await expect(page.getByText(says)).toBeVisible();
    await expect(field).toHaveValue(typed);
  }
  await field.fill('6');
  await expect(page.getByText('This is not a measure')).toBeHidden();
});

test('nothing on a list stops it: what is not sure is told, put right or left out in its place', async ({ page }) => {
  await openDemo(page);
  await startEmpty(page);
  await page.getByRole('button', { name: 'Unpack a parcel' }).first().click();
  await page.getByLabel('The list').fill('2 x 12x12 moths, ink\nsome nonsense\nKite mk2 12x12');
  await expect(page.getByText('What is this number?')).toBeVisible();
  await page.getByRole('button', { name: '1 line in doubt' }).click();
  await page.keyboard.press('e');
  await page.keyboard.type('3');
  await page.keyboard.press('Enter');
  await expect(page.getByText('What is this number?')).toBeHidden();
  await expect(page.getByRole('checkbox', { name: 'Kite mk2 is here' })).toBeFocused();
  await expect(page.getByText('0 of 3', { exact: true })).toBeVisible();
  await page.getByRole('checkbox', { name: 'some nonsense is here' }).focus();
  await page.keyboard.press('e');
  await page.getByRole('button', { name: 'leave it out' }).click();
  await page.getByRole('button', { name: 'take it in' }).click();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await expect(page.getByText('Give it its name.').first()).toBeVisible();
  await expect(page.getByLabel('The list')).toHaveValue('2 x 12x12 moths, ink\nsome nonsense\nKite mk2 12x12');
});

test('a photo larger than the page, and papers too few for it', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Pages');
  await page.getByRole('button', { name: 'New page' }).click();
  await page.getByRole('button', { name: /^Setting the lamp/ }).click();
  await page.getByRole('button', { name: /12 × 12 single/ }).click();
  await page.getByRole('option', { name: 'a notebook of my own size' }).click();
  await expect(page.getByText(/Photo 1, with its mat 6 1\/4 × 4 1\/4, is larger than the/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^To the cuts/ })).toBeDisabled();
  await expect(page.getByRole('button', { name: 'on a 12 × 12' })).toBeVisible();
  await page.getByLabel('Page width').fill('16');
  await page.getByLabel('Page height').fill('16');
  await page.keyboard.press('Tab');
  await expect(page.getByText(/No paper is left for the frame, which needs a piece of 16 × 16/)).toBeVisible();
});

test('a file that is damaged or of another program is refused with its place, and nothing changes', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/settings');
  const read = async (name: string, text: string): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Read a file back' }).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  };
  await read('cut.json', '{"format":"nubbin-bench","version":1,"kits":[');
  await expect(page.getByRole('alert')).toContainText('it is not whole JSON');
  await read('other.json', '{"hello":"there"}');
  await expect(page.getByRole('alert')).toContainText('it was not written by Nubbin');
  await read(
    'bent.json',
    JSON.stringify({
      format: 'nubbin-bench',
      version: 1,
      kits: [{ id: 'k' }],
      faces: [],
      lots: [],
      stories: [],
      photos: [],
      images: [],
      pages: [],
      drafts: [],
      events: [],
    }),
  );
  await expect(page.getByRole('alert')).toContainText('at /kits/0');
  await goTo(page, 'Stash');
  await expect(page.getByRole('heading', { name: 'ink and night' })).toBeVisible();
});

test('a part of the application that cannot be loaded is told, and all is there after a reload', async ({ page }) => {
  await page.route('**/planning.worker*', (route) => route.abort());
  await openDemo(page);
  await goTo(page, 'Busters');
  await expect(page.getByRole('alert').getByText('could not be loaded')).toBeVisible();
  await page.unroute('**/planning.worker*');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('list', { name: 'Proposed pages' }).getByRole('listitem').first()).toBeVisible();
});

test('one of several things on a line is left out, and taken in again', async ({ page }) => {
  await openDemo(page);
  await startEmpty(page);
  await page.getByRole('button', { name: 'Unpack a parcel' }).first().click();
  await page.getByLabel('The list').fill('3 sheets 12x12 cardstock (2 white, 1 kraft)');
  await page.getByRole('checkbox', { name: 'cardstock kraft is here' }).focus();
  await page.keyboard.press('e');
  await page.getByRole('button', { name: 'leave it out' }).click();
  await expect(page.getByText('0 of 1 line checked')).toBeVisible();
  await expect(page.getByText('left out', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'take it in' }).click();
  await expect(page.getByText('0 of 2 lines checked')).toBeVisible();
});
