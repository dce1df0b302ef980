import { mkdirSync, writeFileSync } from 'node:fs';
import { makeDemo } from '../demo/make';

/** Where the demo stands with the newest kit as it came, before any of its pages is in hand. */
export const PLAIN_DEMO = new URL('../test-results/plainDemo.json', import.meta.url);

/** Made once before all tests. */
export default function makePlainDemo(): void {
  mkdirSync(new URL('.', PLAIN_DEMO), { recursive: true });
  writeFileSync(PLAIN_DEMO, makeDemo(null));
}
