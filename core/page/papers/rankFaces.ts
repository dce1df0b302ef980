import { affinity, differenceCiede2000, hexToLab, type ColourShare } from '../../ground/colour';
import type { CutStock } from '../../trimmer/cutting';
import type { Size } from '../../ground/geometry';
import type { Face } from '../../stock/things';
import type { Slot } from '../design';

export interface RankedFace {
  readonly face: Face;
  /** Mean CIEDE2000 to the photos' colours; Infinity where there are none to compare. */
  readonly difference: number;
  /** How many pieces of stock carry it and hold the largest piece wanted. */
  readonly holds: number;
}

/**
 * Plain and evenly coloured faces are quiet: the colours' spread round their mean lightness, and the motif; unless she
 * has said how busy it looks.
 */
export const isQuiet = (face: Face): boolean => {
  if (face.scale) return face.scale === 'quiet';
  if (face.pattern === 'plain' || face.pattern === 'wash' || face.pattern === 'ledger') return true;
  const [ground, ...rest] = face.colours.map(({ hex }) => hexToLab(hex));
  return ground !== undefined && rest.every((lab) => differenceCiede2000(ground, lab) < 15);
};

/** Whether a stock carries a face and is large enough for a piece of it. */
export const holdsPiece = (stock: CutStock, face: string, piece: Size): boolean => {
  if (stock.front !== face && stock.back !== face) return false;
  return (piece.w <= stock.w && piece.h <= stock.h) || (!stock.upright && piece.h <= stock.w && piece.w <= stock.h);
};

/**
 * Faces for a slot, best first: those that some paper on hand can give before those that none can; then nearest to the
 * photos' colours by CIEDE2000, where a face that suits the slot's place counts as 6 nearer.
 */
export function rankFaces(
  faces: readonly Face[],
  photos: readonly ColourShare[],
  slot: Pick<Slot, 'suits'>,
  piece: Size,
  stock: readonly CutStock[],
): RankedFace[] {
  const suits = (face: Face): boolean => slot.suits === 'any' || isQuiet(face) === (slot.suits === 'quiet');
  const order = (ranked: RankedFace): number =>
    (ranked.holds > 0 ? 0 : 1000) +
    (Number.isFinite(ranked.difference) ? ranked.difference : 50) -
    (suits(ranked.face) ? 6 : 0);
  return faces
    .map((face): RankedFace => ({
      face,
      difference: affinity(photos, face.colours),
      holds: stock.filter((s) => holdsPiece(s, face.id, piece)).length,
    }))
    .sort((a, b) => order(a) - order(b) || a.face.name.localeCompare(b.face.name));
}
