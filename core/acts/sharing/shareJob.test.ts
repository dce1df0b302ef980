import { USUAL_TRIMMER, ANY_TRIMMER } from '../../trimmer/cutting';
import { describe, expect, test } from 'vitest';
import { fold, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { leftAfter, pageCosts, shareOut, type SharePlan } from '../../kit/shareout';
import type { Lot, Page } from '../../stock/things';
import { inSchool, jobOf, layForSharing, onPlain, smallGifts } from '..';
import { EMPTY_BENCH, type Bench } from '../../stock/bench';

const DAY = '2026-11-25';
const lot = (id: string, kit: string, some: Partial<Lot> = {}): Lot => ({
  id,
  kit,
  kind: 'paper',
  name: id,
  measure: 'sheets',
  size: null,
  front: id,
  back: null,
  upright: false,
  note: '',
  line: 1,
  ...some,
});
const lots = [
  lot('moths', 'moth'),
  lot('rope', 'bell'),
  lot('jars', 'moth', { kind: 'ephemera', measure: 'count', front: null, note: 'moths and jars' }),
  lot('clips', 'bell', { kind: 'embellishment', measure: 'count', front: null }),
];
const events: LedgerEvent[] = [
  ...['moths', 'rope'].map((id): LedgerEvent => ({
    id: `r-${id}`,
    day: DAY,
    type: 'received',
    lot: id,
    pieces: [1, 2].map((n) => ({ id: `${id}-${n}`, w: inches(12), h: inches(12) })),
  })),
  ...['jars', 'clips'].map((id): LedgerEvent => ({
    id: `r-${id}`,
    day: DAY,
    type: 'received',
    lot: id,
    amounts: { '': 10 },
  })),
];
const bench: Bench = {
  ...EMPTY_BENCH,
  lots: new Map(lots.map((one) => [one.id, one])),
  ledger: fold(events).value!,
  faces: new Map(
    ['moths', 'rope'].map((id) => [id, { id, name: id, pattern: 'dots', colours: [{ hex: '#22314f', share: 1 }] }]),
  ),
  kits: new Map(
    [
      ['moth', ['moth', 'night']],
      ['bell', ['bells', 'rope']],
    ].map(([id, theme]) => [
      id as string,
      { id: id as string, club: '', name: id as string, month: '2026-11', theme: theme as string[], list: '' },
    ]),
  ),
};
const page = (id: string, some: Partial<Page> = {}): Page => ({
  id,
  format: { w: inches(12), h: inches(12), spread: false },
  design: 'strip-bands',
  mat: 0,
  photos: [{ photo: null, w: inches(4), h: inches(6) }],
  papers: {},
  title: id,
  date: '',
  place: '',
  journaling: '',
  started: DAY,
  glued: null,
  finished: null,
  ...some,
});
const WISHES = { mode: 'save' as const, must: [], pins: {}, forbidden: {} };

describe('the job of a share-out', () => {
  const laid = layForSharing(
    [page('a'), page('b', { photos: [{ photo: null, w: inches(13), h: inches(13) }] })],
    bench,
  );
  test('leaves out pages whose photos do not fit', () => {
    expect(laid.map(({ page: { id } }) => id)).toEqual(['a']);
  });
  test('takes only ticked kits, and never what she refused', () => {
    const stock = (kits: string[], never: string[] = []) =>
      jobOf(laid, bench, { kits: new Set(kits), never }, WISHES, ANY_TRIMMER).stock.map(({ id }) => id);
    expect(stock(['moth', 'bell'])).toEqual(['moths-1', 'moths-2', 'rope-1', 'rope-2']);
    expect(stock(['moth'])).toEqual(['moths-1', 'moths-2']);
    expect(stock(['moth', 'bell'], ['moths'])).toEqual(['rope-1', 'rope-2']);
  });
  test('pins a slot, keeps a refused paper off the page, names what must be used', () => {
    const job = jobOf(
      laid,
      bench,
      { kits: new Set(['moth', 'bell']), never: [] },
      { ...WISHES, must: ['rope'], pins: { a: { upper: 'moths' } }, forbidden: { a: ['rope'] } },
      ANY_TRIMMER,
    );
    const of = (slot: string) => job.pages[0]!.slots.find(({ id }) => id.includes(`/${slot}:`))!.of;
    expect(of('upper')).toEqual(['moths']);
    expect(of('ground')).toEqual(['moths']);
    expect(job.taste).toMatchObject({ mode: 'save', must: ['rope'], good: ['moths', 'rope'] });
  });
  test('her school decides how wide strips over a spread are, unless the page says', () => {
    const over = page('s', { format: { w: inches(12), h: inches(12), spread: true } });
    expect(inSchool(over, 'two').options).toEqual({ strips: '3' });
    expect(inSchool({ ...over, options: { strips: '6' } }, 'two').options).toEqual({ strips: '6' });
    expect(inSchool(page('a'), 'two').options).toBeUndefined();
  });
});

test('strips of a scarce paper on plain cardstock: both pages are made of one sheet, with whole sheets only one', () => {
  const sheets = (id: string, count: number): LedgerEvent => ({
    id: `r-${id}`,
    day: DAY,
    type: 'received',
    lot: id,
    pieces: Array.from({ length: count }, (_, i) => ({ id: `${id}-${i}`, w: inches(12), h: inches(12) })),
  });
  const own = [
    lot('moths', 'moth'),
    lot('slate', 'moth', { kind: 'cardstock' }),
    lot('cream', 'moth', { kind: 'cardstock' }),
  ];
  const plain = (id: string, hex: string) =>
    [id, { id, name: id, pattern: 'plain' as const, colours: [{ hex, share: 1 }] }] as const;
  const there: Bench = {
    ...bench,
    lots: new Map(own.map((one) => [one.id, one])),
    ledger: fold([sheets('moths', 1), sheets('slate', 2), sheets('cream', 2)]).value!,
    faces: new Map([...bench.faces, plain('slate', '#5a6470'), plain('cream', '#f6f0e0')]),
  };
  const papers = { frame: 'moths', ground: 'cream' };
  const framed = (id: string) => page(id, { design: 'framed-ground', papers });
  const laid = layForSharing([framed('a'), framed('b')], there);
  const sources = { kits: new Set(['moth']), never: [] };
  const made = (pages: typeof laid): number => {
    let most = 0;
    for (const { plan } of shareOut(jobOf(pages, there, sources, WISHES, ANY_TRIMMER), null, 60_000))
      most = plan.stats.complete;
    return most;
  };
  const strips = onPlain(laid, there, sources, {
    hold: inches(0.5),
    trimmer: USUAL_TRIMMER,
    called: (slot) => `edge of ${slot}`,
  });
  expect(strips.map(({ page: { more = [] } }) => more.map(({ face, count }) => [face, count]))).toEqual([
    [['moths', 4]],
    [['moths', 4]],
  ]);
  expect([made(laid), made(strips)]).toEqual([1, 2]);
});

test('small things go where they fit: none that shows moths on a page of bells', () => {
  const pages = layForSharing([page('The bells'), page('A moth night')], bench);
  const { gifts, offTheme } = smallGifts(pages, bench, new Set(['moth', 'bell']));
  expect(offTheme).toEqual([{ page: 'The bells', lot: 'jars', part: '', word: 'moths' }]);
  expect(gifts).toContainEqual({ page: 'A moth night', lot: 'jars', part: '', count: 3 });
  expect(gifts.filter(({ lot }) => lot === 'clips').map(({ count }) => count)).toEqual([3, 3]);
  expect(smallGifts(pages, bench, new Set(['bell'])).gifts.map(({ lot }) => lot)).toEqual(['clips', 'clips']);
});

describe('what pages cost', () => {
  const half = { x: 0, y: 0, w: inches(6), h: inches(12) };
  const piece = (of: string, part: string, x: number) => ({
    ...half,
    x,
    page: of,
    slot: 'ground',
    copy: 1,
    part,
    turned: false,
    face: 'front' as const,
  });
  const sheet = (
    stock: string,
    pieces: ReturnType<typeof piece>[],
    nubbins: { part: string; x: number; y: number; w: number; h: number }[] = [],
  ) => ({ stock, copy: 1, cuts: [], pieces, nubbins, waste: [] });
  const plan = {
    pages: [
      { id: 'a', complete: true, slots: [] },
      { id: 'b', complete: true, slots: [] },
      { id: 'c', complete: false, why: { kind: 'rules', slot: null } },
    ],
    sheets: [
      sheet('moths-1', [piece('a', 'B', 0), piece('b', 'C', inches(6))]),
      sheet('moths-2', [piece('a', 'B', 0)], [{ part: 'C', ...half, x: inches(6) }]),
    ],
    stats: {
      worth: 2,
      complete: 2,
      fresh: 2,
      kept: 0,
      cuts: 2,
      pieceArea: 0,
      nubbinArea: 0,
      wasteArea: 0,
      largestNubbin: 0,
      bound: { worth: 3, fresh: 2 },
      optimal: false,
    },
  } as unknown as SharePlan;
  const stock = jobOf(
    layForSharing([page('a')], bench),
    bench,
    { kits: new Set(['moth', 'bell']), never: [] },
    WISHES,
    ANY_TRIMMER,
  ).stock;

  test('paper by page, and the sheets opened for one page alone', () => {
    const [a, b] = pageCosts(plan, stock);
    expect(a).toMatchObject({ page: 'a', area: 2 * inches(6) * inches(12), opens: 1 });
    expect(b).toMatchObject({ page: 'b', area: inches(6) * inches(12), opens: 0, from: [{ stock: 'moths-1' }] });
  });
  test('what is left after all of them', () => {
    expect(leftAfter(plan, stock)).toEqual({
      area: 2 * inches(12) ** 2 + inches(6) * inches(12),
      wholeSheets: 2,
      leftovers: 1,
      largest: inches(12) ** 2,
    });
  });
});
