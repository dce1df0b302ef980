import type { JobError } from './jobError';
import { nth } from '../ground/nth';

/** What a JSON Schema validator says of a value, as far as it is needed here. */
export interface SchemaComplaint {
  readonly keyword: string;
  readonly instancePath: string;
  readonly params: Readonly<Record<string, unknown>>;
  readonly parentSchema?: unknown;
  readonly message?: string | undefined;
}

const escaped = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1');

/** Validators speak of `if` as well as of what is wrong within: the first that names a place inside is told. */
const telling = (complaints: readonly SchemaComplaint[]): SchemaComplaint =>
  complaints.find(({ keyword }) => keyword !== 'if') ?? nth(complaints, 0);

/** Where and why: the unknown key itself, else the value, else the object that a key is missing from. */
export function schemaProblem(complaints: readonly SchemaComplaint[]): JobError {
  const { keyword, instancePath, params, parentSchema, message } = telling(complaints);
  const wrong = (code: string, at: string, text: string): JobError => ({ kind: 'refused', code, at, message: text });
  const expected = (parentSchema as { description?: string } | undefined)?.description;
  if (keyword === 'additionalProperties') {
    const key = String(params['additionalProperty']);
    return wrong('unknown-key', `${instancePath}/${escaped(key)}`, `no format names the key ${key}`);
  }
  if (keyword === 'required')
    return wrong('missing-key', instancePath, `the key ${String(params['missingProperty'])} is missing`);
  if (keyword === 'maxItems') return wrong('too-many', instancePath, `at most ${String(params['limit'])} entries`);
  return wrong('bad-value', instancePath, expected ? `expected ${expected}` : `this ${message ?? 'is wrong'}`);
}
