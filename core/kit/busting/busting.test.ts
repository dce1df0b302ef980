import { ANY_TRIMMER } from '../../trimmer/cutting';
import { describe, expect, test } from 'vitest';
import { replay } from '../../trimmer/cutting/test/replay';
import { emptyLedger, fold, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { cutJobFor } from '../../page/cutlist';
import { DESIGNS } from '../../page/design';
import { stockOnHand } from '../../trimmer/onHand';
import type { Shelf } from '../../stock/bench';
import type { Face, Kit, Lot, Photo } from '../../stock/things';
import { idleOf, overMonth, proposePages, proposeTogether, type BustingInput, type Lead, type Proposal } from '.';
import { leftoversOf } from './leftovers';
import { hiddenIn } from './hiddenIn';
import { found, layoutOf } from './proposePages';

const HEX: Record<string, string> = {
  ink: '#22314f',
  amber: '#eda437',
  slate: '#56606b',
  cream: '#f2e9cf',
  clay: '#b9633f',
  ash: '#b9b4aa',
};
const faces = Object.keys(HEX).map((id): Face => ({
  id,
  name: id,
  pattern: 'plain',
  colours: [{ hex: HEX[id]!, share: 1 }],
}));
const kit = (id: string, month: string): Kit => ({
  id,
  club: 'The Oddment Post',
  name: id,
  month,
  theme: [],
  list: '',
});
const kits = new Map([kit('old', '2025-10'), kit('new', '2026-11')].map((k) => [k.id, k]));
const lots = new Map(
  ['old', 'new'].flatMap((k) =>
    Object.keys(HEX).map((face): [string, Lot] => [
      `${k}-${face}`,
      {
        id: `${k}-${face}`,
        kit: k,
        kind: 'paper',
        name: face,
        measure: 'sheets',
        size: null,
        front: face,
        back: null,
        upright: false,
        note: '',
        line: 1,
      },
    ]),
  ),
);

function shelfOf(pieces: readonly [lot: string, w: number, h: number][]): Shelf {
  const events = pieces.map(([lot, w, h], i): LedgerEvent => ({
    id: `e${i}`,
    day: '2026-11-01',
    type: 'received',
    lot,
    pieces: [{ id: `s${i}`, w: inches(w), h: inches(h) }],
  }));
  return { ledger: fold(events, emptyLedger).value!, lots, kits };
}

const photo: Photo = {
  id: 'moon',
  story: 'night',
  name: 'moon',
  image: 'i',
  w: inches(6),
  h: inches(4),
  colours: [{ hex: '#1b2a49', share: 0.8 }],
  added: '2026-11-02',
};
const input = (shelf: Shelf, waiting: Photo[] = [photo]): BustingInput => ({
  shelf,
  faces,
  waiting,
  trimmer: ANY_TRIMMER,
  punches: [],
  rounds: [],
  meant: [],
  liked: new Map(),
  likedPairs: new Map(),
  lead: { kind: 'oldest' },
  sources: { kits: null, withNewest: false },
  mat: inches(1 / 8),
  hold: inches(1 / 2),
  formats: [
    { w: inches(12), h: inches(12), spread: false },
    { w: inches(6), h: inches(8), spread: false },
  ],
});

function all(given: BustingInput): Proposal[] {
  let proposals: Proposal[] = [];
  for (const progress of proposePages(given)) proposals = progress.proposals;
  return proposals;
}

/** Pages of one size: half as many to look at, where any will do. */
const small = (shelf: Shelf, waiting?: Photo[]): BustingInput => ({
  ...input(shelf, waiting),
  formats: [{ w: inches(6), h: inches(8), spread: false }],
});

const plenty = shelfOf([
  ['old-slate', 12, 12],
  ['old-cream', 12, 12],
  ['old-cream', 6, 8],
  ['old-ink', 8, 12],
  ['old-amber', 7, 12],
  ['old-clay', 12, 6.5],
  ['old-ash', 11, 11],
  ['old-ink', 6.5, 9],
  ['new-ink', 12, 12],
]);

test('round things of hers lie in a wreath, and no circle of paper is cut for those', () => {
  const lead = { kind: 'oldest' } as const;
  const wreaths = (rounds: readonly number[]): Proposal[] =>
    [
      ...found(
        { ...input(plenty), lead, rounds },
        leftoversOf(plenty, input(plenty).sources),
        true,
        DESIGNS.filter(({ id }) => id === 'wreath'),
      ),
    ].flatMap(({ proposal }) => proposal ?? []);
  const circles = ({ list }: Proposal): number =>
    list.filter(({ slot }) => slot.startsWith('round')).reduce((sum, { count }) => sum + count, 0);
  const [of] = wreaths([]);
  expect([of?.without, circles(of!)]).toEqual([[], 8]);
  // Large enough for the ring of one size of page, and too few for it; a tiny one lies in no circle.
  for (const one of wreaths([...Array<number>(5).fill(inches(1.5)), inches(0.1)])) {
    expect(circles(one)).toBe(8 - one.without.length);
    expect(one.without.length).toBeLessThanOrEqual(5);
    expect(one.why).toEqual(
      one.without.length > 0
        ? expect.arrayContaining([{ kind: 'rounds', count: one.without.length }])
        : expect.not.arrayContaining([expect.objectContaining({ kind: 'rounds' })]),
    );
  }
  const none = wreaths(Array<number>(40).fill(inches(1.5))).find(({ format }) => format.w === inches(12))!;
  expect([
    circles(none),
    none.without.length,
    Object.keys(none.papers).some((slot) => slot.startsWith('round')),
  ]).toEqual([0, 8, false]);
});

describe('pages out of leftovers', () => {
  const steps = [...proposePages(input(plenty))];
  const proposals = steps.at(-1)!.proposals;

  test('there are at least three, of several designs', () => {
    expect(proposals.length).toBeGreaterThanOrEqual(3);
    expect(new Set(proposals.map(({ design }) => design)).size).toBeGreaterThan(1);
  });
  test('each can really be made: its cuts stand up to a replay, and cut every piece', () => {
    for (const { list, plan } of proposals) {
      const stock = stockOnHand(plenty, null).filter(({ id }) => id !== 's8');
      expect(replay(cutJobFor(list, stock, ANY_TRIMMER), plan)).toEqual([]);
      expect(plan.notCut).toEqual([]);
    }
  });
  test('the newest kit is left alone, and each says why', () => {
    for (const { plan, why } of proposals) {
      expect(plan.sheets.map(({ stock }) => stock)).not.toContain('s8');
      expect(why.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['pieces', 'oldest', 'frees']));
    }
  });
  test('the search can be left within an attempt, and what it has proposed by then can be made', () => {
    expect(steps.some(({ done }, n) => n > 0 && done < 1 && done === steps[n - 1]!.done)).toBe(true);
    const found = steps.map((step) => step.proposals.length);
    expect(found).toEqual([...found].sort((a, b) => a - b));
  });
});

