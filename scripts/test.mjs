// Types, lint, unit tests, build and the interface in Chromium; the last line counts what passed and what failed.
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium } from './chromium.mjs';
import { installDependencies, ROOT } from './install.mjs';
import { run, runQuietly } from './run.mjs';

installDependencies();
process.env['CHROMIUM'] = ensureChromium();

const total = { passed: 0, failed: 0 };
const say = (text) => process.stdout.write(`\n== ${text}\n`);
const report = (name) => join(ROOT, 'test-results', `${name}.json`);

/** Steps that each hold or do not and need one core, side by side; what each says is kept together. */
async function checkTogether(steps) {
  const ended = await Promise.all(steps.map(([, command, args]) => runQuietly(command, args)));
  ended.forEach(({ status, output }, i) => {
    say(steps[i][0]);
    process.stdout.write(output);
    total[status === 0 ? 'passed' : 'failed']++;
  });
  return ended.map(({ status }) => status === 0);
}

/** A test runner that writes a report; one that cannot be read counts as a failure, whatever else. */
function tests(name, command, args, count) {
  say(name);
  rmSync(report(name), { force: true });
  const status = run(command, args, { env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_FILE: report(name) } });
  const { passed, failed } = existsSync(report(name))
    ? count(JSON.parse(readFileSync(report(name), 'utf8')))
    : { passed: 0, failed: 1 };
  total.passed += passed;
  total.failed += failed === 0 && status !== 0 ? 1 : failed;
}

const [, , , isBuilt] = await checkTogether([
  ['types', 'tsc', ['-p', 'tsconfig.json']],
  ['types of core, without the DOM', 'tsc', ['-p', 'core/tsconfig.json']],
  ['lint', 'eslint', ['.', '--max-warnings', '0']],
  ['build', 'vite', ['build', '--config', 'web/vite.config.ts', '--logLevel', 'warn']],
]);
tests(
  'unit',
  'vitest',
  ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${report('unit')}`],
  (json) => ({ passed: json.numPassedTests, failed: json.numFailedTests }),
);
if (isBuilt)
  tests(
    'end-to-end',
    'playwright',
    ['test', '--config', 'e2e/playwright.config.ts', '--reporter=list,json,./e2e/failedScreen.ts'],
    (json) => ({ passed: json.stats.expected + json.stats.flaky, failed: json.stats.unexpected }),
  );

process.stdout.write(`\n${total.passed} passed, ${total.failed} failed\n`);
process.exit(total.failed === 0 ? 0 : 1);
