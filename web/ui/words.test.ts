import { describe, expect, test } from 'vitest';
import { inches, mm, parseLength, parseRoll } from '../../core/ground/length';
import { designOf, layOut } from '../../core/page/design';
import type { Shape } from '../../core/ground/shapes';
import { amountWords, rollWords } from './amountWords';
import { dayWords, kitWords, monthWords } from './dayWords';
import { lotWords, takenWords } from './lotWords';
import { measureWords } from './measureWords';
import { SHAPE_KINDS, shapeErrorWords, shapeName, shapingWords } from './shapeWords';
import { designWords, FORMATS, formatWords, NOTEBOOK, stateWords } from './pageWords';

describe('amounts', () => {
  test('counts, letters and rolls are told each in its way', () => {
    expect(amountWords({ kind: 'dots', measure: 'count' }, { '': 24 }, 'in')).toBe('24');
    expect(amountWords({ kind: 'dots', measure: 'count' }, {}, 'in')).toBe('0');
    expect(amountWords({ kind: 'alpha', measure: 'letters' }, { A: 3, N: 1 }, 'in')).toBe('A3 N');
    expect(amountWords({ kind: 'alpha', measure: 'letters' }, {}, 'in')).toBe('none');
    expect(amountWords({ kind: 'twine', measure: 'length' }, { '': inches(360) }, 'in')).toBe('10 yd');
  });
  test('less than a yard is told in inches, and metres where she reads centimetres', () => {
    expect(rollWords(inches(20.5), 'in')).toBe('20 1/2″');
    expect(rollWords(inches(54), 'in')).toBe('1.5 yd');
    expect(rollWords(mm(2500), 'cm')).toBe('2.5 m');
    // What is shown can be typed again, to the hundredth.
    for (const system of ['in', 'cm'] as const) {
      const again = parseRoll(rollWords(inches(90), system), system).value ?? 0;
      expect(Math.abs(again - inches(90))).toBeLessThan(inches(0.2));
    }
  });
});

describe('lots and months', () => {
  test('what a lot is', () => {
    expect(lotWords({ kind: 'paper', size: { w: inches(12), h: inches(12) }, upright: true, note: '' }, 'in')).toBe(
      '12 × 12 · patterned paper · one way up',
    );
    expect(lotWords({ kind: 'ephemera', size: null, upright: false, note: 'moths and jars' }, 'in')).toBe(
      'ephemera · moths and jars',
    );
    expect(lotWords({ kind: 'card', size: { w: inches(3), h: inches(4) }, upright: false, note: '' }, 'cm')).toBe(
      '7.62 × 10.16 cm · cards',
    );
  });
  test('what a paper was before a plan takes it', () => {
    const piece = (w: number, h: number, from: string | null) => takenWords({ w: inches(w), h: inches(h), from }, {});
    expect([piece(12, 12, null), piece(3, 4, null), piece(12, 1, null), piece(6, 6, 'sheet')]).toEqual([
      'a whole sheet',
      'as it came',
      'as it came',
      'a leftover',
    ]);
  });
  test('a month by its name, anything else as it stands', () => {
    expect(monthWords('2026-11')).toBe('November 2026');
    expect(monthWords('2026')).toBe('about 2026');
    expect(kitWords({ name: 'Older paper', month: '' })).toBe('Older paper');
    expect(kitWords({ name: 'Moth Lantern', month: '2026-11' })).toBe('Moth Lantern, November 2026');
    expect(monthWords('2026-13')).toBe('2026-13');
  });
  test('a day short, a month by its name, a year or about a year as it stands', () => {
    expect(['2026-09-12', '2026-08', '2026', 'about 1998', '2026-02-30', ''].map(dayWords)).toEqual([
      '12 Sep 2026',
      'August 2026',
      '2026',
      'about 1998',
      '2026-02-30',
      '',
    ]);
  });
});

describe('measures that cannot be read', () => {
  test.each([
    ['3 1/', /not finished/],
    ['-2in', /leave the minus out/],
    ['three', /not a measure/],
    ['', /missing/],
    ['1/0', /divided by 0/],
    ['9999999999999999', /longer than any paper/],
  ])('%s', (text, expected) => {
    const length = parseLength(text);
    expect(length.ok ? '' : measureWords(length.error)).toMatch(expected);
  });
});

