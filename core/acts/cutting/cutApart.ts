import { planCuts, type CutJob, type Trimmer } from '../../trimmer/cutting';
import { splitRect, type Rect, type Size } from '../../ground/geometry';
import type { CutChild, PieceState } from '../../stock/ledger';
import { kerfsOf } from '../../page/cutlist';
import { inches, parseSize, type Ticks, type Unit } from '../../ground/length';
import { err, ok, type Result } from '../../ground/result';
import type { Lot } from '../../stock/things';
import type { NewEvent } from '../act';
import { kerfChild } from './kerfChild';

/** Something printed on a sheet, or measured on it, to be cut out: so many of a size. */
export interface PrintedPart extends Size {
  readonly count: number;
}

/**
 * Parts told as `6 x 3x4, 4 x 2x2`; the stretch that is not understood where there is one.
 * @param unit what a size without a unit is in
 */
export function readParts(
  text: string,
  unit: Unit = 'in',
): Result<PrintedPart[], { readonly kind: 'not-parts'; readonly text: string }> {
  const parts: PrintedPart[] = [];
  for (const told of text
    .split(/[,;\n]+|\s+and\s+/)
    .map((part) => part.trim())
    .filter(Boolean)) {
    const [, count = '1', size = ''] = /^(?:(\d+)\s*[x×]?\s+)?(\S.*?[x×].*)$/i.exec(told) ?? [];
    const read = parseSize(size, unit);
    if (!read.ok || read.value.w === 0 || read.value.h === 0 || Number(count) === 0 || Number(count) > 100)
      return err({ kind: 'not-parts', text: told });
    parts.push({ ...read.value, count: Number(count) });
  }
  return ok(parts);
}

/** Judgements of the planner: a sheet's worth of cards is soon laid out. */
const WORK = 60_000;

const child = (id: string, role: 'nubbin' | 'waste', { x, y, w, h }: Rect, piece: PieceState): CutChild => {
  const missing = piece.missing
    .filter((m) => m.x < x + w && x < m.x + m.w && m.y < y + h && y < m.y + m.h)
    .map((m) => ({ ...m, x: m.x - x, y: m.y - y }));
  return { id, role, x, y, w, h, ...(missing.length > 0 ? { missing } : {}) };
};

/**
 * A sheet cut apart into what is printed on it, right across as a trimmer cuts: the ledger's event, in which every part
 * lies in the stash as a piece of its own, and how many found no room.
 * @param keepAtLeast the least leftover worth keeping
 */
export function cutApartEvent(
  piece: PieceState,
  { upright }: Pick<Lot, 'upright'>,
  parts: readonly PrintedPart[],
  { keepAtLeast, ...trimmer }: Pick<CutJob, 'keepAtLeast'> & Trimmer,
): { event: NewEvent | null; notCut: number } {
  const stock = {
    id: piece.id,
    w: piece.w,
    h: piece.h,
    count: 1,
    front: null,
    back: null,
    upright,
    fresh: false,
    since: null,
    missing: piece.missing,
  };
  const plan = planCuts(
    {
      stock: [stock],
      pieces: parts.map((part, i) => ({ id: `p${i}`, ...part, of: null, turn: null, optional: false, value: 0 })),
      keepAtLeast,
      ...trimmer,
    },
    WORK,
  );
  const [sheet] = plan.sheets;
  const notCut = plan.notCut.length;
  if (!sheet || sheet.cuts.length === 0) return { event: null, notCut };
  const taken = kerfsOf(sheet, piece);
  const into = [
    ...sheet.pieces.map((part, i) => child(`${piece.id}-c${i + 1}`, 'nubbin', part, piece)),
    ...sheet.nubbins.map((part, i) => child(`${piece.id}-r${i + 1}`, 'nubbin', part, piece)),
    ...[...sheet.waste, ...taken].map((part, i) => child(`${piece.id}-w${i + 1}`, 'waste', part, piece)),
  ];
  return { event: { type: 'cut', piece: piece.id, into, page: null }, notCut };
}

export type Edge = 'foot' | 'head' | 'left' | 'right';

/**
 * A strip cut off along an edge, such as the maker's: both parts lie in the stash. @param width ticks, less than the
 * piece is deep there
 * @param kerf what the cut takes away of the rest
 */
export function stripOffEvent(piece: PieceState, edge: Edge, width: Ticks, kerf: Ticks): NewEvent {
  const axis = edge === 'foot' || edge === 'head' ? 'y' : 'x';
  const depth = axis === 'y' ? piece.h : piece.w;
  const lost = Math.max(0, Math.min(kerf, depth - width - 1));
  const isFar = edge === 'foot' || edge === 'right';
  const at = isFar ? depth - width - lost : width;
  const whole = { x: 0, y: 0, w: piece.w, h: piece.h };
  const [near, far] = splitRect(whole, axis, at, lost);
  const [strip, rest] = isFar ? [far, near] : [near, far];
  const into = [
    child(`${piece.id}-rest`, 'nubbin', rest, piece),
    child(`${piece.id}-strip`, 'nubbin', strip, piece),
    ...kerfChild(piece, whole, { axis, at, lost }),
  ];
  return { type: 'cut', piece: piece.id, into, page: null };
}

/** The strip's width where a line tells of one (`branding strip 1/2 in`); else the half inch that is usual. */
export function brandingStripOf({ note }: Pick<Lot, 'note'>): { width: number; isTold: boolean } {
  const told = /\bstrip(?: of)? ([\d /.-]+)/i.exec(note)?.[1]?.trim();
  const read = told === undefined ? null : parseSize(`${told}x1`);
  return { width: read?.ok && read.value.w > 0 ? read.value.w : inches(1 / 2), isTold: /\bstrip\b/i.test(note) };
}
