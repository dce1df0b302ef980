import { Ajv2020 } from 'ajv/dist/2020.js';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { gut, type JobError } from '../core/jobs';
import type { Result } from '../core/ground/result';
import { readJson } from './readJson';
import { VERBS } from './verbs';

const format = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../docs/formats/${name}.json`, import.meta.url), 'utf8'));
/** Every verb but `share` answers at once. */
const run = (verb: string, job: unknown): Result<unknown, JobError> =>
  VERBS.get(verb)!(job) as Result<unknown, JobError>;
const stock = (more: object = {}): object => ({ id: 's', w: 12, h: 12, ...more });
const piece = (more: object = {}): object => ({ id: 'p', w: 4, h: 3, ...more });
const cut = (more: object = {}): object => ({ stock: [stock()], pieces: [piece()], seconds: 0.05, ...more });

describe.each([...VERBS.keys()])('%s', (verb) => {
  test('its example runs, and the result matches its schema', async () => {
    const result = await VERBS.get(verb)!(format(`${verb}.example`));
    expect(result.error).toBeNull();
    const validate = new Ajv2020({ strict: true, strictTypes: false }).compile(
      format(`${verb}.result.schema`) as object,
    );
    validate(JSON.parse(JSON.stringify(result.value)));
    expect(validate.errors).toBeNull();
  });
});

describe('results as the format tells them', () => {
  test('cut: the published example reaches the published figures', () => {
    expect(run('cut', format('cut.example')).value).toMatchObject({
      notCut: [],
      stats: {
        pieces: 2,
        value: 15,
        fresh: 1,
        kept: 25702.140625,
        cuts: 9,
        pieceArea: 77.125,
        nubbinArea: 95.875,
        wasteArea: 0,
        largestNubbin: 69,
        bound: { pieces: 2, value: 15, fresh: 1 },
        optimal: true,
      },
    });
  });
  test('gut: the published example', () => {
    expect(run('gut', format('gut.example')).value).toEqual({
      layers: [
        { id: 'ground', area: 144, visible: 88, hidden: 56, window: { x: 2.5, y: 2.5, w: 7, h: 6 } },
        { id: 'block', area: 56, visible: 56, hidden: 0, window: null },
      ],
    });
  });
  test('difference: the published pairs', () => {
    expect(run('difference', format('difference.example')).value).toEqual({ differences: [2.0425, 1.921] });
  });
  test('difference: either colour of a pair may be in either form', () => {
    expect(
      run('difference', {
        pairs: [
          ['#FFF', [100, 0, 0]],
          ['#000', '#000000'],
        ],
      }).value,
    ).toEqual({ differences: [expect.closeTo(0, 1), 0] });
  });
  test('palette: without items nothing matches', () => {
    expect(run('palette', { target: ['#e86a4a'] }).value).toEqual({
      matches: [{ target: '#e86a4a', item: null, hex: null, difference: null, within: false }],
      covered: 0,
    });
  });
  test('lengths of every unit and form come to the same sheet', () => {
    for (const [w, unit] of [
      [12, 'in'],
      ['12"', 'mm'],
      [304.8, 'mm'],
      [30.48, 'cm'],
      ['304.8 MM', 'in'],
      ['11 2/2', 'in'],
    ] as const)
      expect(
        run('cut', { unit, stock: [{ id: 's', w, h: '12in' }], pieces: [{ id: 'p', w: '12in', h: '12 in' }] }).value,
      ).toMatchObject({ stats: { pieces: 1, cuts: 0 } });
  });
  test('keys that begin with x- are ignored', () => {
    expect(run('cut', cut({ 'x-note': 1, stock: [stock({ 'x-drawer': 'b' })] })).ok).toBe(true);
  });
  test('nothing wanted is no error', () => {
    expect(run('cut', { stock: [], pieces: [] }).value).toMatchObject({
      sheets: [],
      notCut: [],
      stats: { pieces: 0, optimal: true },
    });
  });
});

test.each<[string, string, unknown, string]>([
  ['an unknown key', 'cut', cut({ kerf: 1 }), '/kerf'],
  ['an unknown key within, with a slash', 'cut', cut({ pieces: [piece({ 'a/b': 1 })] }), '/pieces/0/a~1b'],
  ['a missing key', 'cut', cut({ stock: [{ id: 's', w: 3 }] }), '/stock/0'],
  ['a missing list', 'cut', { stock: [] }, ''],
  ['no object', 'cut', [], ''],
  ['a negative width', 'cut', cut({ pieces: [piece({ w: -2 })] }), '/pieces/0/w'],
  ['a signed text', 'cut', cut({ pieces: [piece({ w: '-2in' })] }), '/pieces/0/w'],
  ['an unfinished fraction', 'cut', cut({ pieces: [piece({ h: '3 1/' })] }), '/pieces/0/h'],
  ['a division by nothing', 'cut', cut({ pieces: [piece({ h: '3/0' })] }), '/pieces/0/h'],
  ['a decimal comma', 'cut', cut({ pieces: [piece({ h: '3,5' })] }), '/pieces/0/h'],
  ['a size that comes to nothing', 'cut', cut({ pieces: [piece({ h: 1e-9 })] }), '/pieces/0/h'],
  ['a size beyond exactness', 'cut', cut({ pieces: [piece({ h: 1e300 })] }), '/pieces/0/h'],
  ['a broken count', 'cut', cut({ pieces: [piece({ count: 1.5 })] }), '/pieces/0/count'],
  ['a count of none', 'cut', cut({ stock: [stock({ count: 0 })] }), '/stock/0/count'],
  [
    'copies past all counting',
    'cut',
    cut({ stock: [stock({ count: 9_999 })], pieces: [piece(), piece({ id: 'q' })] }),
    '/pieces/1/count',
  ],
  [
    'too long a list',
    'cut',
    cut({ pieces: Array.from({ length: 1001 }, (_, i) => piece({ id: `p${i}` })) }),
    '/pieces',
  ],
  ['the second of two ids', 'cut', cut({ pieces: [piece(), piece()] }), '/pieces/1/id'],
  ['an empty id', 'cut', cut({ pieces: [piece({ id: '' })] }), '/pieces/0/id'],
  [
    'a gap wholly off the sheet',
    'cut',
    cut({
      stock: [
        stock({
          missing: [
            { x: 0, y: 0, w: 1, h: 1 },
            { x: 12, y: 0, w: 1, h: 1 },
          ],
        }),
      ],
    }),
    '/stock/0/missing/1',
  ],
  ['a month that is none', 'cut', cut({ stock: [stock({ since: '2026-13' })] }), '/stock/0/since'],
  ['a negative value', 'cut', cut({ pieces: [piece({ value: -1 })] }), '/pieces/0/value'],
  ['no time at all', 'cut', cut({ seconds: 0 }), '/seconds'],
  [
    'a subject outside its photo',
    'look',
    {
      page: { w: 12, h: 12 },
      things: [{ id: 'p', role: 'photo', x: 1, y: 1, w: 4, h: 4, subject: { x: 4, y: 1, w: 2, h: 1 } }],
    },
    '/things/0/subject',
  ],
  ['an unknown unit', 'cut', cut({ unit: 'ft' }), '/unit'],
  ['a face that is no text', 'cut', cut({ stock: [stock({ front: 3 })] }), '/stock/0/front'],
  ['a shape that is none', 'gut', { page: { w: 1, h: 1 }, layers: [{ id: 'a', shape: 'star' }] }, '/layers/0/shape'],
  [
    'a circle without a size',
    'gut',
    { page: { w: 1, h: 1 }, layers: [{ id: 'a', shape: 'circle', cx: 1, cy: 1 }] },
    '/layers/0',
  ],
  [
    'a circle with corners',
    'gut',
    { page: { w: 1, h: 1 }, layers: [{ id: 'a', shape: 'circle', cx: 1, cy: 1, d: 1, w: 2 }] },
    '/layers/0/w',
  ],
  [
    'two layers of one id',
    'gut',
    {
      page: { w: 1, h: 1 },
      layers: [
        { id: 'a', shape: 'circle', cx: 1, cy: 1, d: 1 },
        { id: 'a', shape: 'circle', cx: 1, cy: 1, d: 1 },
      ],
    },
    '/layers/1/id',
  ],
  ['a negative hold', 'gut', { page: { w: 1, h: 1 }, hold: -1, layers: [] }, '/hold'],
  ['a colour by name', 'difference', { pairs: [['red', '#fff']] }, '/pairs/0/0'],
  ['a pair of three', 'difference', { pairs: [['#fff', '#fff', '#fff']] }, '/pairs/0'],
  ['half a colour', 'difference', { pairs: [[[50, 1], '#fff']] }, '/pairs/0/0'],
  [
    'a share past all',
    'palette',
    { target: [], items: [{ id: 'a', colors: [{ hex: '#fff', share: 2 }] }] },
    '/items/0/colors/0/share',
  ],
])('%s is refused at its place', (_, verb, job, at) => {
  expect(run(verb, job)).toMatchObject({ ok: false, error: { at } });
});

describe('share', () => {
  const slot = (more: object = {}): object => ({ id: 'mats', w: 4, h: 3, ...more });
  const share = (more: object = {}, slots: object[] = [slot()]): object => ({
    stock: [stock()],
    pages: [{ id: 'a', slots, ...more }],
  });

  test('the published example reaches the published figures', async () => {
    expect((await VERBS.get('share')!(format('share.example'))).value).toMatchObject({
      stats: {
        worth: 1,
        complete: 1,
        fresh: 1,
        cuts: 5,
        pieceArea: 77.125,
        nubbinArea: 66.875,
        wasteArea: 0,
        largestNubbin: 57.5,
        bound: { worth: 1, fresh: 1 },
        optimal: true,
      },
    });
  });
  test('a page that cannot be made says why, naming the slot', async () => {
    expect((await VERBS.get('share')!(share({}, [slot({ of: ['moths'] })]))).value).toMatchObject({
      pages: [{ id: 'a', complete: false, why: 'No paper here has a design for the slot "mats".' }],
      sheets: [],
      stats: { worth: 0, optimal: true },
    });
  });
  test.each<[string, unknown, string]>([
    ['an unknown key', share({ worthy: 1 }), '/pages/0/worthy'],
    ['no slots', { stock: [], pages: [{ id: 'a' }] }, '/pages/0'],
    ['a negative worth', share({ worth: -1 }), '/pages/0/worth'],
    ['half a design', share({ designs: { atLeast: 0.5 } }), '/pages/0/designs/atLeast'],
    [
      'the second of two pages',
      {
        stock: [],
        pages: [
          { id: 'a', slots: [] },
          { id: 'a', slots: [] },
        ],
      },
      '/pages/1/id',
    ],
    ['the second of two slots', share({}, [slot(), slot()]), '/pages/0/slots/1/id'],
    ['a slot told by itself', share({}, [slot({ like: ['mats'] })]), '/pages/0/slots/0/like/0'],
    ['a slot that is not there', share({}, [slot({ unlike: ['strips'] })]), '/pages/0/slots/0/unlike/0'],
    ['a size of nothing', share({}, [slot({ w: 0 })]), '/pages/0/slots/0/w'],
    ['copies past all counting', share({}, [slot({ count: 10_000 })]), '/pages/0/slots/0/count'],
    ['pieces beside pages', { ...(share() as object), pieces: [] }, '/pieces'],
  ])('%s is refused at its place', async (_, json, at) => {
    expect(await VERBS.get('share')!(json)).toMatchObject({ ok: false, error: { at } });
  });
});

test('positions may be negative: layers and gaps reach over the edge', () => {
  expect(run('cut', cut({ stock: [stock({ missing: [{ x: -1, y: -1, w: 2, h: 2 }] })] })).ok).toBe(true);
  expect(
    run('gut', { page: { w: 4, h: 4 }, layers: [{ id: 'a', shape: 'rect', x: -1, y: -1, w: 2, h: 2 }] }).value,
  ).toMatchObject({ layers: [{ area: 1 }] });
});

test('bytes that are no UTF-8 and text that is no JSON are refused', () => {
  expect(readJson(Buffer.from([0xff, 0xfe]))).toMatchObject({ error: { code: 'not-utf-8', at: '' } });
  expect(readJson(Buffer.from('{'))).toMatchObject({ error: { code: 'not-json', at: '' } });
});

describe('the command itself', () => {
  const command = (args: string[], input = '') =>
    spawnSync(process.execPath, ['scripts/nubbin.mjs', ...args], {
      cwd: new URL('..', import.meta.url),
      input,
      encoding: 'utf8',
    });

  test('a job on standard input gives one line of JSON', () => {
    const { status, stdout, stderr } = command(['difference', '-'], '{"pairs":[]}');
    expect([status, stdout, stderr]).toEqual([0, '{"differences":[]}\n', '']);
  });
  test.each([
    [['nope'], 'no-such-verb'],
    [['cut', '/no/such/file'], 'no-such-file'],
  ])('%j ends with 2 and one line of JSON', (args, code) => {
    const { status, stdout, stderr } = command(args);
    expect([status, stdout]).toEqual([2, '']);
    expect(JSON.parse(stderr)).toMatchObject({ error: { code, at: '' } });
  });
  test('without a verb there is help', () => {
    expect(command([]).stdout).toContain('nubbin VERB [FILE]');
  });
});

describe('join', () => {
  const strips = (more: object): object => ({
    need: { length: 11, width: 2 },
    repeat: 1.5,
    strips: [{ id: 'a', length: 6, width: 2, count: 3, ...more }],
  });

  test('the published example', () => {
    expect(run('join', format('join.example')).value).toEqual({
      ok: true,
      parts: [
        { strip: 'a', copy: 1, from: 0, to: 6 },
        { strip: 'a', copy: 2, from: 0, to: 5 },
      ],
      joins: 1,
      length: 11,
      longest: 18,
    });
  });
  test.each([
    [{ phase: 1.5 }, '/strips/0/phase'],
    [{ phase: -1 }, '/strips/0/phase'],
    [{ count: 20_000 }, '/strips/0/count'],
    [{ width: 0 }, '/strips/0/width'],
  ])('%j is refused', (more, at) => {
    expect(run('join', strips(more))).toMatchObject({ ok: false, error: { at } });
  });
  test('without a repeat a phase says nothing', () => {
    expect(
      run('join', { need: { length: 1, width: 1 }, strips: [{ id: 'a', length: 1, width: 1, phase: 1 }] }).value,
    ).toMatchObject({ ok: true, joins: 0 });
  });
});

test.each([...VERBS.keys()])('%s knows a unit and seconds, as every job does', async (verb) => {
  const job = { ...(format(`${verb}.example`) as object), seconds: 5 };
  expect((await VERBS.get(verb)!(job)).error).toBeNull();
});

test('once time is up, round layers are told roughly and without a window', () => {
  const layers = Array.from({ length: 300 }, (_, i) => ({
    id: `l${i}`,
    shape: 'circle',
    cx: (i % 20) / 2,
    cy: i / 30,
    d: 3,
  }));
  const job = { page: { w: 12, h: 12 }, layers } as Parameters<typeof gut>[0];
  let asked = 0;
  const hasty = gut(job, () => ++asked > 0).value as { layers: { area: number; hidden: number; window: null }[] };
  expect(asked).toBeGreaterThan(100);
  expect(hasty.layers.every(({ window }) => window === null)).toBe(true);
  const whole = gut(job).value as typeof hasty;
  hasty.layers.forEach(({ area }, i) =>
    expect(Math.abs(area - whole.layers[i]!.area)).toBeLessThan(0.01 * area + 0.01),
  );
});
