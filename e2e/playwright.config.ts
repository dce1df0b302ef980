import { defineConfig } from '@playwright/test';
import { fileURLToPath } from 'node:url';

const PORT = 4189;

export default defineConfig({
  testDir: '.',
  globalSetup: fileURLToPath(new URL('./plainDemo.ts', import.meta.url)),
  outputDir: '../test-results/e2e',
  // On a machine that others keep busy the longest take four times as long.
  timeout: 240_000,
  expect: { timeout: 15_000 },
  workers: 2,
  // A press that a busy machine lost is tried once more; the output says which tests needed it.
  retries: 1,
  fullyParallel: true,
  forbidOnly: true,
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    // A press that never lands ends its test long before the test's own time, so that it is tried once more.
    actionTimeout: 60_000,
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
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
    command: 'npx --no-install tsx server/main.ts',
    cwd: '..',
    env: { PORT: String(PORT) },
    url: `http://localhost:${PORT}`,
    reuseExistingServer: false,
  },
});
