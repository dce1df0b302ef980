import Papa from 'papaparse';
import { totalOf, type Amounts } from '../../../core/stock/ledger';
import { columnCalled, entriesOf, lineOf, MOST_OF_A_LINE, readLine, type ListItem } from '../../../core/stock/listing';
import { err, ok, type Result } from '../../../core/ground/result';
import type { Lot, LotKind } from '../../../core/stock/things';
import { type Bench } from '../../../core/stock/bench';
import { KIND_CHOICES } from '../../ui/lotWords';
import { STASH_COLUMNS, stashRow, type StashColumn } from './stashRow';

/** What a row of a table would do. */
export type RowEffect =
  | { readonly kind: 'same' }
  | { readonly kind: 'refused'; readonly why: string }
  | {
      readonly kind: 'added';
      readonly item: ListItem;
      /** Why it may be otherwise than it was understood. */
      readonly doubts: readonly string[];
      readonly kit: { readonly id: string | null; readonly name: string; readonly month: string };
      readonly place: string;
    }
  | {
      readonly kind: 'changed';
      readonly lot: Lot;
      readonly name: string | null;
      readonly note: string | null;
      readonly place: string | null;
      readonly change: Amounts | null;
      readonly missed: string | null;
    };

export interface TableRow {
  /** In the file, the head being the first. */ readonly row: number;
  readonly thing: string;
  readonly effect: RowEffect;
}

export interface TableError {
  readonly kind: 'no-table';
  readonly message: string;
}

export interface StashTable {
  readonly rows: readonly TableRow[];
  /** Columns, as they are called, of which nothing is taken. */
  readonly unread: readonly string[];
}

/** Sizes and colours of what is added can be told as on packing lists. */
const MORE = ['size', 'colours'] as const;
type Column = StashColumn | (typeof MORE)[number];
const COLUMNS: readonly string[] = [...STASH_COLUMNS, ...MORE];
type Cells = Readonly<Partial<Record<Column, string>>>;

/** The column that a head stands for: its own name, or what people call it. */
function columnOf(head: string): string {
  const plain = head.trim().toLowerCase();
  if (COLUMNS.includes(plain)) return plain;
  const called = columnCalled(plain);
  return called === 'name' ? 'thing' : called === 'count' ? 'amount' : (called ?? plain);
}

