import type { ListRow } from './columns';

/** Heads of columns as people write them, plain. */
const HEADS: ReadonlyMap<string, keyof ListRow | 'kind'> = new Map<string, keyof ListRow | 'kind'>(
  Object.entries({
    ...Object.fromEntries(
      ['count', 'qty', 'quantity', 'amount', 'number', 'how many', 'pieces', 'pcs', '#'].map((h) => [h, 'count']),
    ),
    ...Object.fromEntries(['name', 'item', 'thing', 'description', 'what', 'title', 'product'].map((h) => [h, 'name'])),
    ...Object.fromEntries(['size', 'dimensions', 'measure', 'format'].map((h) => [h, 'size'])),
    ...Object.fromEntries(['colour', 'colours', 'color', 'colors'].map((h) => [h, 'colours'])),
    ...Object.fromEntries(['kind', 'type', 'category', 'sort'].map((h) => [h, 'kind'])),
    ...Object.fromEntries(['note', 'notes', 'remark', 'remarks', 'comment'].map((h) => [h, 'note'])),
  }),
);

/** The column of a list that a head stands for, as people call it; null: none is known by it. */
export const columnCalled = (head: string): keyof ListRow | 'kind' | null =>
  HEADS.get(head.trim().toLowerCase()) ?? null;

/** What else a column of a pasted table may hold: numbers of its rows, what is counted, one side of two. */
export type TableColumn = keyof ListRow | 'kind' | 'row' | 'unit' | 'width' | 'tall';
const MORE_HEADS: ReadonlyMap<string, TableColumn> = new Map<string, TableColumn>(
  Object.entries({
    ...Object.fromEntries(
      ['ordered', 'shipped', 'packed', 'received', 'sent', 'in kit', 'per kit', 'in box', 'on hand', 'units'].map(
        (h) => [h, 'count'],
      ),
    ),
    ...Object.fromEntries(
      ['#', 'no', 'no.', 'nr', 'nr.', 'line', 'row', 'item #', 'item no', 'item no.'].map((h) => [h, 'row']),
    ),
    ...Object.fromEntries(
      ['contents', 'article', 'item name', 'item description', 'product name'].map((h) => [h, 'name']),
    ),
    ...Object.fromEntries(['unit', 'uom', 'packed as'].map((h) => [h, 'unit'])),
    ...Object.fromEntries(['width', 'w', 'wide'].map((h) => [h, 'width'])),
    ...Object.fromEntries(['height', 'h', 'high', 'tall'].map((h) => [h, 'tall'])),
  }),
);

/** The column of a pasted table that a head stands for; null: none is known by it. */
export function tableColumn(head: string): TableColumn | null {
  return MORE_HEADS.get(head.trim().toLowerCase()) ?? columnCalled(head);
}

/** Whether a line is nothing but heads of columns: `Qty  Item  Size`. */
export function isHeads(text: string): boolean {
  const words = text.split(/[\s,;|:/]+/).filter(Boolean);
  return words.length > 1 && words.every((word) => columnCalled(word.replace(/\.$/, '')) !== null);
}
