import { differenceCiede2000, hexToLab } from '../../ground/colour';
import type { Layout } from '../../page/design';
import { pageSheet, TITLE, type Eyed, type Remark, type Sheet } from '../../page/eye';
import { contains, type Point, type Rect } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { boundsOf, freePlace, toSixteenths } from '../../page/placing';
import type { Page, PageWork, Placed } from '../../stock/things';
import type { Deciding } from '../act';
import type { Bench } from '../../stock/bench';
import { layOn, moveLaid, takeOff, type Laying } from './laying';
import { changePage } from '../pages/pages';
import { thingsToLay, type ToLay } from './toLay';
import { changeWork } from '../pages/working';

/** Something that would mend what was remarked: in words, and the act. */
export interface Mend {
  readonly words: string;
  readonly act: Deciding;
}

/** Nearer is the same colour to the eye (CIEDE2000). */
const SAME = 20;
/** So far in from the side lies what answers weight on the other. */
const SIDE = 1 / 5;

interface Scene {
  readonly page: Page;
  readonly layout: Layout;
  readonly sheet: Sheet;
  readonly bench: Bench;
  /** What can be laid, what is out or in its kits before the rest of the stash. */
  readonly all: readonly ToLay[];
}

const placedOf = ({ page }: Scene, id: string | undefined): Placed | undefined =>
  page.placed?.find((one) => one.id === id);
const eyedOf = ({ sheet }: Scene, id: string | undefined): Eyed | undefined =>
  sheet.things.find((one) => one.id === id);

/** Where something so large lies wholly on the page, as near as can be to a point. */
function within({ sheet }: Scene, { w, h }: { readonly w: number; readonly h: number }, at: Point): Point {
  const held = (middle: number, size: number, room: number): number =>
    size >= room ? room / 2 : Math.min(room - size / 2, Math.max(size / 2, middle));
  return { x: toSixteenths(held(at.x, w, sheet.w)), y: toSixteenths(held(at.y, h, sheet.h)) };
}

const layingAt = (scene: Scene, thing: ToLay, at: Point): Laying => ({
  what: thing.what,
  ...within(scene, thing.looks.size, at),
  turn: 0,
});

const lay = (scene: Scene, thing: ToLay, places: readonly Point[], words: string): Mend => ({
  words,
  act: layOn(
    scene.page.id,
    places.map((at) => layingAt(scene, thing, at)),
  ),
});

const off = ({ page }: Scene, placed: Placed | undefined): Mend[] =>
  placed ? [{ words: 'take it off', act: takeOff(page.id, [placed.id]) }] : [];

const move = ({ page }: Scene, placed: Placed | undefined, to: Point, words: string): Mend[] =>
  placed ? [{ words, act: moveLaid(page.id, placed.id, (now) => ({ ...now, ...to })) }] : [];

const motifOf = ({ looks }: ToLay): string | null => (looks.kind === 'small' ? looks.thing.outline : null);
const small = ({ all }: Scene): readonly ToLay[] => all.filter(({ looks }) => looks.kind === 'small');

function ofColour(scene: Scene, hex: string): ToLay | undefined {
  const wanted = hexToLab(hex);
  return small(scene).find(({ looks }) => {
    const [first] = looks.kind === 'small' ? looks.thing.colours : [];
    return first !== undefined && differenceCiede2000(wanted, hexToLab(first)) < SAME;
  });
}

/** Some places for more of a thing, none where something lies. */
function freePlaces({ page, layout }: Scene, count: number): Point[] {
  const laid: Placed[] = [...(page.placed ?? [])];
  return Array.from({ length: count }, (_, i) => {
    const at = freePlace(layout.accents, laid);
    laid.push({ id: `free ${i}`, what: { lot: '', part: '' }, ...at, turn: 0 });
    return at;
  });
}

function third(scene: Scene, { at, things = [] }: Remark): Mend[] {
  // What is raised, or of a colour, may be of several shapes: one more of any of them.
  const own = scene.sheet.things.filter(({ id }) => things.includes(id));
  const shapes = new Set(own.map(({ motif }) => motif));
  const more = scene.all.find((one) => motifOf(one) !== null && shapes.has(motifOf(one)));
  if (!more) return [];
  if (at) return [lay(scene, more, [at], `lay another ${more.looks.name} where the ring is`)];
  // Two more at the places for clusters, which stand in a triangle round the photos.
  const far = ({ x, y }: Point): number =>
    Math.min(...own.map((one) => Math.hypot(one.x + one.w / 2 - x, one.y + one.h / 2 - y)));
  const places = [...scene.layout.accents].sort((a, b) => far(b) - far(a)).slice(0, 2);
  return more.left >= 2 && places.length === 2
    ? [lay(scene, more, places, `lay two more of ${more.looks.name} at the other corners`)]
    : [];
}

