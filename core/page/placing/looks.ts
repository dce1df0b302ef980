import type { Rect, Size } from '../../ground/geometry';
import type { Ledger, PieceState } from '../../stock/ledger';
import { inches } from '../../ground/length';
import {
  materialOf,
  type Face,
  type Lot,
  type LotKind,
  type Page,
  type PlacedDrawn,
  type PlacedItem,
  type PlacedLine,
  type PlacedWhat,
} from '../../stock/things';
import { letterWidth } from '../writing';
import { boundsOf } from './bounds';
import { isRaisedName, smallThing, type SmallThing } from './smallThing';

/** What something laid on a page looks like, with its size. */
export type Looks = {
  readonly name: string;
  readonly size: Size;
  readonly isRaised: boolean;
  /** What lies under it shows. */
  readonly isSeeThrough?: boolean;
} & (
  | { readonly kind: 'small'; readonly thing: SmallThing; /** So many lie one on another. */ readonly stack?: number }
  | ({ readonly kind: 'line' } & Pick<PlacedLine, 'drawn' | 'colour'>)
  | { readonly kind: 'letter'; readonly glyph: string; readonly colour: string }
  | { readonly kind: 'roll'; readonly colours: readonly string[]; readonly of: LotKind }
  | ({ readonly kind: 'paper'; readonly face: string | null; readonly of: LotKind } & Pick<
      PieceState,
      'missing' | 'outline' | 'onSheet'
    >)
);

/** Where what lies on a page is looked up. */
export interface Things {
  readonly lots: ReadonlyMap<string, Lot>;
  readonly faces: ReadonlyMap<string, Pick<Face, 'colours'>>;
  readonly ledger: Ledger;
}

/** How wide rolls mostly are: common practice, no source. */
const WIDE: Partial<Record<LotKind, number>> = { washi: inches(5 / 8), ribbon: inches(3 / 8), twine: inches(1 / 12) };

/** How high letters stand that were not measured, and what they are drawn in that have no colour told. */
const LETTER_HEIGHT = inches(3 / 4);
const LETTER_INK = '#8a1c4f';

const coloursOf = ({ front }: Lot, faces: Things['faces']): readonly string[] =>
  faces.get(front ?? '')?.colours.map(({ hex }) => hex) ?? [];

/** How a set's letters look: how high they stand, ticks, and their colour. Heights: common practice, no source. */
export const letterLooks = (
  lot: Lot,
  faces: Things['faces'],
): { readonly height: number; readonly colour: string } => ({
  height: lot.height ?? LETTER_HEIGHT,
  colour: coloursOf(lot, faces)[0] ?? LETTER_INK,
});

const letterOf = (glyph: string, name: string, { height, colour }: ReturnType<typeof letterLooks>): Looks => {
  const size = { w: letterWidth(glyph, height), h: height };
  return { kind: 'letter', name, size, isRaised: false, glyph, colour };
};

const letterOfSet = (lot: Lot, { part, shows }: PlacedItem, faces: Things['faces']): Looks => ({
  ...letterOf(shows ?? part, `${shows ?? part}, ${lot.name}`, letterLooks(lot, faces)),
  isRaised: isRaisedName(lot.name),
});

/** What one placing looks like; null: what it names is not there. */
export function looksOf(what: PlacedWhat, things: Things): Looks | null {
  const looks = plainLooks(what, things);
  const lot = lotOf(what, things);
  return looks && lot && materialOf(lot) === 'see-through' ? { ...looks, isSeeThrough: true } : looks;
}

const lotOf = (what: PlacedWhat, { lots, ledger }: Things): Lot | undefined => {
  if ('drawn' in what) return undefined;
  return lots.get('piece' in what ? (ledger.pieces.get(what.piece)?.lot ?? '') : what.lot);
};

/** How thick a line is drawn: a pen's point, common practice, no source. */
const THICK = inches(1 / 16);
const LINES = { pen: 'pen line', stitch: 'stitched line' } as const;

/** What is drawn on the page itself. */
function drawnLooks(what: PlacedDrawn): Looks {
  switch (what.drawn) {
    case 'letter':
      return letterOf(what.glyph, what.glyph, what);
    case 'stamp': {
      const { name, w, h, colour } = what;
      const thing = smallThing({ name, kind: 'tool', size: { w, h } }, '', [colour]);
      return { kind: 'small', name, size: thing.size, isRaised: false, thing: { ...thing, isRaised: false } };
    }
    default: {
      const { drawn, colour, length } = what;
      return { kind: 'line', name: LINES[drawn], size: { w: length, h: THICK }, isRaised: false, drawn, colour };
    }
  }
}

function plainLooks(what: PlacedWhat, things: Things): Looks | null {
  if ('drawn' in what) return drawnLooks(what);
  const { faces, ledger } = things;
  const piece = 'piece' in what ? ledger.pieces.get(what.piece) : undefined;
  const lot = lotOf(what, things);
  if (!lot) return null;
  if ('piece' in what) {
    if (!piece) return null;
    const { w, h, missing, outline, onSheet, name = lot.name } = piece;
    const lines = { missing, ...(outline ? { outline } : {}), ...(onSheet ? { onSheet } : {}) };
    return { kind: 'paper', name, size: { w, h }, isRaised: false, face: lot.front, of: lot.kind, ...lines };
  }
  if ('length' in what) {
    const size = { w: what.length, h: lot.size?.w ?? WIDE[lot.kind] ?? inches(1 / 2) };
    return { kind: 'roll', name: lot.name, size, isRaised: false, colours: coloursOf(lot, faces), of: lot.kind };
  }
  if (lot.measure === 'letters') return letterOfSet(lot, what, faces);
  const thing = smallThing(lot, what.part, coloursOf(lot, faces));
  const stack = what.count === undefined ? {} : { stack: what.count };
  return { kind: 'small', name: thing.name, size: thing.size, isRaised: thing.isRaised, thing, ...stack };
}

/** The rectangles round what lies on a page. */
export const boundsOfLaid = ({ placed = [] }: Pick<Page, 'placed'>, things: Things): Rect[] =>
  placed.flatMap((one) => {
    const looks = looksOf(one.what, things);
    return looks ? [boundsOf(looks.size, one, one.turn)] : [];
  });
