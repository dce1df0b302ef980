// Finds Chromium for the tests of the interface; installs Debian's package where it is missing and the rights are there.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** The one without a window of its own does the same work in a fifth less time. */
const PLACES = [
  process.env['CHROMIUM'],
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
];
const PACKAGES = ['chromium-headless-shell', 'chromium'];

const found = () => PLACES.find((path) => path && existsSync(path)) ?? null;

/** @returns where Chromium is; ends the process with a clear message where it cannot be had */
export function ensureChromium() {
  const there = found();
  if (there) return there;
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    process.stderr.write('Chromium is missing: installing the Debian package …\n');
    const apt = (...args) =>
      spawnSync('apt-get', args, {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      });
    apt('update');
    for (const name of PACKAGES) {
      apt('install', '-y', '--no-install-recommends', name);
      const installed = found();
      if (installed) return installed;
    }
  }
  process.stderr.write(
    'Chromium is missing. Install it (on Debian, as root: apt-get install chromium-headless-shell, or chromium) or name it in the variable CHROMIUM, then run the tests again.\n',
  );
  process.exit(1);
}
