// What the scripts of the first screen weigh over the wire: a new browser, the demo coming in, the stash shown.
import { chromium } from '@playwright/test';
import type { AddressInfo } from 'node:net';
import { makeApp } from '../server/app';

/** Opens the built application in a new browser and adds up what its scripts weigh as they came, in bytes. */
export async function firstScreenBytes(): Promise<number> {
  const server = makeApp().listen(0);
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await page.goto(`http://localhost:${(server.address() as AddressInfo).port}/stash`);
  await page.getByTestId('scraps').getByRole('button').first().waitFor();
  const bytes = await page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter(({ name }) => name.endsWith('.js'))
      .reduce((sum, entry) => sum + (entry as PerformanceResourceTiming).encodedBodySize, 0),
  );
  await browser.close();
  server.close();
  return bytes;
}
