import { expect, test, type Page } from './test';
import {
  beginBoxStack,
  beginPage,
  cutAll,
  exported,
  goTo,
  openDemo,
  paperFigures,
  readBack,
  reload,
  startEmpty,
  takePapersOut,
} from './bench';

const balances = async (page: Page): Promise<void> => {
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
};

test('the tab is killed in the middle of a cut: it is made or not, and the rest goes on', async ({ page, context }) => {
  await openDemo(page);
  await beginBoxStack(page);
  await takePapersOut(page);
  await expect(page.getByText('Set the trimmer to')).toBeVisible();
  await page.keyboard.press('Space');
  await page.close({ runBeforeUnload: false });
  const next = await context.newPage();
  await next.goto('/cuts');
  await cutAll(next, () => next.keyboard.press('Space'));
  await balances(next);
});

test('the tab is killed in the middle of reading a file: what was there is there, or the file whole', async ({
  page,
  context,
}) => {
  await openDemo(page);
  const zip = await exported(page);
  await startEmpty(page);
  await page.goto('/settings');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Read a file back' }).click(),
  ]);
  await chooser.setFiles({ name: 'mine.zip', mimeType: 'application/zip', buffer: zip });
  await page.getByRole('button', { name: 'Put it in place' }).click({ noWaitAfter: true });
  await page.close({ runBeforeUnload: false });
  const next = await context.newPage();
  await next.goto('/parcels');
  const isThere = next.getByRole('button', { name: /Moth Lantern/ }).first();
  await expect(isThere.or(next.getByRole('heading', { name: 'No parcel yet' }))).toBeVisible();
  // Either way all goes on from there: it can be read again, and then it is whole.
  await readBack(next, zip);
  await balances(next);
});

test('the tab is killed while papers are claimed for two pages: both have theirs or neither', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'A hawk-moth came');
  await beginPage(page, 'Strip bands', /^On the scales/, 'The heaviest');
  await goTo(page, 'Share-out');
  await expect(page.getByText('2 of 2 pages can be made')).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Claim the papers' }).click({ noWaitAfter: true });
  await page.close({ runBeforeUnload: false });
  const next = await context.newPage();
  await next.goto('/share-out');
  const claimed = next.getByText('0 of 2 done, 0 cut, 2 still promised');
  const open = next.getByText('2 of 2 pages can be made');
  await expect(claimed.or(open)).toBeVisible({ timeout: 60_000 });
  await balances(next);
});

test('a newer version opens the database: the window that is open lets go, says so, and loses nothing', async ({
  page,
}) => {
  await openDemo(page);
  await page.evaluate(async () => {
    const [{ version = 1 } = {}] = await indexedDB.databases();
    await new Promise<void>((done, fail) => {
      const asked = indexedDB.open('nubbin', version + 10);
      asked.onsuccess = () => {
        asked.result.close();
        done();
      };
      asked.onerror = () => fail(asked.error!);
      asked.onblocked = () => fail(new Error('the window does not let go'));
    });
  });
  await expect(page.getByText('A newer Nubbin is there')).toBeVisible();
  await page.getByRole('button', { name: /^wood buttons 5/ }).click();
  await page.getByRole('button', { name: 'Give away' }).click();
  await expect(page.getByText('Nothing was changed')).toBeVisible();
  await expect(page.getByRole('button', { name: /^wood buttons 5/ })).toBeVisible();
  // This version does not write into what the later one has made its own.
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.getByRole('heading', { name: 'A later Nubbin was here' })).toBeVisible();
});

test('a browser that keeps nothing at all says so', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('refused', 'SecurityError');
    };
  });
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'What is kept here cannot be read' })).toBeVisible();
  await expect(page.getByRole('alert').first()).toContainText('refused');
});

test('a part that an update took away is told, and a reload is offered', async ({ page }) => {
  await openDemo(page);
  await page.route('**/assets/shareout-*.js', (route) => route.fulfill({ status: 404, body: '' }));
  await goTo(page, 'Share-out');
  await expect(page.getByText('A newer Nubbin is there')).toBeVisible();
});

test('a worker that is loaded and never answers is told, and asked again at a click', async ({ page }) => {
  await page.route('**/planning.worker*', (route) => route.fulfill({ contentType: 'text/javascript', body: '' }));
  await openDemo(page);
  await goTo(page, 'Busters');
  await expect(page.getByRole('alert').getByText('could not be loaded')).toBeVisible({ timeout: 40_000 });
  await page.unroute('**/planning.worker*');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('list', { name: 'Proposed pages' }).getByRole('listitem').first()).toBeVisible();
});

