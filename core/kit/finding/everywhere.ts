import type { Bench } from '../../stock/bench';
import type { Album } from '../../stock/things';
import { plainWords, wordsAsked, hasAll } from './words';

/** Something that can be found from any screen. */
export interface Place {
  readonly kind: 'page' | 'kit' | 'list' | 'photo' | 'story' | 'paper' | 'thing' | 'wish' | 'design' | 'album';
  readonly id: string;
  readonly name: string;
  /** The face it shows, of a paper; its picture, of a photo. */
  readonly shows: string | null;
  /** All words by which it is found, plain. */
  readonly words: string;
}

const told = (...parts: readonly (string | undefined | readonly string[])[]): string =>
  plainWords(parts.flatMap((part) => part ?? []).join(' '));

/** Whether something of a lot is still about: here, out, lent or owed. */
function lotsAbout({ ledger }: Bench): Set<string> {
  const about = new Set<string>();
  for (const { lot, where } of ledger.pieces.values())
    if (where === 'here' || where === 'claimed' || where === 'lent') about.add(lot);
  for (const { lot, here, claimed, lent, owed } of ledger.lots.values())
    if ([here, claimed, lent, owed].some((amounts) => Object.keys(amounts).length > 0)) about.add(lot);
  return about;
}

const place = (
  kind: Place['kind'],
  { id }: { readonly id: string },
  name: string,
  words: string,
  shows: string | null = null,
): Place => ({ kind, id, name, shows, words });

/** Papers and things of which something is still about. */
function stockPlaces(bench: Bench): Place[] {
  const { lots, faces, kits } = bench;
  const about = lotsAbout(bench);
  return [...lots.values()]
    .filter(({ id }) => about.has(id))
    .map((lot) => {
      const { name, note, kind, front, back, items = [] } = lot;
      const shown = [front, back].flatMap((face) => faces.get(face ?? '') ?? []);
      const printed = shown.flatMap((face) => [face.name, ...(face.words ?? [])]);
      const named = items.map((item) => item.name);
      const words = told(name, note, kind, kits.get(lot.kit)?.name, [...printed, ...named]);
      return place(lot.measure === 'sheets' ? 'paper' : 'thing', lot, name, words, front);
    });
}

const titlesIn = ({ places }: Album): string[] => places.flatMap((one) => ('title' in one ? [one.title] : []));

/** Everything that has a name, made ready once. */
export function placesOf(bench: Bench): Place[] {
  const { pages, kits, drafts, photos, stories, wishes, designs, albums } = bench;
  return [
    ...[...pages.values()].map((page) =>
      place('page', page, page.title, told(page.title, page.place, page.date, page.journaling)),
    ),
    ...[...kits.values()].map((kit) => place('kit', kit, kit.name, told(kit.name, kit.club, kit.month, kit.theme))),
    ...[...drafts.values()].map((list) => place('list', list, list.name, told(list.name, list.club))),
    ...[...stories.values()].map((story) =>
      place('story', story, story.name, told(story.name, story.place, story.date, story.people)),
    ),
    ...[...photos.values()].map((photo) => {
      const of = stories.get(photo.story);
      return place(
        'photo',
        photo,
        photo.name,
        told(photo.name, of?.name, of?.place, of?.people, photo.taken),
        photo.image,
      );
    }),
    ...stockPlaces(bench),
    ...[...wishes.values()].map((wish) => place('wish', wish, wish.line, told(wish.line))),
    ...[...designs.values()].map((design) => place('design', design, design.name, told(design.name))),
    ...[...albums.values()].map((album) => place('album', album, album.name, told(album.name, titlesIn(album)))),
  ];
}

/** How well a name answers: it is what is asked, it begins so, it has a word that begins so, or only its other words do. */
function fit({ name }: Place, asked: readonly string[]): number {
  const plain = plainWords(name);
  const whole = asked.join(' ');
  if (plain === whole) return 0;
  if (plain.startsWith(whole)) return 1;
  if (asked.every((word) => plain.split(/\s+/).some((own) => own.startsWith(word)))) return 2;
  return hasAll(plain, asked) ? 3 : 4;
}

/** What has all words asked for, in any order and without accents, the likeliest first. */
export function findPlaces(places: readonly Place[], text: string, most: number): Place[] {
  const asked = wordsAsked(text);
  if (asked.length === 0) return [];
  return places
    .filter(({ words }) => hasAll(words, asked))
    .map((place) => ({ place, fit: fit(place, asked) }))
    .sort((a, b) => a.fit - b.fit)
    .slice(0, most)
    .map(({ place }) => place);
}
