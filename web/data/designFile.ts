import { nanoid } from 'nanoid';
import validate from '../../docs/formats/design.schema.json?check';
import { readDesignFile, type JobError, type JsonDesignFile } from '../../core/jobs';
import type { Result } from '../../core/ground/result';
import type { MeasuredDesign } from '../../core/stock/things';
import { readJson, schemaCheck } from './schemaCheck';

const check = schemaCheck<JsonDesignFile>(validate);

/** Reads a design from a file's text; nothing is written. */
export function readDesignText(text: string): Result<MeasuredDesign, JobError> {
  const json = readJson(text, check);
  if (!json.ok) return json;
  const read = readDesignFile(json.value);
  return read.ok ? { ...read, value: { id: nanoid(8), ...read.value } } : read;
}
