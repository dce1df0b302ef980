import { affinity, sharesOf, type ColourShare } from '../../ground/colour';
import { hasAll, plainWords, wordsAsked } from '../../kit/finding';
import { itemsOf, looksOf } from '../../page/placing';
import type { Photo, PlacedWhat } from '../../stock/things';
import type { Bench } from '../../stock/bench';

/** What a page is begun with: something of the stash, a photo, colours, words. */
export type BegunWith =
  | { readonly lot: string; readonly part?: string }
  | { readonly piece: string }
  | { readonly face: string }
  | { readonly photo: string }
  | { readonly story: string }
  | { readonly colours: readonly string[] }
  | { readonly words: string };

/** The heart of a page: what everything on it is to go with. */
export interface Heart {
  readonly name: string;
  readonly colours: readonly ColourShare[];
  /** Words of it, and of the theme of its kit. */
  readonly words: string;
  readonly kit: string | null;
  /** A paper that is to be on the page, by its face. */
  readonly face: string | null;
  /** The piece itself, where it is one: a scrap. */
  readonly piece: string | null;
  readonly photo: string | null;
  /** Something that is laid on it. */
  readonly what: PlacedWhat | null;
}

const NOTHING: Heart = {
  name: '',
  colours: [],
  words: '',
  kit: null,
  face: null,
  piece: null,
  photo: null,
  what: null,
};

const themeOf = (kit: string | null, { kits }: Bench): string => (kits.get(kit ?? '')?.theme ?? []).join(' ');

function ofLot({ lot: id, part = '' }: { lot: string; part?: string }, bench: Bench): Heart | null {
  const lot = bench.lots.get(id);
  if (!lot) return null;
  if (lot.measure === 'sheets') {
    const face = lot.front ?? lot.back;
    return face === null
      ? null
      : { ...ofFace(face, bench), kit: lot.kit, words: `${lot.name} ${themeOf(lot.kit, bench)}` };
  }
  const here = bench.ledger.lots.get(id)?.here ?? {};
  const [first] = Object.keys(here);
  const own = part in here ? part : (first ?? '');
  const what = lot.measure === 'count' && first !== undefined ? { lot: id, part: own } : null;
  const looks = what ? looksOf(what, bench) : null;
  const printed = itemsOf(lot).find(({ id: item }) => item === own)?.words ?? '';
  const hexes =
    looks?.kind === 'small'
      ? looks.thing.colours
      : (lot.front && bench.faces.get(lot.front)?.colours.map(({ hex }) => hex)) || [];
  return {
    ...NOTHING,
    name: looks?.name ?? lot.name,
    colours: sharesOf(hexes),
    words: `${lot.name} ${printed} ${themeOf(lot.kit, bench)}`,
    kit: lot.kit,
    what,
  };
}

function ofFace(id: string, { faces, lots }: Bench): Heart {
  const face = faces.get(id);
  const lot = [...lots.values()].find(({ front, back }) => front === id || back === id);
  return {
    ...NOTHING,
    name: face?.name ?? '',
    colours: face?.colours ?? [],
    words: [face?.name, ...(face?.words ?? [])].join(' '),
    kit: lot?.kit ?? null,
    face: id,
  };
}

function ofPiece(id: string, bench: Bench): Heart | null {
  const piece = bench.ledger.pieces.get(id);
  const lot = bench.lots.get(piece?.lot ?? '');
  const face = lot?.front ?? lot?.back ?? null;
  if (!piece || !lot) return null;
  return { ...(face === null ? { ...NOTHING, name: lot.name } : ofFace(face, bench)), kit: lot.kit, piece: id };
}

function ofPhoto(id: string, { photos, stories }: Bench): Heart | null {
  const photo = photos.get(id);
  if (!photo) return null;
  const { name, colours } = photo;
  return { ...NOTHING, name, colours, words: `${name} ${stories.get(photo.story)?.name ?? ''}`, photo: id };
}

/** A story: the colours of all its photos, each as much. */
function ofStory(id: string, { photos, stories }: Bench): Heart | null {
  const story = stories.get(id);
  if (!story) return null;
  const own = [...photos.values()].filter((photo) => photo.story === id);
  const colours = own.flatMap((photo) => photo.colours.map(({ hex, share }) => ({ hex, share: share / own.length })));
  return { ...NOTHING, name: story.name, colours, words: `${story.name} ${story.place}` };
}

/** Words: what of the stash has them printed on it or is called so lends its colours, and is on the page. */
function ofWords(words: string, bench: Bench): Heart {
  const asked = wordsAsked(words);
  const found = [...bench.lots.values()].flatMap((lot) => {
    const here = bench.ledger.lots.get(lot.id)?.here ?? {};
    const item = itemsOf(lot).find(
      ({ id, name, words: printed }) => id in here && hasAll(plainWords(`${name} ${printed ?? ''}`), asked),
    );
    return item
      ? [{ lot: lot.id, part: item.id }]
      : hasAll(plainWords(lot.name), asked) && '' in here
        ? [{ lot: lot.id }]
        : [];
  });
  // A thing with the words on it before a paper called so.
  const papers = [...bench.ledger.pieces.values()].flatMap(({ where, lot }) =>
    where === 'here' && hasAll(plainWords(bench.lots.get(lot)?.name ?? ''), asked) ? [{ lot }] : [],
  );
  const [first] = [...found, ...papers];
  const heart = first && asked.length > 0 ? ofLot(first, bench) : null;
  return { ...(heart ?? NOTHING), name: words, words: `${words} ${heart?.words ?? ''}` };
}

/** The heart of a page that is begun with something; null where that is gone. */
export function heartOf(from: BegunWith, bench: Bench): Heart | null {
  if ('lot' in from) return ofLot(from, bench);
  if ('piece' in from) return ofPiece(from.piece, bench);
  if ('face' in from) return bench.faces.has(from.face) ? ofFace(from.face, bench) : null;
  if ('photo' in from) return ofPhoto(from.photo, bench);
  if ('story' in from) return ofStory(from.story, bench);
  if ('words' in from) return ofWords(from.words, bench);
  return { ...NOTHING, name: '', colours: sharesOf(from.colours) };
}

/** A word in common is worth so much nearer in colour (CIEDE2000). */
const WORD = 8;
/** A photo that is tried on another page already counts as so much further off. */
const TRIED = 10;

/** Photos that go with a heart, the nearest in colour and story first: those on no glued page. */
export function photosFor(heart: Heart, { photos, pages, stories }: Bench): readonly Photo[] {
  const on = new Map<string, boolean>();
  for (const page of pages.values())
    for (const { photo } of page.photos)
      if (photo !== null) on.set(photo, on.get(photo) === true || page.glued !== null);
  const words = new Set(
    plainWords(heart.words)
      .split(/[^\p{L}]+/u)
      .filter((word) => word.length > 3),
  );
  const own = photos.get(heart.photo ?? '');
  const far = (photo: Photo): number => {
    if (photo === own) return -Infinity;
    const away = affinity(photo.colours, heart.colours);
    const says = plainWords(`${photo.name} ${stories.get(photo.story)?.name ?? ''}`);
    const common = [...words].filter((word) => says.includes(word)).length;
    const isOfStory = own !== undefined && photo.story === own.story;
    return (Number.isFinite(away) ? away : 30) - WORD * common + (on.has(photo.id) ? TRIED : 0) - (isOfStory ? 60 : 0);
  };
  return [...photos.values()]
    .filter((photo) => photo === own || on.get(photo.id) !== true)
    .map((photo) => ({ photo, away: far(photo) }))
    .sort((a, b) => a.away - b.away)
    .map(({ photo }) => photo);
}
