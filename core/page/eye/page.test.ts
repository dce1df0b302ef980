import { describe, expect, test } from 'vitest';
import { pageLayout } from '../design';
import { emptyLedger } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Face, Item, Kit, Lot, Page, Photo, Placed } from '../../stock/things';
import { pageSheet, remarkKey, remarksOnPage, TITLE, wordsOffTheme, WRITING, type LookedAt, type Remark } from '.';

const face = (id: string, hexes: readonly string[], some: Partial<Face> = {}): Face => ({
  id,
  name: id,
  pattern: hexes.length > 1 ? 'dots' : 'plain',
  colours: hexes.map((hex) => ({ hex, share: 1 / hexes.length })),
  ...some,
});
const item = (id: string, some: Partial<Item> = {}): Item => ({ id, name: `amber ${id}`, ...some });
const pack: Lot = {
  id: 'pack',
  kit: 'k',
  kind: 'ephemera',
  name: 'ephemera',
  measure: 'count',
  size: null,
  front: null,
  back: null,
  upright: false,
  note: '',
  line: 1,
  items: [item('moth', { looks: 'right' }), item('label', { words: 'cone 06 kiln' })],
};
const paper: Lot = { ...pack, id: 'paper', kind: 'paper', measure: 'sheets', front: 'ink', items: [] };
const kit = (id: string, theme: readonly string[]): Kit => ({
  id,
  club: '',
  name: id,
  month: '2026-11',
  theme,
  list: '',
});
const photo: Photo = {
  id: 'f',
  story: 's',
  name: 'lamp',
  image: 'i',
  w: inches(6),
  h: inches(4),
  colours: [{ hex: '#d98bb0', share: 1 }],
  added: '2026-11-04',
  looks: 'left',
  keep: [{ x: 0.5, y: 0, w: 0.25, h: 0.5 }],
};
const { keep: _, ...unmarked } = photo;
const seen: LookedAt = {
  lots: new Map([pack, paper].map((lot) => [lot.id, lot])),
  faces: new Map(
    [
      face('ink', ['#22314f']),
      face('lamp', ['#f6d27a', '#22314f']),
      face('busy', ['#b9633f', '#f2e9cf']),
      face('leaf', ['#3f5b34', '#f2e9cf']),
    ].map((one) => [one.id, one]),
  ),
  ledger: emptyLedger,
  photos: new Map([[photo.id, photo]]),
  kits: new Map([kit('k', ['moth', 'garden']), kit('old', ['kiln', 'clay', 'fire'])].map((one) => [one.id, one])),
};
const page = (some: Partial<Page> = {}): Page => ({
  id: 'p',
  format: { w: inches(12), h: inches(12), spread: false },
  design: 'framed-ground',
  mat: inches(1 / 8),
  photos: [{ photo: 'f', w: inches(6), h: inches(4) }],
  papers: { frame: 'ink', ground: 'lamp', mat: 'ink' },
  title: '',
  date: '',
  place: '',
  journaling: '',
  started: '2026-11-04',
  glued: null,
  finished: null,
  ...some,
});
const laid = (part: string, x: number, y: number, some: Partial<Placed> = {}): Placed => ({
  id: `${part} ${x}`,
  what: { lot: 'pack', part },
  x: inches(x),
  y: inches(y),
  turn: 0,
  ...some,
});
const layoutOf = (of: Page) => {
  const layout = pageLayout(of);
  if (!layout.ok) throw new Error('it can be laid out');
  return layout.value;
};
const sheetOf = (of: Page) => pageSheet(of, layoutOf(of), seen);
const remarks = (of: Page, more: Partial<LookedAt> = {}): readonly Remark[] =>
  remarksOnPage(of, layoutOf(of), { ...seen, ...more });
const kinds = (of: Page, more: Partial<LookedAt> = {}): string[] => remarks(of, more).map(({ kind }) => kind);

