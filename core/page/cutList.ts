import type { CutJob, CutStock } from '../cutting';
import { inches } from '../length';
import type { Size } from '../geometry';
import type { Layout } from './design';

/** One line of a page's cut list. */
export interface WantedPiece extends Size {
  readonly id: string;
  readonly slot: string;
  readonly count: number;
  /** The face wanted; null: not chosen yet. */
  readonly face: string | null;
  /** The paper that it must come from. */
  readonly pinnedTo?: string;
}

/** All pieces that a layout is cut from: layers of one slot and size together, the largest first. */
export function cutListOf(layout: Layout, papers: Readonly<Record<string, string>>): WantedPiece[] {
  const wanted = new Map<string, WantedPiece>();
  for (const { slot, w, h } of layout.layers) {
    if (slot === null) continue;
    const id = `${slot}:${w}x${h}`;
    const count = (wanted.get(id)?.count ?? 0) + 1;
    wanted.set(id, { id, slot, w, h, count, face: papers[slot] ?? null });
  }
  return [...wanted.values()].sort((a, b) => b.w * b.h - a.w * a.h);
}

/** The cutting job for a cut list onto what is there; a design on paper with a right way up is not turned. */
export function cutJobFor(list: readonly WantedPiece[], stock: readonly CutStock[], longestCut: number | null = inches(12)): CutJob {
  return {
    stock, longestCut, keepAtLeast: { w: inches(1), h: inches(1) },
    pieces: list.map(({ id, w, h, count, face, pinnedTo }) => ({
      id, w, h, count, of: face === null ? null : [face], turn: null, optional: false, value: 0, ...(pinnedTo === undefined ? {} : { pinnedTo }),
    })),
  };
}
