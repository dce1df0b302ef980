import { test as base } from '@playwright/test';
import { addressOf, type Demo } from './ports';

export { expect, type Page } from '@playwright/test';

/**
 * Tests begin with the demo's newest kit as it came, so that each brings its own pages. With `demo` 'whole' they begin
 * as she does, with pages in each state.
 */
export const test = base.extend<{ demo: Demo }>({
  demo: ['plain', { option: true }],
  baseURL: ({ demo }, use) => use(addressOf(demo)),
});
