import { expect, test, type Page } from './test';
import { readFileSync } from 'node:fs';
import { goTo, openDemo, pick, pictureFile, reload } from './bench';

const LIST = [
  '2 x 12x12 reeds / lamplight, pond + amber, branding strip 1/2',
  'pad 6x8 field notes, 24 sheets of 12 designs, ochre',
  'cut-apart 12x12: 6 x 3x4, 4 x 2x2',
  '2 x 6x12 sticker sheet',
  'sequins, plenty',
  'alpha foam 3/4 in: two full sheets A to Z plus vowels',
  'circle punch 1 1/2 in, reach 1 3/4',
  'ink pad, slate, 3/4 full',
  '4 photo corners',
  'header card 4x6',
];

async function typeList(page: Page, lines: readonly string[]): Promise<void> {
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).click();
  await page.getByLabel('Kit', { exact: true }).fill('Tide Table');
  await page.getByLabel('The list').fill(lines.join('\n'));
}

/** Every kind of thing is put away, and looked for in the stash. */
async function takeIn(page: Page): Promise<void> {
  await typeList(page, LIST);
  await page.getByRole('button', { name: 'the rest is all here' }).click();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await expect(page.getByText('Put Tide Table away')).toBeVisible();
  await expect(page.getByLabel('Theme words')).toBeVisible();
  await goTo(page, 'Stash');
}

async function find(page: Page, text: string, name: RegExp): Promise<void> {
  await page.getByLabel('Search', { exact: true }).fill(`tide table ${text}`);
  await page.getByRole('button', { name }).first().click();
}

test('damaged and wrong things each have their way, by keyboard and from the menu; a reload keeps all', async ({
  page,
}) => {
  await openDemo(page);
  await typeList(page, ['2 x 12x12 reeds, pond', '3 glassine bags 4x6', 'enamel dots 24, pond']);
  await page.getByRole('checkbox', { name: 'reeds is here' }).focus();
  await page.keyboard.press('d');
  await expect(page.getByText('1 damaged, another is owed')).toBeVisible();
  await page.getByRole('checkbox', { name: 'glassine bags is here' }).focus();
  await page.keyboard.press('w');
  await page.getByLabel('What came instead of glassine bags?').fill('2 mini envelopes');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('checkbox', { name: 'mini envelopes is here' })).toBeChecked();
  await page.getByRole('button', { name: 'Something is not right with enamel dots' }).click();
  await page.getByRole('menuitem', { name: 'There is one too many' }).click();
  await expect(page.getByText('1 too many')).toBeVisible();
  await reload(page);
  await expect(page.getByText('1 damaged, another is owed')).toBeVisible();
  await page.getByRole('button', { name: 'Put all away' }).click();
  const owed = page.getByLabel('Owed');
  await expect(owed).toContainText('1 reeds');
  await expect(owed).toContainText('3 glassine bags');
  await expect(owed).not.toContainText('envelopes');
});

test('words are offered while typing; the help sheet gives lines; a list goes out as a file and comes in again, checked', async ({
  page,
}) => {
  await openDemo(page);
  await typeList(page, ['1 x 12x12 rows']);
  const list = page.getByLabel('The list');
  await list.focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(', lampl');
  await page.keyboard.press('Tab');
  await expect(list).toHaveValue('1 x 12x12 rows, lamplight');
  await page.getByRole('button', { name: 'Help with lines' }).click();
  await page.getByRole('button', { name: 'washi 10 yd, amber' }).click();
  await expect(list).toHaveValue('1 x 12x12 rows, lamplight\nwashi 10 yd, amber');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'As CSV' }).click(),
  ]);
  const csv = readFileSync(await download.path());
  const open = async (name: string, mimeType: string, buffer: Buffer): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'From a file' }).click(),
    ]);
    await chooser.setFiles([{ name, mimeType, buffer }]);
  };
  await open('list.csv', 'text/csv', Buffer.from('count,name\ntwo,rows'));
  await expect(page.getByText(/list.csv is not taken. Row 2, count: expected a whole number/)).toBeVisible();
  await expect(list).toHaveValue('1 x 12x12 rows, lamplight\nwashi 10 yd, amber');
  await list.fill('');
  await open('list.csv', 'text/csv', csv);
  await expect(page.getByText('2 lines, 2 things')).toBeVisible();
  await open(
    'more.json',
    'application/json',
    Buffer.from(
      JSON.stringify({
        format: 'nubbin-list',
        version: 1,
        things: [{ name: 'nonsense' }, { name: 'alpha foam', letters: 'A-C x2' }],
      }),
    ),
  );
  await expect(page.getByText('4 lines, 4 things')).toBeVisible();
});

