import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ANY_TRIMMER, planCuts, type CutStock } from '../../trimmer/cutting';
import { contains, overlaps, type Rect } from '../../ground/geometry';
import { inches, mm } from '../../ground/length';
import { drawShape } from '../../ground/shapes';
import type { Face, PageFormat } from '../../stock/things';
import { choosePapers, rankFaces } from '../papers';
import {
  coverOf,
  DESIGNS,
  designOf,
  layOut,
  withMargin,
  type DesignInput,
  type Layout,
  type PageLayer,
} from '../design';
import { cutJobFor, cutListOf } from '.';

const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const photo = (w: number, h: number) => ({ photo: null, ...size(w, h) });
const FORMATS: PageFormat[] = [
  { ...size(12, 12), spread: false },
  { ...size(12, 12), spread: true },
  { ...size(8.5, 11), spread: false },
  { ...size(6, 8), spread: false },
  { w: mm(110), h: mm(210), spread: false },
  { ...size(4.5, 7.875), spread: true },
];
const input = (format: PageFormat, photos: DesignInput['photos'], mat = inches(1 / 8)): DesignInput => ({
  format,
  photos,
  mat,
});
const layoutOf = (id: string, format: PageFormat, photos: DesignInput['photos']): Layout => {
  const layout = layOut(designOf(id)!, input(format, photos));
  if (!layout.ok) throw new Error(JSON.stringify(layout.error));
  return layout.value;
};
/** A layer turned a quarter lies with its sides exchanged about its middle. */
const asItLies = (layer: PageLayer): PageLayer =>
  layer.turn % 180 === 90
    ? { ...layer, x: layer.x + (layer.w - layer.h) / 2, y: layer.y + (layer.h - layer.w) / 2, w: layer.h, h: layer.w }
    : layer;
const twelve = FORMATS[0]!;
const spread = FORMATS[1]!;

test('a 3x4 photo has a 3 1/4 x 4 1/4 mat (common practice, no source)', () => {
  expect(withMargin(size(3, 4), inches(1 / 8))).toEqual(size(3.25, 4.25));
});

const anyPhoto = fc.constantFrom(
  photo(4, 6),
  photo(6, 4),
  photo(3, 4),
  photo(4, 4),
  photo(2, 2),
  photo(3.25, 4.75),
  photo(5, 7),
);

const anyMats = fc.constantFrom(undefined, [], [inches(1 / 16)], [inches(1 / 8), inches(1 / 4)]);
const anyMatted = fc
  .tuple(anyPhoto, anyMats)
  .map(([one, mats]): DesignInput['photos'][number] => ({ ...one, ...(mats ? { mats } : {}) }));

/** The rectangle about two photos on one place. */
const around = (a: Rect, b: Rect): Rect => {
  const [x, y] = [Math.min(a.x, b.x), Math.min(a.y, b.y)];
  return { x, y, w: Math.max(a.x + a.w, b.x + b.w) - x, h: Math.max(a.y + a.h, b.y + b.h) - y };
};

