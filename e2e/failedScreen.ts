import { readFileSync } from 'node:fs';
import type { Reporter, TestCase, TestResult } from '@playwright/test/reporter';

/** So much of a screen tells what stood there. */
const LINES = 60;

/** Prints what a test that failed had before it: whoever reads only the output sees the screen, too. */
export default class FailedScreen implements Reporter {
  onTestEnd(test: TestCase, result: TestResult): void {
    if (result.status === 'passed' || result.status === 'skipped') return;
    const told = result.attachments.find(({ name }) => name === 'error-context')?.path;
    if (told === undefined) return;
    const lines = readFileSync(told, 'utf8').split('\n');
    const start = Math.max(0, lines.indexOf('- main:'));
    process.stdout.write(`\nThe screen of “${test.title}”:\n${lines.slice(start, start + LINES).join('\n')}\n`);
  }
}
