import { addAmounts, type Amounts, type Stock } from '../../stock/ledger';
import { decided, refuse, type Deciding, type DidKind, type NewEvent } from '../act';
import type { Bench } from '../../stock/bench';
import { nth } from '../../ground/nth';

/** Things chosen in the stash: pieces by their ids, other things by their lots'. */
export interface ChosenThings {
  readonly pieces: readonly string[];
  readonly lots: readonly string[];
}

/** How things leave the stash. */
export type Leaving =
  { readonly how: 'given' | 'sold' | 'recycled' } | { readonly how: 'lent'; /** To whom. */ readonly to: string };

/** What of the chosen is really here, or lent: the rest is out for a page, and stays there. */
function stockOf({ pieces, lots }: ChosenThings, { ledger }: Bench, where: 'here' | 'lent'): Stock[] {
  return [
    ...pieces.filter((id) => ledger.pieces.get(id)?.where === where).map((piece) => ({ piece })),
    ...lots.flatMap((lot) => {
      const amounts = ledger.lots.get(lot)?.[where] ?? {};
      return Object.keys(amounts).length > 0 ? [{ lot, amounts }] : [];
    }),
  ];
}

const lotNameOf = ({ ledger, lots }: Bench, stock: Stock): string =>
  lots.get('piece' in stock ? (ledger.pieces.get(stock.piece)?.lot ?? '') : stock.lot)?.name ?? '';

/** An act on all of some stock; told by its name where it is one thing. */
const onStock = (did: DidKind, bench: Bench, stock: readonly Stock[], event: (stock: Stock) => NewEvent) =>
  stock.length === 0
    ? refuse('nothing-to-do')
    : decided(did, stock.length === 1 ? lotNameOf(bench, nth(stock, 0)) : '', {
        count: stock.length,
        events: stock.map(event),
      });

const leave =
  (leaving: Leaving) =>
  (stock: Stock): NewEvent =>
    leaving.how === 'lent' ? { type: 'lent', to: leaving.to, ...stock } : { type: leaving.how, ...stock };

/** Gives away, sells, lends or recycles all of the chosen that is here. */
export const partWith =
  (chosen: ChosenThings, leaving: Leaving): Deciding =>
  (bench) =>
    onStock(leaving.how, bench, stockOf(chosen, bench, 'here'), leave(leaving));

/** So much of a lot leaves. */
export const partWithSome =
  (lot: string, amounts: Amounts, leaving: Leaving): Deciding =>
  (bench) =>
    onStock(leaving.how, bench, [{ lot, amounts }], leave(leaving));

/** What was lent of the chosen is here again. */
export const bringBack =
  (chosen: ChosenThings): Deciding =>
  (bench) =>
    onStock('came-back', bench, stockOf(chosen, bench, 'lent'), (stock) => ({ type: 'back', ...stock }));

/** Takes all of the chosen that is here to the bench for a page. */
export const takeOut =
  (chosen: ChosenThings, page: string): Deciding =>
  (bench) =>
    bench.pages.has(page)
      ? onStock('took-out', bench, stockOf(chosen, bench, 'here'), (stock) =>
          'piece' in stock ? { type: 'claimed', ...stock, page, slot: null } : { type: 'claimed', ...stock, page },
        )
      : refuse('gone');

/** Takes so much of a lot to the bench for a page. */
export const takeSomeOut =
  (lot: string, amounts: Amounts, page: string): Deciding =>
  (bench) =>
    bench.pages.has(page)
      ? onStock('took-out', bench, [{ lot, amounts }], (stock) => ({ type: 'claimed', ...stock, page }))
      : refuse('gone');

/** Cuts that are for no page: all of them stays in the stash. */
export const cutInStash =
  (did: 'cut-in-stash' | 'cut-strips' | 'punched', events: readonly NewEvent[]): Deciding =>
  (bench) => {
    const [first] = events;
    if (!first) return refuse('nothing-to-do');
    return decided(did, 'piece' in first ? lotNameOf(bench, { piece: first.piece }) : '', {
      count: events.length,
      events,
    });
  };

/** Puts the chosen's papers and things in a case, drawer or tray. A paper's pieces are kept together. */
export const moveTo =
  ({ pieces, lots }: ChosenThings, place: string): Deciding =>
  (bench) => {
    const { ledger } = bench;
    const all = new Set([...lots, ...pieces.flatMap((id) => ledger.pieces.get(id)?.lot ?? [])]);
    const moved = [...all]
      .map((lot) => ({ lot, from: ledger.lots.get(lot)?.place ?? '' }))
      .filter(({ from }) => from !== place);
    if (moved.length === 0) return refuse('nothing-to-do');
    return decided('moved', place, {
      count: moved.length,
      events: moved.map(({ lot, from }): NewEvent => ({ type: 'moved', lot, from, to: place })),
    });
  };

/** What a count of the stash found otherwise than it was thought. */
export interface Recount {
  readonly missed: readonly string[];
  readonly found: readonly string[];
  /** By lot and part, how many more or fewer than there were when it was counted. */
  readonly lots: Readonly<Record<string, Amounts>>;
}

/** Puts right what counting a place has shown. */
export const putRight =
  ({ missed, found, lots }: Recount, reason: string): Deciding =>
  () => {
    const differing = Object.entries(lots)
      .map(([lot, change]) => [lot, Object.fromEntries(Object.entries(change).filter(([, n]) => n !== 0))] as const)
      .filter(([, change]) => Object.keys(change).length > 0);
    const count = missed.length + found.length + differing.length;
    if (count === 0) return refuse('nothing-to-do');
    return decided('counted', '', {
      count,
      events: [
        ...missed.map((piece): NewEvent => ({ type: 'counted', piece, isFound: false, reason })),
        ...found.map((piece): NewEvent => ({ type: 'counted', piece, isFound: true, reason })),
        ...differing.map(([lot, change]): NewEvent => ({ type: 'counted', lot, change, reason })),
      ],
    });
  };

/** Puts what is left of one set of letters with another; each tells where the others came from or went. */
export const joinLetters =
  (lot: string, amounts: Amounts, into: string): Deciding =>
  ({ lots }) => {
    const [from, to] = [lots.get(lot), lots.get(into)];
    if (!from || !to) return refuse('gone');
    if (from === to || from.measure !== 'letters' || to.measure !== 'letters') return refuse('not-alike', from.name);
    const less = Object.fromEntries(Object.entries(amounts).map(([glyph, n]) => [glyph, -n]));
    if (Object.keys(less).length === 0) return refuse('nothing-to-do', from.name);
    return decided('joined-lots', from.name, {
      events: [
        { type: 'counted', lot, change: less, reason: `put with ${to.name}` },
        { type: 'counted', lot: into, change: amounts, reason: `${from.name} put with it` },
      ],
    });
  };

/** Puts a count right, with the reason: so much is really there. */
export const countAnew =
  (lot: string, really: Amounts, reason: string): Deciding =>
  ({ lots, ledger }) => {
    const change = addAmounts(really, ledger.lots.get(lot)?.here ?? {}, -1);
    const name = lots.get(lot)?.name ?? '';
    if (Object.keys(change).length === 0) return refuse('nothing-to-do', name);
    return decided('counted', name, { events: [{ type: 'counted', lot, change, reason }] });
  };
