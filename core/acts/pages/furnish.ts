import type { Ticks } from '../../ground/length';
import { pageLayout } from '../../page/design';
import { addAmounts, own, type Amounts } from '../../stock/ledger';
import { kitOfPart } from '../../kit/closing';
import { lettersFor, phrasesFor, themeOf, titlesFromLeft, type TitleFound } from '../../page/titles';
import type { Lot, Page, PageFormat, PagePhoto } from '../../stock/things';
import type { Size } from '../../ground/geometry';
import { decided, put, refuse, type Act, type Deciding } from '../act';
import type { Bench } from '../../stock/bench';
import { clustersRound } from '../laying/clustersFor';
import { layOn, type Laying } from '../laying/laying';
import { newPage, type Begun } from './pages';
import { thingsForRounds } from '../laying/ringOfThings';

/** A page as it is proposed: papers and photos, and nothing on it yet. */
export interface Bare {
  readonly format: PageFormat;
  readonly design: string;
  readonly photos: readonly PagePhoto[];
  readonly papers: Readonly<Record<string, string>>;
  readonly sizes: Readonly<Record<string, Size>>;
  /** Circles for which no paper is cut: round things are to lie there. */
  readonly without: readonly string[];
}

/** What goes on a bare page from what is there: small things round its photos, and a title that can be spelt. */
export interface Furnished {
  readonly things: readonly Laying[];
  /** Circles in whose places round things lie. */
  readonly without: readonly string[];
  /** Kinds of its clusters, so that other pages get others. */
  readonly kinds: readonly string[];
  /** Null: nothing that goes with it can be spelt from what is left. */
  readonly title: TitleFound | null;
}

export interface FurnishWish {
  readonly mat: Ticks;
  /** Whether a kit's things may be on it. */
  readonly mayTake: (kit: string) => boolean;
  /** Kinds of clusters that other pages have. */
  readonly elsewhere: ReadonlySet<string>;
}

/** The story's own words, else what is printed on a thing, else a word of the theme: none that she had already. */
function titleFor(page: Page, bench: Bench, mayTake: FurnishWish['mayTake']): TitleFound | null {
  const had = new Set([...bench.pages.values()].map(({ title }) => title.trim().toLowerCase()));
  const phrases = [
    ...phrasesFor(page, bench),
    ...themeOf(page, bench).map((text) => ({ text, from: 'theme' as const })),
  ].filter(({ text, from }) => from !== 'title' && !had.has(text.trim().toLowerCase()));
  const isFree = (lot: Lot, part: string): boolean => mayTake(kitOfPart(lot, part, bench.ledger));
  const sets = lettersFor('', bench).map(({ lot, left, ...set }) => ({
    ...set,
    lot,
    left: lot ? Object.fromEntries(Object.entries(left).filter(([glyph]) => isFree(lot, glyph))) : left,
  }));
  const isPrinted = page.photos.every(({ photo }) => photo === null);
  const found = titlesFromLeft(phrases, sets, true).filter(({ what, from }) => {
    const lot = bench.lots.get(what?.lot ?? '');
    return from !== 'thing' || (isPrinted && what !== undefined && lot !== undefined && isFree(lot, what.part));
  });
  return found[0] ?? null;
}

/** What is left of a set when a title was spelt from it, whichever case its letters are of. */
function without(here: Amounts, text: string): Amounts {
  let left = here;
  for (const letter of text.normalize('NFC').replace(/[\s\p{P}]+/gu, '')) {
    const glyph = [letter, letter.toUpperCase(), letter.toLowerCase()].find((one) => (own(left, one) ?? 0) > 0);
    if (glyph !== undefined) left = addAmounts(left, { [glyph]: 1 }, -1);
  }
  return left;
}

