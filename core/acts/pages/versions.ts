import { pageState } from '../../page/cutlist';
import type { Page } from '../../stock/things';
import { decided, drop, put, refuse, type Deciding } from '../act';
import type { Bench } from '../../stock/bench';
import { countOf, outFor } from './out';

/** What a page is besides its plan: what was done, said and laid there stays with it. */
const planOf = (page: Page): Omit<Page, 'id' | 'started'> => {
  const { format, design, own, options, mat, mayOverlap, moves, more, without, date, place } = page;
  return {
    format,
    design,
    mat,
    papers: {},
    photos: [],
    title: '',
    date,
    place,
    journaling: '',
    glued: null,
    finished: null,
    ...(own ? { own } : {}),
    ...(options ? { options } : {}),
    ...(mayOverlap === undefined ? {} : { mayOverlap }),
    ...(moves ? { moves } : {}),
    ...(more ? { more } : {}),
    ...(without ? { without } : {}),
  };
};

/** Another page of the same plan: its photos are places to fill, its papers to choose. */
export const copyPage =
  (id: string, copy: string): Deciding =>
  ({ pages }, { day }) => {
    const page = pages.get(id);
    if (!page) return refuse('gone');
    const photos = page.photos.map((place) => ({ ...place, photo: null }));
    const now: Page = { ...planOf(page), photos, date: '', place: '', id: copy, started: day };
    return decided('began-page', '', { records: [put('pages', now)] });
  };

/** Another version of a page: the same photos and words, beside it until one of the two is taken. */
export const anotherVersion =
  (id: string, version: string): Deciding =>
  ({ pages }, { day }) => {
    const page = pages.get(id);
    if (!page) return refuse('gone');
    const { photos, title, journaling, versionOf = id } = page;
    const now: Page = { ...planOf(page), photos, title, journaling, versionOf, id: version, started: day };
    return decided('began-page', title, { records: [put('pages', now)] });
  };

/** All versions of a page, with itself, the first one first. The page that others are versions of may be gone. */
export const versionsOf = ({ id, versionOf = id }: Page, { pages }: Pick<Bench, 'pages'>): Page[] =>
  [...pages.values()]
    .filter((other) => other.id === versionOf || other.versionOf === versionOf)
    .sort((a, b) => Number(b.id === versionOf) - Number(a.id === versionOf));

/** Takes one version: the others are dropped, as far as nothing is cut or out for any of them. */
export const takeVersion =
  (id: string): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const others = versionsOf(page, bench).filter((other) => other.id !== id);
    if (others.length === 0) return refuse('nothing-to-do', page.title);
    const begun = others.find(
      (other) => pageState(other, bench) !== 'idea' || countOf(outFor(bench, other.id)) > 0 || hasUsed(bench, other.id),
    );
    if (begun) return refuse('in-use', begun.title);
    const { versionOf: _, ...taken } = page;
    return decided('took-version', page.title, {
      count: others.length,
      records: [put('pages', taken), ...others.map((other) => drop('pages', other.id))],
    });
  };

const hasUsed = ({ ledger }: Bench, page: string): boolean =>
  [...ledger.lots.values()].some(({ used }) => Object.hasOwn(used, page)) ||
  [...ledger.pieces.values()].some((piece) => piece.where === 'used' && piece.page === page);
