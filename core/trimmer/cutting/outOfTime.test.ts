import { expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { seededRandom } from '../../ground/random';
import { planCuts, searchPlans, type CutJob } from '.';

const random = seededRandom(3);
const side = (most: number): number => inches(0.1 + random() * most);
/** The largest jobs: very many gaps, very many copies, pieces of a tick. */
const stock = (some: Partial<CutJob['stock'][number]>): CutJob['stock'][number] => ({
  id: 'a',
  w: inches(12),
  h: inches(12),
  count: 1,
  front: null,
  back: null,
  upright: false,
  fresh: false,
  since: null,
  missing: [],
  ...some,
});
const piece = (id: string, w: number, h: number, count: number): CutJob['pieces'][number] => ({
  id,
  w,
  h,
  count,
  of: null,
  turn: null,
  optional: false,
  value: 0,
});
const job = (of: CutJob['stock'], pieces: CutJob['pieces']): CutJob => ({
  stock: of,
  pieces,
  keepAtLeast: { w: inches(1), h: inches(1) },
  longestCut: null,
});
const holes = Array.from({ length: 1000 }, () => ({ x: side(11), y: side(11), w: side(0.4), h: side(0.4) }));
const LARGEST: readonly (readonly [string, CutJob])[] = [
  ['a thousand gaps', job([stock({ missing: holes })], [piece('p', inches(1), inches(0.5), 400)])],
  ['ten thousand copies', job([stock({ count: 100 })], [piece('p', inches(1), inches(1), 9000)])],
  ['pieces of a tick', job([stock({})], [piece('p', 1, 1, 9999)])],
];

test.each(LARGEST)('%s: out of time at once it answers, and asks for time at least at every piece', (_, of) => {
  let asked = 0;
  const search = searchPlans(of, Infinity, () => ++asked > 50);
  let last = search.next();
  for (let n = 0; n < 3 && !last.done; n++) last = search.next();
  expect(last.done).toBe(true);
  // However large the job, little is done once time is up.
  expect(asked).toBeLessThan(2_000);
});

test('a long row is halved before it is cut one by one, and every piece of it is there', () => {
  const { sheets, stats } = planCuts(job([stock({})], [piece('p', 1, 1, 9999)]), 1);
  expect(stats.pieces).toBe(9999);
  expect(sheets.flatMap((one) => one.pieces)).toHaveLength(9999);
});
