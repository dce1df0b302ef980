import { describe, expect, test } from 'vitest';
import { USUAL_TRIMMER, planCuts, type CutStock, type PlannedSheet } from '../../trimmer/cutting';
import { inches } from '../../ground/length';
import { cutJobFor, pinDown, purposed, type Pin, type WantedPiece } from '.';

const stock = (id: string, w: number, h: number, fresh = false): CutStock => ({
  id,
  w: inches(w),
  h: inches(h),
  count: 1,
  front: 'ink',
  back: null,
  upright: false,
  fresh,
  since: null,
  missing: [],
});
const list: WantedPiece[] = [
  { id: 'mat:a', page: 'p', slot: 'mat', w: inches(3), h: inches(4), count: 3, face: 'ink' },
  { id: 'strip:b', page: 'p', slot: 'strip', w: inches(1), h: inches(6), count: 1, face: 'ink' },
];
const shelf = [stock('small', 4, 7), stock('large', 8, 8), stock('sheet', 12, 12, true)];

/** Pins that keep a planned sheet's pieces on it, each by itself. */
const pinsOf = ({ stock: id, pieces }: PlannedSheet): Pin[] =>
  [...new Set(pieces.map((piece) => piece.id))].map((wanted) => ({
    wanted,
    stock: id,
    count: pieces.filter((piece) => piece.id === wanted).length,
  }));

/** The plan of a list with pins, in terms of the list. */
function planned(pins: readonly Pin[], work: number) {
  const pinned = pinDown(list, pins);
  return purposed(planCuts(cutJobFor(pinned, shelf, USUAL_TRIMMER), work), pinned);
}

describe('pins', () => {
  test('pinned copies come from their paper, the others from where they do best, and none is lost', () => {
    const plan = planned([{ wanted: 'mat:a', stock: 'sheet', count: 2 }], 20_000);
    const onSheet = plan.sheets.find(({ stock: id }) => id === 'sheet')!;
    expect(onSheet.pieces.filter(({ id }) => id === 'mat:a').length).toBeGreaterThanOrEqual(2);
    expect(plan.sheets.flatMap(({ pieces }) => pieces.map(({ id }) => id)).sort()).toEqual([
      'mat:a',
      'mat:a',
      'mat:a',
      'strip:b',
    ]);
  });
  test('a plan whose pieces are all pinned where they are opens the same papers again', () => {
    const plan = planned([], 20_000);
    const again = planned(plan.sheets.flatMap(pinsOf), 20_000);
    expect(again.sheets.map(({ stock: id }) => id).sort()).toEqual(plan.sheets.map(({ stock: id }) => id).sort());
    expect(again.notCut).toEqual([]);
  });
  test('a pin on paper that is not there is said, not dropped', () => {
    const plan = planned([{ wanted: 'mat:a', stock: 'gone', count: 1 }], 5_000);
    expect(plan.notCut.map(({ id }) => id)).toEqual(['mat:a']);
  });
});