/** The bench as it would be with a page made: for working out the next. */
function withLess(bench: Bench, { things, title }: Pick<Furnished, 'things' | 'title'>): Bench {
  const lots = new Map(bench.ledger.lots);
  const take = (lot: string, to: (here: Amounts) => Amounts): void => {
    const state = lots.get(lot);
    if (state) lots.set(lot, { ...state, here: to(state.here) });
  };
  for (const { what } of things)
    if ('part' in what) take(what.lot, (here) => addAmounts(here, { [what.part]: what.count ?? 1 }, -1));
  const { what: printed } = title ?? {};
  if (printed && (title?.sets ?? []).length === 0)
    take(printed.lot, (here) => addAmounts(here, { [printed.part]: 1 }, -1));
  const [set] = title?.sets ?? [];
  if (title && set !== undefined) take(set, (here) => without(here, title.text));
  return { ...bench, ledger: { ...bench.ledger, lots } };
}

/** What goes on a page that is proposed, all of it there to the last letter. */
export function furnish(bare: Bare, bench: Bench, { mat, mayTake, elsewhere }: FurnishWish): Furnished {
  const whole = newPage('', { ...bare, without: [], mat }, '');
  const drawn = pageLayout(whole);
  if (!drawn.ok) return { things: [], without: [], kinds: [], title: null };
  const rounds = thingsForRounds(whole, drawn.value, bench, mayTake).filter(({ layer }) =>
    bare.without.includes(layer),
  );
  const inPlace = rounds.map(({ laying }) => laying);
  const without = rounds.map(({ layer }) => layer);
  const title = titleFor(whole, bench, mayTake);
  const placed = inPlace.map((one, i) => ({ ...one, id: `round ${i}` }));
  const page = { ...whole, without, placed, title: title?.text ?? '' };
  const layout = pageLayout(page);
  const left = withLess(bench, { things: inPlace, title: null });
  const { laid, kinds } = clustersRound(page, layout.ok ? layout.value : drawn.value, left, { mayTake, elsewhere });
  return { things: [...inPlace, ...laid], without, kinds, title };
}

/** What goes on pages that are all to be made: each thing and letter once, no two clusters and no two titles alike. */
export function furnishTogether(
  bares: readonly Bare[],
  bench: Bench,
  wish: Omit<FurnishWish, 'elsewhere'>,
): readonly Furnished[] {
  const all: Furnished[] = [];
  let left = bench;
  for (const bare of bares) {
    const elsewhere = new Set(all.flatMap(({ kinds }) => kinds));
    const one = furnish(bare, left, { ...wish, elsewhere });
    all.push(one);
    const had = newPage(`had ${all.length}`, { ...bare, mat: wish.mat, photos: [], title: one.title?.text ?? '' }, '');
    left = withLess({ ...left, pages: new Map([...left.pages, [had.id, had]]) }, one);
  }
  return all;
}

/**
 * Begins pages that were proposed, each with what is laid on it; all at once or none.
 * @param forWhat what several are for, as she calls it
 */
export const beginFurnished =
  (pages: readonly (Begun & { readonly id: string; readonly things: readonly Laying[] })[], forWhat = ''): Deciding =>
  (bench, now) => {
    let staged = bench;
    const all: Pick<Act, 'events' | 'records'>[] = [];
    for (const { id, things, ...fields } of pages) {
      const page = newPage(id, fields, now.day);
      staged = { ...staged, pages: new Map([...staged.pages, [id, page]]) };
      all.push({ events: [], records: [put('pages', page)] });
      if (things.length === 0) continue;
      const laid = layOn(id, things)(staged, now);
      if (!laid.ok) return laid;
      all.push(laid.value);
    }
    const [first] = pages;
    if (!first) return refuse('nothing-to-do');
    return decided(forWhat === '' ? 'began-page' : 'began-pages', forWhat === '' ? (first.title ?? '') : forWhat, {
      count: pages.length,
      events: all.flatMap(({ events }) => events),
      records: all.flatMap(({ records }) => records),
    });
  };
