import { blankOf, isBeyondDesign, movedOn, ownSlotOf, pageLayout, slotOfMore } from '../../page/design';
import type { Size } from '../../ground/geometry';
import type { Page, Story } from '../../stock/things';
import { decided, drop, put, refuse, type Deciding, type NewEvent } from '../act';
import type { Bench } from '../../stock/bench';
import { outFor, released } from './out';
import { giveBack } from '../cutting/planning';
import { refit } from './refit';

/** Some of a page's fields, told or worked out from what it is by then: two quick changes must both stand. */
export type SomeOf<T> = Partial<T> | ((now: T) => Partial<T>);

export const someOf = <T>(some: SomeOf<T>, now: T): Partial<T> => (typeof some === 'function' ? some(now) : some);

/** What a page is begun with. */
export type Begun = Pick<Page, 'format' | 'design' | 'mat' | 'photos' | 'papers'> &
  Partial<Pick<Page, 'title' | 'place' | 'date' | 'own' | 'sizes' | 'without' | 'meantFor'>>;

/** A page just begun. */
export const newPage = (id: string, fields: Begun, day: string): Page => ({
  title: '',
  date: '',
  place: '',
  journaling: '',
  ...fields,
  id,
  started: day,
  glued: null,
  finished: null,
});

export const beginPage =
  (id: string, fields: Begun): Deciding =>
  (_, { day }) => {
    const page = newPage(id, fields, day);
    return decided('began-page', page.title, { records: [put('pages', page)] });
  };

/** Begins a story's pages, all at once. */
export const beginStoryPages =
  (story: Pick<Story, 'name'>, pages: readonly Begun[]): Deciding =>
  (_, { day, newId }) =>
    decided('began-pages', story.name, {
      count: pages.length,
      records: pages.map((fields) => put('pages', newPage(newId(), fields, day))),
    });

/**
 * Changes some of a page, at any time: what was cut or planned for it and no longer fits goes back.
 * @param what for people to be told
 */
export const changePage =
  (id: string, some: SomeOf<Page>, what = ''): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const now = { ...page, ...someOf(some, page) };
    const { cut, part } = refit(bench, page, now);
    const records = [put('pages', now), ...part.records];
    return cut > 0
      ? decided('changed-cut-page', what, { count: cut, events: part.events, records })
      : decided('changed-page', what, { events: part.events, records });
  };

/**
 * Lays a layer over the next one that lies above it, or under the next below: one press, one place, and none where it
 * is the uppermost or the lowest already.
 */
export const liftLayer = (id: string, layer: string, by: 1 | -1): Deciding =>
  changePage(
    id,
    (page) => {
      const order = (moves: Page['moves']): string =>
        (pageLayout({ ...page, ...(moves ? { moves } : {}) }).value?.layers ?? []).map((one) => one.id).join('|');
      const { [layer]: before, ...rest } = page.moves ?? {};
      const most = (pageLayout(page).value?.layers.length ?? 0) + Math.abs(before?.lift ?? 0);
      const now = order(page.moves);
      for (let lift = by; Math.abs(lift) <= most; lift += by) {
        const after = movedOn(before, { lift });
        const moves = after ? { ...rest, [layer]: after } : rest;
        if (order(moves) !== now) return { moves };
      }
      return {};
    },
    'Moved a layer',
  );

/** Gives one layer a paper of its own; the others of its slot keep theirs. */
export const anotherPaper = (id: string, layer: string, face: string, what = ''): Deciding =>
  changePage(
    id,
    ({ apart = [], papers }) => ({
      apart: [...new Set([...apart, layer])],
      papers: { ...papers, [ownSlotOf(layer)]: face },
    }),
    what,
  );

/**
 * Gives so many pieces of a slot and size, which no paper of theirs is left for, another paper; those that are cut or
 * planned already keep theirs.
 */
export const paperInstead =
  (id: string, missing: Size & { readonly slot: string }, count: number, face: string, what = ''): Deciding =>
  (bench, now) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const { slot, w, h } = missing;
    if (isBeyondDesign(slot)) {
      const withFace = ({ more = [] }: Page) => ({
        more: more.map((piece) => (slotOfMore(piece) === slot ? { ...piece, face } : piece)),
      });
      return changePage(id, withFace, what)(bench, now);
    }
    const own = (pageLayout(page).value?.layers ?? []).filter((layer) => layer.slot === slot);
    const last = own.filter((layer) => blankOf(layer).w === w && blankOf(layer).h === h).slice(-count);
    const change = ({ apart = [], papers }: Page): Partial<Page> =>
      last.length === own.length
        ? { papers: { ...papers, [slot]: face } }
        : {
            apart: [...new Set([...apart, ...last.map((layer) => layer.id)])],
            papers: { ...papers, ...Object.fromEntries(last.map((layer) => [ownSlotOf(layer.id), face])) },
          };
    return changePage(id, change, what)(bench, now);
  };

/**
 * Lays a page out in another design, in the papers proposed for it if any; what she chose for the old one does not
 * hold.
 */
export const chooseDesign = (
  id: string,
  { design, own, papers = {} }: Pick<Page, 'design' | 'own'> & Partial<Pick<Page, 'papers'>>,
): Deciding =>
  changePage(
    id,
    { design, own, papers, options: {}, sizes: {}, moves: {}, apart: [], without: [] },
    'Chose another design',
  );

/** What is used on a page is loose again. */
const takenOff = ({ ledger }: Bench, page: string): NewEvent[] => [
  ...[...ledger.pieces.values()]
    .filter((piece) => piece.where === 'used' && piece.page === page)
    .map(({ id, slot }): NewEvent => ({ type: 'returned', piece: id, page, slot })),
  ...[...ledger.lots.values()].flatMap(({ lot, used }): NewEvent[] => {
    const amounts = Object.hasOwn(used, page) && used[page];
    return amounts ? [{ type: 'returned', lot, amounts, page }] : [];
  }),
];

/**
 * Takes a page apart before it is glued, or one that was told wrongly: what is out for it, or was used on it, goes
 * back, and it is no more.
 */
export const dropPage =
  (id: string): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const isGlued = page.glued !== null || page.finished !== null;
    if (isGlued && !page.isTold) return refuse('still-needed', page.title);
    const { cut, loose, amounts } = outFor(bench, id);
    const back = giveBack(bench, id);
    return decided('dropped-page', page.title, {
      events: [
        ...back.events,
        ...released([...cut, ...loose]),
        ...amounts.map((entry): NewEvent => ({ type: 'released', ...entry, page: id })),
        ...takenOff(bench, id),
      ],
      records: [...back.records, drop('pages', id)],
    });
  };
