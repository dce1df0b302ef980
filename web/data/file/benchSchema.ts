import { eventSchema, SCHEMAS } from '../tables';
import { id } from '../tables/parts';
import { FILE_VERSION } from './contents';

/** More of one kind are refused: a window could not hold them. */
const MOST = 200_000;

const picture = {
  type: 'object',
  required: ['id', 'type'],
  properties: {
    id,
    type: { enum: ['image/jpeg', 'image/png', 'image/webp'] },
    data: { type: 'string', description: 'the picture as base64' },
    file: { type: 'string', description: 'its path in the zip' },
    size: { type: 'integer', minimum: 0 },
    sha256: { type: 'string', pattern: '^[0-9a-f]{64}$', description: 'its checksum: SHA-256 in hexadecimal' },
  },
  additionalProperties: false,
  oneOf: [{ required: ['data'] }, { required: ['file', 'size', 'sha256'] }],
};

/** Tuples as draft 2020-12 has them; the types are read from the older form. */
const asDraft2020 = (_: string, value: unknown): unknown => {
  const { items, ...rest } = (value ?? {}) as { items?: unknown };
  return Array.isArray(items) ? { ...rest, prefixItems: items, items: false } : value;
};

/** JSON Schema of everything in one file, put together from its tables. */
export function benchSchemaText(): string {
  const listOf = (items: object) => ({ type: 'array', maxItems: MOST, items });
  const tables = Object.fromEntries(Object.entries(SCHEMAS).map(([name, schema]) => [name, listOf(schema)]));
  const schema = {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Everything Nubbin knows, in one file',
    type: 'object',
    properties: {
      format: { const: 'nubbin-bench', description: 'the words nubbin-bench' },
      version: { const: FILE_VERSION, description: `version ${FILE_VERSION}` },
      ...tables,
      events: listOf(eventSchema),
      pictures: listOf(picture),
    },
    required: ['format', 'version', ...Object.keys(tables), 'events', 'pictures'],
    additionalProperties: false,
  };
  return `${JSON.stringify(schema, asDraft2020, 2)}\n`;
}
