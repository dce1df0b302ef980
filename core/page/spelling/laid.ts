import { groupBy } from '../../ground/groupBy';
import type { Laying } from './layings';
import type { Asked } from './parts';
import type { LaidLetter, LetterSet, SpellJob, SpeltWord } from './types';

/** So many of a glyph laid. */
export interface Laid extends Omit<Laying, 'name'> {
  readonly n: number;
}

/** What a program's answer lays. */
export const laidOf = (layings: readonly Laying[], columns: Readonly<Record<string, number>>): Laid[] =>
  layings.flatMap(({ name, ...laying }) => {
    const n = Math.round(columns[name] ?? 0);
    return n > 0 ? [{ ...laying, n }] : [];
  });

/** What is left of the sets; a glyph of which none is left stays known. */
export function leftOf({ sets }: Pick<SpellJob, 'sets'>, laid: readonly Laid[]): LetterSet[] {
  const left = sets.map(({ id, letters }) => ({ id, letters: new Map(letters) }));
  for (const { set, serving, n } of laid) {
    const own = left[set]?.letters;
    own?.set(serving.glyph, (own.get(serving.glyph) ?? 0) - n);
  }
  return left;
}

/** What something laid comes to; titles of which nothing is asked are not counted. */
export interface Figures {
  readonly worth: number;
  readonly cost: number;
  readonly sets: number;
}

/** Titles that are spelt: all letters of all their parts are laid, or nothing is asked of them. */
export function speltIn({ job, parts, isAsked }: Asked, laid: readonly Laid[]): Set<number> {
  const laidOfPart = groupBy(laid, ({ part }) => part);
  const isWhole = (part: number): boolean => {
    const n = (laidOfPart.get(part) ?? []).reduce((sum, one) => sum + one.n, 0);
    return n === [...(parts[part]?.wanted.values() ?? [])].reduce((sum, wants) => sum + wants, 0);
  };
  const broken = new Set(parts.flatMap(({ title }, part) => (isWhole(part) ? [] : [title])));
  return new Set(job.titles.flatMap((_, title) => (isAsked[title] && broken.has(title) ? [] : [title])));
}

export function figuresOf(asked: Asked, laid: readonly Laid[]): Figures {
  const used = new Set(laid.map(({ part, set }) => `${asked.parts[part]?.title} ${set}`));
  return {
    worth: [...speltIn(asked, laid)].reduce(
      (sum, title) => (asked.isAsked[title] ? sum + (asked.job.titles[title]?.worth ?? 0) : sum),
      0,
    ),
    cost: laid.reduce((sum, { serving, n }) => sum + serving.cost * n, 0),
    sets: used.size,
  };
}

/** The words of a title, letter by letter, the letters themselves before what stands in for them. */
export function layWords({ job, parts }: Asked, title: number, laid: readonly Laid[]): SpeltWord[] {
  return parts.flatMap((part, p) => {
    if (part.title !== title) return [];
    const own = laid
      .filter((one) => one.part === p)
      .sort((a, b) => a.serving.cost - b.serving.cost || a.set - b.set)
      .map((one) => ({ ...one }));
    const take = (wants: string): LaidLetter[] => {
      const at = own.findIndex((one) => one.wanted === wants && one.n > 0);
      const one = own[at];
      if (!one) return [];
      own[at] = { ...one, n: one.n - 1 };
      const { glyph, how } = one.serving;
      return [{ wants, set: job.sets[one.set]?.id ?? '', glyph, how }];
    };
    return part.words.map(({ text, letters }) => ({ text, letters: letters.flatMap(take) }));
  });
}
