// Builds the application where it is missing or older than what it is made from.
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './install.mjs';
import { run } from './run.mjs';

const newest = (path) =>
  statSync(path).isDirectory()
    ? Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
    : statSync(path).mtimeMs;

export function buildIfOld() {
  const built = join(ROOT, 'dist/web/index.html');
  const sources = ['web', 'core', 'demo', 'docs/formats', 'package-lock.json'].map((name) => newest(join(ROOT, name)));
  if (existsSync(built) && statSync(built).mtimeMs > Math.max(...sources)) return;
  const status = run('vite', ['build', '--config', 'web/vite.config.ts', '--logLevel', 'warn']);
  if (status !== 0) process.exit(status);
}
