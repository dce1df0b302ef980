import { kitOfPart } from '../../kit/closing';
import {
  looksOf,
  roleOf,
  roundPhotos,
  type Candidate,
  type RoundPhotos,
  type SmallThing as Looking,
} from '../../page/placing';
import type { SharingPage } from '../../kit/sharing';
import { shareSmallThings, type SmallGift, type SmallShare, type SmallThing, type SmallWish } from '../../kit/shareout';
import { themesOf, type Lot, type LotKind } from '../../stock/things';
import type { Bench } from '../../stock/bench';
import { freeOfClusters } from './clustersFor';
import type { Laying } from './laying';

/** What is given out in threes and fives. */
const GIVEN: readonly LotKind[] = ['dots', 'embellishment', 'ephemera', 'stickers'];

/** Embellishments shared over pages, and how they lie there in clusters, by page. */
export interface SmallGifts extends SmallShare {
  readonly laid: ReadonlyMap<string, readonly Laying[]>;
  /** What no page takes. */
  readonly untaken: readonly { readonly name: string; readonly count: number }[];
}

/** A thing that she lets on a page though it shows something of another theme. */
export interface AllowedThing {
  readonly page: string;
  readonly lot: string;
  readonly part: string;
}

const wordsOf = (...texts: readonly (string | undefined)[]): string[] =>
  texts
    .join(' ')
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 2);

const looksLike = (lot: string, part: string, bench: Bench): Looking | null => {
  const looks = looksOf({ lot, part }, bench);
  return looks?.kind === 'small' ? looks.thing : null;
};

/** Each kind of thing in a lot that is here, and with one of some kits. */
function thingsIn(lot: Lot, bench: Bench, kits: ReadonlySet<string>): SmallThing[] {
  if (lot.measure !== 'count' || !GIVEN.includes(lot.kind)) return [];
  const here = Object.entries(bench.ledger.lots.get(lot.id)?.here ?? {});
  // Of a pack whose things were told apart, what is still mixed cannot be told to go anywhere.
  const known = here.length > 1 ? here.filter(([part]) => part !== '') : here;
  return known.flatMap(([part, count]) => {
    if (!kits.has(kitOfPart(lot, part, bench.ledger))) return [];
    const looks = looksLike(lot.id, part, bench);
    if (!looks) return [];
    const colours = looks.colours.map((hex) => ({ hex, share: 1 / looks.colours.length }));
    const words = part === '' ? wordsOf(lot.name, lot.note) : wordsOf(looks.name, looks.words);
    return [{ lot: lot.id, part, count, role: roleOf(looks), colours, words }];
  });
}

/** The clusters that a page's share makes round its photos. */
function laidOn(
  { page, layout, colours }: SharingPage,
  gifts: readonly SmallGift[],
  bench: Bench,
  elsewhere: ReadonlySet<string>,
): RoundPhotos {
  const candidates = gifts.flatMap(({ lot, part, count }): Candidate[] => {
    const thing = looksLike(lot, part, bench);
    return thing ? [{ what: { lot, part }, thing, left: count, isOut: true }] : [];
  });
  const keep = freeOfClusters(page, layout, bench);
  return roundPhotos(candidates, layout.accents, { page: layout.size, colours, words: [], keep }, elsewhere);
}

/** Embellishments of some kits shared over pages: by colour, by theme, in threes and fives, and laid in clusters. */
export function smallGifts(
  pages: readonly SharingPage[],
  bench: Bench,
  kits: ReadonlySet<string>,
  allowed: readonly AllowedThing[] = [],
): SmallGifts {
  const monthOf = ({ kit }: Lot): string => bench.kits.get(kit)?.month ?? '';
  const inOrder = [...bench.lots.values()].sort((a, b) => monthOf(b).localeCompare(monthOf(a)) || a.line - b.line);
  const things = inOrder.flatMap((lot) => thingsIn(lot, bench, kits));
  const wishes = pages.map(({ page, colours }): SmallWish => {
    const stories = page.photos.map(({ photo }) => bench.stories.get(bench.photos.get(photo ?? '')?.story ?? ''));
    return {
      page: page.id,
      colours,
      words: [...new Set(wordsOf(page.title, page.place, ...stories.flatMap((story) => [story?.name, story?.place])))],
    };
  });
  const themes = themesOf(bench.kits.values());
  const shared = shareSmallThings(things, wishes, themes, ({ lot, part }, page) =>
    allowed.some((one) => one.lot === lot && one.part === part && one.page === page),
  );
  const laid = new Map<string, readonly Laying[]>();
  // No two pages have the same three things, where there are others.
  const seen = new Set<string>();
  for (const one of pages) {
    const own = shared.gifts.filter(({ page }) => page === one.page.id);
    const round = laidOn(one, own, bench, new Set(seen));
    laid.set(one.page.id, round.laid);
    for (const kinds of round.kinds) seen.add(kinds);
  }
  const isGiven = ({ lot, part }: SmallThing): boolean =>
    shared.gifts.some((gift) => gift.lot === lot && gift.part === part);
  const untaken = things
    .filter((thing) => thing.count > 0 && !isGiven(thing))
    .map(({ lot, part, count }) => ({ name: looksLike(lot, part, bench)?.name ?? '', count }));
  return { ...shared, laid, untaken };
}
