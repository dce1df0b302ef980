import { parseSize } from '../../ground/length';
import { LIST_COLUMNS, lineOf, quoted, type ListRow } from './columns';
import { kindWordsIn } from './findKind';
import { tableColumn, type TableColumn } from './heads';
import { saysOnlyKind } from './headings';

type Row = readonly string[];

const isCount = (cell: string): boolean => /^\d{1,5}$/.test(cell);
const isSize = (cell: string): boolean => /\d\s*(?:["″]|in|cm|mm)?\s*[x×]\s*\d/i.test(cell) && parseSize(cell).ok;
const told = (cells: Row): string[] => cells.filter((cell) => cell !== '');

/** Rows that add up what stands above them. */
const SUMS = /^(?:(?:grand|sub)[- ]?)?totals?:?$|^(?:shipping|postage|tax|vat|discount)s?:?$/i;

/** How many there are, before what they are: `2 x`, `2 sheets`, `a few`. */
function soMany(counts: readonly string[], unit: string): string {
  const [count = '', ...others] = [...new Set(counts)];
  // Two that differ: reading tells that it is in doubt.
  const more = others.length > 0 ? ` (${others.join(', ')})` : '';
  if (!isCount(count)) return `${count}${more}`;
  return `${count} ${unit === '' || /^(?:ea|each)\.?$/i.test(unit) ? 'x' : unit}${more}`;
}

/** A row under known heads as a line of a packing list. */
function lineUnder(heads: readonly (TableColumn | null)[], cells: Row): string {
  const of = (column: TableColumn | null): string[] => told(cells.filter((_, i) => heads[i] === column));
  const [name, kind, unit] = [of('name').join(' '), of('kind').join(' '), of('unit').join(' ')];
  const counts = heads.includes('count') ? of('count') : of('row');
  const sides = [...of('width'), ...of('tall')];
  const size = sides.length === 2 ? [sides.join(' x ')] : of('size');
  // One side alone is of nobody knows what.
  const side = sides.length === 1 ? sides.map((cell) => `${cell}?`) : [];
  const isKindSaid = kind === '' || name.toLowerCase().includes(kind.toLowerCase());
  // Where nothing is counted, a number under a head that nobody knows may be how many there are.
  const unknown = of(null).map((cell) => (counts.length === 0 && isCount(cell) ? `${cell}?` : quoted(cell)));
  const what = told([soMany(counts, unit), ...size, name, isKindSaid ? '' : kind]).join(' ');
  const colours = of('colours').map((cell) => cell.split(/\s*[,;/&]\s*/).join(' + '));
  return told([what, ...colours, ...side, ...of('note').map(quoted), ...unknown]).join(', ');
}

/** A row without heads: its first whole number is the count, what is a size the size, the first words the name. */
function lineGuessed(cells: Row): string {
  const count = cells.findIndex(isCount);
  const size = cells.findIndex(isSize);
  const [name = '', ...more] = told(cells.filter((_, i) => i !== count && i !== size));
  const what = told([count < 0 ? '' : `${cells[count] ?? ''} x`, cells[size] ?? '', name]).join(' ');
  return [what, ...more].join(', ');
}

/** A row of a table in Nubbin's own columns; what is no number where one should be is in doubt, other columns are notes. */
function lineOfOwn(heads: Row, cells: Row): string {
  const row = Object.fromEntries(heads.map((head, i) => [head, cells[i] ?? '']).filter(([, cell]) => cell !== ''));
  const { count = '', designs = '', upright, ...words } = row;
  const others = cells.filter((_, i) => !(LIST_COLUMNS as readonly (string | undefined)[]).includes(heads[i]));
  const line = lineOf({
    ...(words as Omit<ListRow, 'count' | 'designs' | 'upright'>),
    ...(isCount(count) ? { count: Number(count) } : {}),
    ...(isCount(designs) ? { designs: Number(designs) } : {}),
    ...(upright === undefined ? {} : { upright: /^(?:yes|true|x|1)$/i.test(upright) }),
  });
  const unsure = told([count, designs].filter((cell) => !isCount(cell))).map((cell) => `${cell}?`);
  return [line, ...unsure, ...told(others).map(quoted)].join(', ');
}

/** A row that holds nothing but a kind, over one that tells none; null: it is a row as others. */
function kindOver(cells: Row, next: Row): string | null {
  const [only = '', ...more] = told(cells);
  const words = kindWordsIn(only);
  const isKind = more.length === 0 && words.length > 0 && words.every(({ isNoun }) => !isNoun) && saysOnlyKind(only);
  const isOver = told(next).length > 1 && kindWordsIn(next.join(', ')).length === 0;
  return isKind && isOver ? only : null;
}

/** Rows whose numbers may go on from 1 by chance. */
const FEW = 4;

/** The column that numbers the rows, where another counts, or where it goes on from 1 too far to be chance. */
function numbering(rows: readonly Row[]): number | null {
  const full = rows.filter((cells) => told(cells).length > 1);
  const width = Math.max(...rows.map(({ length }) => length));
  const whole = Array.from({ length: width }, (_, i) => i).filter((i) =>
    full.every((cells) => isCount(cells[i] ?? '')),
  );
  const numbers = whole.find((i) => full.every((cells, n) => Number(cells[i]) === n + 1));
  return numbers !== undefined && full.length > 1 && (whole.length > 1 || full.length > FEW) ? numbers : null;
}
/** How each row is written as a line. */
function writing(rows: readonly Row[]): { from: number; line: (cells: Row) => string } {
  const first = rows[0] ?? [];
  const plain = first.map((head) => head.toLowerCase());
  if (LIST_COLUMNS.every((column) => plain.includes(column)))
    return { from: 1, line: (cells) => lineOfOwn(plain, cells) };
  const heads = first.map(tableColumn);
  if (heads.includes('name')) return { from: 1, line: (cells) => lineUnder(heads, cells) };
  const numbers = numbering(rows);
  return { from: 0, line: (cells) => lineGuessed(cells.filter((_, i) => i !== numbers)) };
}

/**
 * Cells as a spreadsheet puts them on the clipboard, parted by tabs, as lines of a packing list; null: it is no table.
 * With a row of heads columns may stand in any order. A row that holds nothing but a kind is over those under it; one
 * with a single cell stands as it is, and one that adds up others is set aside.
 */
export function linesOfTable(text: string): string | null {
  const rows = text
    .replace(/\r\n?/g, '\n')
    .replace(/\n+$/, '')
    .split('\n')
    .map((row) =>
      row.split('\t').map((cell) =>
        cell
          .trim()
          .replace(/^"(.*)"$/s, '$1')
          .replaceAll('""', '"'),
      ),
    );
  if (!rows.some((cells) => told(cells).length > 1)) return null;
  const { from, line } = writing(rows);
  return rows
    .slice(from)
    .map((cells, i, all) => {
      const [only = '', ...more] = told(cells);
      if (SUMS.test(cells.find((cell) => /\p{L}/u.test(cell)) ?? '')) return `# ${told(cells).join(', ')}`;
      const over = kindOver(cells, all[i + 1] ?? []);
      if (over !== null) return `${over}:`;
      return more.length === 0 ? only : line(cells);
    })
    .join('\n');
}
