import type { CutJob, CutStock, Trimmer } from '../../trimmer/cutting';
import { inches } from '../../ground/length';
import type { Size } from '../../ground/geometry';
import type { Page } from '../../stock/things';
import { blankOf, drawnMore, slotOfMore, type Layout } from '../design';
import { wantedKey, type WantedPiece } from './wanted';

/**
 * All pieces that a layout is cut from, and what is wanted beyond it: those of one slot and size together, the largest
 * first.
 */
export function cutListOf(
  layout: Layout,
  { id: page, papers, more = [] }: Pick<Page, 'id' | 'papers' | 'more'>,
): WantedPiece[] {
  const wanted = new Map<string, WantedPiece>();
  const add = (slot: string, { w, h }: Size, face: string | null, copies: number): void => {
    const id = wantedKey(page, slot, { w, h });
    wanted.set(id, { id, page, slot, w, h, count: (wanted.get(id)?.count ?? 0) + copies, face });
  };
  for (const layer of layout.layers)
    if (layer.slot !== null) add(layer.slot, blankOf(layer), papers[layer.slot] ?? null, 1);
  for (const piece of more) {
    const drawn = drawnMore(piece);
    if (drawn) add(slotOfMore(piece), drawn.blank, piece.face, piece.count);
  }
  return [...wanted.values()].sort((a, b) => b.w * b.h - a.w * a.h);
}

/** The cutting job for a cut list onto what is there; a design on paper with a right way up is not turned. */
export function cutJobFor(list: readonly WantedPiece[], stock: readonly CutStock[], trimmer: Trimmer): CutJob {
  return {
    stock,
    ...trimmer,
    keepAtLeast: NUBBIN,
    pieces: list.map(({ id, w, h, count, face, pinnedTo }) => ({
      id,
      w,
      h,
      count,
      of: face === null ? null : [face],
      turn: null,
      optional: false,
      value: 0,
      ...(pinnedTo === undefined ? {} : { pinnedTo }),
    })),
  };
}

/** A leftover at least this large is kept. */
export const NUBBIN: Size = { w: inches(1), h: inches(1) };
