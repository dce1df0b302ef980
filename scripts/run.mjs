import { spawnSync } from 'node:child_process';
import { ROOT } from './install.mjs';

/** Runs one of the project's own commands to its end. @returns its exit status */
export const run = (command, args, options = {}) =>
  spawnSync('npx', ['--no-install', command, ...args], {
    cwd: ROOT,
    stdio: 'inherit',
    shell: process.platform === 'win32',
    ...options,
  }).status ?? 1;
