import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';
import { schemaProblem, type JobError } from '../../core/jobs';
import { err, ok, type Result } from '../../core/result';

const ajv = new Ajv2020({
  strict: true,
  strictTypes: false,
  strictTuples: false,
  strictRequired: false,
  verbose: true,
  discriminator: true,
});

/** A check of values against a published schema: the value as it is, or where it goes wrong and why. */
export function schemaCheck<T>(schema: object): (value: unknown) => Result<T, JobError> {
  // Only what is asked for is made ready: it takes long enough to be felt at the start.
  let made: ValidateFunction | null = null;
  return (value) => {
    const validate = (made ??= ajv.compile(schema));
    return validate(value) ? ok(value as T) : err(schemaProblem(validate.errors!));
  };
}

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
