import { own, type Amounts } from '../../stock/ledger';
import { laidOf, outOrUsed } from '../../page/placing';
import type { Page } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent } from '../act';
import type { Bench } from '../../stock/bench';
import { shortOf, useLaid, type Laying } from './laying';

/** What of a set goes out for a page's letters as they lie now, and what comes back that lay there before. */
function moves(lot: string, was: Page, now: Page, { ledger }: Bench): NewEvent[] {
  const [before, after] = [laidOf(was, lot), laidOf(now, lot)];
  const more = shortOf(after, outOrUsed(ledger, lot, now.id));
  const off = shortOf(before, after) ?? {};
  const of = (all: Amounts | undefined): Amounts =>
    Object.fromEntries(
      Object.entries(off).flatMap(([glyph, n]) => {
        const some = Math.min(n, own(all ?? {}, glyph) ?? 0);
        return some > 0 ? [[glyph, some]] : [];
      }),
    );
  const state = ledger.lots.get(lot);
  const peeled = now.glued === null ? {} : of(own(state?.used ?? {}, now.id));
  const back = now.glued === null ? of(own(state?.claimed ?? {}, now.id)) : {};
  const isSome = (amounts: Amounts): boolean => Object.keys(amounts).length > 0;
  return [
    ...(isSome(peeled) ? [{ type: 'returned', lot, amounts: peeled, page: now.id } as const] : []),
    ...(isSome(back) ? [{ type: 'released', lot, amounts: back, page: now.id } as const] : []),
    ...(more ? [{ type: 'claimed', lot, amounts: more, page: now.id } as const] : []),
    ...(now.glued === null ? [] : useLaid(lot, now, ledger)),
  ];
}

/**
 * A title laid on its page letter by letter, or as a thing that has it printed on it, and written: what lay there for a
 * title before goes back. What it takes comes out for the page; on a page that is glued it is used at once.
 */
export const layTitle =
  (id: string, title: string, letters: readonly Laying[]): Deciding =>
  (bench, { newId }) => {
    const page = bench.pages.get(id);
    const lots = new Set(letters.flatMap(({ what }) => ('lot' in what ? [what.lot] : [])));
    if (!page || [...lots].some((lot) => !bench.lots.has(lot))) return refuse('gone');
    const before = (page.placed ?? []).filter(({ isTitle }) => isTitle);
    for (const { what } of before) if ('lot' in what) lots.add(what.lot);
    if (letters.length === 0 && before.length === 0) return refuse('nothing-to-do', title);
    const placed = [
      ...(page.placed ?? []).filter(({ isTitle }) => !isTitle),
      ...letters.map((one) => ({ ...one, id: newId(), isTitle: true as const })),
    ];
    const now: Page = { ...page, title, placed };
    return decided('laid-title', title, {
      count: letters.length,
      events: [...lots].flatMap((lot) => moves(lot, page, now, bench)),
      records: [put('pages', now)],
    });
  };

/** Marks so many of a set's letters as worn: they are used last. */
export const markWorn =
  (id: string, glyph: string, count: number): Deciding =>
  ({ lots }) => {
    const lot = lots.get(id);
    if (lot?.measure !== 'letters') return refuse('gone');
    const { [glyph]: _, ...others } = lot.worn ?? {};
    const worn = count > 0 ? { ...others, [glyph]: count } : others;
    return decided('changed-lot', lot.name, { records: [put('lots', { ...lot, worn })] });
  };
