import { expect, test, type Page } from './test';
import { goTo, openDemo, pick } from './bench';

async function newList(page: Page, name: string, list: string): Promise<void> {
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).click();
  await expect(page.getByRole('heading', { name: 'New parcel' })).toBeVisible();
  await page.getByLabel('Kit', { exact: true }).fill(name);
  await page.getByRole('textbox', { name: 'The list' }).fill(list);
}

/** Puts a text on the clipboard's way into whatever has the focus. */
const paste = (page: Page, text: string): Promise<void> =>
  page.evaluate((told) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', told);
    const event = new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true });
    (document.activeElement ?? document.body).dispatchEvent(event);
  }, text);

test('a rule of hers holds for the next list, until she takes it back', async ({ page }) => {
  await openDemo(page);
  await newList(page, 'Tide Table', '2 gizmo wheels');
  await page.getByRole('checkbox', { name: 'gizmo wheels is here' }).focus();
  await page.keyboard.press('e');
  await pick(page, 'Kind', 'tool');
  await page.getByText('so on every list').click();
  await page.getByLabel('for lines with the words').fill('gizmo');
  await page.getByRole('button', { name: 'So it is' }).click();
  await expect(page.getByLabel('Your rules for lists')).toContainText('gizmo is tool');
  await page.getByRole('button', { name: 'Drop this list' }).click();
  await newList(page, 'Next Table', '3 gizmo cogs');
  const box = page.getByLabel('What is in the box');
  await expect(box).toContainText('tool');
  await page.getByRole('button', { name: 'No rule any more for gizmo' }).click();
  await expect(box).toContainText('embellishment');
});

test('a line that was passed over is taken in, and nothing of a half-used kit is owed', async ({ page }) => {
  await openDemo(page);
  await newList(page, 'Old Tide', 'Hello my dear friends, here we are again!\n4 wood buttons\n2 x 12x12 reeds, pond');
  await page.getByRole('button', { name: /^Take in: Hello/ }).click();
  await expect(page.getByText('0 of 3 lines checked')).toBeVisible();
  await page.getByLabel('Month').fill('2022');
  await page.getByText('half used: what is here is what is left').click();
  await page.getByRole('checkbox', { name: 'wood buttons is here' }).focus();
  await page.keyboard.press('2');
  await page.getByRole('button', { name: 'Put all away' }).click();
  await expect(page.getByText('Put Old Tide away')).toBeVisible();
  await expect(page.getByText('about 2022').first()).toBeVisible();
  await expect(page.getByLabel('Owed', { exact: true })).not.toContainText('Old Tide');
  await expect(page.getByText('2 came')).toBeVisible();
});

test('cells of a spreadsheet become lines of the list, and rows of the stash', async ({ page }) => {
  await openDemo(page);
  await newList(page, 'Tide Table', '');
  await page.getByRole('textbox', { name: 'The list' }).focus();
  await paste(page, 'Item\tQty\tColor\nenamel dots\t24\tpond\nwood buttons\t5\t\n');
  await expect(page.getByText('2 lines, 2 things')).toBeVisible();
  await goTo(page, 'Stash');
  await page.getByRole('heading', { name: 'Stash', exact: true }).click();
  await paste(page, 'thing\tamount\tkit\nbrass stars\t12\tOld box\nwire\t1\tOld box\n');
  await expect(page.getByRole('dialog')).toContainText('2 added');
  await page.getByRole('button', { name: 'Take 2 rows' }).click();
  await page.getByLabel('Search', { exact: true }).fill('brass stars');
  await expect(page.getByRole('button', { name: /^brass stars/ })).toBeVisible();
});

