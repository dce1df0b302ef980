import fc from 'fast-check';
import { inches } from '../../../ground/length';
import type { CutJob } from '../types';

const DESIGNS = ['moths', 'lamplight', 'foxglove'] as const;
const quarter = (from: number, to: number) => fc.integer({ min: from * 4, max: to * 4 }).map((n) => inches(n / 4));
const design = fc.constantFrom(...DESIGNS, null);

const missing = fc.array(fc.record({ x: quarter(0, 3), y: quarter(0, 3), w: quarter(1, 4), h: quarter(1, 4) }), {
  maxLength: 2,
});

const stock = fc.record({
  w: quarter(4, 12),
  h: quarter(4, 12),
  count: fc.integer({ min: 1, max: 2 }),
  front: design,
  back: design,
  upright: fc.boolean(),
  fresh: fc.boolean(),
  since: fc.option(fc.integer({ min: 24300, max: 24330 })),
  missing: fc.oneof({ weight: 3, arbitrary: fc.constant([]) }, { weight: 1, arbitrary: missing }),
});

const piece = fc.record({
  w: quarter(1, 7),
  h: quarter(1, 7),
  count: fc.integer({ min: 1, max: 3 }),
  of: fc.option(fc.subarray([...DESIGNS], { minLength: 1 })),
  turn: fc.option(fc.boolean()),
  optional: fc.boolean(),
  value: fc.integer({ min: 0, max: 9 }),
});

/** Small jobs of every sort: two faces, uprightness, missing areas, optional pieces, short trimmers. */
export const anyJob: fc.Arbitrary<CutJob> = fc.record({
  stock: fc.array(stock, { minLength: 1, maxLength: 4 }).map((list) => list.map((s, i) => ({ id: `s${i}`, ...s }))),
  pieces: fc.array(piece, { minLength: 1, maxLength: 5 }).map((list) => list.map((p, i) => ({ id: `p${i}`, ...p }))),
  keepAtLeast: fc.constantFrom({ w: inches(1), h: inches(1) }, { w: inches(1), h: inches(2) }),
  longestCut: fc.constantFrom(null, inches(12), inches(8)),
});
