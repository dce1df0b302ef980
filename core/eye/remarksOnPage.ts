import { hexToLab } from '../colour';
import type { Layout } from '../design';
import type { Kit, Page } from '../things';
import type { Remark, Sheet } from './eyed';
import { busyPapers, missingColour, whiteBesideCream } from './papersOf';
import { acrossGutter, tightPockets, tooThick } from './fits';
import { pageSheet, type Seen } from './pageSheet';
import { remarksOn } from './remarksOn';

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
  const faces = new Set(Object.values(page.papers));
  const own = new Set(
    [...lots.values()].flatMap(({ kit, front, back }) =>
      faces.has(front ?? '') || faces.has(back ?? '') ? [kit] : [],
    ),
  );
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
  const others = wordsIn(all.filter(({ id }) => !own.has(id)).flatMap(({ theme, name }) => [...theme, name]));
  return [...new Set(others)].filter((word) => !fits.has(word));
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

/** Things over the page's edge, which is trimmed: layers that she moved, and what she laid there. */
function overEdge({ w, h, things }: Sheet, page: Page): Remark[] {
  const over = things.filter(
    (one) => isHers(page, one.id) && (one.x < 0 || one.y < 0 || one.x + one.w > w || one.y + one.h > h),
  );
  return over.map(({ id }) => ({
    kind: 'over-edge',
    things: [id],
    why: 'It hangs over the page’s edge; what is over is trimmed.',
  }));
}

/** What a second pair of eyes would say of a page, in the order in which it would be said. */
export function remarksOnPage(page: Page, layout: Layout, seen: LookedAt): readonly Remark[] {
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
  return [
    ...remarksOn(sheet, wordsOffTheme(page, seen)).filter((remark) => isWorthIt(remark, page, layout, accents)),
    ...overEdge(sheet, page),
    ...tooThick(sheet, page),
    ...tightPockets(page),
    ...acrossGutter(sheet, page),
    ...busyPapers(faces, layersOf),
    ...whiteBesideCream(faces, layersOf),
    ...missingColour(photos, there),
  ];
}