/** A cell as it was before it was disarmed. */
const bare = (text = ''): string => text.replace(/^'(?=[=+\-@\t\r])/, '').trim();
type Known = Pick<Bench, 'ledger' | 'lots' | 'kits' | 'faces'>;
const TOO_MANY = 'at most 10,000 of one thing can be taken in';
const refused = (why: string): RowEffect => ({ kind: 'refused', why });

const kindCalled = (words: string): LotKind | null =>
  KIND_CHOICES.find(([kind, own]) => [kind, own].includes(words.toLowerCase()))?.[0] ?? null;

/** What a row without an id tells of, as a line of a packing list would; or why it cannot be taken so. */
function understood(
  cells: Cells,
  amount: string,
): Pick<Extract<RowEffect, { kind: 'added' }>, 'item' | 'doubts'> | string {
  const [w, h] = [bare(cells['width in']), bare(cells['height in'])];
  if ((w === '') !== (h === '')) return 'a width wants a height, and a height a width';
  const size = w === '' ? bare(cells.size) : `${w}x${h}`;
  const [colours, note, said] = [bare(cells.colours), bare(cells.note), bare(cells.kind)];
  const kind = said === '' ? null : kindCalled(said);
  if (said !== '' && kind === null)
    return `“${said}” is no kind. Those are: ${KIND_CHOICES.map(([, words]) => words).join('; ')}`;
  const line = readLine(
    lineOf({
      name: bare(cells.thing),
      count: amount === '' ? 1 : Number(amount),
      ...(size === '' ? {} : { size }),
      ...(colours === '' ? {} : { colours }),
      ...(note === '' ? {} : { note }),
    }),
  );
  const [asRead, ...more] = entriesOf([line]);
  const [entry] = kind === null ? [asRead] : entriesOf([line], { '0': { kind } });
  if (!asRead || !entry) return 'it says nothing';
  if (more.length > 0) return 'it tells of several things: give each a row of its own';
  const isAsked = (about: string | undefined): boolean => kind === null || about !== 'kind';
  return { item: entry.item, doubts: asRead.doubts.filter(({ about }) => isAsked(about)).map(({ why }) => why) };
}

function added(cells: Cells, { kits }: Pick<Bench, 'kits'>): RowEffect {
  const amount = bare(cells.amount);
  if (amount !== '' && !/^\d+$/.test(amount)) return refused(`“${amount}” is no whole number`);
  if (Number(amount) > MOST_OF_A_LINE) return refused(TOO_MANY);
  if (amount === '0') return refused('none of something need not be here');
  if (bare(cells.thing) === '') return refused('it has no name');
  const told = understood(cells, amount);
  if (typeof told === 'string') return refused(told);
  const [name, month] = [bare(cells.kit) || 'From a table', bare(cells.month)];
  if (month !== '' && !/^\d{4}-(0[1-9]|1[0-2])$/.test(month))
    return refused(`“${month}” is no month. Write it as 2026-11`);
  const known = [...kits.values()].find((kit) => kit.name === name && (month === '' || kit.month === month));
  return { kind: 'added', ...told, kit: { id: known?.id ?? null, name, month }, place: bare(cells['kept in']) };
}

/**
 * Columns that tell what a thing is, which a table does not change. Months are not among them: office programs rewrite
 * them.
 */
const FIXED = ['kind', 'kit', 'front', 'back', 'width in', 'height in'] as const;

/** Whether a cell says what is so; office programs write 4 as 4.0. */
const isSame = (column: string, told: string, is: string): boolean =>
  told === is || (/ in$/.test(column) && told !== '' && is !== '' && Number(told) === Number(is));

function changed(cells: Cells, id: string, bench: Known): RowEffect {
  const { ledger, lots } = bench;
  const piece = ledger.pieces.get(id);
  const lot = lots.get(piece?.lot ?? id);
  if (!lot) return refused(`nothing here has the id ${id}`);
  const now = stashRow(lot, piece, bench);
  const differing = (column: keyof typeof now): string | null =>
    column in cells && !isSame(column, bare(cells[column]), now[column]) ? bare(cells[column]) : null;
  const fixed = FIXED.find((column) => differing(column) !== null);
  if (fixed !== undefined) return refused(`its ${fixed} is ${now[fixed] || 'not told'}: change it in its slip`);
  const told = MORE.find((column) => bare(cells[column]) !== '');
  if (told !== undefined) return refused(`its ${told} cannot be told by a table: change it in its slip`);
  const amount = 'amount' in cells ? bare(cells.amount) : null;
  const stock = ledger.lots.get(lot.id)?.here ?? {};
  const here = totalOf(stock);
  let change: Amounts | null = null;
  let missed: string | null = null;
  if (piece && amount === '0' && piece.where === 'here') missed = id;
  else if (piece && amount !== null && amount !== '1' && amount !== '0')
    return refused('a piece of paper is there once, or 0 times');
  else if (!piece && lot.measure === 'count' && amount !== null) {
    if (!/^\d+$/.test(amount)) return refused(`“${amount}” is no whole number`);
    if (Number(amount) > MOST_OF_A_LINE) return refused(TOO_MANY);
    const more = Number(amount) - here;
    if ((stock[''] ?? 0) + more < 0) return refused('what is in it was told apart: count it in its slip');
    if (more !== 0) change = { '': more };
  } else if (differing('amount') !== null) return refused(`there is ${now.amount} of it: say how much in its slip`);
  const name = differing('thing');
  if (name === '') return refused('it has no name');
  const all = { name, note: differing('note'), place: differing('kept in'), change, missed };
  return Object.values(all).every((one) => one === null) ? { kind: 'same' } : { kind: 'changed', lot, ...all };
}

type Changed = Extract<RowEffect, { kind: 'changed' }>;

/** Whether two rows say different things of the same paper. */
const quarrels = (a: Changed, b: Changed): boolean =>
  (['name', 'note', 'place'] as const).some((key) => a[key] !== null && b[key] !== null && a[key] !== b[key]) ||
  (a.change !== null && b.change !== null && a.change[''] !== b.change['']);

/** What a row says beyond an earlier one of the same paper: said twice, it counts once. */
const beyond = (effect: Changed, earlier: Changed): Changed => ({
  ...effect,
  change: earlier.change === null ? effect.change : null,
  missed: effect.missed === earlier.missed ? null : effect.missed,
});

/**
 * Rows that would change the same paper otherwise than an earlier one are refused; those that say it again change
 * nothing more.
 */
function withoutQuarrels(rows: readonly TableRow[]): TableRow[] {
  const said = new Map<string, { readonly row: number; readonly effect: Changed }[]>();
  return rows.map((row) => {
    const { effect } = row;
    if (effect.kind !== 'changed') return row;
    const earlier = said.get(effect.lot.id) ?? [];
    const other = earlier.find((one) => quarrels(one.effect, effect));
    if (other) return { ...row, effect: refused(`row ${other.row} says otherwise of ${effect.lot.name}`) };
    said.set(effect.lot.id, [...earlier, { row: row.row, effect }]);
    return { ...row, effect: earlier.reduce((left, one) => beyond(left, one.effect), effect) };
  });
}

/**
 * Reads a table of things, such as the stash's own: rows with an id change what is there (name, note, place, count),
 * rows without one are added. Nothing is written.
 */
export function readStashCsv(text: string, bench: Known): Result<StashTable, TableError> {
  const { data, meta, errors } = Papa.parse<Cells>(text.replace(/^\ufeff/, ''), {
    header: true,
    transformHeader: columnOf,
  });
  const [broken] = errors.filter(({ type, code }) => type !== 'Delimiter' && code !== 'TooFewFields');
  if (broken)
    return err({
      kind: 'no-table',
      message: `Row ${(broken.row ?? 0) + (broken.type === 'Quotes' ? 1 : 2)}: ${broken.message}.`,
    });
  if (!meta.fields?.includes('thing'))
    return err({ kind: 'no-table', message: 'It has no column “thing”. The first row names the columns.' });
  const rows = data.flatMap((cells, i): TableRow[] => {
    if (Object.values(cells).every((cell) => cell.trim() === '')) return [];
    const id = bare(cells.id);
    return [
      { row: i + 2, thing: bare(cells.thing), effect: id === '' ? added(cells, bench) : changed(cells, id, bench) },
    ];
  });
  const unread = meta.fields.filter((head) => head !== '' && !COLUMNS.includes(head));
  return ok({ rows: withoutQuarrels(rows), unread });
}
