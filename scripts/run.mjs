import { spawn, spawnSync } from 'node:child_process';
import { ROOT } from './install.mjs';

/** Runs one of the project's own commands to its end. @returns its exit status */
export const run = (command, args, options = {}) =>
  spawnSync('npx', ['--no-install', command, ...args], {
    cwd: ROOT,
    stdio: 'inherit',
    shell: process.platform === 'win32',
    ...options,
  }).status ?? 1;

/** Runs one of the project's own commands beside others. @returns its exit status and all that it said */
export const runQuietly = (command, args) =>
  new Promise((done) => {
    const child = spawn('npx', ['--no-install', command, ...args], {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
      shell: process.platform === 'win32',
    });
    let output = '';
    const hear = (some) => (output += String(some));
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.on('close', (status) => done({ status: status ?? 1, output }));
    child.on('error', (error) => done({ status: 1, output: String(error) }));
  });
