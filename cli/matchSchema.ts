import { Ajv2020, type ErrorObject } from 'ajv/dist/2020.js';
import { readFileSync } from 'node:fs';
import { ok, type Result } from '../core/result';
import type { JobError } from '../core/jobs';

const FORMATS = new URL('../docs/formats/', import.meta.url);

const escaped = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1');

/** Where and why, from what Ajv found: the unknown key itself, else the value, else the object a key is missing from. */
function toJobError({ keyword, instancePath, params, parentSchema, message }: ErrorObject): JobError {
  const wrong = (code: string, at: string, text: string): JobError => ({ kind: 'refused', code, at, message: text });
  const p = params as Record<string, unknown>;
  const expected = (parentSchema as { description?: string } | undefined)?.description;
  if (keyword === 'additionalProperties') {
    const key = String(p['additionalProperty']);
    return wrong('unknown-key', `${instancePath}/${escaped(key)}`, `no format names the key ${key}`);
  }
  if (keyword === 'required') return wrong('missing-key', instancePath, `the key ${String(p['missingProperty'])} is missing`);
  if (keyword === 'maxItems') return wrong('too-many', instancePath, `at most ${String(p['limit'])} entries`);
  return wrong('bad-value', instancePath, expected ? `expected ${expected}` : `this ${message ?? 'is wrong'}`);
}

/** Ajv speaks of `if` and `then` as well as of what is wrong within: the first that names a place inside is told. */
const telling = (errors: readonly ErrorObject[]): ErrorObject => errors.find(({ keyword }) => keyword !== 'if') ?? errors[0]!;

const ajv = new Ajv2020({ strict: true, strictTypes: false, strictTuple: false, verbose: true, allErrors: false });

/** A check of JSON against `docs/formats/NAME.schema.json`. */
export function schemaCheck(name: string): (json: unknown) => Result<unknown, JobError> {
  const validate = ajv.compile(JSON.parse(readFileSync(new URL(`${name}.schema.json`, FORMATS), 'utf8')) as object);
  return (json) => (validate(json) ? ok(json) : { ok: false, value: null, error: toJobError(telling(validate.errors!)) });
}
