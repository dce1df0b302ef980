import { DESIGNS, layOut } from '../../page/design';
import { holds, type Size } from '../../ground/geometry';
import { couldBecome, type Chance } from '../closing';
import type { PieceState } from '../../stock/ledger';
import { inches, type Ticks } from '../../ground/length';
import type { PageFormat, PagePhoto, Punch } from '../../stock/things';
import { leftoversOf } from './leftovers';
import type { BustingInput } from './proposal';

/** What of the stash can be no layer of any page, and what it could still become. */
export interface Idle {
  readonly pieces: readonly PieceState[];
  /** Square ticks; and what part of all leftovers that is. */
  readonly area: number;
  readonly share: number;
  /** Summed over the pieces, each as if all of it went into it. */
  readonly chances: readonly Chance[];
}

/** Places for the usual print, and for half of one. */
const PHOTOS: readonly PagePhoto[] = [
  { photo: null, w: inches(6), h: inches(4) },
  { photo: null, w: inches(3), h: inches(4) },
];
/** Layers narrower than this are cut from anything, and say nothing. */
const NARROW = inches(1);

const fitsIn = (a: Size, b: Size): boolean =>
  Math.min(a.w, a.h) <= Math.min(b.w, b.h) && Math.max(a.w, a.h) <= Math.max(b.w, b.h);

/** The smallest layers that pages have, of which none fits in another: what holds none of them is no layer. */
function smallestLayers(formats: readonly PageFormat[], mat: Ticks): Size[] {
  const all = DESIGNS.flatMap((design) =>
    formats.flatMap((format) =>
      PHOTOS.flatMap((photo) => {
        const layout = layOut(design, { format, photos: [photo], mat });
        return layout.ok
          ? layout.value.layers.flatMap(({ slot, shape, w, h }): Size[] =>
              slot !== null && shape === undefined && Math.min(w, h) >= NARROW ? [{ w, h }] : [],
            )
          : [];
      }),
    ),
  );
  const smallest: Size[] = [];
  for (const size of all.sort((a, b) => a.w * a.h - b.w * b.h))
    if (!smallest.some((other) => fitsIn(other, size))) smallest.push(size);
  return smallest;
}

const sameAs = (a: Chance, b: Chance): boolean =>
  a.kind === b.kind && (a.kind !== 'shapes' || (b.kind === 'shapes' && a.punch === b.punch));

/** Chances of several pieces in one: of shapes those of each punch, of strips the longest length that is among them. */
function summed(chances: readonly Chance[]): Chance[] {
  const sums: Chance[] = [];
  for (const one of chances) {
    const at = sums.findIndex((other) => sameAs(other, one));
    const before = sums[at];
    if (before) sums[at] = { ...before, count: before.count + one.count };
    else sums.push(one);
  }
  return sums;
}

/** Leftovers that no page can be made of, however it is laid out, and what could still come of them. */
export function idleOf({
  shelf,
  formats,
  mat,
  waiting,
  punches,
}: Pick<BustingInput, 'shelf' | 'formats' | 'mat' | 'waiting'> & { readonly punches: readonly Punch[] }): Idle {
  const layers = smallestLayers(formats, mat);
  const all = leftoversOf(shelf).flatMap(({ stock }) => shelf.ledger.pieces.get(stock.id) ?? []);
  const pieces = all.filter((piece) => !layers.some((size) => holds(piece, piece.missing, size, true)));
  const sum = (of: readonly PieceState[]): number => of.reduce((total, { solid }) => total + solid, 0);
  const photos = waiting.map(({ w, h }) => ({ w, h }));
  return {
    pieces,
    area: sum(pieces),
    share: all.length === 0 ? 0 : sum(pieces) / sum(all),
    chances: summed(pieces.flatMap((piece) => couldBecome(piece, photos, punches))),
  };
}