describe('pages', () => {
  const words = (
    design: string,
    format = FORMATS[0]![2],
    photos = [{ photo: null, w: inches(4), h: inches(6) }],
    mat = inches(1 / 8),
  ): string => {
    const layout = layOut(designOf(design)!, { format, photos, mat });
    return layout.ok ? 'fine' : designWords(layout.error, 'in');
  };
  const photo = (w: number, h: number) => ({ photo: null, w: inches(w), h: inches(h) });

  test('every format of the list is told, spreads as such', () => {
    expect(FORMATS.map(([, , format]) => formatWords(format, 'in'))).toEqual([
      '12 × 12',
      '12 × 12 spread',
      '8 1/2 × 11',
      '6 × 8',
    ]);
    expect(formatWords(NOTEBOOK, 'in')).toBe('4 1/2 × 7 7/8');
    expect(stateWords('idea')).toBe('an idea');
  });
  test('why photos cannot be laid out, and what would help', () => {
    expect(words('framed-ground')).toBe('fine');
    expect(words('framed-ground', FORMATS[0]![2], [])).toBe('fine');
    expect(words('framed-ground', NOTEBOOK)).toMatch(
      /^Photo 1, with its mat 4 1\/4 × 6 1\/4, is larger than the 3 1\/2 × .* there is for it\. Choose a larger page/,
    );
    expect(words('box-stack', FORMATS[0]![2], [photo(4, 6), photo(4, 6), photo(4, 6)])).toMatch(
      /takes one photo at the most/,
    );
    expect(
      words(
        'framed-ground',
        FORMATS[0]![2],
        Array.from({ length: 13 }, () => photo(2, 2)),
      ),
    ).toMatch(/takes 6 photos at the most/);
    expect(
      words(
        'framed-ground',
        FORMATS[0]![2],
        Array.from({ length: 6 }, () => photo(6, 4)),
      ),
    ).toMatch(/The photos need .* together and there is/);
    expect(words('framed-ground', { w: inches(1), h: inches(1), spread: false })).toMatch(/too small for this design/);
  });
});

describe('shapes', () => {
  const w = inches(2);
  const h = inches(4);
  test.each<[Shape, RegExp]>([
    [
      { kind: 'banner', end: 'dovetail', w, h, depth: inches(0.75) },
      /middle of the foot 3\/4″ up, and cut to it from both lower corners/,
    ],
    [{ kind: 'banner', end: 'point', w, h, depth: inches(0.75) }, /both sides 3\/4″ up from the foot/],
    [{ kind: 'tag', corners: 'clipped', w, h, corner: inches(0.5) }, /Clip 1\/2″ off both upper corners/],
    [{ kind: 'tag', corners: 'round', w, h, corner: inches(0.25) }, /Round all four corners, 1\/4″ in/],
    [{ kind: 'circle', d: w }, /round something of 2″, or punch it/],
    [{ kind: 'half-circle', d: w }, /circle of 2″ from the middle of the foot/],
    [{ kind: 'pennant', w, h }, /both upper corners to the middle/],
    [
      { kind: 'scallop-strip', w: inches(12.25), h, scallop: inches(0.5) },
      /24 scallops of 1\/2″ along the foot, from 1\/8″ in/,
    ],
    [{ kind: 'pocket', w, h, flap: inches(0.5) }, /fold 1\/2″ in from both sides.*Glue on the flaps only/],
    [{ kind: 'frame', w, h, border: inches(0.5) }, /1\/2″ in from every edge/],
  ])('%o is made so', (shape, expected) => {
    expect(shapingWords(shape, 'in')).toMatch(expected);
  });
  test('a rectangle is done once it is cut; what is too much is told with how much would do', () => {
    expect(shapingWords({ kind: 'rectangle', w, h }, 'in')).toBeNull();
    expect(shapeErrorWords({ kind: 'too-much', measure: 'border', most: inches(1) }, 'cm')).toBe(
      'The border is too much for the rest: 2.54 cm at the most.',
    );
    expect(SHAPE_KINDS.map(shapeName)).toContain('Scalloped strip');
  });
});