describe.each(DESIGNS.map((design) => [design.id, design] as const))(
  '%s, over page sizes, photo counts and orientations',
  (_, design) => {
    const anyOptions = fc.record(
      Object.fromEntries(
        design.options.map(({ id, choices }) => [id, fc.constantFrom(...choices.map(([choice]) => choice))]),
      ),
    );
    const anyInput = fc.record({
      format: fc.constantFrom(...FORMATS),
      photos: fc.array(anyMatted, { maxLength: 9 }),
      mat: fc.constantFrom(0, inches(1 / 8), inches(1 / 4)),
      options: anyOptions,
    });

    test('every layer is on its page, every photo is there once, on a mat, uncovered', () =>
      fc.assert(
        fc.property(anyInput, (any) => {
          const laid = layOut(design, any);
          if (!laid.ok) return;
          const { layers, size: whole } = laid.value;
          const pages = any.format.spread ? [0, any.format.w] : [0];
          for (const layer of layers)
            expect(pages.some((x) => contains({ x, y: 0, w: any.format.w, h: any.format.h }, asItLies(layer)))).toBe(
              true,
            );
          const photos = layers.filter(({ role }) => role === 'photo');
          expect(photos.map((layer) => layer.photo)).toEqual(any.photos.map((_, i) => i));
          const matsUnder = (p: PageLayer) => layers.filter(({ matOf }) => matOf === p.photo);
          // Of more photos than a design has places, two that follow each other touch, and lie on the first one's mats.
          const secondOn = (p: PageLayer): PageLayer | undefined => {
            const next = photos[p.photo! + 1];
            if (!next || any.photos.length <= design.mostPhotos || matsUnder(next).length > 0) return undefined;
            return next.x === p.x + p.w || next.y === p.y + p.h ? next : undefined;
          };
          const seconds = new Set<PageLayer>();
          for (const p of photos) {
            const { w, h, mats = any.mat === 0 ? [] : [any.mat] } = any.photos[p.photo!]!;
            expect([p.w, p.h]).toEqual([w, h]);
            expect(layers.slice(layers.indexOf(p) + 1).some((above) => overlaps(asItLies(above), p))).toBe(false);
            if (seconds.has(p)) continue;
            const under = matsUnder(p);
            const second = secondOn(p);
            if (second) seconds.add(second);
            const place = around(p, second ?? p);
            const all = mats.reduce((sum, margin) => sum + margin, 0);
            const fills = place.w + 2 * all > any.format.w || place.h + 2 * all > any.format.h;
            if (fills) continue;
            // From the bottom up, each as much larger than what lies on it as its margin says.
            const steps = mats.map((_, i) => mats.slice(0, i + 1).reduce((sum, margin) => sum + margin, 0));
            expect(under.map(({ x, y, w: mw, h: mh }) => ({ x, y, w: mw, h: mh }))).toEqual(
              steps
                .toReversed()
                .map((margin) => ({ x: place.x - margin, y: place.y - margin, ...withMargin(place, margin) })),
            );
            expect(layers.slice(layers.indexOf(p) - under.length, layers.indexOf(p))).toEqual(under);
          }
          expect(whole).toEqual({ w: any.format.w * pages.length, h: any.format.h });
          expect(new Set(layers.map(({ id }) => id)).size).toBe(layers.length);
          expect(layers.every(({ shape }) => !shape || (shape.kind !== 'part' && drawShape(shape).ok))).toBe(true);
          expect(laid.value.accents.every(({ x, y }) => x > 0 && y > 0 && x < whole.w && y < whole.h)).toBe(true);
          expect(
            layers.every(
              ({ slot, role }) =>
                (slot === null) === (role === 'photo') &&
                (slot === null || laid.value.slots.some((s) => s.id === slot)),
            ),
          ).toBe(true);
        }),
        { numRuns: 300 },
      ));

    test('without a photo the page is there, with its ground and its places for words', () => {
      for (const format of FORMATS) {
        const laid = layOut(design, input(format, []));
        expect(laid.value?.layers.some(({ role }) => role === 'ground')).toBe(true);
        expect(laid.value?.layers.some(({ role }) => role === 'photo' || role === 'mat')).toBe(false);
      }
    });

    test('a 4x6 photo fits a 12x12 page, and one larger than the page is refused with its number', () => {
      expect(layOut(design, input(twelve, [photo(4, 6)])).ok).toBe(true);
      expect(layOut(design, input(spread, [photo(4, 6), photo(13, 13)]))).toMatchObject({
        ok: false,
        error: { kind: 'photo-too-large', photo: 1 },
      });
      expect(
        layOut(
          design,
          input(
            twelve,
            Array.from({ length: 9 }, () => photo(4, 6)),
          ),
        ),
      ).toMatchObject({ ok: false, error: { kind: 'photos-too-many' } });
    });
  },
);

test('strip bands over a 12x12 spread take four 3x12 strips, two of each paper: one sheet gives four (common practice, no source)', () => {
  const list = cutListOf(layoutOf('strip-bands', spread, [photo(4, 6), photo(4, 6)]), {
    id: 'p',
    papers: { upper: 'moths', lower: 'moths', ground: 'slate', mat: 'slate' },
  });
  expect(list.filter(({ slot }) => slot === 'upper' || slot === 'lower')).toMatchObject([
    { ...size(12, 3), count: 2 },
    { ...size(12, 3), count: 2 },
  ]);
  const sheet: CutStock = {
    id: 'm',
    ...size(12, 12),
    count: 1,
    front: 'moths',
    back: null,
    upright: false,
    fresh: true,
    since: null,
    missing: [],
  };
  const plan = planCuts(
    cutJobFor(
      list.filter(({ face }) => face === 'moths'),
      [sheet],
      ANY_TRIMMER,
    ),
  );
  expect(plan.stats).toMatchObject({ pieces: 4, wasteArea: 0, nubbinArea: 0 });
});

test('the hollow frame of a framed ground gives back 10 x 10 with 1/2 in to hold', () => {
  const layout = layoutOf('framed-ground', twelve, [photo(4, 6)]);
  const frame = coverOf(layout).find(({ id }) => id === 'frame-1')!;
  expect(frame.window).toMatchObject(size(10, 10));
  expect(frame.hidden).toBe(inches(11) ** 2);
});

