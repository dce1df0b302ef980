import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { leftOf } from '../closing';
import { fold, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { closeKit, decideOn, gatherKit } from '../../acts';
import { EMPTY_BENCH, type Bench } from '../../stock/bench';
import { World } from '../../acts/test/world';
import { newFace, type Kit, type Lot, type LotKind, type Measure } from '../../stock/things';
import { candidatesFor, proposeKit, type Candidate, type KitWish } from '.';

const kit = (id: string, month: string, some: Partial<Kit> = {}): Kit => ({
  id,
  club: 'The Oddment Post',
  name: id,
  month,
  theme: [],
  list: '',
  ...some,
});
const SHEET = { w: inches(12), h: inches(12) };

/** A bench of kits and what came with each: its kind, name, colours, and how many sheets or of each part. */
type Came = readonly [
  kit: string,
  kind: LotKind,
  name: string,
  hexes: readonly string[],
  of: number | Record<string, number>,
];

function benchOf(kits: readonly Kit[], came: readonly Came[]): Bench {
  const lots: Lot[] = [];
  const events: LedgerEvent[] = [];
  const faces = came.map(([, kind, name, hexes], i) => newFace(`f${i}`, name, hexes, kind));
  came.forEach(([of, kind, name, , amount], i) => {
    const measure: Measure = typeof amount === 'number' ? 'sheets' : kind === 'alpha' ? 'letters' : 'count';
    lots.push({
      id: `l${i}`,
      kit: of,
      kind,
      name,
      measure,
      size: SHEET,
      front: `f${i}`,
      back: null,
      upright: false,
      note: '',
      line: i + 1,
    });
    const base = { id: `e${i}`, day: '2026-11-05', type: 'received' as const, lot: `l${i}` };
    if (typeof amount !== 'number') events.push({ ...base, amounts: amount });
    else events.push({ ...base, pieces: Array.from({ length: amount }, (_, n) => ({ id: `l${i}-${n}`, ...SHEET })) });
  });
  const byId = <T extends { id: string }>(list: readonly T[]): Map<string, T> =>
    new Map(list.map((one) => [one.id, one]));
  return { ...EMPTY_BENCH, kits: byId(kits), lots: byId(lots), faces: byId(faces), ledger: fold(events).value! };
}

const world = (bench: Bench): World => Object.assign(new World(), { bench });
const WISH: KitWish = {
  colours: [],
  words: '',
  pages: 4,
  sheets: 4,
  taken: new Set(),
  left: new Set(),
  meant: new Set(),
  shuffle: 0,
};

const KITS = [kit('new', '2026-11'), kit('clay', '2026-05'), kit('seed', '2026-03'), kit('bell', '2025-10')];
const CAME: readonly Came[] = [
  ['new', 'paper', 'moths', ['#22314f', '#f6d27a'], 2],
  ['clay', 'paper', 'kiln bricks', ['#b5653f', '#f1e6d2'], 2],
  ['clay', 'paper', 'clay', ['#c58b6a'], 2],
  ['clay', 'cardstock', 'ash', ['#8b8680'], 1],
  ['seed', 'paper', 'radish rows', ['#c2334d', '#f6efe0'], 2],
  ['seed', 'ephemera', 'seed tags', ['#d9c7a0'], { '': 12 }],
  ['bell', 'paper', 'bell metal', ['#a67c45', '#7b5237'], 1],
  ['bell', 'cardstock', 'cream', ['#f3ead6'], 2],
  ['bell', 'alpha', 'chipboard letters', ['#a67c45'], { A: 2, E: 3, N: 1 }],
  ['bell', 'alpha', 'used-up letters', ['#a67c45'], { X: 2, Q: 3 }],
];
const bench = benchOf(KITS, CAME);
const names = (things: readonly { thing: Candidate }[]): string[] => things.map(({ thing }) => thing.name);

describe('what could go into a kit of her own', () => {
  const of = (some: Bench, ...rest: [string, Parameters<typeof candidatesFor>[2]?]): Set<string> =>
    new Set(candidatesFor(some, ...rest).map(({ name }) => name));
  test('what is left of older kits, not the newest, and letters that can still spell', () => {
    const found = of(bench, '2026-12');
    expect(found.has('moths')).toBe(false);
    expect(found.has('used-up letters')).toBe(false);
    expect(found.size).toBe(8);
    expect(of(bench, '2026-12', { withNewest: true }).has('moths')).toBe(true);
  });
  test('nothing that was kept for a later month; in that month it is due', () => {
    const kept = world(bench);
    kept.do(decideOn('bell', { keys: ['l6-0'], fate: { for: 'month', month: '2027-01', whom: 'Wren' } }));
    expect(of(kept.bench, '2026-12').has('bell metal')).toBe(false);
    const due = proposeKit(candidatesFor(kept.bench, '2027-01'), WISH);
    expect(due.things[0]).toMatchObject({ thing: { name: 'bell metal' } });
    expect(due.things[0]!.why.map(({ kind }) => kind)).toContain('due');
  });
  test('nothing of a kit of her own that is open; of one that is closed what is left', () => {
    const own = world(bench);
    own.do(gatherKit(kit('own', '2026-12', { gathered: '' }), [{ piece: 'l6-0' }, { lot: 'l5', parts: [''] }]));
    expect(of(own.bench, '2026-12').has('bell metal')).toBe(false);
    own.do(
      decideOn('own', { keys: leftOf({ id: 'own' }, own.bench).flatMap(({ keys }) => keys), fate: { for: 'stash' } }),
    );
    expect(own.do(closeKit('own'))).toBe(true);
    expect(of(own.bench, '2027-01').has('bell metal')).toBe(true);
    expect(of(own.bench, '2027-01').has('seed tags')).toBe(true);
  });
});

describe('the kit that is proposed', () => {
  const candidates = candidatesFor(bench, '2026-12');
  test('begins with the oldest where nothing is said, is mixed, and has more than paper', () => {
    const found = proposeKit(candidates, WISH);
    expect(found.things[0]!.thing.name).toBe('bell metal');
    expect(found.kits).toBeGreaterThan(1);
    expect(names(found.things)).toContain('chipboard letters');
    expect(found.sheets).toBeLessThanOrEqual(4);
  });
  test('stays as it is when one thing is taken in or left out, but for that thing and what takes its place', () => {
    const before = new Set(proposeKit(candidates, WISH).things.map(({ thing }) => thing.key));
    const keys = [...before];
    for (const key of keys) {
      const after = proposeKit(candidates, { ...WISH, left: new Set([key]) }).things.map(({ thing }) => thing.key);
      expect(keys.filter((one) => one !== key && !after.includes(one))).toEqual([]);
    }
  });
  test('goes with colours, and with words where they are printed or in a name', () => {
    const red = proposeKit(candidates, { ...WISH, colours: [{ hex: '#c2334d', share: 1 }], sheets: 1 });
    expect(names(red.things)).toContain('radish rows');
    const words = proposeKit(candidates, { ...WISH, words: 'kiln', sheets: 1 });
    expect(
      words.things.flatMap(({ thing, why }) => (why.some(({ kind }) => kind === 'words') ? [thing.name] : [])),
    ).toContain('kiln bricks');
  });
  test('what an aim wants used comes before what is a little nearer', () => {
    const plain: Came[] = [
      ['clay', 'paper', 'near', ['#a67c45'], 1],
      ['seed', 'paper', 'meant', ['#9c7a50'], 1],
    ];
    const two = candidatesFor(benchOf(KITS, plain), '2026-12');
    const wish = { ...WISH, colours: [{ hex: '#a67c45', share: 1 }], sheets: 1 };
    expect(names(proposeKit(two, wish).things)).toEqual(['near']);
    expect(names(proposeKit(two, { ...wish, meant: new Set(['l1']) }).things)).toEqual(['meant']);
  });
  test('what she left out is not in it, what she took in is, whatever it is, and shuffling gives others', () => {
    const wish = { ...WISH, left: new Set(['l6-0']), taken: new Set(['l3-0']) };
    const found = proposeKit(candidates, wish);
    expect(names(found.things)).not.toContain('bell metal');
    expect(found.things.find(({ thing }) => thing.key === 'l3-0')!.why).toContainEqual({ kind: 'asked' });
    const shuffled = new Set(
      [0, 1, 2, 3].map((shuffle) => names(proposeKit(candidates, { ...WISH, sheets: 3, shuffle }).things).join()),
    );
    expect(shuffled.size).toBeGreaterThan(1);
  });
});

const HEXES = ['#22314f', '#f6d27a', '#b5653f', '#c2334d', '#3f5b34', '#f3ead6', '#888888'];
const KINDS = [
  'paper',
  'cardstock',
  'vellum',
  'card',
  'ephemera',
  'alpha',
  'washi',
  'tool',
  'packaging',
  'dots',
] as const;

test('any kit that is proposed can be gathered, and takes nothing that is promised elsewhere', () =>
  fc.assert(
    fc.property(
      fc.array(fc.record({ kit: fc.nat(3), kind: fc.nat(9), hex: fc.nat(6), n: fc.integer({ min: 1, max: 5 }) }), {
        minLength: 1,
        maxLength: 30,
      }),
      fc.record({
        sheets: fc.integer({ min: 1, max: 9 }),
        pages: fc.integer({ min: 1, max: 6 }),
        shuffle: fc.nat(5),
        promised: fc.nat(),
        taken: fc.nat(),
        left: fc.nat(),
        hex: fc.option(fc.nat(6)),
      }),
      (came, { promised, taken, left, hex, ...some }) => {
        const stash = world(
          benchOf(
            KITS,
            came.map(({ kit: of, kind, hex: own, n }, i): Came => {
              const what = KINDS[kind]!;
              const isSheet = ['paper', 'cardstock', 'vellum', 'card', 'packaging'].includes(what);
              return [
                KITS[of]!.id,
                what,
                `thing ${i}`,
                [HEXES[own]!],
                isSheet ? n : what === 'alpha' ? { A: n, E: n } : { '': n },
              ];
            }),
          ),
        );
        const all = [...stash.bench.kits.values()].flatMap((one) =>
          leftOf(one, stash.bench).map((thing) => ({ one, thing })),
        );
        const kept = all[promised % all.length]!;
        stash.do(decideOn(kept.one.id, { keys: kept.thing.keys, fate: { for: 'month', month: '2027-06' } }));
        const candidates = candidatesFor(stash.bench, '2026-12');
        const key = (n: number): Set<string> =>
          new Set(candidates.length === 0 ? [] : [candidates[n % candidates.length]!.key]);
        const wish = {
          ...WISH,
          ...some,
          colours: hex === null ? [] : [{ hex: HEXES[hex]!, share: 1 }],
          taken: key(taken),
          left: key(left),
        };
        const { things, others, sheets } = proposeKit(candidates, wish);
        const keys = things.map(({ thing }) => thing.key);
        expect(new Set(keys).size).toBe(keys.length);
        expect(keys.some((one) => wish.left.has(one))).toBe(false);
        for (const one of wish.taken) expect(keys.includes(one) || wish.left.has(one)).toBe(true);
        expect(keys.some((one) => kept.thing.keys.includes(one))).toBe(false);
        expect(things.some(({ thing }) => thing.kit.id === 'new')).toBe(false);
        expect(others.some(({ thing }) => keys.includes(thing.key))).toBe(false);
        // At most so many sheets, but for what she took in herself and what all begins with.
        expect(sheets).toBeLessThanOrEqual(some.sheets + 1);
        const fits = others.some(({ thing }) => thing.kit.id !== things[0]?.thing.kit.id && thing.area === 0);
        if (things.length > 0 && fits) expect(new Set(things.map(({ thing }) => thing.kit.id)).size).toBeGreaterThan(1);
        if (things.length === 0) return;
        expect(
          stash.do(
            gatherKit(
              kit('own', '2026-12', { gathered: '' }),
              things.map(({ thing }) => thing.part),
            ),
          ),
        ).toBe(true);
        const own = leftOf({ id: 'own' }, stash.bench);
        expect(own.flatMap(({ pieces }) => pieces.map(({ id }) => id)).sort()).toEqual(
          things.flatMap(({ thing: { part } }) => ('piece' in part ? [part.piece] : [])).sort(),
        );
      },
    ),
    { numRuns: 150 },
  ));
