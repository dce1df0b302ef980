import type { Point, Size } from '../../ground/geometry';
import { spotFor } from '../../ground/geometry';
import type { Amounts, PieceState } from '../../stock/ledger';
import type { Page } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent } from '../act';
import type { Bench } from '../../stock/bench';
import { handCutEvent, liesOnPiece, mayBeCut } from '../cutting/byHand';
import { newPage } from './pages';

/** What went on a page: a paper, whole or a rectangle of it, or an amount of a thing. */
export type WentOn =
  { readonly piece: string; readonly size?: Size } | { readonly lot: string; readonly amounts: Amounts };

/** A page made without a plan, as she tells it afterwards. */
export type Told = Pick<Page, 'format' | 'title' | 'date' | 'place' | 'picture'>;

/** Where a part of a size was cut out of a piece, when nobody says: out of its corner, either way round. */
function spotOn(piece: PieceState, { w, h }: Size): (Point & Size) | null {
  const as = [
    { w, h },
    { w: h, h: w },
  ];
  for (const size of as) {
    const spot = spotFor(piece, piece.missing, size);
    if (spot && liesOnPiece(piece, { ...spot, ...size })) return { ...spot, ...size };
  }
  return null;
}

/** The entries for one thing that went on the page; null where there is not so much of it. */
function entriesFor(page: string, one: WentOn, bench: Bench): NewEvent[] | null {
  if ('lot' in one)
    return [
      { type: 'claimed', ...one, page },
      { type: 'used', ...one, page },
    ];
  const piece = bench.ledger.pieces.get(one.piece);
  if (!piece || piece.where !== 'here' || !mayBeCut(piece, page, bench)) return null;
  const { size = piece } = one;
  if (size.w === piece.w && size.h === piece.h)
    return [
      { type: 'claimed', piece: piece.id, page, slot: null },
      { type: 'used', piece: piece.id, page, slot: null },
    ];
  const part = spotOn(piece, size);
  if (!part) return null;
  const cut = handCutEvent(piece, { page, slot: null, ...part });
  return [cut, { type: 'used', piece: `${piece.id}-hand`, page, slot: null }];
}

/** Tells of a page that was made without a plan: it is done, and what went on it is used up. */
export const tellPage =
  (id: string, told: Told, went: readonly WentOn[]): Deciding =>
  (bench, { day }) => {
    const events: NewEvent[] = [];
    for (const one of went) {
      const entries = entriesFor(id, one, bench);
      const lot = 'lot' in one ? one.lot : (bench.ledger.pieces.get(one.piece)?.lot ?? '');
      if (!entries) return refuse('off-the-paper', bench.lots.get(lot)?.name);
      events.push(...entries);
    }
    const plan = { format: told.format, design: 'framed-ground', mat: 0, photos: [], papers: {} };
    const page: Page = { ...newPage(id, plan, day), ...told, glued: day, finished: day, isTold: true };
    return decided('told-page', told.title, { events, records: [put('pages', page)] });
  };
