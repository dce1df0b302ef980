import type { Asked, Part } from './parts';
import type { Serving } from './standIns';

/** So many of a set's glyph laid for a wanted letter of a part; how many is a column of the program. */
export interface Laying {
  readonly name: string;
  readonly part: number;
  readonly set: number;
  readonly wanted: string;
  readonly serving: Serving;
}

/** What may be laid: for each part the sets it may come from, for each of its letters the glyphs they have. */
export interface Layings {
  readonly all: readonly Laying[];
  /** By part. */
  readonly sources: readonly (readonly number[])[];
}

/** Whether each letter of a part by itself can be had from some sets. */
const mayServe = ({ job, serving }: Asked, { wanted }: Part, sets: readonly number[]): boolean =>
  [...wanted].every(([letter, n]) => {
    const glyphs = serving(letter);
    const inSet = (set: number): number =>
      glyphs.reduce((sum, { glyph }) => sum + (job.sets[set]?.letters.get(glyph) ?? 0), 0);
    return sets.reduce((sum, set) => sum + inSet(set), 0) >= n;
  });

/** @param isShort sets that lack letters of a part count as well: they may be given them */
export function layingsOf(asked: Asked, isShort: boolean): Layings {
  const { job, parts, serving } = asked;
  const sets = job.sets.map((_, s) => s);
  const sources = parts.map((part) => {
    if (isShort) return sets;
    if (job.mix === 'letter') return mayServe(asked, part, sets) ? sets : [];
    return sets.filter((set) => mayServe(asked, part, [set]));
  });
  let n = 0;
  const all = parts.flatMap(({ wanted }, part) =>
    (sources[part] ?? []).flatMap((set) =>
      [...wanted.keys()].flatMap((letter) =>
        serving(letter)
          .filter(({ glyph }) => (job.sets[set]?.letters.get(glyph) ?? 0) > 0)
          .map((one): Laying => ({ name: `x${n++}`, part, set, wanted: letter, serving: one })),
      ),
    ),
  );
  return { all, sources };
}