function oneMoreOrFewer(scene: Scene, { motif, things = [] }: Remark): Mend[] {
  const more = scene.all.find((one) => motifOf(one) === motif);
  return [
    ...(more ? [lay(scene, more, freePlaces(scene, 1), `lay one more ${more.looks.name}`)] : []),
    ...off(scene, placedOf(scene, things.at(-1))).map((mend) => ({ ...mend, words: 'take one off' })),
  ];
}

function secondRaised(scene: Scene, { things = [] }: Remark): Mend[] {
  const [flat] = scene.sheet.things
    .filter(({ id, role, raised }) => role === 'accent' && !raised && placedOf(scene, id))
    .sort((a, b) => b.w * b.h - a.w * a.h);
  const more = small(scene).find(({ looks }) => looks.isRaised);
  const onFoam: Mend[] = flat
    ? [
        {
          words: 'put the largest other thing on foam',
          act: moveLaid(scene.page.id, flat.id, (now) => ({ ...now, isOnFoam: true })),
        },
      ]
    : [];
  const isOnFoam = placedOf(scene, things[0])?.isOnFoam ?? false;
  return [
    ...onFoam,
    ...(more ? [lay(scene, more, freePlaces(scene, 1), `lay a raised one: ${more.looks.name}`)] : []),
    ...(isOnFoam ? [{ words: 'take it off its foam', act: flattened(scene, things[0] ?? '') }] : []),
  ];
}

const flattened = ({ page }: Scene, id: string): Deciding => moveLaid(page.id, id, ({ isOnFoam: _, ...now }) => now);

function twiceMore(scene: Scene, { things = [] }: Remark): Mend[] {
  const [id] = things;
  const placed = placedOf(scene, id);
  const lab = eyedOf(scene, id)?.colour;
  const more = lab
    ? small(scene).find(({ looks, left }) => {
        const [first] = looks.kind === 'small' ? looks.thing.colours : [];
        return left >= 2 && first !== undefined && differenceCiede2000(lab, hexToLab(first)) < SAME;
      })
    : undefined;
  return [
    ...(more ? [lay(scene, more, freePlaces(scene, 2), `lay two of ${more.looks.name}, which has it`)] : []),
    ...off(scene, placed),
  ];
}

function lookIn(scene: Scene, { things = [] }: Remark): Mend[] {
  const placed = placedOf(scene, things[0]);
  return move(scene, placed, { x: scene.sheet.w - (placed?.x ?? 0), y: placed?.y ?? 0 }, 'lay it on the other side');
}

function uncover(scene: Scene, { things = [] }: Remark): Mend[] {
  const placed = placedOf(scene, things[1]);
  const [to] = freePlaces(scene, 1);
  return [...(to ? move(scene, placed, to, 'move it to a free place') : []), ...off(scene, placed)];
}

function coverWords(scene: Scene, { things = [] }: Remark): Mend[] {
  const eyed = eyedOf(scene, things[0]);
  const placed = placedOf(scene, things[0]);
  const cover = eyed ? small(scene).find(({ looks }) => covers(looks.size, eyed)) : undefined;
  const at = placed ? [{ x: placed.x, y: placed.y }] : [];
  return [...(cover ? [lay(scene, cover, at, `cover it with ${cover.looks.name}`)] : []), ...off(scene, placed)];
}

const covers = ({ w, h }: { readonly w: number; readonly h: number }, rect: Rect): boolean =>
  contains({ x: 0, y: 0, w, h }, { x: 0, y: 0, w: rect.w, h: rect.h });

/** How far the upper has to go so that the edges that nearly meet do. */
function gapOf(lower: Rect, upper: Rect): { x: number; y: number } {
  const nearest = (a: number, aw: number, b: number, bw: number): number => {
    const gaps = [a, a + aw].flatMap((from) => [b, b + bw].map((to) => from - to)).filter((gap) => gap !== 0);
    const best = gaps.reduce((least, gap) => (Math.abs(gap) < Math.abs(least) ? gap : least), Infinity);
    return Math.abs(best) < inches(1 / 8) ? best : 0;
  };
  return { x: nearest(lower.x, lower.w, upper.x, upper.w), y: nearest(lower.y, lower.h, upper.y, upper.h) };
}

function meet(scene: Scene, { things = [] }: Remark): Mend[] {
  const [lower, upper] = [eyedOf(scene, things[0]), eyedOf(scene, things[1])];
  const placed = placedOf(scene, upper?.id);
  if (!lower || !upper || !placed) return [];
  const { x, y } = gapOf(lower, upper);
  return move(scene, placed, { x: placed.x + x, y: placed.y + y }, 'move it so that they meet');
}