test('the disk is full: it is said, nothing is half written, and it goes on when there is room', async ({ page }) => {
  await page.addInitScript(() => {
    for (const way of ['put', 'add'] as const) {
      const real = IDBObjectStore.prototype[way];
      IDBObjectStore.prototype[way] = function (this: IDBObjectStore, ...args: [unknown]) {
        if (document.documentElement.dataset['full'] !== undefined)
          throw new DOMException('There is no room.', 'QuotaExceededError');
        return real.apply(this, args);
      };
    }
  });
  await openDemo(page);
  const full = (is: boolean): Promise<void> =>
    page.evaluate((now) => {
      if (now) document.documentElement.dataset['full'] = '';
      else delete document.documentElement.dataset['full'];
    }, is);
  await page.getByRole('button', { name: /^wood buttons 5/ }).click();
  await page.getByLabel('How many').fill('2');
  await full(true);
  await page.getByRole('button', { name: 'Give away' }).click();
  await expect(page.getByText('This browser has no room left')).toBeVisible();
  await expect(page.getByRole('button', { name: /^wood buttons 5/ })).toBeVisible();
  await full(false);
  await page.getByRole('button', { name: 'Give away' }).click();
  await expect(page.getByRole('button', { name: /^wood buttons 3/ })).toBeVisible();
  await reload(page);
  await expect(page.getByRole('button', { name: /^wood buttons 3/ })).toBeVisible();
});

test('a browser that keeps no settings: all works, and what is hers stays after a reload', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new DOMException('refused', 'SecurityError');
      },
    });
  });
  await openDemo(page);
  await startEmpty(page);
  await reload(page);
  await goTo(page, 'Parcels');
  await expect(page.getByRole('heading', { name: 'No parcel yet' })).toBeVisible();
});

test('with 90 lines to tick the window itself never scrolls', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).click();
  await page.getByLabel('The list').fill(Array.from({ length: 90 }, (_, n) => `enamel dots ${n + 1}, pond`).join('\n'));
  await expect(page.getByText('0 of 90 lines checked')).toBeVisible();
  await page
    .getByRole('checkbox', { name: /is here$/ })
    .first()
    .focus();
  for (let n = 0; n < 90; n++) await page.keyboard.press('Space');
  await expect(page.getByText('90 of 90 lines checked')).toBeVisible();
  expect(await page.evaluate(() => [window.scrollX, window.scrollY, document.body.scrollTop])).toEqual([0, 0, 0]);
  await expect(page.getByRole('heading', { level: 1 })).toBeInViewport();
});

/** Numbers as by chance, the same each time. */
function chance(seed: number): () => number {
  let at = seed;
  return () => (at = (at * 16807) % 2147483647) / 2147483647;
}

/** What would leave the application, open the system's own windows, or clear everything. */
const LEFT_ALONE = /Export|file|CSV|JSON|PDF|PNG|SVG|picture|camera|photo|Print|label|empty bench|demo back/i;

const PRESSABLE = [
  '[role=option]:visible',
  '[role=menuitem]:visible',
  'main button:visible:enabled',
  'section button:visible:enabled',
  'nav a:visible',
  '[role=dialog] button:visible:enabled',
].join(', ');

test('at twice the size every screen can be read and used, and the window itself does not scroll', async ({ page }) => {
  await page.setViewportSize({ width: 640, height: 400 });
  await openDemo(page);
  await goTo(page, 'Photos');
  await page.getByRole('button', { name: 'Plan the pages of A moth-trapping night' }).click();
  await page.getByRole('button', { name: /^Begin these/ }).click();
  for (const screen of ['Parcels', 'Stash', 'Photos', 'Share-out', 'Pages', 'Cuts', 'Wrap-up', 'Busters', 'Album']) {
    await goTo(page, screen);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const seen = await page.evaluate(() => ({
      scrolls: [document.documentElement.scrollWidth, document.documentElement.scrollHeight],
      narrow: [...document.querySelectorAll('main input[type=text], main p, main h2, main h3, main label')]
        .filter((one) => one.closest('[aria-hidden=true]') === null)
        .map((one) => [one.textContent, Math.round(one.getBoundingClientRect().width)] as const)
        .filter(([text, width]) => width > 2 && width < 90 && (text ?? '').length !== 0 && (text ?? '').length > 14),
      fields: [...document.querySelectorAll('main input[type=text]')]
        .map((one) => Math.round(one.getBoundingClientRect().width))
        .filter((width) => width > 2 && width < 90),
    }));
    expect({ screen, ...seen }).toEqual({ screen, scrolls: [640, 400], narrow: [], fields: [] });
  }
});

test('whatever is pressed, no screen breaks, the figures add up, and all can be read back', async ({ page }) => {
  const broken: string[] = [];
  page.on('pageerror', (error) => broken.push(String(error)));
  await openDemo(page);
  await beginBoxStack(page);
  const next = chance(7);
  for (let n = 0; n < 45; n++) {
    const dialog = page.getByRole('dialog');
    const isOver = (await dialog.count()) > 0;
    if (next() < (isOver ? 0.15 : 0.03)) await page.keyboard.press(isOver ? 'Escape' : 'Control+z');
    const pressable = (isOver ? dialog.last() : page.locator('body')).locator(PRESSABLE);
    const names = await pressable.evaluateAll((all) =>
      all.map((one) => one.getAttribute('aria-label') ?? one.textContent),
    );
    const may = names.flatMap((name, i) => (LEFT_ALONE.test(name) ? [] : [i]));
    await pressable
      .nth(may[Math.floor(next() * may.length)] ?? 0)
      .click({ timeout: 600 })
      .catch(() => page.keyboard.press('Escape'));
  }
  expect(broken).toEqual([]);
  await expect(page.getByText('This screen broke')).toHaveCount(0);
  await page.goto('/wrap-up');
  await balances(page);
  const file = await exported(page);
  await readBack(page, file);
  expect((await exported(page)).equals(file)).toBe(true);
});
