import type { Amounts, Ledger, LedgerEvent, Stock } from '../../core/ledger';
import { act } from './acts';
import type { NewEvent } from './ledgerStore';

/** Things chosen in the stash: pieces by their ids, other things by their lots'. */
export interface Chosen {
  readonly pieces: readonly string[];
  readonly lots: readonly string[];
}

const several = (n: number): string => (n === 1 ? 'one thing' : `${n} things`);

/** What of the chosen is really here: the rest is out for a page, and stays there. */
function here({ pieces, lots }: Chosen, ledger: Ledger): Chosen {
  return {
    pieces: pieces.filter((id) => ledger.pieces.get(id)?.where === 'here'),
    lots: lots.filter((id) => Object.keys(ledger.lots.get(id)?.here ?? {}).length > 0),
  };
}

/** How things leave the stash. */
export type Leaving = { readonly how: 'given' | 'sold' | 'recycled' } | { readonly how: 'lent'; readonly to: string };

const LEFT: Record<Leaving['how'], (what: string) => string> = {
  given: (what) => `Gave ${what} away`,
  sold: (what) => `Sold ${what}`,
  recycled: (what) => `Recycled ${what}`,
  lent: (what) => `Lent ${what}`,
};

const leave = (leaving: Leaving, stock: Stock): NewEvent =>
  leaving.how === 'lent' ? { type: 'lent', to: leaving.to, ...stock } : { type: leaving.how, ...stock };

/** Gives away, sells, lends or recycles all of the chosen that is here, in one act. @param name of it, where it is one thing */
export function partWith(chosen: Chosen, leaving: Leaving, ledger: Ledger, name?: string): Promise<boolean> {
  const { pieces, lots } = here(chosen, ledger);
  return act({
    label: LEFT[leaving.how](name ?? several(pieces.length + lots.length)),
    events: [
      ...pieces.map((piece) => leave(leaving, { piece })),
      ...lots.map((lot) => leave(leaving, { lot, amounts: ledger.lots.get(lot)!.here })),
    ],
  });
}

/** So much of a lot leaves. */
export const partWithSome = (lot: string, amounts: Amounts, leaving: Leaving, words: string): Promise<boolean> =>
  act({ label: LEFT[leaving.how](words), events: [leave(leaving, { lot, amounts })] });

/** What was lent of the chosen is here again. */
export function bringBack({ pieces, lots }: Chosen, ledger: Ledger): Promise<boolean> {
  const lent = {
    pieces: pieces.filter((id) => ledger.pieces.get(id)?.where === 'lent'),
    lots: lots.filter((id) => Object.keys(ledger.lots.get(id)?.lent ?? {}).length > 0),
  };
  return act({
    label: `${several(lent.pieces.length + lent.lots.length)} came back`,
    events: [
      ...lent.pieces.map((piece): NewEvent => ({ type: 'back', piece })),
      ...lent.lots.map((lot): NewEvent => ({ type: 'back', lot, amounts: ledger.lots.get(lot)!.lent })),
    ],
  });
}

/** A cut that is for no page: all of it stays in the stash. */
export function cutInStash({ id: _, day: __, ...event }: LedgerEvent, label: string): Promise<boolean> {
  return act({ label, events: [event as NewEvent] });
}

/** The makers' strips off several sheets, in one act. */
export const cutStripsOff = (events: readonly LedgerEvent[]): Promise<boolean> =>
  act({
    label: `Cut the strips off ${several(events.length)}`,
    events: events.map(({ id: _, day: __, ...event }) => event as NewEvent),
  });

/** What a count of the stash found otherwise than it was thought. */
export interface Recount {
  readonly missed: readonly string[];
  readonly found: readonly string[];
  /** By lot and part, how many more or fewer. */ readonly lots: Readonly<Record<string, Amounts>>;
}

/** Puts right what counting a place has shown, in one act. */
export function putRight({ missed, found, lots }: Recount, reason: string): Promise<boolean> {
  const differing = Object.entries(lots).filter(([, change]) => Object.values(change).some((n) => n !== 0));
  return act({
    label: `Counted the stash: ${several(missed.length + found.length + differing.length)} put right`,
    events: [
      ...missed.map((piece): NewEvent => ({ type: 'counted', piece, isFound: false, reason })),
      ...found.map((piece): NewEvent => ({ type: 'counted', piece, isFound: true, reason })),
      ...differing.map(([lot, change]): NewEvent => ({ type: 'counted', lot, change, reason })),
    ],
  });
}

/** Takes all of the chosen that is here to the bench for a page. */
export function takeOut(chosen: Chosen, page: string, ledger: Ledger): Promise<boolean> {
  const { pieces, lots } = here(chosen, ledger);
  return act({
    label: `Took ${several(pieces.length + lots.length)} to the bench`,
    events: [
      ...pieces.map((piece): NewEvent => ({ type: 'claimed', piece, page })),
      ...lots.map((lot): NewEvent => ({ type: 'claimed', lot, amounts: ledger.lots.get(lot)!.here, page })),
    ],
  });
}

/** Puts the chosen's papers and things in a case, drawer or tray. A paper's pieces are kept together. */
export function moveTo({ pieces, lots }: Chosen, place: string, ledger: Ledger): Promise<boolean> {
  const all = new Set([...lots, ...pieces.map((id) => ledger.pieces.get(id)!.lot)]);
  const moved = [...all]
    .map((lot) => ({ lot, from: ledger.lots.get(lot)?.place ?? '' }))
    .filter(({ from }) => from !== place);
  return act({
    label:
      place === '' ? `Took ${several(moved.length)} out of their place` : `Put ${several(moved.length)} in ${place}`,
    events: moved.map(({ lot, from }): NewEvent => ({ type: 'moved', lot, from, to: place })),
  });
}

/** Puts a count right, with the reason: what is really there against what was thought. */
export function correctCount(lot: string, name: string, change: Amounts, reason: string): Promise<boolean> {
  return act({ label: `Counted ${name} anew`, events: [{ type: 'counted', lot, change, reason }] });
}
