import type { WantedPiece } from './wanted';

/** So many of a wanted piece that are to be cut from one paper. */
export interface Pin {
  readonly wanted: string;
  readonly stock: string;
  readonly count: number;
}

/** The cut list with pinned copies apart: the same slot and size, from their own paper only. */
export const pinDown = (list: readonly WantedPiece[], pins: readonly Pin[]): WantedPiece[] =>
  list.flatMap((wanted) => {
    let left = wanted.count;
    const pinned = pins
      .filter((pin) => pin.wanted === wanted.id)
      .map(({ stock, count }): WantedPiece => {
        const own = Math.min(count, left);
        left -= own;
        return { ...wanted, id: `${wanted.id}@${stock}`, count: own, pinnedTo: stock, pinOf: wanted.id };
      });
    return [...pinned, { ...wanted, count: left }].filter(({ count }) => count > 0);
  });
