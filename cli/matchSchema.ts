import { Ajv2020 } from 'ajv/dist/2020.js';
import { readFileSync } from 'node:fs';
import { ok, type Result } from '../core/ground/result';
import { schemaProblem, type JobError } from '../core/jobs';

const FORMATS = new URL('../docs/formats/', import.meta.url);

const ajv = new Ajv2020({ strict: true, strictTypes: false, strictTuples: false, verbose: true });

/** A check of JSON against `docs/formats/NAME.schema.json`. */
export function schemaCheck(name: string): (json: unknown) => Result<unknown, JobError> {
  const validate = ajv.compile(JSON.parse(readFileSync(new URL(`${name}.schema.json`, FORMATS), 'utf8')) as object);
  return (json) => (validate(json) ? ok(json) : { ok: false, value: null, error: schemaProblem(validate.errors!) });
}
