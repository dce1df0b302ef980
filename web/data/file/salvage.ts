import type { Lot, Page } from '../../../core/things';
import type { FileError } from './benchFile';
import type { BenchFile } from './contents';
import { readBenchJson } from './benchFile';
import { EMPTY_FILE } from './contents';

/** What could be saved of a damaged file, and what was left out: where each was, and why. */
export interface Salvaged {
  readonly file: BenchFile;
  readonly lost: readonly FileError[];
}

/** So many records are left out at the most; a file worse than that is not hers any more. */
const MOST_LOST = 2_000;

function leaveOff(file: BenchFile, page: number, placed: number): void {
  const pages = file.pages as Page[];
  const one = pages[page];
  if (one?.placed) pages[page] = { ...one, placed: one.placed.toSpliced(placed, 1) };
}

/** Papers, things and pages are whole without their pictures; a photo is not. */
const PICTURE = /^\/(faces|lots|pages)\/(\d+)(?:\/items\/(\d+))?\/picture/;

function leavePictureOff(file: BenchFile, table: string, row: number, item: string | undefined): void {
  const without = <T extends { readonly picture?: unknown }>({ picture: _, ...rest }: T) => rest;
  if (table === 'faces' || table === 'pages') {
    const own = file[table] as { readonly picture?: unknown }[];
    own.splice(row, 1, ...own.slice(row, row + 1).map(without));
    return;
  }
  const lots = file.lots as Lot[];
  lots.splice(
    row,
    1,
    ...lots
      .slice(row, row + 1)
      .map((lot) => ({ ...lot, items: (lot.items ?? []).map((one, i) => (String(i) === item ? without(one) : one)) })),
  );
}

/**
 * Saves what can be saved of a file: whatever is wrong, or rests on what is wrong, is left out one by one until the
 * rest holds. Where the ledger breaks, all entries after it go: what follows rests on it.
 * @returns null where nothing of it can be used
 */
export function salvage(json: unknown): Salvaged | null {
  if (typeof json !== 'object' || json === null || (json as BenchFile).format !== 'nubbin-bench') return null;
  const file = structuredClone(json) as Record<string, unknown> & BenchFile;
  const lost: FileError[] = [];
  for (const key of Object.keys(EMPTY_FILE) as (keyof BenchFile)[])
    if (Array.isArray(EMPTY_FILE[key]) && !Array.isArray(file[key])) (file as Record<string, unknown>)[key] = [];
  while (lost.length < MOST_LOST) {
    const read = readBenchJson(file);
    if (read.ok) return { file: read.value, lost };
    const { at, kind } = read.error;
    lost.push(read.error);
    const [, page, placed] = /^\/pages\/(\d+)\/placed\/(\d+)/.exec(at) ?? [];
    if (page !== undefined && placed !== undefined) {
      // The page itself is whole.
      leaveOff(file, Number(page), Number(placed));
      continue;
    }
    const [, of, row, item] = PICTURE.exec(at) ?? [];
    if (of !== undefined && row !== undefined) {
      leavePictureOff(file, of, Number(row), item);
      continue;
    }
    const [, table, index] = /^\/(\w+)(?:\/(\d+))?/.exec(at) ?? [];
    if (table === undefined) return null;
    const rows = (file as Record<string, unknown>)[table];
    if (index === undefined || !Array.isArray(rows)) {
      if (!(table in file) || table === 'format' || table === 'version') return null;
      delete (file as Record<string, unknown>)[table];
    } else if (table === 'events' && kind === 'ledger') rows.splice(Number(index));
    else rows.splice(Number(index), 1);
  }
  return null;
}
