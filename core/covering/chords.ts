import type { Chord } from './shapes';

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

/** The stretches of `within` that none of the chords covers. */
export function gapsBetween([from, to]: Chord, chords: readonly Chord[]): Chord[] {
  const gaps: Chord[] = [];
  let at = from;
  for (const chord of mergeChords(chords)) {
    if (chord[0] > at) gaps.push([at, Math.min(chord[0], to)]);
    at = Math.max(at, chord[1]);
    if (at >= to) break;
  }
  if (at < to) gaps.push([at, to]);
  return gaps.filter((gap) => gap[1] > gap[0]);
}

export const chordLength = ([from, to]: Chord): number => to - from;
