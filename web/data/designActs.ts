import { nanoid } from 'nanoid';
import schema from '../../docs/formats/design.schema.json';
import { readDesignFile, type JobError, type JsonDesignFile } from '../../core/jobs';
import type { Result } from '../../core/result';
import type { MeasuredDesign } from '../../core/things';
import { act } from './acts';
import { readJson, schemaCheck } from './schemaCheck';

export const keepDesign = (design: MeasuredDesign): Promise<boolean> =>
  act({ label: `Kept the design ${design.name}`, changes: [{ table: 'designs', key: design.id, after: design }] });

/** Pages laid out in it keep it. */
export const dropDesign = (design: MeasuredDesign): Promise<boolean> =>
  act({ label: `Dropped the design ${design.name}`, changes: [{ table: 'designs', key: design.id, after: null }] });

const check = schemaCheck<JsonDesignFile>(schema);

/** Reads a design from a file's text; nothing is written. */
export function readDesignText(text: string): Result<MeasuredDesign, JobError> {
  const json = readJson(text, check);
  if (!json.ok) return json;
  const read = readDesignFile(json.value);
  return read.ok ? { ...read, value: { id: nanoid(8), ...read.value } } : read;
}
