import { reload } from './bench';
import { expect, test } from './test';

test('an album is begun with what is glued, put in order by keys and by dragging, kept, undone, and printed', async ({
  page,
}) => {
  await page.goto('/album');
  await page.getByRole('button', { name: 'Begin an album' }).click();
  const table = page.getByRole('list', { name: 'The album, lying open' });
  const leaves = table.getByRole('button');
  await expect(leaves.first()).toBeVisible();
  const names = (): Promise<(string | null)[]> =>
    leaves.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')));
  const before = await names();
  expect(before.length).toBeGreaterThan(4);

  // By keys: the first is chosen and moved two places later.
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  const [first, second, third, ...rest] = before;
  await expect.poll(names).toEqual([second, third, first, ...rest]);
  await reload(page);
  await expect.poll(names).toEqual([second, third, first, ...rest]);

  // By dragging: the last before the first.
  await leaves.last().dragTo(leaves.first());
  await expect.poll(names).toEqual([rest.at(-1), second, third, first, ...rest.slice(0, -1)]);
  await page.keyboard.press('Control+z');
  await expect.poll(names).toEqual([second, third, first, ...rest]);

  await leaves.first().dragTo(table.getByText('the end'));
  await expect.poll(names).toEqual([third, first, ...rest, second]);
  await page.keyboard.press('Control+z');
  await expect.poll(names).toEqual([second, third, first, ...rest]);

  // A place is kept for a page not made yet, and a page taken out can be put in again.
  await leaves.first().click();
  await page.getByRole('button', { name: 'a gap before it' }).click();
  await expect.poll(names).toEqual(['kept for a page', second, third, first, ...rest]);
  await page.getByRole('button', { name: 'take it out' }).click();
  await expect.poll(names).toEqual(['kept for a page', third, first, ...rest]);
  await page.getByRole('button', { name: `put ${second} at the end` }).click();
  await expect.poll(names).toEqual(['kept for a page', third, first, ...rest, second]);

  // By story and by day it is in order; a place kept stays.
  await page.getByRole('button', { name: 'This album' }).click();
  await page.getByRole('menuitem', { name: 'Order it by day' }).click();
  await expect.poll(async () => (await names()).toSorted()).toEqual(['kept for a page', ...before].toSorted());

  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print a contact sheet' }).click();
  expect((await downloading).suggestedFilename()).toMatch(/^album-.*\.pdf$/);
});
