import { addAmounts, own } from '../../stock/ledger';
import { stockOf } from '../../page/placing';
import { isKept, type Page } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent } from '../act';
import type { Bench } from '../../stock/bench';
import { useLaid } from './laying';
import { outFor, released, type Chosen, type Out } from '../pages/out';
import { withoutSheets } from '../cutting/planning';
import { heldIn } from '../../ground/heldIn';

const keyOf = (one: Chosen): string => ('piece' in one ? one.piece : one.lot);

/** Uses what is out, a piece or an amount in part or whole: at any time from the first cut to long after it is done. */
export const putOnPage =
  (id: string, chosen: readonly Chosen[]): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    if (chosen.length === 0) return refuse('nothing-to-do', page.title);
    return decided('used', page.title, {
      count: chosen.length,
      events: chosen.map((stock): NewEvent => ({ type: 'used', ...stock, page: id })),
    });
  };

/** Puts back what is out for a page and was not used. Papers still to be cut leave their plan. */
export const putAway =
  (id: string, chosen: readonly Chosen[]): Deciding =>
  (bench) => {
    const out = outFor(bench, id);
    const keys = new Set(chosen.map(keyOf));
    const sheets = new Set(out.toCut.filter(({ piece }) => keys.has(piece.id)).map(({ sheet }) => sheet));
    const less = withoutSheets(bench, sheets);
    const events = [
      ...released([...out.cut, ...out.loose].filter((piece) => keys.has(piece.id))),
      ...less.events,
      ...chosen.flatMap((one): NewEvent[] => ('lot' in one ? [{ type: 'released', ...one, page: id }] : [])),
    ];
    if (events.length === 0) return refuse('nothing-to-do', bench.pages.get(id)?.title);
    return decided('put-away', bench.pages.get(id)?.title ?? '', {
      count: events.length,
      events,
      records: less.records,
    });
  };

const isTool = (one: Chosen, { lots }: Bench): boolean => 'lot' in one && isKept(heldIn(lots, one.lot).kind);

/**
 * Of lots that things are laid of, what lies on the page is used, and the rest goes back. @param laid the lots
 */
function useOrPutBack(page: Page, laid: ReadonlySet<string>, bench: Bench): NewEvent[] {
  const { ledger } = bench;
  return [...laid].flatMap((lot) => {
    const used = useLaid(lot, page, ledger);
    const goes = used.flatMap((event) => ('amounts' in event ? [event.amounts] : []))[0] ?? {};
    const rest = addAmounts(own(ledger.lots.get(lot)?.claimed ?? {}, page.id) ?? {}, goes, -1);
    return [
      ...used,
      ...(Object.keys(rest).length > 0 ? [{ type: 'released', lot, amounts: rest, page: page.id } as const] : []),
    ];
  });
}

/** What is out for a page and neither lies on it nor was used, tools among it, goes back when it is glued. */
function unused({ loose, amounts }: Out, kept: ReadonlySet<string>, page: string): NewEvent[] {
  return [
    ...released(loose.filter(({ id }) => !kept.has(id))),
    ...amounts.filter(({ lot }) => !kept.has(lot)).map((entry): NewEvent => ({ type: 'released', ...entry, page })),
  ];
}

/**
 * Glues a page: what was cut for it and what lies on it is used, and of what else is out what she chose; the rest goes
 * back.
 */
export const gluePage =
  (id: string, chosen: readonly Chosen[]): Deciding =>
  (bench, { day }) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    if (page.glued !== null) return refuse('nothing-to-do', page.title);
    const out = outFor(bench, id);
    const laid = new Set((page.placed ?? []).flatMap(({ what }) => stockOf(what) ?? []));
    const pieces = out.loose.filter(({ id: piece }) => laid.has(piece)).map(({ id: piece }) => ({ piece }));
    const lots = new Set([...laid].filter((key) => bench.lots.has(key)));
    const more = chosen.filter(
      (one) => !laid.has(keyOf(one)) && !out.cut.some((piece) => piece.id === keyOf(one)) && !isTool(one, bench),
    );
    return decided('glued', page.title, {
      events: [
        ...out.cut.map((piece): NewEvent => ({ type: 'used', piece: piece.id, page: id, slot: piece.slot })),
        ...[...pieces, ...more].map((stock): NewEvent => ({ type: 'used', ...stock, page: id })),
        ...useOrPutBack(page, lots, bench),
        ...unused(out, new Set([...laid, ...more.map(keyOf)]), id),
      ],
      records: [put('pages', { ...page, glued: day })],
    });
  };

export const finishPage =
  (id: string): Deciding =>
  ({ pages }, { day }) => {
    const page = pages.get(id);
    if (!page) return refuse('gone');
    if (page.finished !== null) return refuse('nothing-to-do', page.title);
    return decided('finished', page.title, { records: [put('pages', { ...page, finished: day })] });
  };
