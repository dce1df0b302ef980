import { ok } from '../../ground/result';
import { addAmounts } from './amounts';
import { lotOf, type Checked, type Draft, type Refuse } from './draft';
import type { LedgerEvent } from './events';
import { brokenAmount, changeLot } from './lots';
import { isMeasured, pieceFrom } from './pieces';

/** Sheets and amounts come in; what arrives is owed no more. */
export function receive(
  draft: Draft,
  event: LedgerEvent & { type: 'received' | 'arrived' },
  back: boolean,
  refuse: Refuse,
): Checked {
  const sign = back ? -1 : 1;
  const pieces = (event.pieces ?? []).map((piece) => pieceFrom(piece, event.lot));
  const amounts = event.amounts ?? {};
  const broken = brokenAmount(event.lot, amounts, refuse);
  if (broken) return broken;
  const seen = new Set<string>();
  for (const piece of pieces) {
    if (seen.has(piece.id)) return refuse('same-piece-twice', piece.id);
    seen.add(piece.id);
    if (!isMeasured({ ...piece, x: 0, y: 0 })) return refuse('not-a-size', piece.id);
    const there = draft.pieces.get(piece.id);
    if (!back && there) return refuse('same-piece-twice', piece.id);
    if (back && (there?.where !== 'here' || there.from !== null || there.kit !== undefined))
      return refuse('parts-are-gone', piece.id);
  }
  const arrived =
    event.type === 'arrived'
      ? {
          owed: addAmounts(
            lotOf(draft, event.lot).owed,
            pieces.length > 0 ? { '': pieces.length } : amounts,
            back ? 1 : -1,
          ),
        }
      : {};
  const lot = changeLot(
    draft,
    event.lot,
    amounts,
    (state) => ({
      received: addAmounts(state.received, amounts, sign),
      here: addAmounts(state.here, amounts, sign),
      ...arrived,
    }),
    refuse,
  );
  if (!lot.ok) return lot;
  return ok(() => {
    lot.value();
    for (const piece of pieces) {
      if (back) draft.pieces.delete(piece.id);
      else draft.pieces.set(piece.id, piece);
    }
  });
}
