import { blankOf, pageLayout } from '../../page/design';
import { piecesFor } from '../../stock/ledger';
import { decided, put, refuse, type Deciding, type NewEvent } from '../act';

/**
 * Peels a layer off a page that it is glued on: the design is without it from then on. @param how whether it comes back
 * to the stash, with its size, or is lost
 */
export const peelOff =
  (id: string, layer: string, how: 'back' | 'lost'): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    const layout = page ? pageLayout(page) : null;
    const one = layout?.value?.layers.find((other) => other.id === layer);
    if (!page || !one || one.slot === null) return refuse('gone');
    const { w, h } = blankOf(one);
    const piece = piecesFor(bench.ledger, id).find(
      (own) =>
        own.where === 'used' && own.slot === one.slot && ((own.w === w && own.h === h) || (own.w === h && own.h === w)),
    );
    if (!piece) return refuse('nothing-to-do', page.title);
    const back: NewEvent = { type: 'returned', piece: piece.id, page: id, slot: piece.slot };
    return decided('peeled-off', bench.lots.get(piece.lot)?.name ?? '', {
      events: how === 'back' ? [back] : [back, { type: 'recycled', piece: piece.id }],
      records: [put('pages', { ...page, without: [...(page.without ?? []), layer] })],
    });
  };
