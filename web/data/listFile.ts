import Papa from 'papaparse';
import validate from '../../docs/formats/packing-list.schema.json?check';
import { LIST_COLUMNS, lineOf, type ListRow } from '../../core/stock/listing';
import { err, ok, type Result } from '../../core/ground/result';
import { readJson, schemaCheck } from './schemaCheck';
import { nth } from '../../core/ground/nth';

/** A packing list as a file has it. */
export interface ListFile {
  readonly club?: string;
  readonly name?: string;
  readonly month?: string;
  readonly things: readonly ListRow[];
}

/** What is wrong with a file, with its place. */
export interface ListFileError {
  readonly kind: 'wrong';
  readonly message: string;
}
const wrong = (message: string): Result<never, ListFileError> => err({ kind: 'wrong', message });

const check = schemaCheck<ListFile & { format: string; version: number }>(validate);
const NUMBERS: readonly string[] = ['count', 'designs'];

/**
 * A cell as what its column holds. Text that would open as a formula has an apostrophe before it, which is not its own.
 */
function cellOf(column: string, text: string): unknown {
  if (NUMBERS.includes(column)) return Number(text);
  if (column === 'upright') return /^(yes|true|x|1)$/i.test(text) ? true : /^(no|false|0)$/i.test(text) ? false : text;
  return text.replace(/^'(?=[=+\-@\t\r])/, '');
}

function readCsv(text: string): Result<readonly ListRow[], ListFileError> {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/, ''), {
    header: true,
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  const strange = meta.fields?.find((column) => !(LIST_COLUMNS as readonly string[]).includes(column));
  if (strange !== undefined)
    return wrong(`“${strange}” is no column of a list. Those are: ${LIST_COLUMNS.join(', ')}.`);
  const [broken] = errors.filter(({ type, code }) => type !== 'Delimiter' && code !== 'TooFewFields');
  // Of quotes the head counts as a row, of fields it does not.
  if (broken) return wrong(`Row ${(broken.row ?? 0) + (broken.type === 'Quotes' ? 1 : 2)}: ${broken.message}.`);
  const things: ListRow[] = [];
  for (const [i, row] of data.entries()) {
    const thing = Object.fromEntries(
      Object.entries(row)
        .filter(([, cell]) => cell.trim() !== '')
        .map(([column, cell]) => [column, cellOf(column, cell.trim())]),
    );
    if (Object.keys(thing).length === 0) continue;
    const checked = check({ format: 'nubbin-list', version: 1, things: [thing] });
    if (!checked.ok)
      return wrong(
        `Row ${i + 2}${checked.error.at.replace('/things/0', '').replace('/', ', ')}: ${checked.error.message}.`,
      );
    things.push(nth(checked.value.things, 0));
  }
  return ok(things);
}

/** Reads a packing list from a CSV or JSON file's text, checked whole; what is wrong is told with its place. */
export function readListFile(fileName: string, text: string): Result<ListFile, ListFileError> {
  if (!/\.json$/i.test(fileName)) {
    const things = readCsv(text);
    return things.ok ? ok({ things: things.value }) : things;
  }
  const read = readJson(text, check);
  return read.ok
    ? ok(read.value)
    : wrong(`${read.error.at === '' ? 'The file' : read.error.at}: ${read.error.message}.`);
}

/** The file's things as lines of a list. */
export const linesOf = ({ things }: ListFile): string => things.map(lineOf).join('\n');

/** A list as CSV: RFC 4180, a byte order mark for office programs, cells that begin as formulas do disarmed. */
export const listCsv = (things: readonly ListRow[]): string =>
  `\ufeff${Papa.unparse({ fields: [...LIST_COLUMNS], data: things.map((row) => LIST_COLUMNS.map((column) => row[column] ?? '')) }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;

export const listJson = (file: ListFile): string =>
  JSON.stringify({ format: 'nubbin-list', version: 1, ...file }, null, 2);
