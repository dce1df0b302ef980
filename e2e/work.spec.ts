import { goTo, openDemo } from './bench';
import { expect, test } from './test';

test.use({ demo: 'whole' });

test('a page is worked on in its order: paint dries over midnight and a reload, what is meant is asked for at the end', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-30T23:50:00') });
  await openDemo(page);
  await goTo(page, 'Pages');
  const unfinished = page.getByRole('region', { name: 'Unfinished' });
  await expect(unfinished.getByRole('link').first()).toContainText('Into the sawdust');
  await expect(unfinished.getByText(/waits for 1 photo, its papers/)).toBeVisible();
  await page.getByText('only what can be finished tonight').click();
  await expect(unfinished.getByRole('link', { name: /Egg boxes, counted/ })).toBeHidden();
  await unfinished.getByRole('link', { name: /Heaviest of all/ }).click();
  await page.getByText('order of work', { exact: true }).click();
  const order = page.getByRole('region', { name: 'Order of work' });
  const more = page.getByRole('region', { name: 'Background work' });
  await more.getByText('Paint the background').click();
  await more.getByText('Paste through the stencil').click();
  await order.getByText('Mark in pencil where the layers will lie', { exact: true }).click();
  await order.getByText('Paint the background', { exact: true }).click();
  await expect(order.getByText('dry at 1 Dec, 0:20, in 30 min')).toBeVisible();
  await expect(order.getByRole('status')).toContainText('Drying: paint the background, for 30 min yet. Meanwhile:');
  await expect(order.getByText(/wet for 30 min yet/)).toBeVisible();
  await page.clock.fastForward('20:00');
  await page.reload();
  await page.getByText('order of work', { exact: true }).click();
  await expect(order.getByText('dry at 0:20, in 10 min')).toBeVisible();
  await page.clock.fastForward('10:00');
  await expect(order.getByRole('status')).toBeHidden();
  await expect(order.getByText(/stencil: none told of in the stash/)).toBeVisible();
  // What she means to have on it is ticked by what lies there, and asked for at the end.
  const meant = page.getByRole('region', { name: 'Meant for this page' });
  for (const words of ['two buttons', 'the ticket, tucked in']) {
    await meant.getByRole('textbox', { name: 'One more' }).fill(words);
    await page.keyboard.press('Enter');
  }
  await expect(meant.getByRole('checkbox', { name: 'two buttons' })).toBeChecked();
  await expect(meant.getByText('5 of 2 on the page')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print it for the desk, with the cuts' }).click();
  expect((await download).suggestedFilename()).toMatch(/^desk-sheet-.*\.pdf$/);
  await page.getByRole('button', { name: 'It is glued' }).click();
  // Wet work after glueing is told what it would run onto.
  await expect(order.getByRole('alert').first()).toContainText(
    'It runs onto what is there already: glue the large layers',
  );
  await page.getByRole('button', { name: 'It is done' }).click();
  await expect(page.getByRole('dialog')).toContainText('the ticket, tucked in');
  await expect(page.getByRole('dialog')).not.toContainText('two buttons');
  await page.getByRole('button', { name: 'It is done all the same' }).click();
  await expect(page.getByText('Framed ground · done')).toBeVisible();
});