test("a cut-apart sheet becomes its cards, a maker's strip is cut off, and both can be undone after a reload", async ({
  page,
}) => {
  await openDemo(page);
  await takeIn(page);
  await find(page, 'cut-apart', /^cut-apart/);
  await page.getByRole('button', { name: 'Cut apart', exact: true }).click();
  await expect(page.getByLabel('What is printed on it, or what you want')).toHaveValue('6 x 3x4, 4 x 2x2');
  await page.getByRole('button', { name: /^Cut into 1\d/ }).click();
  await expect(page.getByRole('button', { name: /^cut-apart, (3 × 4|4 × 3)/ })).toHaveCount(6);
  await find(page, 'reeds', /^reeds/);
  await page.getByRole('button', { name: 'Cut apart', exact: true }).click();
  await page.getByRole('button', { name: 'Cut 1/2″ off' }).click();
  await expect(page.getByRole('button', { name: /^reeds \/ lamplight, 12 × 1\/2/ })).toHaveCount(1);
  await reload(page);
  await expect(page.getByRole('heading', { name: 'Stash', exact: true })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Cut the strip off reeds / lamplight')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Cut cut-apart apart')).toBeVisible();
});

test('sold, lent and come back; where did the other two go has an answer with its days', async ({ page }) => {
  await openDemo(page);
  await takeIn(page);
  await find(page, 'photo corners', /^photo corners/);
  await page.getByLabel('How many').fill('1');
  await page.getByRole('button', { name: 'Sell' }).click();
  await expect(page.getByText('Sold photo corners')).toBeVisible();
  await page.getByRole('button', { name: 'Lend', exact: true }).click();
  await page.getByLabel('To whom').fill('a neighbour');
  await page.getByRole('button', { name: 'Lend it' }).click();
  await expect(page.getByText('1 lent to a neighbour')).toBeVisible();
  await page.getByRole('button', { name: 'Count anew' }).click();
  await page.getByLabel('Really there').fill('1');
  await page.getByLabel('Why, if known').fill('one tore');
  await page.getByRole('button', { name: 'Put it right' }).click();
  await reload(page);
  const trail = page.getByRole('list', { name: 'Where it has been' });
  for (const words of [
    '4 came in the parcel',
    '1 sold',
    '1 lent to a neighbour',
    '−1, counted anew: one tore',
    '1 here',
  ])
    await expect(trail).toContainText(words);
  await page.getByRole('button', { name: 'It came back' }).click();
  await expect(trail).toContainText('1 came back from being lent');
  await expect(trail).toContainText('2 here');
});

test('stock is taken of a place by keyboard; what is not found is missed, and found again', async ({ page }) => {
  await openDemo(page);
  await takeIn(page);
  await page.getByLabel('Search', { exact: true }).fill('tide table');
  await page.getByRole('button', { name: 'Several at once' }).click();
  await page.getByRole('button', { name: 'choose all that is shown' }).click();
  await page.getByRole('button', { name: 'Cut the makers’ strips off 2 sheets' }).click();
  await expect(page.getByText('Cut the strips off 2 things')).toBeVisible();
  await page.getByRole('button', { name: 'choose all that is shown' }).click();
  await page.getByLabel('Kept in', { exact: true }).fill('case C');
  await page.getByRole('button', { name: 'Put them there' }).click();
  await page.getByRole('button', { name: 'One at a time' }).click();
  await page.getByRole('button', { name: 'Take stock' }).click();
  await pick(page, 'Where', 'case C');
  const lines = page.getByRole('list', { name: 'What should be there' });
  await lines.getByRole('checkbox', { name: /^cut-apart/ }).focus();
  await page.keyboard.press('0');
  await page.keyboard.press(' ');
  await reload(page);
  await page.getByRole('button', { name: 'Take stock' }).click();
  await expect(page.getByText(/^2 of \d+ looked at/)).toBeVisible();
  await lines.getByLabel('Really there of photo corners').fill('3');
  await page.getByRole('button', { name: 'the rest is as it is thought' }).click();
  await expect(page.getByText(/2 differ$/)).toBeVisible();
  await page.getByLabel('Why, if known').fill('after the move');
  await page.getByRole('button', { name: 'Put 2 right' }).click();
  await expect(page.getByText('Counted the stash: 2 things put right')).toBeVisible();
  await reload(page);
  await page.getByRole('button', { name: 'Take stock' }).click();
  await pick(page, 'Where', 'case C');
  await expect(lines).toContainText('not found last time');
  await lines.getByRole('checkbox', { name: /^cut-apart/ }).focus();
  await page.keyboard.press(' ');
  await page.getByRole('button', { name: 'Put 1 right' }).click();
  await find(page, 'photo corners', /^photo corners 3/);
  await expect(page.getByRole('list', { name: 'Where it has been' })).toContainText('−1, counted anew: after the move');
});