test('nothing is proposed that cannot be made', () => {
  expect(all(input(shelfOf([['old-ink', 3, 3]])))).toEqual([]);
  expect(all(input(shelfOf([])))).toEqual([]);
});

test('without photos a place is kept for one', () => {
  expect(all(small(plenty, [])).every(({ photos }) => photos.every((p) => p.photo === null))).toBe(true);
});

test('what she means to use comes oftener, and is said', () => {
  const uses = (proposals: readonly Proposal[]): number =>
    proposals.filter(({ papers }) => Object.values(papers).includes('clay')).length;
  const before = all(small(plenty));
  const meant = all({ ...small(plenty), meant: ['clay'] });
  expect(uses(meant)).toBeGreaterThanOrEqual(Math.max(1, uses(before)));
  for (const { papers, why } of meant)
    expect(why.some(({ kind }) => kind === 'meant')).toBe(Object.values(papers).includes('clay'));
});

describe('where she begins', () => {
  const led = (lead: Lead): Proposal[] => all({ ...small(plenty), lead });
  const kinds = ({ why }: Proposal): string[] => why.map(({ kind }) => kind);

  test('with a paper that she is tired of: it is on every page', () => {
    const found = led({ kind: 'paper', faces: ['amber'] });
    expect(found.length).toBeGreaterThan(0);
    for (const { papers } of found) expect(Object.values(papers)).toContain('amber');
  });
  test('with strips: every page has some, and says how many', () => {
    const strips = shelfOf([
      ['old-slate', 12, 12],
      ['old-cream', 12, 12],
      ...Array.from({ length: 8 }, (_, n): [string, number, number] => [
        `old-${['ink', 'amber', 'clay', 'ash'][n % 4]}`,
        12,
        2.5,
      ]),
      ['old-ink', 8, 8],
    ]);
    const found = all({ ...input(strips), lead: { kind: 'strips' } });
    expect(found.length).toBeGreaterThan(0);
    for (const one of found)
      expect(one.why).toContainEqual(expect.objectContaining({ kind: 'shapes', of: 'strips', there: 8 }));
  });
  test('quick ones take under four papers and under an hour', () => {
    const found = led({ kind: 'quick' });
    expect(found.length).toBeGreaterThan(0);
    for (const { papers, minutes } of found) {
      expect(new Set(Object.values(papers)).size).toBeLessThan(4);
      expect(minutes).toBeLessThan(60);
    }
  });
  test('what a page uses up is said where nothing worth a page is left of it', () => {
    const found = led({ kind: 'finish' });
    for (const one of found) expect(kinds(one)).toContain('finishes');
    const two = shelfOf([
      ['old-slate', 8, 8],
      ['old-cream', 5, 7],
      ['old-ink', 8, 8],
      ['old-ink', 8, 8],
    ]);
    for (const { plan, why } of all(small(two))) {
      const ends = why.find((reason) => reason.kind === 'finishes')?.names ?? [];
      const uses = plan.sheets.filter(({ stock }) => stock === 's2' || stock === 's3').length;
      expect(ends.includes('ink')).toBe(uses === 2 && ends.includes('ink'));
    }
  });
  test('only from the kits she says; with the newest if she says so', () => {
    expect(all({ ...small(plenty), sources: { kits: new Set(['new']), withNewest: false } })).toEqual([]);
    const both = all({ ...small(plenty), sources: { kits: null, withNewest: true } });
    for (const { plan, why } of both) {
      const fresh = plan.sheets.filter(({ stock }) => stock === 's8').length;
      expect(why[0]).toMatchObject({ kind: 'pieces', fresh });
    }
  });
  test('colours that she likes together come before those that she does not, and are said', () => {
    const liking = (score: number): number[] =>
      all({ ...small(plenty), likedPairs: new Map([['ambers+blues', score]]) }).map(({ why }) =>
        why.findIndex((reason) => reason.kind === 'together'),
      );
    const [liked, not] = [liking(1), liking(-1)];
    const count = (some: readonly number[]): number => some.filter((at) => at >= 0).length;
    expect(count(liked)).toBeGreaterThan(0);
    expect(count(liked)).toBeGreaterThanOrEqual(count(not));
  });
  test('what she likes comes oftener than what she does not', () => {
    const uses = (face: string, liked: number): number =>
      all({ ...small(plenty), liked: new Map([[face, liked]]) }).filter(({ papers }) =>
        Object.values(papers).includes(face),
      ).length;
    for (const face of ['clay', 'ash']) expect(uses(face, 1)).toBeGreaterThanOrEqual(uses(face, -1));
  });
});

