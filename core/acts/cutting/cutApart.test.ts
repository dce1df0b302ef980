import { ANY_TRIMMER } from '../../trimmer/cutting';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { emptyLedger, fold, type LedgerEvent } from '../../stock/ledger';
import { inches, mm } from '../../ground/length';
import { brandingStripOf, cutApartEvent, readParts, stripOffEvent } from '..';
import { entry } from '../test/entry';

const INCH = { w: inches(1), h: inches(1) };
const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
function start(w: number, h: number) {
  const came: LedgerEvent = {
    id: 'e1',
    day: '2026-11-03',
    type: 'received',
    lot: 'l',
    pieces: [{ id: 's', ...size(w, h) }],
  };
  const ledger = fold([came], emptyLedger).value!;
  return { ledger, piece: ledger.pieces.get('s')! };
}

test.each([
  [
    '6 x 3x4, 4 x 2x2',
    [
      { ...size(3, 4), count: 6 },
      { ...size(2, 2), count: 4 },
    ],
  ],
  ['3x4', [{ ...size(3, 4), count: 1 }]],
  ['2 3 1/4x4 1/4', [{ ...size(3.25, 4.25), count: 2 }]],
  [
    '4 x 2x2 and 1 x 12x3',
    [
      { ...size(2, 2), count: 4 },
      { ...size(12, 3), count: 1 },
    ],
  ],
])('%s is read', (text, parts) => {
  expect(readParts(text).value).toEqual(parts);
});
test.each(['six cards', '3x', '0 x 3x4', '6 x 3x4, rows'])('%s is not', (text) => {
  expect(readParts(text).ok).toBe(false);
});

test('a size without a unit is in her measures', () => {
  expect(readParts('6 x 8x10, 2 x 3x4 in', 'cm').value).toEqual([
    { count: 6, w: mm(80), h: mm(100) },
    { count: 2, w: inches(3), h: inches(4) },
  ]);
});

describe('a sheet is cut apart', () => {
  test('a 12x12 gives six 3x4 and four 2x2 (common practice, no source), each a piece of its own in the stash', () => {
    const { ledger, piece } = start(12, 12);
    const { event, notCut } = cutApartEvent(piece, { upright: false }, readParts('6 x 3x4, 4 x 2x2').value!, {
      keepAtLeast: INCH,
      ...ANY_TRIMMER,
    });
    const after = fold([entry(event!, 'e2')], ledger).value!;
    const here = [...after.pieces.values()].filter(({ where }) => where === 'here');
    expect(notCut).toBe(0);
    expect(here.filter(({ w, h }) => Math.min(w, h) === inches(3) && Math.max(w, h) === inches(4))).toHaveLength(6);
    expect(here.filter(({ w, h }) => w === inches(2) && h === inches(2)).length).toBeGreaterThanOrEqual(4);
  });
  test('whatever is asked for, the ledger takes it and areas add up', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            w: fc.integer({ min: 1, max: 14 }),
            h: fc.integer({ min: 1, max: 14 }),
            count: fc.integer({ min: 1, max: 4 }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        fc.constantFrom(0, inches(1 / 32)),
        (parts, kerf) => {
          const { ledger, piece } = start(12, 12);
          const { event, notCut } = cutApartEvent(
            piece,
            { upright: false },
            parts.map((part) => ({ ...size(part.w, part.h), count: part.count })),
            { keepAtLeast: INCH, longestCut: null, kerf },
          );
          if (event) expect(fold([entry(event, 'e2')], ledger).ok).toBe(true);
          expect(notCut).toBeLessThanOrEqual(parts.reduce((sum, { count }) => sum + count, 0));
        },
      ),
      { numRuns: 25 },
    ));
});

describe("a maker's strip is cut off", () => {
  test.each([
    ['foot', 12, 11.5],
    ['head', 12, 11.5],
    ['left', 11.5, 12],
    ['right', 11.5, 12],
  ] as const)('at the %s', (edge, w, h) => {
    const { ledger, piece } = start(12, 12);
    const after = fold([entry(stripOffEvent(piece, edge, inches(1 / 2), 0), 'e2')], ledger).value!;
    expect(after.pieces.get('s-rest')).toMatchObject({ ...size(w, h), where: 'here' });
    expect(after.pieces.get('s-strip')).toMatchObject({ solid: inches(12) * inches(1 / 2), where: 'here' });
  });
  test('what the cut takes away is taken of the rest', () => {
    const { ledger, piece } = start(12, 12);
    const after = fold([entry(stripOffEvent(piece, 'foot', inches(1 / 2), inches(1 / 32)), 'e2')], ledger).value!;
    expect(after.pieces.get('s-rest')).toMatchObject(size(12, 11.5 - 1 / 32));
    expect(after.pieces.get('s-kerf')).toMatchObject({ ...size(12, 1 / 32), where: 'waste' });
  });
  test('as wide as the list tells, else half an inch', () => {
    expect(brandingStripOf({ note: 'branding strip 3/4 in' })).toEqual({ width: inches(0.75), isTold: true });
    expect(brandingStripOf({ note: '' })).toEqual({ width: inches(0.5), isTold: false });
  });
});
