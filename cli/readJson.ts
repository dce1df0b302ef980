import { ok, type Result } from '../core/ground/result';
import type { JobError } from '../core/jobs';

const refused = (code: string, message: string): Result<never, JobError> => ({
  ok: false,
  value: null,
  error: { kind: 'refused', code, at: '', message },
});

/** Bytes as UTF-8, text as JSON. */
export function readJson(bytes: Uint8Array): Result<unknown, JobError> {
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return refused('not-utf-8', 'the job is not UTF-8 text');
  }
  try {
    return ok(JSON.parse(text) as unknown);
  } catch (error) {
    return refused('not-json', `the job is not JSON: ${(error as Error).message}`);
  }
}
