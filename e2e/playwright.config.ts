import { defineConfig } from '@playwright/test';
import { ensureChromium } from '../scripts/chromium.mjs';
import { addressOf } from './ports';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results/e2e',
  // On a machine that others keep busy the longest take four times as long, and a screen opens in many seconds.
  timeout: 240_000,
  expect: { timeout: 40_000 },
  workers: 2,
  // A press that a busy machine lost is tried once more; the output says which tests needed it.
  retries: 1,
  fullyParallel: true,
  forbidOnly: true,
  use: {
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    // A press that never lands ends its test long before the test's own time, so that it is tried once more.
    actionTimeout: 60_000,
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: ensureChromium(),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'npx --no-install tsx e2e/servers.ts',
    cwd: '..',
    url: addressOf('plain'),
    reuseExistingServer: false,
  },
});
