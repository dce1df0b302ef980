import type { Amounts, PieceState } from '../../core/stock/ledger';
import type { Lot } from '../../core/stock/things';
import { useBench } from '../data/benchStore';
import { Paper, paperOf } from '../ui/Paper';
import { ThingDrawing } from '../ui/ThingDrawing';

export interface StockDrawingProps {
  lot: Lot;
  /** A piece of paper; null: so much of a counted thing. */
  piece: PieceState | null;
  amounts: Amounts;
  /** Pixels to an inch. */
  scale: number;
}

/** Something of the stash as it is: a piece with its gaps and faces, or a counted thing. */
export function StockDrawing({ lot, piece, amounts, scale }: StockDrawingProps) {
  const face = useBench((b) => b.faces.get(lot.front ?? ''));
  return piece ? (
    <Paper {...paperOf(piece)} face={lot.front} {...(lot.back ? { back: lot.back } : {})} scale={scale} />
  ) : (
    <ThingDrawing lot={lot} colours={face?.colours.map(({ hex }) => hex) ?? []} amounts={amounts} scale={scale} />
  );
}
