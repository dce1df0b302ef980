import { expect, test } from 'vitest';
import { fold, type LedgerEvent } from '../../stock/ledger';
import { newFace, type Kit, type Lot } from '../../stock/things';
import { likedFaces, scoreOf, tasteKey, tastesOf } from '.';

const kit = (id: string, month: string): [string, Kit] => [id, { id, club: '', name: id, month, theme: [], list: '' }];
const faces = new Map(
  [
    newFace('dots', 'amber dots', ['#eda437'], 'paper'),
    newFace('stripes', 'clay stripe', ['#b9633f'], 'paper'),
    newFace('new', 'amber dots again', ['#eda437'], 'paper'),
  ].map((face) => [face.id, face]),
);
const lot = (id: string, of: string, front: string): Lot => ({
  id,
  kit: of,
  kind: 'paper',
  name: id,
  measure: 'sheets',
  size: null,
  front,
  back: null,
  upright: false,
  note: '',
  line: 1,
});
/** Of four papers with dots three sheets went on pages, of four with stripes none; what has just come says nothing. */
const lots = new Map(
  [0, 1, 2, 3]
    .flatMap((n) => [lot(`d${n}`, 'old', 'dots'), lot(`s${n}`, 'old', 'stripes')])
    .concat(lot('n', 'young', 'new'))
    .map((one) => [one.id, one]),
);
const base = { day: '2026-05-01' };
const used = (n: number, page: string): LedgerEvent[] => [
  { ...base, id: `c${n}`, type: 'claimed', piece: `d${n}-1`, page },
  { ...base, id: `u${n}`, type: 'used', piece: `d${n}-1`, page },
];
const events: LedgerEvent[] = [
  ...[...lots.keys()].map((id): LedgerEvent => ({
    ...base,
    id: `e${id}`,
    type: 'received',
    lot: id,
    pieces: [{ id: `${id}-1`, w: 12, h: 12 }],
  })),
  ...used(0, 'p'),
  ...used(1, 'q'),
  ...used(2, 'r'),
];
const shelf = {
  ledger: fold(events).value!,
  lots,
  kits: new Map([kit('old', '2026-03'), kit('young', '2026-11')]),
  faces,
};
const tastes = tastesOf(shelf, '2026-11');
const of = (kind: string, value: string) => tastes.find((taste) => taste.kind === kind && taste.value === value)!;

test('what goes on pages is liked, what lies there is not; what has just come says nothing', () => {
  expect(of('pattern', 'dots').score).toBeGreaterThan(0.3);
  expect(of('pattern', 'stripes').score).toBeLessThan(-0.3);
  expect(tastes.some(({ kind, value }) => kind === 'kit' && value === 'young')).toBe(false);
  // All of one kit: neither more nor less than of all papers.
  expect(of('kit', 'old').score).toBeCloseTo(0);
  for (const { score } of tastes) expect(Math.abs(score)).toBeLessThanOrEqual(1);
});

test('what she says herself holds', () => {
  const stripes = of('pattern', 'stripes');
  const said = { [tasteKey(stripes)]: 'like' } as const;
  expect(scoreOf(stripes, said)).toBe(1);
  const [before, after] = [likedFaces(tastes, {}, shelf), likedFaces(tastes, said, shelf)];
  expect(before.get('dots')!).toBeGreaterThan(before.get('stripes')!);
  expect(after.get('stripes')!).toBeGreaterThan(before.get('stripes')!);
});

test('nothing is known of an empty stash', () => {
  expect(tastesOf({ ...shelf, ledger: fold([]).value! }, '2026-11')).toEqual([]);
});

test('what was taken out and put away again speaks against its like more than what was never looked at', () => {
  const swap = (id: string, type: 'claimed' | 'released'): LedgerEvent => ({
    ...base,
    id,
    type,
    piece: 'd3-1',
    page: 'p',
  });
  const ledger = fold([...events, swap('x', 'claimed'), swap('y', 'released')]).value!;
  const after = tastesOf({ ...shelf, ledger }, '2026-11').find(
    ({ kind, value }) => kind === 'pattern' && value === 'dots',
  )!;
  const before = of('pattern', 'dots');
  expect(after.score).toBeLessThan(before.score);
  // What is told of it stays what lies there.
  expect(after.left).toBe(before.left);
});