test('pages for a month can all be made: each from other pieces and with other photos', () => {
  let chosen: readonly Proposal[] = [];
  const photos = [photo, { ...photo, id: 'stars', story: 'other' }];
  const large = { ...input(plenty, photos), formats: [{ w: inches(12), h: inches(12), spread: false }] };
  for (const { proposals } of proposeTogether(large, 3)) chosen = proposals;
  expect(chosen.length).toBeGreaterThan(1);
  const sheets = chosen.flatMap(({ plan }) => plan.sheets.map(({ stock }) => stock));
  expect(new Set(sheets).size).toBe(sheets.length);
  const shown = chosen.flatMap((one) => one.photos.flatMap((place) => place.photo ?? []));
  expect(new Set(shown).size).toBe(shown.length);
  // What is kept is told of the stock as it was then, and of that all others took something.
  const stock = stockOnHand(plenty, null);
  for (const { list, plan } of chosen)
    expect(replay(cutJobFor(list, stock, ANY_TRIMMER), plan).filter((wrong) => !wrong.includes('kept'))).toEqual([]);
});

describe('what a page hides', () => {
  const shelf = shelfOf([
    ['old-slate', 6, 8],
    ['old-clay', 5.5, 7.5],
    ['old-ink', 5, 4],
    ['old-amber', 5, 4],
    ['old-cream', 5, 4],
    ['old-ash', 5, 4],
  ]);
  const formats = [
    { w: inches(6), h: inches(8), spread: false },
    { w: inches(4.5), h: inches(6.5), spread: false },
  ];
  const print: Photo = { ...photo, w: inches(4), h: inches(3) };
  const quick: BustingInput = { ...input(shelf, [print]), formats, lead: { kind: 'quick' } };
  const papers = leftoversOf(shelf, quick.sources);
  const proposed = (given: BustingInput, from: typeof papers): Proposal[] =>
    [...found(given, from, true)].flatMap(({ proposal }) => proposal ?? []);
  const framed = proposed(quick, papers).find(
    ({ design, papers: { frame } }) => design === 'framed-ground' && frame === 'slate',
  )!;
  const hidden = hiddenIn(framed, papers, { mat: quick.mat, hold: inches(1 / 2) });

  test('is paper for another page: of the face it lies in, and all of it under what lies above', () => {
    const layout = layoutOf(framed, quick.mat)!;
    const frame = layout.layers.find(({ slot }) => slot === 'frame')!;
    const ground = layout.layers.find(({ slot }) => slot === 'ground')!;
    const of = hidden.find(({ stock }) => stock.front === 'slate')!;
    expect(of).toMatchObject({ isHidden: true, lot: { id: 'old-slate' }, stock: { fresh: false, missing: [] } });
    expect([frame.w - ground.w, frame.h - ground.h]).toEqual([inches(1 / 2), inches(1 / 2)]);
    // Half an inch stays under the edge of what covers it.
    expect([of.stock.w, of.stock.h]).toEqual([ground.w - inches(1), ground.h - inches(1)]);
  });
  test('gives a page that could not be made without it, and that is said', () => {
    const used = new Set(framed.plan.sheets.map(({ stock }) => stock));
    const rest = papers.filter(({ stock }) => !used.has(stock.id));
    const given: BustingInput = { ...quick, waiting: [], lead: { kind: 'oldest' } };
    expect(proposed(given, rest)).toEqual([]);
    const more = proposed(given, [...rest, ...hidden]);
    expect(more.length).toBeGreaterThan(0);
    expect(more[0]!.why).toContainEqual({ kind: 'middles', count: 1 });
  });
  test('is left where it is by her who never takes it back, and never costs a page', () => {
    const last = (hold: number | null): readonly Proposal[] => {
      let chosen: readonly Proposal[] = [];
      for (const { proposals } of proposeTogether({ ...quick, hold }, 3)) chosen = proposals;
      return chosen;
    };
    const [without, withMiddles] = [last(null), last(inches(1 / 2))];
    expect(without.flatMap(({ why }) => why).filter(({ kind }) => kind === 'middles')).toEqual([]);
    expect(withMiddles.slice(0, without.length)).toEqual(without);
  });
});

