import { goTo } from './bench';
import { expect, test } from './test';

test.use({ demo: 'whole' });

test('every screen opens on something: pages in each state, a sheet half cut, a share-out under way', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Stash', exact: true })).toBeVisible();
  // What is being cut lies in the tray.
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await expect(tray.getByRole('link', { name: 'Forty by the lamp' })).toBeVisible();

  await goTo(page, 'Pages');
  for (const title of ['Egg boxes, counted', 'Forty by the lamp', 'Heaviest of all', 'Into the sawdust', 'Glaze day'])
    await expect(page.getByRole('link', { name: new RegExp(title) }).first()).toBeVisible();

  await goTo(page, 'Cuts');
  await expect(page.getByText('Set the trimmer to')).toBeVisible();

  await goTo(page, 'Share-out');
  await expect(page.getByRole('heading', { name: /^As shared out on/ })).toBeVisible();

  // The page that is cut has its things laid out and can be glued at once.
  await goTo(page, 'Pages');
  await page
    .getByRole('link', { name: /Heaviest of all/ })
    .first()
    .click();
  await page.getByText('things on it', { exact: true }).click();
  await expect(page.getByRole('region', { name: 'What lies on it' }).getByRole('button').first()).toBeVisible();
  await page.getByRole('button', { name: 'It is glued' }).click();
  await expect(page.getByRole('button', { name: /done|finished/i })).toBeVisible();
});

test('pages in a design that this version does not know are kept and shown on every screen, and go on in another', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Stash', exact: true })).toBeVisible();
  await page.evaluate(
    () =>
      new Promise<void>((resume, fail) => {
        const opening = indexedDB.open('nubbin');
        opening.onerror = () => fail(opening.error ?? new Error('the database does not open'));
        opening.onsuccess = () => {
          const all = opening.result.transaction('pages', 'readwrite');
          const pages = all.objectStore('pages');
          pages.getAll().onsuccess = (event) => {
            for (const one of (event.target as IDBRequest<Record<string, unknown>[]>).result)
              pages.put({ ...one, design: 'spiral' });
          };
          all.oncomplete = () => {
            opening.result.close();
            resume();
          };
        };
      }),
  );
  await page.reload();
  const links = await page.getByRole('navigation', { name: 'Screens' }).getByRole('link').all();
  for (const place of await Promise.all(links.map((link) => link.getAttribute('href')))) {
    await page.goto(place ?? '/');
    await expect(page.getByRole('main').getByRole('heading').first()).toBeVisible();
    await expect(page.getByRole('heading', { name: /broke/ })).toBeHidden();
  }
  for (const title of ['Egg boxes, counted', 'Forty by the lamp', 'Heaviest of all', 'Glaze day']) {
    await page.goto('/pages');
    await page
      .getByRole('link', { name: new RegExp(title) })
      .first()
      .click();
    await expect(page.getByText(/does not know (the|this) design/).first()).toBeVisible();
    await expect(page.getByRole('heading', { name: /broke/ })).toBeHidden();
  }
  await page.goto('/pages');
  await page
    .getByRole('link', { name: /Egg boxes, counted/ })
    .first()
    .click();
  await page.getByRole('button', { name: /Design$/ }).click();
  await page.getByRole('option', { name: 'Framed ground' }).click();
  await expect(page.getByRole('img', { name: /as it will look$/ })).toBeVisible();
});