test('letters taken in uncounted are counted by those that are gone', async ({ page }) => {
  await openDemo(page);
  await newList(page, 'Tide Table', '1 alpha sticker sheet, foam');
  await page.getByRole('button', { name: 'All has come' }).click();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await goTo(page, 'Stash');
  await page.getByLabel('Search', { exact: true }).fill('foam tide');
  await page.getByRole('button', { name: /^alpha/ }).click();
  await page.getByRole('button', { name: 'Count its letters' }).click();
  await page.getByLabel('Of each there were').fill('2');
  await page.getByRole('textbox', { name: 'Gone' }).fill('eeo');
  await page.getByRole('button', { name: 'So many there are' }).click();
  const slip = page.getByLabel(/its slip$/);
  await expect(slip).toContainText('A2 B2 C2 D2 F2');
  await expect(slip).toContainText('O P2');
  await page.keyboard.press('Control+z');
  await expect(slip).toContainText('A to Z, not counted');
});

test('on a list, Ctrl Z takes its own ticks and corrections back, never what was done before', async ({ page }) => {
  await openDemo(page);
  await newList(page, 'Tide Table', '4 wood buttons\n2 brass stars');
  await page.getByRole('checkbox', { name: 'wood buttons is here' }).focus();
  await page.keyboard.press('2');
  await expect(page.getByText('2 owed')).toBeVisible();
  await page.getByRole('checkbox', { name: 'brass stars is here' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('2 of 2 lines checked')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('1 of 2 lines checked')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('2 owed')).toBeHidden();
  await page.keyboard.press('Control+y');
  await expect(page.getByText('2 owed')).toBeVisible();
  for (let n = 0; n < 6; n++) await page.keyboard.press('Control+z');
  await expect(page.getByText('Nothing was changed on this list since it was opened.')).toBeVisible();
  await goTo(page, 'Stash');
  await expect(page.getByRole('heading', { name: 'ink and night' })).toBeVisible();
});

test('a list left and come back to at once is as it was left', async ({ page }) => {
  await openDemo(page);
  await newList(page, 'Tide Table', '');
  const list = page.getByRole('textbox', { name: 'The list' });
  await list.fill('4 wood buttons\n2 brass stars');
  await page.getByRole('checkbox', { name: 'half used: what is here is what is left' }).focus();
  // The screens by their keys, there and back, before anything can have been written.
  await page.evaluate(() => {
    for (const key of ['2', '1'])
      document.activeElement?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
  });
  await expect(list).toHaveValue('4 wood buttons\n2 brass stars');
  await list.press('Control+End');
  await list.pressSequentially('\n3 clips');
  await expect(page.getByText('3 lines, 3 things')).toBeVisible();
});

/** Writes a list and presses buttons in the same moment. */
const writeAndPress = (page: Page, list: string, names: readonly string[]): Promise<void> =>
  page.getByRole('textbox', { name: 'The list' }).evaluate(
    (field: HTMLTextAreaElement, [text, presses]) => {
      const write = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')?.set?.bind(field);
      write?.(text);
      field.dispatchEvent(new Event('input', { bubbles: true }));
      for (const name of presses)
        [...document.querySelectorAll('button')].find(({ textContent }) => textContent.startsWith(name))?.click();
    },
    [list, names] as const,
  );

test('what is done with a whole list is done with it to the last letter, however soon', async ({ page }) => {
  await openDemo(page);
  await newList(page, 'Tide Table', '');
  await writeAndPress(page, '1 brass clips', ['Put all away']);
  await expect(page.getByRole('dialog')).toContainText('Nothing is ticked yet');
  await page.getByRole('button', { name: 'Back to the box' }).click();
  await expect(page.getByRole('checkbox', { name: 'brass clips is here' })).toBeVisible();
  await writeAndPress(page, '12 brass clips\n7 tin moons', ['All has come', 'Put all away']);
  await expect(page.getByText('Put Tide Table away')).toBeVisible();
  await goTo(page, 'Stash');
  await page.getByLabel('Search', { exact: true }).fill('tide');
  await expect(page.getByRole('button', { name: /^brass clips 12/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^tin moons 7/ })).toBeVisible();
});