test('spread over a month, pages lie in the middle of equal parts of it', () => {
  expect(overMonth(4, '2026-12')).toEqual(['2026-12-04', '2026-12-12', '2026-12-20', '2026-12-28']);
  expect(overMonth(2, '2028-02', 20)).toEqual(['2028-02-22', '2028-02-27']);
  expect(overMonth(0, '2026-12')).toEqual([]);
});

test('what holds no layer of any page is idle, and is told with what it could become', () => {
  const some = shelfOf([
    ['old-ink', 12, 12],
    ['old-ink', 0.75, 0.75],
    ['old-clay', 5, 0.75],
  ]);
  const punches = [{ shape: 'circle' as const, size: inches(5 / 8), reach: null }];
  const { pieces, area, share, chances } = idleOf({ ...input(some), punches });
  expect(pieces.map(({ id }) => id)).toEqual(['s1', 's2']);
  expect(area / inches(1) ** 2).toBeCloseTo(0.75 * 5.75);
  expect(share).toBeCloseTo((0.75 * 5.75) / (144 + 0.75 * 5.75));
  // One from the square, seven or more from the strip.
  expect(chances).toMatchObject([{ kind: 'shapes', punch: { size: inches(5 / 8) } }]);
  expect(chances[0]?.count).toBeGreaterThanOrEqual(7);
});
