import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { goTo, openDemo, pick, pictureFile, reload } from './bench';

test('several things are put in a case, found there, given away together, and brought back', async ({ page }) => {
  await openDemo(page);
  const status = page
    .getByRole('status')
    .filter({ hasText: /things?/ })
    .first();
  const before = await status.innerText();
  await page.getByRole('button', { name: 'Several at once' }).click();
  await page.getByLabel('Search', { exact: true }).fill('rounds');
  await page.getByRole('button', { name: 'choose all that is shown' }).click();
  await expect(page.getByRole('heading', { name: /^\d things chosen$/ })).toBeVisible();
  await page.getByLabel('Kept in', { exact: true }).fill('case B');
  await page.getByRole('button', { name: 'Put them there' }).click();
  await expect(page.getByText(/^Put one thing in case B/)).toBeVisible();
  await page.getByRole('button', { name: 'show all', exact: true }).click();
  await page.getByRole('button', { name: 'more ways to look' }).click();
  await page.getByRole('button', { name: /Kept in$/ }).click();
  await page.getByRole('option', { name: 'case B' }).click();
  const found = Number((await status.innerText()).split(' ')[0]);
  expect(found).toBeGreaterThan(1);
  await page.getByRole('button', { name: 'choose all that is shown' }).click();
  await page.getByRole('button', { name: 'Give away', exact: true }).click();
  await expect(page.getByText('Nothing here is like that.')).toBeVisible();
  await pick(page, 'Which is', 'gone');
  await expect(status).toHaveText(new RegExp(`^${found} things`));
  await reload(page);
  await page.getByRole('button', { name: 'show all', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'ink and night' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('status').filter({ hasText: before.split('\n')[0]! })).toBeVisible();
});

test('what goes with a colour, from all kits, the nearest first; what has lain untouched', async ({ page }) => {
  await openDemo(page);
  await pick(page, 'Colour', 'one that I pick …');
  await page.locator('input[type="color"]').fill('#22314f');
  await expect(page.getByRole('heading', { name: 'the nearest first' })).toBeVisible();
  await expect(page.getByTestId('scraps').getByRole('button').first()).toHaveAccessibleName(
    /^(moths|cardstock ink|night sky)/,
  );
  await pick(page, 'What goes with it', 'its opposite');
  await expect(page.getByTestId('scraps').getByRole('button').first()).not.toHaveAccessibleName(
    /^(moths|cardstock ink|night sky)/,
  );
  await page.getByRole('button', { name: 'show all', exact: true }).click();
  await page.getByRole('button', { name: 'more ways to look' }).click();
  await pick(page, 'Untouched for', '6 months');
  await pick(page, 'Laid out by', 'age');
  await expect(page.getByRole('heading', { name: 'since October 2025' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'since November 2026' })).toBeHidden();
});

test('a count is put right with its reason, which its slip tells; the stash goes out as CSV', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^brass clips/ }).click();
  await page.getByRole('button', { name: 'Count anew' }).click();
  await page.getByLabel('Really there').fill('2');
  await page.getByLabel('Why, if known').fill('found behind the tray');
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(page.getByText(/counted anew: found behind the tray/)).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'As CSV' }).click(),
  ]);
  const csv = readFileSync(await download.path(), 'utf8');
  expect(csv.charCodeAt(0)).toBe(0xfeff);
  expect(csv).toContain('brass clips,embellishment,Ringing Chamber,2025-10');
});

test('taking in what she has already is told', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).click();
  await page.getByLabel('The list').fill('2 x 12x12 cardstock cream\n1 x 12x12 heron reeds, pond');
  await expect(page.getByText(/you have \d+ of these, the oldest from \w+ 202\d/)).toHaveCount(1);
});

