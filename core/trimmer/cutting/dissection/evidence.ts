import { nth } from '../../../ground/nth';
import type { Levels } from './allBuilds';
import type { BuildTable } from './buildTable';
import { at } from '../parts/column';

/** Lengths within this factor tell how many there are of about one. */
const NEAR = 1.6;
/** A length that no side has is taken as had by so many. */
const LEAST = 0.5;

/** Of lengths in order, for each those about as long, but for the longest: from which to before which. */
function windowsOf(lengths: readonly number[]): { from: number; to: number }[] {
  let [from, to] = [0, 0];
  return lengths.map((length) => {
    while (nth(lengths, from) * NEAR < length) from++;
    while (to < lengths.length - 1 && nth(lengths, to) <= length * NEAR) to++;
    return { from, to };
  });
}

/** How seldom a length is among the sides of builds of so many blocks. */
class Sides {
  private readonly places: ReadonlyMap<number, number>;
  private readonly windows: readonly { from: number; to: number }[];
  /** By size of build and place of length: half the logarithm of one in how many sides is just so long. */
  private readonly seldom: readonly (readonly number[])[];

  constructor(
    private readonly table: BuildTable,
    { starts }: Levels,
  ) {
    const end = nth(starts, starts.length - 1);
    const lengths = [...new Set([...table.w.subarray(0, end), ...table.h.subarray(0, end)])].sort((a, b) => a - b);
    this.places = new Map(lengths.map((length, place) => [length, place]));
    this.windows = windowsOf(lengths);
    this.seldom = starts.slice(1).map((to, size) => this.seldomAmong(nth(starts, size), to));
  }

  private placeOf(length: number): number {
    return this.places.get(length) ?? 0;
  }

  private seldomAmong(from: number, to: number): number[] {
    const counts = new Float64Array(this.places.size);
    for (const side of [this.table.w, this.table.h])
      for (let row = from; row < to; row++) {
        const place = this.placeOf(at(side, row));
        counts[place] = at(counts, place) + 1;
      }
    const before = [0];
    counts.forEach((count, place) => before.push(nth(before, place) + count));
    const all = Math.max(1, nth(before, counts.length));
    return this.windows.map((window, place) => {
      // The longest is that of the whole region, and like no other.
      const about =
        place === counts.length - 1
          ? at(counts, place)
          : (nth(before, window.to) - nth(before, window.from)) / (window.to - window.from);
      return -Math.log(Math.max(about, LEAST) / all) / 2;
    });
  }

  seldomness(size: number, length: number): number {
    return nth(nth(this.seldom, size), this.placeOf(length));
  }
}

/**
 * How much it speaks for the parts of each build having lain side by side that their edges meet exactly, as the
 * logarithm of a likelihood ratio: a length that few sides have is seldom met by chance. Source: own.
 */
export function evidenceOf(table: BuildTable, levels: Levels): Float64Array {
  const sides = new Sides(table, levels);
  const evidence = new Float64Array(nth(levels.starts, levels.starts.length - 1));
  for (let row = 0; row < evidence.length; row++) {
    const joint = table.jointOf(row);
    if (!joint) continue;
    const edge = joint.axis === 'x' ? joint.h : joint.w;
    const { near, far } = joint;
    const meets = sides.seldomness(at(table.sizes, near), edge) + sides.seldomness(at(table.sizes, far), edge);
    evidence[row] = at(evidence, near) + at(evidence, far) + meets;
  }
  return evidence;
}
