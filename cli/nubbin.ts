import { readFile } from 'node:fs/promises';
import { buffer } from 'node:stream/consumers';
import { ok, type Result } from '../core/ground/result';
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

/** A bug must not show its insides: it is told as a refusal, with where to look for it. */
async function answer(name: string, file: string | undefined): Promise<Result<unknown, JobError>> {
  try {
    return await run(name, file);
  } catch (bug) {
    return refusal('failed', '', `${name} failed on this job: ${(bug as Error).message}`);
  }
}

/** Whoever reads the output may stop reading: what is left then goes nowhere, without a word. */
function write(stream: NodeJS.WriteStream, text: string): void {
  stream.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') process.exitCode = 1;
  });
  stream.write(text);
}

/** The command: one job in, one result or one refusal out. @returns the exit status */
export async function main([name, file]: readonly string[]): Promise<number> {
  if (name === undefined || name === '--help') {
    write(process.stdout, HELP);
    return 0;
  }
  const result = await answer(name, file);
  if (result.ok) {
    write(process.stdout, `${JSON.stringify(result.value)}\n`);
    return 0;
  }
  const { code, at, message } = result.error;
  write(process.stderr, `${JSON.stringify({ error: { code, at, message } })}\n`);
  return 2;
}