test('a wish says what she has already; when it is here it is unpacked', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  const wish = page.getByLabel('Something you would like to have');
  await wish.fill('1 x 12x12 cardstock cream');
  await expect(page.getByText('you have 6 of these, the oldest from October 2025')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(wish).toHaveValue('');
  await reload(page);
  await page.getByRole('button', { name: 'It is here: 1 x 12x12 cardstock cream' }).click();
  await expect(page.getByLabel('The list')).toHaveValue('1 x 12x12 cardstock cream');
});

test('a table is shown row by row before it is taken; one undo takes all of it back', async ({ page }) => {
  await openDemo(page);
  const status = page.getByRole('status').filter({ hasText: /^\d+ things/ });
  const before = await status.innerText();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'As CSV' }).click(),
  ]);
  const open = async (text: string): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'From CSV' }).click(),
    ]);
    await chooser.setFiles([{ name: 'mine.csv', mimeType: 'text/csv', buffer: Buffer.from(text) }]);
  };
  const own = readFileSync(await download.path(), 'utf8');
  await open(own);
  await expect(page.getByText(/^0 added, 0 changed, 0 refused, \d+ as they are/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();
  const changed = own
    .trimEnd()
    .split('\r\n')
    .map((row) => row.replace(/^wood buttons,(.*?),\d+,/, 'wood buttons,$1,2,'));
  await open(
    [...changed, 'cardstock slate,,Old tins,2024-03,,,12,12,3,,tray,,', 'nonsense,,,,,,,,many,,,,'].join('\r\n'),
  );
  await expect(page.getByText(/^1 added, 1 changed, 1 refused/)).toBeVisible();
  await page.getByRole('button', { name: 'Take 2 rows' }).click();
  await expect(page.getByRole('button', { name: /^wood buttons 2/ })).toBeVisible();
  await reload(page);
  await page.getByLabel('Search', { exact: true }).fill('old tins');
  await expect(page.getByRole('button', { name: /^cardstock slate, 12 × 12, Old tins/ })).toHaveCount(3);
  await page.getByLabel('Search', { exact: true }).fill('');
  await page.getByLabel('Search', { exact: true }).blur();
  await page.keyboard.press('Control+z');
  await expect(status).toHaveText(before);
});

test('labels are printed for what is chosen and for places; a colour is picked from a photo', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Several at once' }).click();
  await page.getByRole('button', { name: 'choose all that is shown' }).click();
  const [label] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'A label for these' }).click(),
  ]);
  expect(
    readFileSync(await label.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await page.getByLabel('Kept in', { exact: true }).fill('case D');
  await page.getByRole('button', { name: 'Put them there' }).click();
  const [labels] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'a label for each place' }).click(),
  ]);
  expect(
    readFileSync(await labels.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await page.getByRole('button', { name: 'One at a time' }).click();
  await pick(page, 'Colour', 'one that I pick …');
  await pick(page, 'or from a photo', 'Hawk-moth');
  await page.getByRole('group', { name: 'The photo’s colours' }).getByRole('button').nth(1).click();
  await expect(page.getByRole('heading', { name: 'the nearest first' })).toBeVisible();
});

test('a picture of a paper is pasted', async ({ page }) => {
  await openDemo(page);
  await page
    .getByRole('button', { name: /^dusk wash/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Its picture, colours and words' }).click();
  await page.evaluate((base64) => {
    const bytes = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
    const clipboard = new DataTransfer();
    clipboard.items.add(new File([bytes], 'pasted.jpg', { type: 'image/jpeg' }));
    window.dispatchEvent(new ClipboardEvent('paste', { clipboardData: clipboard }));
  }, pictureFile('torch', 'dusk.jpg').buffer.toString('base64'));
  await page.getByRole('button', { name: 'Take it so' }).click();
  await expect(page.getByText('A picture of dusk wash')).toBeVisible();
});
