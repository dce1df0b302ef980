import fc from 'fast-check';
import { expect, test } from 'vitest';
import { Tally } from './tally';

/** Counts of so many items that are left, and two that are had of each, no more than there are. */
const counted = fc
  .array(
    fc.tuple(
      fc.oneof(fc.constant(1), fc.integer({ min: 0, max: 4 }), fc.integer({ min: 0, max: 5_000 })),
      fc.nat(),
      fc.nat(),
    ),
    { minLength: 1, maxLength: 150 },
  )
  .map((items) => ({
    left: items.map(([n]) => n),
    one: items.map(([n, a]) => a % (n + 1)),
    other: items.map(([n, , b]) => b % (n + 1)),
  }));

test('two counts go together where there are as many of everything, and are added up word by word', () =>
  fc.assert(
    fc.property(counted, fc.boolean(), ({ left, one, other }, isSparse) => {
      // Where all is counted in both, they hardly ever go together.
      const second = isSparse ? other.map((n, i) => Math.min(n, left[i]! - one[i]!)) : other;
      const tally = new Tally(left);
      const keys = new Int32Array(2 * tally.words);
      keys.set(tally.wordsOf(one));
      keys.set(tally.wordsOf(second), tally.words);
      const found: number[] = [];
      const met = tally.eachBeside(keys, tally.words, 0, 1, Int32Array.of(-1, -1), (row) => found.push(row));
      const goTogether = left.every((n, i) => one[i]! + second[i]! <= n);
      expect(met).toBe(1);
      expect(found).toEqual(goTogether ? [1] : []);
      if (goTogether) {
        const sum = keys.slice(0, tally.words).map((word, n) => word + keys[tally.words + n]!);
        expect(sum).toEqual(tally.wordsOf(one.map((n, i) => n + second[i]!)));
      }
    }),
    { numRuns: 500 },
  ));
