import { err, type Result } from '../ground/result';

/** Why a job is refused. `at` is a JSON Pointer into the job; `message` is a sentence for people. */
export interface JobError {
  readonly kind: 'refused';
  readonly code: string;
  readonly at: string;
  readonly message: string;
}

export const refuse = (code: string, at: string, message: string): Result<never, JobError> =>
  err({ kind: 'refused', code, at, message });
