import { describe, expect, test } from 'vitest';
import { replay } from '../cutting/test/replay';
import { emptyLedger, fold, type LedgerEvent } from '../ledger';
import { inches } from '../length';
import { cutJobFor } from '../cutlist';
import { stockOnHand, type Shelf } from '../stock';
import type { Face, Kit, Lot, Photo } from '../things';
import { proposePages, type BustingInput, type Proposal } from '.';

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
  longestCut: null,
  punches: [],
  meant: [],
  mat: inches(1 / 8),
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

describe('pages out of leftovers', () => {
  const proposals = all(input(plenty));

  test('there are at least three, of several designs', () => {
    expect(proposals.length).toBeGreaterThanOrEqual(3);
    expect(new Set(proposals.map(({ design }) => design)).size).toBeGreaterThan(1);
  });
  test('each can really be made: its cuts stand up to a replay, and cut every piece', () => {
    for (const { list, plan } of proposals) {
      const stock = stockOnHand(plenty, null).filter(({ id }) => id !== 's8');
      expect(replay(cutJobFor(list, stock, null), plan)).toEqual([]);
      expect(plan.notCut).toEqual([]);
    }
  });
  test('the newest kit is left alone, and each says why', () => {
    for (const { plan, why } of proposals) {
      expect(plan.sheets.map(({ stock }) => stock)).not.toContain('s8');
      expect(why.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['pieces', 'oldest', 'frees']));
    }
  });
});

test('nothing is proposed that cannot be made', () => {
  expect(all(input(shelfOf([['old-ink', 3, 3]])))).toEqual([]);
  expect(all(input(shelfOf([])))).toEqual([]);
});

test('without photos a place is kept for one', () => {
  expect(all(input(plenty, [])).every(({ photos }) => photos.every((p) => p.photo === null))).toBe(true);
});

test('what she means to use comes oftener, and is said', () => {
  const uses = (proposals: readonly Proposal[]): number =>
    proposals.filter(({ papers }) => Object.values(papers).includes('clay')).length;
  const before = all(input(plenty));
  const meant = all({ ...input(plenty), meant: ['clay'] });
  expect(uses(meant)).toBeGreaterThanOrEqual(Math.max(1, uses(before)));
  for (const { papers, why } of meant)
    expect(why.some(({ kind }) => kind === 'meant')).toBe(Object.values(papers).includes('clay'));
});
