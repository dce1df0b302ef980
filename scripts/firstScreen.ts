// What the scripts of the first screen weigh over the wire: a new browser on another machine than the server's, the demo
// coming in, the stash shown.
import { chromium } from '@playwright/test';
import type { AddressInfo } from 'node:net';
import { makeApp } from '../server/app';
import { ensureChromium } from './chromium.mjs';

const ELSEWHERE = 'nubbin.test';

/** Opens the built application in a new browser and adds up what its scripts weigh as they came, in bytes. */
export async function firstScreenBytes(): Promise<number> {
  const server = makeApp({ hosts: [ELSEWHERE] }).listen(0);
  const address = `http://${ELSEWHERE}:${(server.address() as AddressInfo).port}`;
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      `--host-resolver-rules=MAP ${ELSEWHERE} 127.0.0.1`,
      `--unsafely-treat-insecure-origin-as-secure=${address}`,
    ],
  });
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await page.goto(`${address}/stash`);
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
