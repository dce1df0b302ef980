import { own, type Amounts } from '../../stock/ledger';
import { spell, type LaidLetter, type LetterSet, type SpellJob, type SpellSolver, type SpeltTitle } from '../spelling';
import type { Letters } from './letters';

/** What letters may do. */
export interface Asking {
  readonly isAnyCase: boolean;
  readonly standIns: boolean;
}

/** A title as it is spelt one way: by one set, by all together, or by one with what it lacks stamped or written. */
export interface WayToSpell {
  readonly key: string;
  readonly title: SpeltTitle;
  /** Of its stand-ins. */
  readonly cost: number;
  /** Letters that are made since the set has none of them left. */
  readonly made: number;
  /** Worn letters among them. */
  readonly worn: number;
}

/** Keys of the ways that take all sets together. */
export const BY_WORD = 'by-word';
export const MIXED = 'mixed';

/** As the speller takes them: of what has no end, enough of each character of the text. */
export function letterSet({ id, left, isEndless }: Letters, text: string): LetterSet {
  const glyphs = [...text.normalize('NFC').replace(/\s+/gu, '')];
  if (isEndless) return { id, letters: new Map(glyphs.map((glyph) => [glyph, glyphs.length])) };
  return { id, letters: new Map(Object.entries(left).filter(([glyph]) => [...glyph].length === 1)) };
}

/** What a spelt title takes of each of its letters' sets. */
export function takenBy(title: SpeltTitle | undefined): ReadonlyMap<string, Amounts> {
  const taken = new Map<string, Record<string, number>>();
  if (!title?.spelt) return taken;
  for (const { set, glyph } of lettersOf(title)) {
    const some = taken.get(set) ?? {};
    some[glyph] = (own(some, glyph) ?? 0) + 1;
    taken.set(set, some);
  }
  return taken;
}

/** The letters of a spelt title, in the order of its words. */
export const lettersOf = (title: Extract<SpeltTitle, { spelt: true }>): readonly LaidLetter[] =>
  title.words.flatMap(({ letters }) => letters);

/** Of what is taken, how many are worn: these are used last. */
function wornIn(taken: ReadonlyMap<string, Amounts>, letters: readonly Letters[]): number {
  let sum = 0;
  for (const { id, left, worn } of letters.filter(({ isEndless }) => !isEndless))
    for (const [glyph, n] of Object.entries(taken.get(id) ?? {}))
      sum += Math.max(0, n - ((own(left, glyph) ?? 0) - (own(worn, glyph) ?? 0)));
  return sum;
}

/** Of what is taken, the letters of which none is left then, by set. */
export const lastOf = (taken: ReadonlyMap<string, Amounts>, letters: readonly Letters[]) =>
  letters.flatMap(({ id, name, left, isEndless }) => {
    if (isEndless) return [];
    const gone = Object.entries(taken.get(id) ?? {}).filter(([glyph, n]) => (own(left, glyph) ?? 0) <= n);
    return gone.length > 0 ? [{ name, glyphs: gone.map(([glyph]) => glyph) }] : [];
  });

/** So many letters a title may lack of a set and still be in that set, the rest made. Common practice, no source. */
const MOST_MADE = 3;

/** The set with what it lacks made otherwise; null: it lacks too much. */
function helped(job: SpellJob, [set]: readonly Letters[], by: Letters, short: Amounts, solver: SpellSolver) {
  const lacking = Object.values(short).reduce((sum, n) => sum + n, 0);
  if (!set || lacking === 0 || lacking > MOST_MADE) return null;
  const more = new Map(job.sets[0]?.letters);
  for (const [glyph, n] of Object.entries(short)) more.set(glyph, (more.get(glyph) ?? 0) + n);
  const found = spell({ ...job, sets: [{ id: set.id, letters: more }] }, solver);
  const [title] = found.titles;
  if (!title?.spelt) return null;
  const there = new Map(Object.entries(set.left));
  const words = title.words.map((word) => ({
    ...word,
    letters: word.letters.map((letter): LaidLetter => {
      const n = there.get(letter.glyph) ?? 0;
      there.set(letter.glyph, n - 1);
      return n > 0 ? letter : { wants: letter.wants, glyph: letter.wants, set: by.id, how: null };
    }),
  }));
  return { title: { ...title, words }, cost: found.stats.cost, made: lacking };
}

/** What a way is told apart by, the best first: spelt, few letters made, few stand-ins, few worn. */
const badness = ({ title, made, cost, worn }: WayToSpell): number =>
  title.spelt ? 100 * made + 10 * cost + worn : Infinity;

/**
 * The ways to spell a title, the best first: each set by itself, all sets by the word and letter by letter, what has no
 * end by itself; and a set that lacks a letter or two with those made.
 */
export function waysToSpell(
  text: string,
  letters: readonly Letters[],
  { isAnyCase, standIns }: Asking,
  solver: SpellSolver,
): readonly WayToSpell[] {
  const [sets, endless] = [letters.filter((one) => !one.isEndless), letters.filter((one) => one.isEndless)];
  const jobOf = (some: readonly Letters[], mix: SpellJob['mix']): SpellJob => ({
    sets: some.map((one) => letterSet(one, text)),
    titles: [{ id: 'title', text, worth: 1 }],
    isAnyCase: isAnyCase && !some.every((one) => one.isEndless),
    mix,
    standIns,
  });
  const way = (key: string, some: readonly Letters[], mix: SpellJob['mix']): WayToSpell[] => {
    const job = jobOf(some, mix);
    const { titles, stats } = spell(job, solver);
    const [title] = titles;
    const worn = wornIn(takenBy(title), some);
    const [by] = endless;
    const made = by && mix === 'title' && title?.spelt === false ? helped(job, some, by, title.short, solver) : null;
    return [
      ...(title ? [{ key, title, cost: stats.cost, made: 0, worn }] : []),
      ...(made ? [{ key: `${key}+`, ...made, worn: wornIn(takenBy(made.title), some) }] : []),
    ];
  };
  const together =
    sets.length < 2
      ? []
      : [...(text.trim().includes(' ') ? way(BY_WORD, sets, 'word') : []), ...way(MIXED, sets, 'letter')];
  const found = [...sets.flatMap((one) => way(one.id, [one], 'title')), ...together].sort(
    (a, b) => badness(a) - badness(b),
  );
  const spelt = found.filter(({ title }) => title.spelt);
  return [
    ...spelt,
    ...endless.flatMap((one) => way(one.id, [one], 'title')),
    ...found.filter(({ title }) => !title.spelt),
  ];
}