describe('a page as it is looked at', () => {
  test('its layers from the bottom up with their papers, the photo with what must show and which way it looks', () => {
    const { things, w } = sheetOf(page());
    expect([w, things.map(({ role }) => role)]).toEqual([inches(12), ['ground', 'ground', 'layer', 'photo']]);
    const print = things.at(-1)!;
    expect(print.faces).toBe('left');
    expect(print.subject).toEqual({ x: print.x + inches(3), y: print.y, w: inches(1.5), h: inches(2) });
    expect(things.map(({ busy }) => busy > 0)).toEqual([false, true, false, true]);
  });
  test('what is tucked under a layer lies beneath it; title, writing and what lies above all come last', () => {
    const of = page({
      title: 'Moths',
      journaling: 'At ten.',
      placed: [laid('moth', 3, 3, { under: 'mat-1' }), laid('label', 6, 9)],
    });
    const ids = sheetOf(of).things.map(({ id }) => id);
    expect(ids.indexOf('moth 3')).toBeLessThan(ids.indexOf('mat-1'));
    expect(ids.slice(-3)).toEqual([TITLE, WRITING, 'label 6']);
  });
  test('a title in letters lies where they lie, and is one thing', () => {
    const letter = (glyph: string, x: number): Placed => ({
      ...laid('moth', x, 2),
      id: glyph,
      what: { drawn: 'letter', glyph, height: inches(1), colour: '#8a1c4f' },
      isTitle: true,
    });
    const title = sheetOf(page({ title: 'NO', placed: [letter('N', 2), letter('O', 3)] })).things.find(
      ({ id }) => id === TITLE,
    )!;
    expect(title).toMatchObject({ role: 'title', y: inches(1.5), h: inches(1) });
    expect(title.w).toBeGreaterThan(inches(1.5));
  });
  test('turned over, what looked right looks left', () => {
    const faces = (turn: number) => sheetOf(page({ placed: [laid('moth', 6, 6, { turn })] })).things.at(-1)!.faces;
    expect([faces(0), faces(30), faces(180)]).toEqual(['right', 'right', 'left']);
  });
});

