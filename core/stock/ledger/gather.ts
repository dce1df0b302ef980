import { ok } from '../../ground/result';
import { own } from './amounts';
import { lotOf, type Checked, type Draft, type Refuse } from './draft';
import type { LedgerEvent } from './events';
import { brokenAmount } from './lots';

/** What is here of something goes from one kit into another, all of it: the piece, or each part that is told. */
export function gather(
  draft: Draft,
  event: LedgerEvent & { type: 'gathered' },
  back: boolean,
  refuse: Refuse,
): Checked {
  const [from, to] = back ? [event.to, event.from] : [event.from, event.to];
  if ('piece' in event) {
    const piece = draft.pieces.get(event.piece);
    if (!piece) return refuse('no-such-piece', event.piece);
    if (piece.where !== 'here') return refuse('piece-not-here', event.piece);
    if ((piece.kit ?? null) !== from) return refuse('not-in-that-kit', event.piece);
    const { kit: _, ...rest } = piece;
    return ok(() => {
      draft.pieces.set(event.piece, to === null ? rest : { ...rest, kit: to });
    });
  }
  const broken = brokenAmount(event.lot, event.amounts, refuse);
  if (broken) return broken;
  const lot = lotOf(draft, event.lot);
  for (const [part, amount] of Object.entries(event.amounts)) {
    if ((own(lot.kits, part) ?? null) !== from) return refuse('not-in-that-kit', event.lot);
    const here = own(lot.here, part) ?? 0;
    if (here !== amount) return refuse('not-all-of-it', event.lot, here, amount);
  }
  const others = Object.entries(lot.kits).filter(([part]) => !Object.hasOwn(event.amounts, part));
  const moved = to === null ? [] : Object.keys(event.amounts).map((part) => [part, to] as const);
  return ok(() => {
    draft.lots.set(event.lot, { ...lot, kits: Object.fromEntries([...others, ...moved]) });
  });
}
