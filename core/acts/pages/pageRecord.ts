import type { Ticks } from '../../ground/length';
import { own, piecesFor } from '../../stock/ledger';
import { pageLayout, slotOfMore } from '../../page/design';
import { looksOf } from '../../page/placing';
import { isKept, type Kit, type Lot, type Page } from '../../stock/things';
import type { Size } from '../../ground/geometry';
import type { Bench } from '../../stock/bench';

/** What of one kit is on a page. */
export interface KitOnPage {
  readonly kit: Kit;
  /** Counted things by their names, the most first. */
  readonly things: readonly { readonly name: string; readonly count: number }[];
  /** Papers with what of them is there, square ticks. */
  readonly papers: readonly { readonly name: string; readonly area: number }[];
  /** Rolls with their lengths, ticks. */
  readonly rolls: readonly { readonly name: string; readonly length: Ticks }[];
  readonly letters: number;
}

function papersOn(page: string, { ledger, lots }: Bench): Map<Lot, number> {
  const areas = new Map<Lot, number>();
  for (const { lot: id, where, page: on, solid } of ledger.pieces.values()) {
    const lot = lots.get(id);
    if (lot && where === 'used' && on === page) areas.set(lot, (areas.get(lot) ?? 0) + solid);
  }
  return areas;
}

/** What is on a page, by kit, the newest first: what the ledger has as used there. */
export function pageRecord(page: string, bench: Bench): readonly KitOnPage[] {
  const { kits, ledger, lots } = bench;
  const papers = papersOn(page, bench);
  return [...kits.values()]
    .sort((a, b) => b.month.localeCompare(a.month))
    .flatMap((kit): KitOnPage[] => {
      const used = [...lots.values()].flatMap((lot) => {
        const amounts = lot.kit === kit.id ? own(ledger.lots.get(lot.id)?.used ?? {}, page) : undefined;
        return amounts ? Object.entries(amounts).map(([part, n]) => ({ lot, part, n })) : [];
      });
      const of = (measure: Lot['measure']) => used.filter(({ lot }) => lot.measure === measure);
      const record = {
        kit,
        things: of('count')
          .map(({ lot, part, n }) => ({ name: looksOf({ lot: lot.id, part }, bench)?.name ?? lot.name, count: n }))
          .sort((a, b) => b.count - a.count),
        papers: [...papers].flatMap(([lot, area]) => (lot.kit === kit.id ? [{ name: lot.name, area }] : [])),
        rolls: of('length').map(({ lot, n }) => ({ name: lot.name, length: n })),
        letters: of('letters').reduce((sum, { n }) => sum + n, 0),
      };
      const isThere =
        record.letters > 0 || [record.things, record.papers, record.rolls].some((list) => list.length > 0);
      return isThere ? [record] : [];
    });
}

/** Pieces alike that are cut for a page, or glued on it. */
export interface CutOnPage extends Size {
  /** What they are there: mats, the ground; empty: no layer of the design. */
  readonly name: string;
  readonly paper: string;
  readonly count: number;
}

/** The pieces that a page is made of, the largest first. */
export function piecesOn(page: Page, { ledger, lots }: Bench): readonly CutOnPage[] {
  const slots = pageLayout(page).value?.slots ?? [];
  const found = new Map<string, CutOnPage>();
  for (const { w, h, slot, lot } of piecesFor(ledger, page.id)) {
    const name =
      slots.find(({ id }) => id === slot)?.name ?? page.more?.find((more) => slotOfMore(more) === slot)?.name ?? '';
    const paper = lots.get(lot)?.name ?? '';
    const key = JSON.stringify([name, paper, Math.min(w, h), Math.max(w, h)]);
    found.set(key, { name, paper, w, h, count: (found.get(key)?.count ?? 0) + 1 });
  }
  return [...found.values()].sort((a, b) => b.w * b.h - a.w * a.h);
}

/** Tools and media that were out for a page: borrowed, and given back. */
export function borrowedFor(page: string, { ledger, lots }: Bench): readonly Lot[] {
  const taken = [...ledger.events.values()].flatMap((event) => {
    const lot = event.type === 'claimed' && event.page === page && 'lot' in event ? lots.get(event.lot) : undefined;
    return lot && isKept(lot.kind) && !ledger.undone.has(event.id) && !ledger.backward.has(event.id) ? [lot] : [];
  });
  return [...new Set(taken)];
}
