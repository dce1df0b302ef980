import { readFile } from 'node:fs/promises';
import { buffer } from 'node:stream/consumers';
import { ok, type Result } from '../core/result';
import type { JobError } from '../core/jobs';
import { HELP } from './help';
import { readJson } from './readJson';
import { VERBS } from './verbs';

function refusal(code: string, at: string, message: string): Result<never, JobError> {
  return { ok: false, value: null, error: { kind: 'refused', code, at, message } };
}

async function readInput(file: string | undefined): Promise<Result<Buffer, JobError>> {
  if (file === undefined || file === '-') return ok(await buffer(process.stdin));
  try {
    return ok(await readFile(file));
  } catch {
    return refusal('no-such-file', '', `${file} cannot be read`);
  }
}

async function run(name: string, file: string | undefined): Promise<Result<unknown, JobError>> {
  const verb = VERBS.get(name);
  if (!verb) return refusal('no-such-verb', '', `${name} is not one of ${[...VERBS.keys()].join(', ')}`);
  const input = await readInput(file);
  if (!input.ok) return input;
  const json = readJson(input.value);
  return json.ok ? await verb(json.value) : json;
}

/** The command: one job in, one result or one refusal out. @returns the exit status */
export async function main([name, file]: readonly string[]): Promise<number> {
  if (name === undefined || name === '--help') {
    process.stdout.write(HELP);
    return 0;
  }
  const result = await run(name, file);
  if (result.ok) {
    process.stdout.write(`${JSON.stringify(result.value)}\n`);
    return 0;
  }
  const { code, at, message } = result.error;
  process.stderr.write(`${JSON.stringify({ error: { code, at, message } })}\n`);
  return 2;
}
