import type { Size } from '../../../ground/geometry';
import { JOINS_PER_BUILD, PAIRS_PER_JOIN } from '../parts/buildRows';
import { WORDS, type BuildTable } from './buildTable';
import { at } from '../parts/column';

/** Builds with one side alike, one after the other in a column: to be gone through fast. */
const [ROW, ONE, TWO, THREE, LONG, IS_ROW, WIDTH] = [0, 1, 2, 3, 4, 5, 6];

/** Builds of so many blocks, by the length of the edge at which they are joined along an axis. */
type Edges = ReadonlyMap<number, Int32Array>;

function edges(table: BuildTable, from: number, to: number, axis: 'x' | 'y'): Edges {
  const [side, long] = axis === 'x' ? [table.h, table.w] : [table.w, table.h];
  const counts = new Map<number, number>();
  for (let row = from; row < to; row++) counts.set(at(side, row), (counts.get(at(side, row)) ?? 0) + 1);
  const columns = new Map([...counts].map(([length, count]) => [length, new Int32Array(count * WIDTH)]));
  const ends = new Map<number, number>();
  for (let row = from; row < to; row++) {
    const column = columns.get(at(side, row));
    const end = ends.get(at(side, row)) ?? 0;
    if (!column) continue;
    column[end + ROW] = row;
    column[end + ONE] = at(table.keys, row * WORDS);
    column[end + TWO] = at(table.keys, row * WORDS + 1);
    column[end + THREE] = at(table.keys, row * WORDS + 2);
    column[end + LONG] = at(long, row);
    column[end + IS_ROW] = table.isRow(row, axis) ? 1 : 0;
    ends.set(at(side, row), end + WIDTH);
  }
  return columns;
}

/** Where in the table the builds of so many blocks begin, and whether there are no others. */
export interface Levels {
  /** By how many blocks; the last is the end of the table. Only of such as were all made. */
  readonly starts: readonly number[];
  readonly isAll: boolean;
}

/**
 * All builds of blocks without waste within a region, those of few blocks first: each is joined with every other whose
 * edge meets it exactly, and no two of them are the same (P. Y. Wang, Operations Research 31, 1983, with no waste
 * allowed and nothing left out).
 * @param goOn after the builds of so many blocks: whether those of more are to be made
 * @param spend counts joins; false: the work allowed is done
 */
export function allBuilds(
  table: BuildTable,
  { w: W, h: H }: Size,
  goOn: (size: number) => boolean,
  spend: (joins: number) => boolean,
): Levels {
  const starts = [0, 0, table.length];
  const levels: Record<'x' | 'y', Edges>[] = [
    { x: new Map(), y: new Map() },
    { x: edges(table, 0, table.length, 'x'), y: edges(table, 0, table.length, 'y') },
  ];
  /** All of one edge with all of another; false: there is no more room, or no more time. */
  const joinAll = (axis: 'x' | 'y', edge: number, some: Int32Array, others: Int32Array): boolean => {
    const most = axis === 'x' ? W : H;
    const before = table.length;
    for (let i = 0; i < some.length; i += WIDTH) {
      const near = at(some, i + ROW);
      const [one, two, three] = [at(some, i + ONE), at(some, i + TWO), at(some, i + THREE)];
      const [long, isRow] = [at(some, i + LONG), at(some, i + IS_ROW)];
      // Of the same list, each pair once.
      for (let n = some === others ? i + WIDTH : 0; n < others.length; n += WIDTH) {
        if ((one & at(others, n + ONE)) | (two & at(others, n + TWO)) | (three & at(others, n + THREE))) continue;
        const both = long + at(others, n + LONG);
        // Two rows are not joined: their parts are put on one by one, or every order would be tried.
        if (both > most || (isRow & at(others, n + IS_ROW)) === 1) continue;
        if (table.isFull) return false;
        const far = at(others, n + ROW);
        table.join(axis === 'x' ? { axis, near, far, w: both, h: edge } : { axis, near, far, w: edge, h: both });
      }
    }
    const pairs = (some.length / WIDTH) * (others.length / WIDTH);
    return spend(pairs / PAIRS_PER_JOIN + JOINS_PER_BUILD * (table.length - before));
  };
  for (let size = 2; size <= table.blocks.length; size++) {
    if (!goOn(size - 1)) return { starts, isAll: false };
    for (let less = 1; 2 * less <= size; less++)
      for (const axis of ['x', 'y'] as const) {
        const others = levels[size - less]?.[axis];
        for (const [edge, some] of levels[less]?.[axis] ?? []) {
          const meeting = others?.get(edge);
          if (meeting && !joinAll(axis, edge, some, meeting)) return { starts, isAll: false };
        }
      }
    const from = starts.at(-1) ?? 0;
    levels.push({ x: edges(table, from, table.length, 'x'), y: edges(table, from, table.length, 'y') });
    starts.push(table.length);
  }
  return { starts, isAll: true };
}
