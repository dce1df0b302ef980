// Type checks: the whole, then core by itself without the DOM library.
import { spawnSync } from 'node:child_process';
import { ROOT } from './install.mjs';

for (const project of ['tsconfig.json', 'core/tsconfig.json']) {
  const { status } = spawnSync('npx', ['--no-install', 'tsc', '-p', project], { cwd: ROOT, stdio: 'inherit', shell: process.platform === 'win32' });
  if (status !== 0) process.exit(status ?? 1);
}
