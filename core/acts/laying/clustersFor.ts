import { keptFromClusters, type Layout } from '../../page/design';
import type { Rect } from '../../ground/geometry';
import { boundsOfLaid, clusters, freePlace, roundPhotos, type Cluster, type RoundPhotos } from '../../page/placing';
import { isOneTheme, themesOf, wordsIn, type Page } from '../../stock/things';
import type { Bench } from '../../stock/bench';
import { candidatesOf, thingsToLay, type ToLay } from './toLay';

/** So many are proposed. */
const MOST = 12;

/** What clusters leave free on a page: what must show, words that stand there, and what lies there already. */
export function freeOfClusters(page: Page, layout: Layout, bench: Bench): Rect[] {
  const photos = page.photos.map(({ photo }) => bench.photos.get(photo ?? '') ?? null);
  const has = { title: page.title !== '', journaling: page.journaling !== '' };
  return [...keptFromClusters(layout, photos, has), ...boundsOfLaid(page, bench)];
}

/** What the page is about: its title, its photos' stories, and the themes of the kits its things come from. */
function wordsFor({ title, photos }: Page, things: readonly ToLay[], bench: Bench): string[] {
  const stories = photos.flatMap(
    ({ photo }) => bench.stories.get(bench.photos.get(photo ?? '')?.story ?? '')?.name ?? [],
  );
  const themes = [...new Set(things.map(({ kit }) => kit))].flatMap((kit) => bench.kits.get(kit)?.theme ?? []);
  return [...themes, title, ...stories].flatMap(wordsIn).filter((word) => word.length > 3);
}

/** What a thing is called and what is printed on it, word by word. */
const saidBy = ({ looks }: ToLay): readonly string[] =>
  wordsIn(looks.kind === 'small' ? `${looks.name} ${looks.thing.words}` : looks.name);

const meets = (says: readonly string[], words: readonly string[]): boolean =>
  says.some((one) => words.some((word) => isOneTheme(one, word)));

/** Whether a thing says nothing of the theme of its own kit, or the page is about that: no moth from an older kit. */
function isOfNoTheme(thing: ToLay, words: readonly string[], bench: Bench): boolean {
  const { looks, kit } = thing;
  const says = saidBy(thing);
  if (meets(says, words)) return true;
  const printed = looks.kind === 'small' && looks.thing.words !== '';
  const own = bench.kits.get(kit);
  return !printed && !meets(says, themesOf(own ? [own] : []));
}

/** Whether nothing is printed on a thing that has nothing to do with the page's own story; of no story anything goes. */
function saysNothingElse(thing: ToLay, told: readonly string[]): boolean {
  const { looks } = thing;
  return told.length === 0 || looks.kind !== 'small' || looks.thing.words === '' || meets(saidBy(thing), told);
}

/**
 * Clusters for all of a page's places at once, none of which covers another: from its kits, and what of the rest of the
 * stash belongs to no other theme. @param mayTake whether a kit's things may be on it
 */
export function clustersRound(
  page: Page,
  layout: Layout,
  bench: Bench,
  { mayTake, elsewhere }: { readonly mayTake: (kit: string) => boolean; readonly elsewhere: ReadonlySet<string> },
): RoundPhotos {
  const { out, inKits, elsewhere: rest } = thingsToLay(page, bench);
  const told = wordsFor(page, [], bench);
  const near = [...out, ...inKits].filter((one) => mayTake(one.kit) && saysNothingElse(one, told));
  const wish = {
    page: layout.size,
    colours: page.photos.flatMap(({ photo }) => bench.photos.get(photo ?? '')?.colours ?? []),
    words: wordsFor(page, near, bench),
    keep: freeOfClusters(page, layout, bench),
  };
  const others = rest.filter((one) => mayTake(one.kit) && saysNothingElse(one, told) && isOfNoTheme(one, told, bench));
  return roundPhotos(candidatesOf([...near, ...others], bench), layout.accents, wish, elsewhere);
}

/** Clusters for a place, and what of the stash was left out of them because it shows something of another theme. */
export interface ClustersFound {
  readonly clusters: readonly Cluster[];
  readonly withheld: readonly string[];
}

/**
 * Clusters for one of a page's places, the best first: from what is out and in its kits; what those lack, the rest of
 * the stash may have. @param place its number among the layout's accents @param isAnyTheme nothing is left out for what
 * it shows
 */
export function clustersFor(
  page: Page,
  layout: Layout,
  place: number,
  bench: Bench,
  isAnyTheme = false,
): ClustersFound {
  const { out, inKits, elsewhere } = thingsToLay(page, bench);
  const near = [...out, ...inKits];
  const wish = {
    page: layout.size,
    at: layout.accents[place] ?? freePlace(layout.accents, page.placed ?? []),
    colours: page.photos.flatMap(({ photo }) => bench.photos.get(photo ?? '')?.colours ?? []),
    words: wordsFor(page, near, bench),
    keep: freeOfClusters(page, layout, bench),
  };
  const found = clusters(candidatesOf(near, bench), wish);
  if (found.length > 0) return { clusters: found.slice(0, MOST), withheld: [] };
  const [others, withheld] = [true, false].map((goes) =>
    elsewhere.filter((one) => (isAnyTheme || isOfNoTheme(one, wish.words, bench)) === goes),
  ) as [ToLay[], ToLay[]];
  return {
    clusters: clusters(candidatesOf([...near, ...others], bench), wish).slice(0, MOST),
    withheld: [...new Set(withheld.map(({ looks }) => looks.name))],
  };
}
