import { hexToLab, type ColourShare, type LabD65 } from '../../ground/colour';
import { mustShow, type Layout, type PageLayer } from '../design';
import type { Rect } from '../../ground/geometry';
import { isQuiet } from '../papers';
import { around, boundsOf, looksOf, type Looks, type Things } from '../placing';
import type { Face, Page, Photo, Placed } from '../../stock/things';
import type { Eyed, Sheet } from './eyed';

/** Where what a page is made of is looked up. */
export interface Seen extends Things {
  readonly faces: ReadonlyMap<string, Face>;
  readonly photos: ReadonlyMap<string, Photo>;
}

/** Ids of what a page has beside its layers and things. */
export const TITLE = 'title';
export const WRITING = 'writing';

/** A paper that is busy, and a photo, to the eye. The house's measure: common practice, no source. */
const BUSY = 0.6;

const PLAIN: Omit<Eyed, 'id' | 'role' | keyof Rect> = {
  colour: null,
  busy: 0,
  raised: false,
  motif: null,
  faces: null,
  subject: null,
  words: [],
};

/** The mean of some colours by their shares; null of none. */
function meanOf(colours: readonly ColourShare[]): LabD65 | null {
  const all = colours.reduce((sum, { share }) => sum + share, 0);
  if (all === 0) return null;
  let [l, a, b] = [0, 0, 0];
  for (const { hex, share } of colours) {
    const lab = hexToLab(hex);
    [l, a, b] = [l + (lab.l * share) / all, a + (lab.a * share) / all, b + (lab.b * share) / all];
  }
  return { l, a, b };
}

const firstOf = (hexes: readonly string[]): LabD65 | null => (hexes[0] === undefined ? null : hexToLab(hexes[0]));
const roundedRect = ({ x, y, w, h }: Rect): Rect => ({ x, y, w, h });

const isGround = ({ role }: PageLayer): boolean => role === 'ground' || role === 'frame';

function ofLayer(layer: PageLayer, page: Page, { faces, photos }: Seen): Eyed {
  const rect = layer.turn % 180 === 0 ? roundedRect(layer) : boundsOf(layer, middle(layer), layer.turn);
  if (layer.role === 'photo') {
    const photo = photos.get(page.photos[layer.photo ?? -1]?.photo ?? '') ?? null;
    const shown = mustShow(layer, photo);
    return {
      ...PLAIN,
      ...rect,
      id: layer.id,
      role: 'photo',
      colour: meanOf(photo?.colours ?? []),
      busy: BUSY,
      faces: photo?.looks ?? null,
      subject: shown.length > 0 ? around(shown) : null,
    };
  }
  const face = faces.get(page.papers[layer.slot ?? ''] ?? '');
  return {
    ...PLAIN,
    ...rect,
    id: layer.id,
    role: isGround(layer) ? 'ground' : 'layer',
    colour: firstOf(face?.colours.map(({ hex }) => hex) ?? []),
    busy: face && !isQuiet(face) ? BUSY : 0,
  };
}

const middle = ({ x, y, w, h }: Rect) => ({ x: x + w / 2, y: y + h / 2 });

const coloursOf = (looks: Looks, faces: Seen['faces']): readonly string[] => {
  switch (looks.kind) {
    case 'small':
      return looks.thing.colours;
    case 'roll':
      return looks.colours;
    case 'paper':
      return faces.get(looks.face ?? '')?.colours.map(({ hex }) => hex) ?? [];
    case 'letter':
    case 'line':
      return [looks.colour];
  }
};

function ofThing(placed: Placed, looks: Looks, { faces }: Seen): Eyed {
  const small = looks.kind === 'small' ? looks.thing : null;
  // Turned over, what looked left looks right.
  const isOver = placed.turn > 90 && placed.turn < 270;
  const looking = small?.looks ?? null;
  return {
    ...PLAIN,
    ...boundsOf(looks.size, placed, placed.turn),
    id: placed.id,
    role: small ? 'accent' : 'layer',
    colour: firstOf(coloursOf(looks, faces)),
    raised: looks.isRaised || (placed.isOnFoam ?? false),
    motif: small?.outline ?? null,
    faces: looking !== null && isOver ? (looking === 'left' ? 'right' : 'left') : looking,
    words: small && small.words !== '' ? [small.words] : [],
  };
}

/** The title as one thing: its letters where they lie, or its place where it is written. */
function ofTitle(page: Page, layout: Layout, letters: readonly { placed: Placed; looks: Looks }[], seen: Seen): Eyed[] {
  const [first] = letters;
  const rect = first
    ? around(letters.map(({ placed, looks }) => boundsOf(looks.size, placed, placed.turn)))
    : page.title.trim() === ''
      ? null
      : layout.title;
  if (!rect) return [];
  const raised = letters.some(({ looks, placed }) => looks.isRaised || (placed.isOnFoam ?? false));
  const colour = first ? firstOf(coloursOf(first.looks, seen.faces)) : null;
  return [{ ...PLAIN, ...roundedRect(rect), id: TITLE, role: 'title', colour, raised }];
}

/** A page as it is looked at: its layers, what lies on it, its title and writing, from the bottom up. */
export function pageSheet(page: Page, layout: Layout, seen: Seen): Sheet {
  const laid = (page.placed ?? []).flatMap((placed) => {
    const looks = looksOf(placed.what, seen);
    return looks ? [{ placed, looks }] : [];
  });
  const [letters, things] = [laid.filter(({ placed }) => placed.isTitle), laid.filter(({ placed }) => !placed.isTitle)];
  const under = (layer: string | undefined) =>
    things.filter(({ placed }) => placed.under === layer).map(({ placed, looks }) => ofThing(placed, looks, seen));
  const layers = new Set(layout.layers.map(({ id }) => id));
  const above = things
    .filter(({ placed }) => placed.under === undefined || !layers.has(placed.under))
    .map(({ placed, looks }) => ofThing(placed, looks, seen));
  const isWritten = page.journaling.trim() !== '';
  return {
    ...layout.size,
    things: [
      ...layout.layers.flatMap((layer) => [...under(layer.id), ofLayer(layer, page, seen)]),
      ...ofTitle(page, layout, letters, seen),
      ...(isWritten ? [{ ...PLAIN, ...roundedRect(layout.journaling), id: WRITING, role: 'words' as const }] : []),
      ...above,
    ],
  };
}