function evenMargins(scene: Scene, { axis }: Remark): Mend[] {
  const { sheet } = scene;
  const on = sheet.things.filter(({ role }) => role !== 'ground');
  const [from, size, room] = axis === 'x' ? (['x', 'w', sheet.w] as const) : (['y', 'h', sheet.h] as const);
  const start = Math.min(...on.map((one) => one[from]));
  const end = Math.max(...on.map((one) => one[from] + one[size]));
  const by = start - (room - end);
  // The outermost thing on the narrower side goes inward by the difference, if it lies there by itself.
  const outer = on.filter((one) => (by > 0 ? one[from] + one[size] === end : one[from] === start));
  const placed = outer.length === 1 ? placedOf(scene, outer[0]?.id) : undefined;
  if (!placed || placed.isTitle || outer[0]?.id === TITLE) return [];
  const to = axis === 'x' ? { x: placed.x - by, y: placed.y } : { x: placed.x, y: placed.y - by };
  return move(scene, placed, to, 'move the outermost thing so that they are equal');
}

function answerWeight(scene: Scene, { to }: Remark): Mend[] {
  const { w, h } = scene.sheet;
  const at: Point =
    to === 'left'
      ? { x: w * SIDE, y: h / 2 }
      : to === 'right'
        ? { x: w * (1 - SIDE), y: h / 2 }
        : { x: w / 2, y: to === 'head' ? h * SIDE : h * (1 - SIDE) };
  const [heaviest] = [...small(scene)].sort(
    (a, b) => b.looks.size.w * b.looks.size.h - a.looks.size.w * a.looks.size.h,
  );
  return heaviest ? [lay(scene, heaviest, [at], `lay ${heaviest.looks.name} there`)] : [];
}

function bringColour(scene: Scene, { colour }: Remark): Mend[] {
  const more = colour === undefined ? undefined : ofColour(scene, colour);
  return more ? [lay(scene, more, freePlaces(scene, 1), `lay ${more.looks.name}, which has it`)] : [];
}

function pullIn(scene: Scene, { things = [] }: Remark): Mend[] {
  const [eyed, placed] = [eyedOf(scene, things[0]), placedOf(scene, things[0])];
  if (!eyed || !placed) return [];
  return move(scene, placed, within(scene, boundsOf(eyed, placed, 0), placed), 'move it onto the page');
}

/** The foam out from under what stands highest. */
function flatter(scene: Scene, { things = [] }: Remark): Mend[] {
  const raised = things.find((id) => placedOf(scene, id)?.isOnFoam);
  const top = placedOf(scene, things.at(-1));
  const [to] = freePlaces(scene, 1);
  return [
    ...(raised === undefined ? [] : [{ words: 'take the foam out from under it', act: flattened(scene, raised) }]),
    ...(to ? move(scene, top, to, 'move the uppermost elsewhere') : []),
  ];
}

/** Ties papers: all edges in one dark ink, planned as a step of the page. */
function inkEdges({ page }: Scene): Mend[] {
  if (page.work?.techniques?.includes('ink')) return [];
  const ink = (work: PageWork): PageWork => ({ ...work, techniques: [...(work.techniques ?? []), 'ink'], edges: DARK });
  return [{ words: 'ink all edges dark', act: changeWork(page.id, ink, 'Inks the edges') }];
}
const DARK = '#2b1d33';

/** To the middle between the page's sides. */
function centre(scene: Scene, { things = [] }: Remark): Mend[] {
  const placed = placedOf(scene, things[0]);
  return move(scene, placed, { x: scene.sheet.w / 2, y: placed?.y ?? 0 }, 'move it to the middle');
}

const MENDS: Readonly<Record<Remark['kind'], (scene: Scene, remark: Remark) => readonly Mend[]>> = {
  triangle: third,
  even: oneMoreOrFewer,
  'lone-raised': secondRaised,
  'lone-colour': twiceMore,
  'looks-off': lookIn,
  covered: uncover,
  'off-theme': coverWords,
  margins: evenMargins,
  'near-edges': meet,
  weight: answerWeight,
  'over-edge': pullIn,
  'busy-papers': () => [],
  'white-cream': inkEdges,
  strangers: inkEdges,
  'unequal-ends': centre,
  'photo-colour': bringColour,
  thick: flatter,
  'tight-pocket': () => [],
  gutter: meet,
};

/** What would mend a remark on a page, from what is out for it, in its kits or in the stash; none: it is only told. */
export function mendsFor(remark: Remark, page: Page, layout: Layout, bench: Bench): readonly Mend[] {
  const { out, inKits, elsewhere } = thingsToLay(page, bench);
  const all = [...out, ...inKits, ...elsewhere];
  return MENDS[remark.kind]({ page, layout, bench, sheet: pageSheet(page, layout, bench), all }, remark);
}

/** Sets a remark aside for a page: it is not made there again. */
export const setAsideRemark = (id: string, key: string): Deciding =>
  changePage(
    id,
    ({ setAside = [] }) => ({ setAside: [...setAside.filter((one) => one !== key), key] }),
    'Set a remark aside',
  );
