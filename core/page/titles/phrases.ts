import { itemsOf, smallThing } from '../placing';
import { isKept, kitsOfFaces, type Kit, type Page, type Photo, type Story } from '../../stock/things';
import type { Phrase } from './fromWhatIsLeft';
import type { Shelf } from './letters';

/** What her own words are gathered from. */
export interface Wordly extends Shelf {
  readonly pages: ReadonlyMap<string, Page>;
  readonly photos: ReadonlyMap<string, Photo>;
  readonly stories: ReadonlyMap<string, Story>;
  readonly kits: ReadonlyMap<string, Kit>;
}

/** The stories of a page's photos. */
const storiesOf = (page: Page, { photos, stories }: Wordly): readonly Story[] =>
  [...new Set(page.photos.map(({ photo }) => photos.get(photo ?? '')?.story ?? ''))].flatMap(
    (story) => stories.get(story) ?? [],
  );

/** Words printed on things that are here. */
function printed({ lots, ledger }: Wordly): readonly Phrase[] {
  return [...lots.values()].flatMap((lot) => {
    if (lot.measure !== 'count' || isKept(lot.kind)) return [];
    const here = ledger.lots.get(lot.id)?.here ?? {};
    const parts = [...itemsOf(lot).map(({ id }) => id), ''].filter((part) => (here[part] ?? 0) > 0);
    return parts.flatMap((part): Phrase[] => {
      const { words, name } = smallThing(lot, part, []);
      return words.trim().length > 2 ? [{ text: words, from: 'thing', thing: name, what: { lot: lot.id, part } }] : [];
    });
  });
}

/** Her own words for a page: its stories, titles she had, what is printed on her things. */
export function phrasesFor(page: Page, shelf: Wordly): readonly Phrase[] {
  const story = storiesOf(page, shelf).flatMap(({ name, place, people = '' }) => [
    name,
    ...place.split(','),
    ...people.split(/,| and /),
  ]);
  const titles = [...shelf.pages.values()].filter(({ id }) => id !== page.id).map(({ title }) => title);
  const of = (texts: readonly string[], from: Phrase['from']): Phrase[] =>
    texts.flatMap((text) => (text.trim() === '' ? [] : [{ text: text.trim(), from }]));
  return [...of(story, 'story'), ...of(titles, 'title'), ...printed(shelf)];
}

/** Words of a page's theme: of its stories, and of the kits its papers come from; without papers, of the newest. */
export function themeOf(page: Page, shelf: Wordly): readonly string[] {
  const kits = kitsOfFaces(Object.values(page.papers), shelf.lots.values());
  const [newest] = [...shelf.kits.values()].sort((a, b) => b.month.localeCompare(a.month));
  const own = kits.size > 0 ? [...kits].flatMap((kit) => shelf.kits.get(kit) ?? []) : newest ? [newest] : [];
  const words = [...storiesOf(page, shelf).map(({ name }) => name), ...own.flatMap(({ theme }) => theme)];
  return [
    ...new Set(words.flatMap((text) => text.toLowerCase().split(/[^\p{L}]+/u)).filter((word) => word.length > 3)),
  ];
}
