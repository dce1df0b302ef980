// Type checks: the whole, then core by itself without the DOM library.
import { run } from './run.mjs';

for (const project of ['tsconfig.json', 'core/tsconfig.json']) {
  const status = run('tsc', ['-p', project]);
  if (status !== 0) process.exit(status);
}
