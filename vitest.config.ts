import { defineConfig } from 'vitest/config';
import { schemaChecks } from './web/schemaChecks';

export default defineConfig({
  plugins: [schemaChecks()],
  test: {
    include: [
      'core/**/*.test.ts',
      'cli/**/*.test.ts',
      'server/**/*.test.ts',
      'web/**/*.test.{ts,tsx}',
      'demo/**/*.test.ts',
    ],
    setupFiles: ['scripts/propertySeed.ts'],
    maxWorkers: 2,
    // What files import is loaded once and not for each: no test changes what is in a module.
    isolate: false,
    testTimeout: 180_000,
  },
});
