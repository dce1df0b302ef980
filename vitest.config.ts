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
    testTimeout: 180_000,
  },
});
