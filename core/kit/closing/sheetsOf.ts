import type { Ticks } from '../../ground/length';
import type { Point, Rect } from '../../ground/geometry';
import type { PieceState, PieceWhere } from '../../stock/ledger';
import type { Kit, Lot } from '../../stock/things';
import { kitOfPiece } from './belonging';
import type { Wrapped } from './leftOf';

/** A part of a sheet where it lay on it, and what became of it. */
export interface SheetPart extends Rect {
  readonly id: string;
  readonly missing: readonly Rect[];
  readonly where: Exclude<PieceWhere, 'cut'>;
}

/** A sheet as it came, with all that was cut of it. */
export interface SheetCut {
  readonly id: string;
  readonly lot: Lot;
  readonly w: Ticks;
  readonly h: Ticks;
  readonly parts: readonly SheetPart[];
}

const cornerOf = ({ onSheet = { x: 0, y: 0 } }: PieceState): Point => onSheet;

/**
 * The sheets of a kit, in the order of its list, each with its parts where they lay on it: what was cut off a part is
 * told in its place. Of a kit of her own, what was put into it, from the corner of the sheet that came in the parcel.
 */
export function sheetsOf({ id }: Pick<Kit, 'id'>, { lots, ledger }: Wrapped): SheetCut[] {
  const mine = [...ledger.pieces.values()].filter(
    (piece) => kitOfPiece(piece, lots) === id || lots.get(piece.lot)?.kit === id,
  );
  const byId = new Map(mine.map((piece) => [piece.id, piece]));
  const rootOf = (piece: PieceState): PieceState => {
    const parent = byId.get(piece.from ?? '');
    return parent ? rootOf(parent) : piece;
  };
  const sheets = new Map<string, { root: PieceState; lot: Lot; parts: SheetPart[] }>();
  for (const piece of mine) {
    const root = rootOf(piece);
    const lot = lots.get(piece.lot);
    if (!lot) continue;
    const sheet = sheets.get(root.id) ?? { root, lot, parts: [] };
    sheets.set(root.id, sheet);
    if (piece.where === 'cut') continue;
    const [at, from] = [cornerOf(piece), cornerOf(root)];
    sheet.parts.push({
      id: piece.id,
      x: at.x - from.x,
      y: at.y - from.y,
      w: piece.w,
      h: piece.h,
      missing: piece.missing,
      where: piece.where,
    });
  }
  return [...sheets.values()]
    .map(({ root, lot, parts }) => ({ id: root.id, lot, w: root.w, h: root.h, parts }))
    .sort((a, b) => a.lot.line - b.lot.line);
}
