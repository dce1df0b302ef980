import type { ValidateFunction } from 'ajv';
import { schemaProblem, type JobError } from '../../core/jobs';
import { err, ok, type Result } from '../../core/ground/result';

/**
 * A check of values against a published schema, compiled when the application was built: the value as it is, or where
 * it goes wrong and why.
 */
export const schemaCheck =
  <T>(validate: ValidateFunction) =>
  (value: unknown): Result<T, JobError> =>
    validate(value) ? ok(value as T) : err(schemaProblem(validate.errors!));

/** Text as JSON of a schema. */
export function readJson<T>(text: string, check: (value: unknown) => Result<T, JobError>): Result<T, JobError> {
  try {
    return check(JSON.parse(text));
  } catch (error) {
    return err({
      kind: 'refused',
      code: 'not-json',
      at: '',
      message: `it is not whole JSON: ${(error as Error).message}`,
    });
  }
}