describe('what is said of it', () => {
  test('a design as it is meant has nothing said about its edges, margins and weight', () => {
    const said = kinds(page());
    expect(said).not.toContain('near-edges');
    expect(said).not.toContain('margins');
    expect(said).not.toContain('weight');
  });
  test('words of another kit’s theme are off; those of the page’s own kit or story are not', () => {
    const off = page({ placed: [laid('label', 6, 11)] });
    expect(remarks(off).find(({ kind }) => kind === 'off-theme')).toMatchObject({ word: 'kiln', things: ['label 6'] });
    expect(kinds({ ...off, title: 'Kiln and fire' })).not.toContain('off-theme');
    // A colour or a material is no theme, whatever a kit is called.
    expect(wordsOffTheme(off, seen)).not.toContain('clay');
    expect(wordsOffTheme(page({ papers: {} }), seen)).toEqual([]);
  });
  test('a colour of the photos that comes nowhere, until something has it', () => {
    expect(remarks(page()).find(({ kind }) => kind === 'photo-colour')).toMatchObject({ colour: '#d98bb0' });
    const pink = { ...pack, items: [item('moth', { colours: ['#d98bb0'] })] };
    const lots = new Map([pink, paper].map((lot) => [lot.id, lot]));
    expect(kinds(page({ placed: [laid('moth', 6, 11)] }), { lots })).not.toContain('photo-colour');
  });
  test('three busy papers; white beside cream', () => {
    const papers = { frame: 'busy', ground: 'lamp', mat: 'leaf' };
    expect(kinds(page({ papers }))).toContain('busy-papers');
    expect(kinds(page())).not.toContain('busy-papers');
    const faces = new Map(
      [face('ink', ['#22314f'], { base: 'white' }), face('lamp', ['#f6d27a'], { base: 'cream' })].map((one) => [
        one.id,
        one,
      ]),
    );
    expect(kinds(page(), { faces })).toContain('white-cream');
  });
  test('what hangs over the edge, where she laid it', () => {
    expect(remarks(page({ placed: [laid('moth', 0.25, 6)] })).find(({ kind }) => kind === 'over-edge')?.things).toEqual(
      ['moth 0.25'],
    );
  });
  test('what lies over the middle of a photo is said before all else; over its edge it is fine', () => {
    const print = sheetOf(page()).things.find(({ role }) => role === 'photo')!;
    const at = (x: number) => {
      const of = page({
        placed: [laid('moth', 1, 11), { ...laid('label', 0, 0), x: print.x + inches(x), y: print.y + inches(2) }],
      });
      return kinds(of, { photos: new Map([[photo.id, unmarked]]) });
    };
    expect([at(3)[0], at(-0.5).includes('covered')]).toEqual(['covered', false]);
  });
  test('each remark has a key of its own', () => {
    const of = page({ placed: [laid('moth', 0.25, 6), laid('moth', 11, 6), laid('label', 6, 11)] });
    const keys = remarks(of).map(remarkKey);
    expect(new Set(keys).size).toBe(keys.length);
  });
  test('what stands too high for an album, or a notebook', () => {
    const stack = (n: number, some: Partial<Page> = {}) =>
      kinds(
        page({
          ...some,
          placed: Array.from({ length: n }, (_, i) => ({ ...laid('moth', 6, 11), id: `m${i}`, isOnFoam: true })),
        }),
      );
    expect([stack(2), stack(3)].map((said) => said.includes('thick'))).toEqual([false, true]);
    const notebook = {
      format: { w: inches(5), h: inches(8), spread: false },
      photos: [{ photo: 'f', w: inches(2), h: inches(2) }],
    };
    expect(stack(2, notebook)).toContain('thick');
  });
  test('a tag that will not slide in its pocket', () => {
    const tag = (w: number) => ({
      id: `tag ${w}`,
      name: 'long tag',
      shape: { kind: 'tag' as const, corners: 'round' as const, corner: 0, w: inches(w), h: inches(4) },
      face: null,
      count: 1,
    });
    const pocket = {
      ...tag(3),
      id: 'pocket',
      name: 'pocket',
      shape: { kind: 'pocket' as const, flap: 0, w: inches(3), h: inches(4) },
    };
    expect(kinds(page({ more: [pocket, tag(2.75)] }))).not.toContain('tight-pocket');
    expect(remarks(page({ more: [pocket, tag(3)] })).find(({ kind }) => kind === 'tight-pocket')?.why).toContain(
      '2 7/8',
    );
  });
  test('lines of a spread a hair apart at the gutter, where she moved them', () => {
    const spread = page({
      design: 'strip-bands',
      format: { w: inches(12), h: inches(12), spread: true },
      photos: [{ photo: 'f', w: inches(6), h: inches(4) }],
    });
    const right = layoutOf(spread).layers.find(({ id, role }) => role === 'strip' && id.startsWith('right-'))!;
    const move = (dy: number) => ({ moves: { [right.id]: { dx: 0, dy: inches(dy), turn: 0, lift: 0 } } });
    expect([0, 1 / 8, 1].map((dy) => kinds({ ...spread, ...move(dy) }).includes('gutter'))).toEqual([
      false,
      true,
      false,
    ]);
  });
  test('a stamp that runs off the page is told with the mask it needs', () => {
    const stamp = { drawn: 'stamp' as const, name: 'moon stamp', w: inches(2), h: inches(2), colour: '#2b1d33' };
    const of = page({ placed: [{ ...laid('moth', 11.5, 6), what: stamp }] });
    expect(remarks(of).find(({ kind }) => kind === 'over-edge')?.why).toContain('by 1/2″: mask so much');
  });
  test('what is raised, or of one colour, stands round the photo too, whatever its shape', () => {
    const shapes = ['moth', 'label', 'leaf'];
    const items = shapes.map((id) => item(id, { isRaised: true, colours: ['#eda437'] }));
    const lots = new Map([{ ...pack, items }, paper].map((lot) => [lot.id, lot]));
    const at = (xs: readonly [number, number][]) =>
      remarks(page({ placed: xs.map(([x, y], i) => laid(shapes[i]!, x, y)) }), { lots })
        .filter(({ kind }) => kind === 'triangle')
        .map(({ motif }) => motif);
    expect(
      at([
        [2, 2],
        [3, 3],
        [2, 4],
      ]),
    ).toEqual(['raised thing', 'amber one']);
    expect(
      at([
        [2, 2],
        [10, 3],
        [6, 11],
      ]),
    ).toEqual([]);
  });
  test('a strip whose ends are nearly as far from both sides, where she laid it', () => {
    const roll: Lot = { ...pack, id: 'roll', kind: 'washi', measure: 'length', items: [] };
    const lots = new Map([...seen.lots, [roll.id, roll] as const]);
    const strip = (x: number) =>
      page({ placed: [{ ...laid('moth', x, 11), what: { lot: 'roll', length: inches(10) } }] });
    expect([6, 6.125, 7].map((x) => kinds(strip(x), { lots }).includes('unequal-ends'))).toEqual([false, true, false]);
  });
  test('papers that have nothing in common', () => {
    const faces = new Map(
      [face('ink', ['#1b2a49']), face('lamp', ['#f6d27a']), face('red', ['#c11f2f'])].map((one) => [one.id, one]),
    );
    expect(kinds(page({ papers: { frame: 'ink', ground: 'lamp', mat: 'ink' } }), { faces })).toContain('strangers');
    expect(kinds(page({ papers: { frame: 'ink', ground: 'ink', mat: 'ink' } }), { faces })).not.toContain('strangers');
  });
});