test('what share of a palette is on hand, with which things, and what is missing', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'A palette' }).click();
  const colours = page.getByLabel('Its colours, or a GIMP palette');
  await colours.fill('#22314f quayside');
  await expect(page.getByText('Line 1: quayside is no colour.')).toBeVisible();
  await colours.fill('GIMP Palette\nName: night\n34 49 79 Ink\n0 255 0 Lime');
  await expect(page.getByText('50 % of it is on hand.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Colour by colour' })).toContainText('#00ff00 is missing');
  await page.getByRole('button', { name: 'show what is near' }).first().click();
  await expect(page.getByRole('heading', { name: 'the nearest first' })).toBeVisible();
});

test('a list is fetched from the club; what is late is owed, and comes', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Fetch a list' }).click();
  await page.getByRole('button', { name: 'Heron Lock, December 2026' }).click();
  await expect(page.getByRole('heading', { name: 'Heron Lock' })).toBeVisible();
  await expect(page.getByText('0 of 11 lines checked')).toBeVisible();
  await page.getByRole('checkbox', { name: 'enamel dots is here' }).focus();
  await page.keyboard.press('0');
  await page.getByRole('button', { name: 'the rest is all here' }).click();
  await page.getByRole('button', { name: 'Put all away' }).click();
  const owed = page.getByLabel('Owed');
  await expect(owed).toContainText('24 enamel dots');
  await page.getByLabel('Theme words').fill('heron, water');
  await page.getByLabel('Theme words').blur();
  await owed.getByRole('button', { name: 'It has come: enamel dots' }).click();
  await expect(owed).not.toContainText('24 enamel dots');
  await reload(page);
  await expect(page.getByLabel('Theme words')).toHaveValue('heron, water');
});

test("a picture of the real paper takes the drawing's place, with its colours; its words find it", async ({ page }) => {
  await openDemo(page);
  await page
    .getByRole('button', { name: /^dusk wash/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Its picture, colours and words' }).click();
  const colour = page.getByRole('group', { name: 'Its colours' }).getByLabel('Colour 1');
  const before = await colour.inputValue();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose a picture' }).click(),
  ]);
  await chooser.setFiles([pictureFile('torch', 'dusk.jpg')]);
  await page.getByRole('slider', { name: 'Head left corner' }).focus();
  for (const key of ['ArrowRight', 'Shift+ArrowDown']) await page.keyboard.press(key);
  await expect(page.getByRole('slider', { name: 'Head left corner' })).toHaveAttribute(
    'aria-valuetext',
    '1 % across, 5 % down',
  );
  await page.getByRole('button', { name: 'Take it so' }).click();
  await expect(page.getByText('A picture of dusk wash')).toBeVisible();
  await pick(page, 'How busy it looks', 'busy');
  await pick(page, 'Printed on', 'cream');
  await expect(colour).not.toHaveValue(before);
  await expect(page.locator('pattern image')).toHaveCount(1);
  await page.getByLabel('Motifs, and words printed on it').fill('harbour, good night');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByLabel('Search', { exact: true }).fill('harbour');
  await expect(page.getByRole('status').filter({ hasText: /^[12] things?/ })).toBeVisible();
  await reload(page);
  await expect(page.locator('pattern image')).toHaveCount(1);
});

test('what is searched for stands in the address: a thing chosen, a reload and Back keep it', async ({ page }) => {
  await openDemo(page);
  await page.getByLabel('Search', { exact: true }).fill('moths');
  await pick(page, 'Kind', 'patterned paper');
  await expect(page).toHaveURL(/text=moths.*kind=paper|kind=paper.*text=moths/);
  const found = page.getByRole('status').filter({ hasText: /^\d+ things?/ });
  const [count] = (await found.innerText()).split(' ');
  await page.getByTestId('scraps').getByRole('button').first().click();
  await expect(page).toHaveURL(/\/stash\/.+text=moths/);
  await page.reload();
  await expect(page.getByLabel('Search', { exact: true })).toHaveValue('moths');
  await expect(found).toHaveText(new RegExp(`^${count} things?`));
  await goTo(page, 'Pages');
  await page.goBack();
  await expect(page.getByLabel('Search', { exact: true })).toHaveValue('moths');
});
