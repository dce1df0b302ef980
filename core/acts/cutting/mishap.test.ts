import { describe, expect, test } from 'vitest';
import { ANY_TRIMMER, planCuts } from '../../trimmer/cutting';
import { balanceOf, emptyLedger, fold, type Ledger } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { cutJobFor, cutSteps, purposed, type CutStep, type WantedPiece } from '../../page/cutlist';
import { isOnPart, mishapEvent, type Mishap } from '..';
import { entry } from '../test/entry';

const DAY = '2026-11-05';
const gone = { x: inches(10), y: inches(10), w: inches(2), h: inches(2) };
const out: Ledger = fold(
  [
    {
      id: 'r',
      day: DAY,
      type: 'received',
      lot: 'moths',
      pieces: [{ id: 'm1', w: inches(12), h: inches(12), missing: [gone] }],
    },
    { id: 'c', day: DAY, type: 'claimed', piece: 'm1', page: 'p' },
  ],
  emptyLedger,
).value!;
const stock = [
  {
    id: 'm1',
    w: inches(12),
    h: inches(12),
    missing: [gone],
    count: 1,
    front: null,
    back: null,
    upright: false,
    fresh: false,
    since: null,
  },
];
const list: WantedPiece[] = [
  { id: 'mat:a', page: 'p', slot: 'mat', w: inches(3.25), h: inches(9), count: 1, face: null },
];
const [step] = cutSteps(purposed(planCuts(cutJobFor(list, stock, ANY_TRIMMER), 2_000), list).sheets, out) as [CutStep];
const along = (size: { w: number; h: number }): number => (step.axis === 'x' ? size.w : size.h);
const after = (mishap: Mishap): Ledger => fold([entry(mishapEvent(step, mishap, out), 'k')], out).value!;
const partsOf = (ledger: Ledger) => [...ledger.pieces.values()].filter(({ from }) => from === 'm1');

describe('a mishap', () => {
  test('a cut at another measure leaves two parts in the stash, gaps and all', () => {
    const ledger = after({ kind: 'other-measure', at: inches(4) });
    expect(partsOf(ledger).map((part) => [along(part), part.where])).toEqual([
      [inches(4), 'here'],
      [inches(8), 'here'],
    ]);
    expect(partsOf(ledger).map(({ missing }) => missing.length)).toEqual([0, 1]);
    expect(balanceOf(ledger, 'moths').area).toMatchObject({ left: inches(12) ** 2 - inches(2) ** 2, wasted: 0 });
  });
  test('what the cut takes away is waste there too', () => {
    const hair = { ...step, lost: inches(1 / 32) };
    const event = mishapEvent(hair, { kind: 'other-measure', at: inches(4) }, out);
    const ledger = fold([entry(event, 'k')], out).value!;
    expect(partsOf(ledger).map((part) => [along(part), part.where])).toEqual([
      [inches(4), 'here'],
      [inches(8 - 1 / 32), 'here'],
      [inches(1 / 32), 'waste'],
    ]);
  });
  test('a sliver is waste', () => {
    const ledger = after({ kind: 'other-measure', at: inches(0.5) });
    expect(partsOf(ledger).map(({ where }) => where)).toEqual(['waste', 'here']);
  });
  test.each(['spoilt', 'lost'] as const)('what is %s is waste, all of it', (kind) => {
    const { area } = balanceOf(after({ kind }), 'moths');
    expect(area).toMatchObject({ received: area.wasted, left: 0 });
  });
  test('a measure beyond the part is none', () => {
    expect([0, inches(4), inches(12), inches(13)].map((at) => isOnPart(step, at))).toEqual([false, true, false, false]);
  });
});
