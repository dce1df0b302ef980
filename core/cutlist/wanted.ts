import type { Size } from '../geometry';

/**
 * Wanted pieces are named `page/slot:WxH`, sizes in ticks; without a page they are for the page whose plan it is. What
 * is pinned to a paper has that after an `@`.
 */
const [PAGE, SIZE, PIN] = ['/', ':', '@'];

/** The name of a wanted piece. */
export const wantedName = (slot: string, { w, h }: Size): string => `${slot}${SIZE}${w}x${h}`;

/** The same piece in a list of several pages. */
export const forPage = (page: string, wanted: string): string => `${page}${PAGE}${wanted}`;

/** The same piece, from one paper only. */
export const pinnedName = (wanted: string, stock: string): string => `${wanted}${PIN}${stock}`;

/** The wanted piece that a pinned one stands for. */
export const unpinnedName = (wanted: string): string => wanted.split(PIN)[0]!;

/** The wanted piece's name on its own page, whatever it is pinned to. */
export const wantedIn = (wanted: string): string => {
  const own = unpinnedName(wanted);
  return own.slice(own.indexOf(PAGE) + 1);
};

/** Which slot a wanted piece is for, and of which page; null: the plan's own. */
export function purposeOf(wanted: string): { page: string | null; slot: string } {
  const [page, rest] = wanted.includes(PAGE) ? (wanted.split(PAGE, 2) as [string, string]) : [null, wanted];
  return { page, slot: rest.slice(0, rest.lastIndexOf(SIZE)) };
}