test('a box stack can take back paper under its photo', () => {
  const covers = coverOf(layoutOf('box-stack', twelve, [photo(6, 4)]));
  expect(covers.find(({ id }) => id === 'mat-1')!.window).toMatchObject(size(5, 3));
  expect(covers.every(({ area, visible, hidden }) => Math.abs(area - visible - hidden) < area * 0.01)).toBe(true);
});

describe('which papers come first', () => {
  const face = (id: string, hex: string, pattern: Face['pattern'] = 'plain'): Face => ({
    id,
    name: id,
    pattern,
    colours: [{ hex, share: 1 }],
  });
  const stock = (id: string, front: string, w: number, h: number): CutStock => ({
    id,
    ...size(w, h),
    count: 1,
    front,
    back: null,
    upright: false,
    fresh: false,
    since: null,
    missing: [],
  });
  const night = [{ hex: '#1b2a49', share: 1 }];
  const faces = [face('pink', '#e6a7be'), face('ink', '#22314f'), face('navy', '#1f2f55')];

  test("those in the photos' colours, of those that can give the piece", () => {
    const ranked = rankFaces(faces, night, { suits: 'any' }, size(4, 4), [
      stock('a', 'pink', 6, 6),
      stock('b', 'ink', 6, 6),
      stock('c', 'navy', 2, 2),
    ]);
    expect(ranked.map((r) => [r.face.id, r.holds])).toEqual([
      ['ink', 1],
      ['pink', 1],
      ['navy', 0],
    ]);
  });
  test('without photos the suitable ones', () => {
    const [first] = rankFaces(
      [face('busy', '#22314f', 'plaid'), face('calm', '#22314f')].map((f) => ({
        ...f,
        colours: [...f.colours, { hex: '#f6d27a', share: 0.3 }],
      })),
      [],
      { suits: 'quiet' },
      size(1, 1),
      [],
    );
    expect(first!.face.id).toBe('calm');
    expect(first!.difference).toBe(Infinity);
  });
});

describe('papers chosen for a page', () => {
  const face = (id: string, hex: string): Face => ({ id, name: id, pattern: 'plain', colours: [{ hex, share: 1 }] });
  const sheet = (id: string, front: string, back: string): CutStock => ({
    id,
    ...size(12, 12),
    count: 1,
    front,
    back,
    upright: false,
    fresh: false,
    since: null,
    missing: [],
  });
  const layout = layoutOf('framed-ground', twelve, [photo(6, 4)]);
  const night = [{ hex: '#22314f', share: 1 }];

  test('two faces of one sheet are not both asked for whole', () => {
    const faces = [face('ink', '#22314f'), face('slate', '#56606b'), face('pink', '#e6a7be')];
    const papers = choosePapers(layout, {
      trimmer: ANY_TRIMMER,
      faces,
      stock: [sheet('a', 'ink', 'slate'), sheet('b', 'pink', 'pink')],
      colours: night,
    });
    expect(papers['frame'] === 'pink' || papers['ground'] === 'pink').toBe(true);
    expect(
      planCuts(
        cutJobFor(
          cutListOf(layout, { id: 'p', papers }),
          [sheet('a', 'ink', 'slate'), sheet('b', 'pink', 'pink')],
          ANY_TRIMMER,
        ),
      ).notCut.length,
    ).toBe(papers['mat'] === undefined ? 1 : 0);
  });
  test('squares of a grid go by hue, greys behind the rainbow', () => {
    const hues = {
      blue: '#2a4fa0',
      grey: '#8a8a8a',
      red: '#c03028',
      green: '#3f8f3a',
      amber: '#e0a020',
      violet: '#7a3fa0',
    };
    const squares = layoutOf('grid', twelve, []);
    const faces = Object.entries({ ...hues, ground: '#f4efe4' }).map(([id, hex]) => face(id, hex));
    const papers = choosePapers(squares, {
      trimmer: ANY_TRIMMER,
      faces,
      stock: faces.map(({ id }) => sheet(id, id, id)),
      colours: [],
      settled: { ground: 'ground' },
    });
    const order = [1, 2, 3, 4, 5, 6].map((n) => papers[`square-${n}`]);
    const rainbow = ['red', 'amber', 'green', 'blue', 'violet', 'grey', 'ground'];
    expect(order.map((id) => rainbow.indexOf(id ?? ''))).toEqual([0, 1, 2, 3, 4, 5]);
  });
  test('a slot that nothing can serve is left out, and one that is settled stays', () => {
    const papers = choosePapers(layout, {
      trimmer: ANY_TRIMMER,
      faces: [face('ink', '#22314f')],
      stock: [sheet('a', 'ink', 'ink')],
      colours: night,
      settled: { mat: 'ink' },
    });
    expect(papers['mat']).toBe('ink');
    expect(Object.keys(papers).length).toBe(1);
  });
});
