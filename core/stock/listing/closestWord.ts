import { nth } from '../../ground/nth';
/** Edit distance where a swap of neighbours counts as one: F. J. Damerau, Communications of the ACM 7 (3), 1964. */
function distance(a: string, b: string): number {
  const rows = Array.from({ length: a.length + 1 }, (_, i) => [i, ...Array<number>(b.length).fill(0)]);
  rows[0] = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++)
    for (let j = 1; j <= b.length; j++) {
      const cost = a[i - 1] === b[j - 1] ? 0 : 1;
      nth(rows, i)[j] = Math.min(
        nth(nth(rows, i - 1), j) + 1,
        nth(nth(rows, i), j - 1) + 1,
        nth(nth(rows, i - 1), j - 1) + cost,
      );
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        nth(rows, i)[j] = Math.min(nth(nth(rows, i), j), nth(nth(rows, i - 2), j - 2) + 1);
    }
  return nth(nth(rows, a.length), b.length);
}

/**
 * The known word that was probably meant: at most one slip in short words, two in long ones; null where none is near.
 */
export function closestWord(typed: string, known: readonly string[]): string | null {
  const word = typed.toLowerCase();
  const most = word.length < 7 ? 1 : 2;
  let best: string | null = null;
  let least = most + 1;
  for (const candidate of known) {
    const far = distance(word, candidate);
    if (far < least) {
      least = far;
      best = candidate;
    }
  }
  return best;
}
