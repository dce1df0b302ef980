import type { Chord } from './shapes';
import { nth } from '../../ground/nth';

/** Sorted, disjoint chords that cover the same as those given. */
export function mergeChords(chords: readonly Chord[]): Chord[] {
  const merged: [number, number][] = [];
  for (const [from, to] of [...chords].sort((a, b) => a[0] - b[0])) {
    const last = merged[merged.length - 1];
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else merged.push([from, to]);
  }
  return merged;
}

/** The same of two lists that are sorted and disjoint already. */
export function mergeSorted(a: readonly Chord[], b: readonly Chord[]): Chord[] {
  const merged: [number, number][] = [];
  let [i, j] = [0, 0];
  while (i < a.length || j < b.length) {
    const [from, to] = j >= b.length || (i < a.length && nth(a, i)[0] <= nth(b, j)[0]) ? nth(a, i++) : nth(b, j++);
    const last = merged[merged.length - 1];
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else merged.push([from, to]);
  }
  return merged;
}

/** What a chord leaves of stretches that are sorted and disjoint. */
export function without(stretches: readonly Chord[], [from, to]: Chord): Chord[] {
  const left: Chord[] = [];
  for (const stretch of stretches) {
    if (stretch[1] <= from || stretch[0] >= to) left.push(stretch);
    else {
      if (stretch[0] < from) left.push([stretch[0], from]);
      if (stretch[1] > to) left.push([to, stretch[1]]);
    }
  }
  return left;
}

/**
 * The longest stretch of `within` that none of the chords covers, which are sorted and disjoint; null where there is
 * none.
 */
export function longestGap([from, to]: Chord, chords: readonly Chord[]): Chord | null {
  let at = from;
  let [left, right] = [0, 0];
  for (const chord of chords) {
    const end = Math.min(chord[0], to);
    if (end - at > right - left) [left, right] = [at, end];
    at = Math.max(at, chord[1]);
    if (at >= to) break;
  }
  if (to - at > right - left) [left, right] = [at, to];
  return right > left ? [left, right] : null;
}

export const chordLength = ([from, to]: Chord): number => to - from;
