import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: { include: ['core/**/*.test.ts', 'cli/**/*.test.ts', 'server/**/*.test.ts', 'web/**/*.test.{ts,tsx}', 'demo/**/*.test.ts'], testTimeout: 60_000 },
});
