import { byDay } from '../../ground/days';
import { pageState, type PageState } from '../../page/cutlist';
import { designOfPage } from '../../page/design';
import { gaveTo } from '../closing';
import { piecesFor } from '../../stock/ledger';
import type { Bench } from '../../stock/bench';
import { kitsOfFaces, type Page } from '../../stock/things';
import { hasAll, plainWords, wordsAsked } from './words';

/** Which pages are asked for; what is empty or null does not matter. */
export interface PageQuery {
  readonly text: string;
  readonly state: PageState | null;
  readonly kit: string | null;
  /** A thing or paper that is on them, by its lot. */
  readonly lot: string | null;
  readonly order: 'begun' | 'day' | 'title';
}

/** The lots of what is on a page, out for it or used. */
export function lotsOn(page: string, { ledger }: Pick<Bench, 'ledger'>): ReadonlySet<string> {
  const own = [...ledger.lots.values()].filter(
    ({ used, claimed }) => Object.hasOwn(used, page) || Object.hasOwn(claimed, page),
  );
  return new Set([...piecesFor(ledger, page).map(({ lot }) => lot), ...own.map(({ lot }) => lot)]);
}

/** All words by which a page is found: its own, its photos' and stories', its papers, things, kits, design and month. */
function wordsOf(page: Page, on: ReadonlySet<string>, kits: ReadonlySet<string>, bench: Bench): string {
  const photos = page.photos.flatMap(({ photo }) => bench.photos.get(photo ?? '') ?? []);
  const stories = photos.flatMap(({ story }) => bench.stories.get(story) ?? []);
  return plainWords(
    [
      page.title,
      page.date,
      page.place,
      page.journaling,
      page.started,
      designOfPage(page).name,
      ...photos.map(({ name }) => name),
      ...stories.flatMap(({ name, place, people }) => [name, place, people ?? '']),
      ...Object.values(page.papers).map((face) => bench.faces.get(face)?.name ?? ''),
      ...[...on].map((lot) => bench.lots.get(lot)?.name ?? ''),
      ...[...kits].map((kit) => bench.kits.get(kit)?.name ?? ''),
      ...(page.notes ?? []).map(({ words }) => words),
    ].join(' '),
  );
}

const ORDERS: Record<PageQuery['order'], (a: Page, b: Page) => number> = {
  begun: (a, b) => b.started.localeCompare(a.started),
  day: (a, b) => byDay(b.date, a.date) || b.started.localeCompare(a.started),
  title: (a, b) => a.title.localeCompare(b.title),
};

/** The pages that are asked for, in order. */
export function findPages({ text, state, kit, lot, order }: PageQuery, bench: Bench): readonly Page[] {
  const asked = wordsAsked(text);
  // A kit of her own gave what lay in it, whatever that came with.
  const isOwn = bench.kits.get(kit ?? '')?.gathered !== undefined;
  const given = isOwn ? new Set(gaveTo({ id: kit ?? '' }, bench).pages.map(({ id }) => id)) : null;
  return [...bench.pages.values()]
    .filter((page) => {
      if (state !== null && pageState(page, bench) !== state) return false;
      const on = lotsOn(page.id, bench);
      if (lot !== null && !on.has(lot)) return false;
      const kits = new Set([
        ...kitsOfFaces(Object.values(page.papers), bench.lots.values()),
        ...[...on].flatMap((id) => bench.lots.get(id)?.kit ?? []),
      ]);
      if (kit !== null && !(given ? given.has(page.id) : kits.has(kit))) return false;
      return asked.length === 0 || hasAll(wordsOf(page, on, kits, bench), asked);
    })
    .sort(ORDERS[order]);
}
