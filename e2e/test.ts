import { test as base } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { PLAIN_DEMO } from './plainDemo';

export { expect, type Page } from '@playwright/test';

/**
 * Tests begin with the demo's newest kit as it came, so that each brings its own pages. With `demo` 'whole' they begin
 * as she does, with pages in each state.
 */
export const test = base.extend<{ demo: 'plain' | 'whole' }>({
  demo: ['plain', { option: true }],
  context: async ({ context, demo }, use) => {
    if (demo === 'plain')
      await context.route(/\/assets\/bench-[^/]*\.json$/, (route) =>
        route.fulfill({ contentType: 'application/json', body: readFileSync(PLAIN_DEMO, 'utf8') }),
      );
    await use(context);
  },
});
