import { hexToLab, labToHex, nearestWord } from '../../ground/colour';
import type { Layout } from '../design';
import type { Size } from '../../ground/geometry';
import { formatLength, type MeasureSystem } from '../../ground/length';
import { isOneTheme, kitsOfFaces, themesOf, themeWords, type Kit, type Page } from '../../stock/things';
import type { Eyed, Remark, Sheet } from './eyed';
import { busyPapers, missingColour, strangers, whiteBesideCream } from './papersOf';
import { acrossGutter, tightPockets, tooThick } from './fits';
import { pageSheet, type Seen } from './pageSheet';
import { remarksOn } from './remarksOn';
import { triangles } from './triangle';
import { unequalEnds } from './unequalEnds';

/** What is known of a page when it is looked at. */
export interface LookedAt extends Seen {
  readonly kits: ReadonlyMap<string, Kit>;
}

/** What tells a remark from others of the same page. */
export const remarkKey = ({ kind, motif, things = [], word, axis, colour }: Remark): string =>
  [kind, motif ?? things.join('+'), word, axis, colour].filter((part) => part !== undefined && part !== '').join(':');

const wordsIn = (texts: readonly string[]): readonly string[] =>
  texts.flatMap((text) => text.toLowerCase().split(/[^\p{L}]+/u)).filter((word) => word.length > 3);

/** Words of other kits' themes, which the page's own papers, title and place do not have: off its theme. */
export function wordsOffTheme(page: Page, { lots, kits }: Pick<LookedAt, 'lots' | 'kits'>): readonly string[] {
  const own = kitsOfFaces(Object.values(page.papers), lots.values());
  if (own.size === 0) return [];
  const all = [...kits.values()];
  const fits = new Set(
    wordsIn([
      page.title,
      page.place,
      page.journaling,
      ...all.filter(({ id }) => own.has(id)).flatMap(({ theme, name }) => [...theme, name]),
    ]),
  );
  const strange = all.filter(({ id }) => !own.has(id));
  const others = [...themesOf(strange), ...strange.flatMap(({ name }) => themeWords(name))];
  return [...new Set(others)].filter((word) => word.length > 3 && ![...fits].some((fit) => isOneTheme(fit, word)));
}

/** What she moved or laid there: of a design as it is, edges and margins are meant. */
const isHers = (page: Page, id: string): boolean =>
  Object.hasOwn(page.moves ?? {}, id) || (page.placed ?? []).some((one) => one.id === id && one.turn % 90 === 0);

/** Whether a remark is about what she did, and not about how a design or a photo with its mat is meant. */
function isWorthIt(remark: Remark, page: Page, layout: Layout, accents: ReadonlySet<string>): boolean {
  const isTouched = Object.keys(page.moves ?? {}).length > 0 || (page.placed ?? []).length > 0;
  if (remark.kind === 'near-edges') {
    const [lower = '', upper = ''] = remark.things ?? [];
    // What is cut out along its own line has no straight edge that could meet.
    if (accents.has(lower) || accents.has(upper)) return false;
    const known = new Set(layout.layers.map(({ id }) => id));
    const isDesign = known.has(lower) && known.has(upper);
    return isHers(page, upper) || (isDesign && isHers(page, lower));
  }
  if (remark.kind === 'margins' || remark.kind === 'weight') return isTouched;
  return true;
}

/** Accents told apart by something else than their shape. */
const byMotif = (sheet: Sheet, of: (thing: Eyed) => string | null): Sheet => ({
  ...sheet,
  things: sheet.things.map((thing) => ({ ...thing, motif: thing.role === 'accent' ? of(thing) : null })),
});

/** Triangles of what is raised, and of each colour, where that is not what the shapes say already. */
function moreTriangles(sheet: Sheet, said: readonly Remark[]): Remark[] {
  const raised = triangles(byMotif(sheet, (thing) => (thing.raised ? 'raised thing' : null)));
  const colours = triangles(byMotif(sheet, ({ colour }) => (colour ? `${nearestWord(labToHex(colour))} one` : null)));
  const known = new Set(said.map(({ things = [] }) => things.join()));
  return [...raised, ...colours].filter(({ things = [] }) => things.length > 2 && !known.has(things.join()));
}

/** What hangs over is trimmed; a stamp that runs off is masked by so much, and its line closed. */
function overWords({ id, ...at }: Eyed, { w, h }: Size, { placed = [] }: Page, system: MeasureSystem): string {
  const isStamp = placed.some((one) => one.id === id && 'drawn' in one.what && one.what.drawn === 'stamp');
  if (!isStamp) return 'It hangs over the page’s edge; what is over is trimmed.';
  const by = Math.max(-at.x, -at.y, at.x + at.w - w, at.y + at.h - h);
  return `It runs off the page by ${formatLength(by, system)}: mask so much of the stamp, and close its line with a pen.`;
}

/** Things over the page's edge, which is trimmed: layers that she moved, and what she laid there. */
function overEdge({ w, h, things }: Sheet, page: Page, system: MeasureSystem): Remark[] {
  const over = things.filter(
    (one) => isHers(page, one.id) && (one.x < 0 || one.y < 0 || one.x + one.w > w || one.y + one.h > h),
  );
  return over.map((one) => ({ kind: 'over-edge', things: [one.id], why: overWords(one, { w, h }, page, system) }));
}

/** What would be a loss once it is glued is said first. */
const FIRST: readonly Remark['kind'][] = ['covered', 'off-theme', 'over-edge', 'tight-pocket', 'thick'];
const rank = ({ kind }: Remark): number => (FIRST.includes(kind) ? FIRST.indexOf(kind) : FIRST.length);

/**
 * What a second pair of eyes would say of a page, in the order in which it would be said.
 * @param system that lengths are told in
 */
export function remarksOnPage(
  page: Page,
  layout: Layout,
  seen: LookedAt,
  system: MeasureSystem = 'in',
): readonly Remark[] {
  const sheet = pageSheet(page, layout, seen);
  const accents = new Set(sheet.things.filter(({ role }) => role === 'accent').map(({ id }) => id));
  const faces = [...new Set(layout.slots.map(({ id }) => page.papers[id] ?? ''))].flatMap(
    (id) => seen.faces.get(id) ?? [],
  );
  const layersOf = (face: string): string[] =>
    layout.layers.filter(({ slot }) => slot !== null && page.papers[slot] === face).map(({ id }) => id);
  const photos = page.photos.flatMap(({ photo }) => seen.photos.get(photo ?? '')?.colours ?? []);
  const there = [
    ...faces.flatMap(({ colours }) => colours.map(({ hex }) => hexToLab(hex))),
    ...sheet.things.flatMap(({ role, colour }) => (role === 'photo' || !colour ? [] : [colour])),
  ];
  const said = remarksOn(sheet, wordsOffTheme(page, seen)).filter((remark) => isWorthIt(remark, page, layout, accents));
  const all = [
    ...said,
    ...moreTriangles(sheet, said),
    ...overEdge(sheet, page, system),
    ...unequalEnds(sheet, page),
    ...tooThick(sheet, page, system),
    ...tightPockets(page, system),
    ...acrossGutter(sheet, page),
    ...busyPapers(faces, layersOf),
    ...whiteBesideCream(faces, layersOf),
    ...strangers(faces, layersOf),
    ...missingColour(photos, there),
  ];
  return all.sort((a, b) => rank(a) - rank(b));
}
