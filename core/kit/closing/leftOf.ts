import { own, type Amounts, type Ledger, type PieceState } from '../../stock/ledger';
import { isKept, type Fate, type Kit, type Lot } from '../../stock/things';
import { hereWith, kitOfPiece, type Part } from './belonging';

/** Something that is left of a kit: pieces of a paper that are alike, or what there is of a counted thing. */
export interface LeftThing {
  /** What it is known by: the id of its first piece, or of its lot. */
  readonly key: string;
  /** All that a decision is kept by: ids of its pieces, or of its lot. */
  readonly keys: readonly string[];
  readonly lot: Lot;
  readonly pieces: readonly PieceState[];
  readonly amounts: Amounts;
  readonly fate: Fate | null;
}

/** What is left as parts that go into a kit of her own, or back. */
export const partsOf = ({ lot, pieces, amounts }: LeftThing): Part[] =>
  pieces.length > 0 ? pieces.map(({ id }) => ({ piece: id })) : [{ lot: lot.id, parts: Object.keys(amounts) }];

/** Where decisions are looked up: the ledger, and what its lots are. */
export interface Wrapped {
  readonly ledger: Ledger;
  readonly lots: ReadonlyMap<string, Lot>;
}

/** Pieces that look the same and have the same lot in front of them are one thing. */
const alikeAs = ({ lot, w, h, missing, name, outline }: PieceState, fate: Fate | null): string =>
  JSON.stringify([lot, Math.min(w, h), Math.max(w, h), missing, name, outline, fate]);

/**
 * Everything of a kit that lies in the stash, each exactly once, in the order of the packing list, large papers first:
 * what came with it and is in no kit of her own, or what she put into it.
 * Tools and media stay whatever becomes of a kit, and are not among it.
 */
export function leftOf({ id, fates = {} }: Pick<Kit, 'id' | 'fates'>, { ledger, lots }: Wrapped): LeftThing[] {
  const things = new Map<string, LeftThing>();
  for (const piece of ledger.pieces.values()) {
    const lot = lots.get(piece.lot);
    if (!lot || isKept(lot.kind) || piece.where !== 'here' || kitOfPiece(piece, lots) !== id) continue;
    const fate = own(fates, piece.id) ?? null;
    const alike = alikeAs(piece, fate);
    const { key, keys, pieces } = things.get(alike) ?? { key: piece.id, keys: [], pieces: [] };
    things.set(alike, { key, keys: [...keys, piece.id], lot, pieces: [...pieces, piece], amounts: {}, fate });
  }
  for (const lot of lots.values()) {
    if (isKept(lot.kind)) continue;
    const amounts = hereWith(id, lot, ledger);
    if (Object.keys(amounts).length > 0)
      things.set(lot.id, { key: lot.id, keys: [lot.id], lot, pieces: [], amounts, fate: own(fates, lot.id) ?? null });
  }
  const size = ({ pieces: [first] }: LeftThing): number => (first ? first.w * first.h : 0);
  return [...things.values()].sort((a, b) => a.lot.line - b.lot.line || size(b) - size(a));
}
