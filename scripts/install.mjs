// Installs the dependencies where they are missing or older than the lock file.
import { spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));

const isCurrent = () => {
  const [lock, installed] = [`${ROOT}package-lock.json`, `${ROOT}node_modules/.package-lock.json`];
  return existsSync(installed) && statSync(installed).mtimeMs >= statSync(lock).mtimeMs;
};

/** @param stdio where npm may speak */
export function installDependencies(stdio = 'inherit') {
  if (isCurrent()) return;
  const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: ROOT,
    stdio,
    shell: process.platform === 'win32',
  });
  if (status !== 0) {
    process.stderr.write('The dependencies could not be installed: is there a network, and is Node 20.19 or newer?\n');
    process.exit(1);
  }
}
