import { pageLayout } from '../design';
import { looksOf, type Things } from '../placing';
import { isPaper, type Face, type LotKind, type Page, type Technique } from '../../stock/things';

/** Something that is on a page and may be counted. */
export interface Element {
  /** By which it is told that it counts as something. */
  readonly key: string;
  readonly name: string;
  /** What it is, as words that may be asked for; small letters. */
  readonly words: string;
  readonly count: number;
}

/** Where it is looked up what is on a page. */
export type Shown = Omit<Things, 'faces'> & { readonly faces: ReadonlyMap<string, Face> };

/** Words for what a kind of thing is, as challenges ask for it. */
const KINDS: Partial<Record<LotKind, string>> = {
  stickers: 'sticker',
  ephemera: 'ephemera die cut die-cut',
  dots: 'enamel dot embellishment',
  embellishment: 'embellishment',
  washi: 'washi tape',
  ribbon: 'ribbon',
  twine: 'twine string',
  alpha: 'letter alpha',
  acetate: 'acetate',
  vellum: 'vellum',
  card: 'card',
};
const ROLES: Readonly<Record<string, string>> = { round: 'circle round', strip: 'strip border', box: 'box block' };
const TECHNIQUES: Record<Technique, string> = {
  seal: 'sealing',
  paint: 'paint painting watercolour',
  stencil: 'stencil stencilling',
  stamp: 'stamp stamping',
  splatter: 'splatter',
  ink: 'ink inking inked edges',
  stitch: 'stitch stitching sewing thread',
  'last-splatter': 'splatter',
};

function papersOn(page: Page, { faces, lots }: Shown): Element[] {
  const used = [...new Set(Object.values(page.papers))];
  return used.flatMap((id): Element[] => {
    const face = faces.get(id);
    if (!face) return [];
    const lot = [...lots.values()].find((one) => isPaper(one) && (one.front === id || one.back === id));
    const kind = lot?.kind === 'cardstock' ? 'cardstock plain' : 'patterned paper';
    const words = [kind, face.name, face.pattern, ...(face.words ?? [])].join(' ');
    return [{ key: `paper ${id}`, name: face.name, words, count: 1 }];
  });
}

function layersOn(page: Page): Element[] {
  const layout = pageLayout(page);
  if (!layout.ok) return [];
  return layout.value.layers.flatMap(({ id, role, slot }): Element[] => {
    if (role === 'photo' || role === 'frame' || role === 'ground') return [];
    const words = ROLES[role] ?? role;
    return [
      { key: `layer ${id}`, name: layout.value.slots.find((one) => one.id === slot)?.name ?? id, words, count: 1 },
    ];
  });
}

function laidOn(page: Page, things: Shown): Element[] {
  return (page.placed ?? []).flatMap((one): Element[] => {
    const looks = looksOf(one.what, things);
    if (!looks || one.isTitle) return [];
    const lot = 'lot' in one.what ? things.lots.get(one.what.lot) : undefined;
    const kind = lot ? (KINDS[lot.kind] ?? '') : 'piece' in one.what ? 'paper' : 'drawn';
    const small = looks.kind === 'small' ? `${looks.thing.outline} ${looks.thing.words}` : '';
    const raised = (one.isOnFoam ?? looks.isRaised) ? 'raised foam' : 'flat';
    const count = 'part' in one.what ? (one.what.count ?? 1) : 1;
    return [{ key: one.id, name: looks.name, words: [looks.name, small, kind, raised].join(' '), count }];
  });
}

/** Everything on a page that a list may ask for: photos, papers, layers, things, pieces, words, techniques. */
export function elementsOn(page: Page, things: Shown): readonly Element[] {
  const photos = page.photos.map((_, i): Element => ({
    key: `photo ${i}`,
    name: `Photo ${i + 1}`,
    words: 'photo picture',
    count: 1,
  }));
  const more = (page.more ?? []).map(({ id, name, count }): Element => ({
    key: `more ${id}`,
    name,
    words: name,
    count,
  }));
  const said = (key: string, name: string, words: string, text: string): Element[] =>
    text.trim() === '' ? [] : [{ key, name, words, count: 1 }];
  const techniques = (page.work?.techniques ?? []).map((one): Element => ({
    key: `work ${one}`,
    name: TECHNIQUES[one].split(' ')[0] ?? one,
    words: TECHNIQUES[one],
    count: 1,
  }));
  return [
    ...photos,
    ...papersOn(page, things),
    ...layersOn(page),
    ...laidOn(page, things),
    ...more,
    ...said('title', 'The title', 'title', page.title),
    ...said('writing', 'The writing', 'journaling writing', page.journaling),
    ...said('date', 'The date', 'date', page.date),
    ...techniques,
  ];
}
