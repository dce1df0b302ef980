import { parseSize } from '../length';
import { kindWordsIn } from './findKind';
import { saysOnlyKind } from './prose';
import { lineOf, type ListRow } from './columns';
import { columnCalled } from './heads';

const isCount = (cell: string): boolean => /^\d{1,5}$/.test(cell);
const isSize = (cell: string): boolean => /\d\s*(?:["″]|in|cm|mm)?\s*[x×]\s*\d/i.test(cell) && parseSize(cell).ok;

/** What each column holds, by its head; null: the first row is no head. */
function headsOf(cells: readonly string[]): (keyof ListRow | 'kind' | null)[] | null {
  const heads = cells.map(columnCalled);
  return heads.includes('name') ? heads : null;
}

/** A row without heads: its first whole number is the count, what is a size the size, the first words the name. */
function guessed(cells: readonly string[]): Partial<Record<keyof ListRow | 'kind', string>> {
  const count = cells.findIndex(isCount);
  const size = cells.findIndex(isSize);
  const words = cells.filter((cell, i) => i !== count && i !== size && cell !== '');
  const [name = '', ...more] = words;
  return { count: cells[count] ?? '', size: cells[size] ?? '', name, note: more.join(', ') };
}

/** A row as a line of a packing list. */
function lineFrom(row: Partial<Record<keyof ListRow | 'kind', string>>): string {
  const { name = '', count = '', size = '', colours = '', kind = '', note = '' } = row;
  if (name === '') return Object.values(row).filter(Boolean).join(', ');
  const isKindSaid = kind === '' || name.toLowerCase().includes(kind.toLowerCase());
  const line = lineOf({
    name: isKindSaid ? name : `${name} ${kind}`,
    ...(isCount(count) && Number(count) > 0 ? { count: Number(count) } : {}),
    ...(size === '' ? {} : { size }),
    ...(colours === '' ? {} : { colours: colours.split(/\s*[,;/&]\s*/).join(' + ') }),
    ...(note === '' ? {} : { note }),
  });
  return isCount(count) || count === '' ? line : `${line}, ${count}`;
}

/** A row that holds nothing but a kind, over one that tells none; null: it is a row as others. */
function kindOver(cells: readonly string[], next: readonly string[]): string | null {
  const [only = '', ...more] = cells.filter((cell) => cell !== '');
  const words = kindWordsIn(only);
  const isKind = more.length === 0 && words.length > 0 && words.every(({ isNoun }) => !isNoun) && saysOnlyKind(only);
  const isOver = next.filter((cell) => cell !== '').length > 1 && kindWordsIn(next.join(', ')).length === 0;
  return isKind && isOver ? only : null;
}

/**
 * Cells as a spreadsheet puts them on the clipboard, parted by tabs, as lines of a packing list; null: it is no table.
 * With a row of heads columns may stand in any order. A row that holds nothing but a kind is over those under it.
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
  if (!rows.some((cells) => cells.length > 1)) return null;
  const heads = headsOf(rows[0] ?? []);
  const told = heads ? rows.slice(1) : rows;
  return told
    .map((cells, i) => {
      const over = kindOver(cells, told[i + 1] ?? []);
      if (over !== null) return `${over}:`;
      if (!heads) return lineFrom(guessed(cells));
      const row: Partial<Record<keyof ListRow | 'kind', string>> = {};
      heads.forEach((head, i) => {
        const cell = cells[i] ?? '';
        const key = head ?? 'note';
        if (cell !== '') row[key] = row[key] ? `${row[key]}, ${cell}` : cell;
      });
      return lineFrom(row);
    })
    .join('\n');
}
