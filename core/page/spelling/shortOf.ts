import { countOf } from './asked';
import { unserved } from './matchLetters';
import { askedOf, type Asked } from './parts';
import { writeProgram } from './program';
import type { SpellSolver } from './spell';
import type { LetterSet, SpellJob, WantedTitle } from './types';

/** Sets that are tried for the words of a title where there are more. */
const FEW = 24;

/** The fewest letters that a set can lack of those wanted, as if none served for two of them. */
function leastLacking(wanted: ReadonlyMap<string, number>, { letters }: LetterSet, { serving }: Asked): number {
  let lacking = 0;
  for (const [letter, n] of wanted)
    lacking += Math.max(0, n - serving(letter).reduce((sum, { glyph }) => sum + (letters.get(glyph) ?? 0), 0));
  return lacking;
}

/** What is lacking of letters that all come from one set, for the set that lacks fewest. */
function fromOneSet(wanted: readonly string[], left: readonly LetterSet[], asked: Asked): string[] {
  const counts = countOf(wanted);
  const likely = left
    .map((set) => ({ set, least: leastLacking(counts, set, asked) }))
    .sort((a, b) => a.least - b.least);
  let best = [...wanted];
  for (const { set, least } of likely) {
    if (least >= best.length) break;
    const lacking = unserved(wanted, set.letters, asked.serving);
    if (lacking.length < best.length) best = lacking;
  }
  return best;
}

/** All letters of all sets as if they were one. */
function together(left: readonly LetterSet[]): Map<string, number> {
  const all = new Map<string, number>();
  for (const { letters } of left) for (const [glyph, n] of letters) all.set(glyph, (all.get(glyph) ?? 0) + n);
  return all;
}

/** Of a title of several words, each from a set of its own: by a program, the letters added to one of the sets. */
function byProgram(job: SpellJob, title: WantedTitle, left: readonly LetterSet[], solver: SpellSolver) {
  const { lp, added } = writeProgram(askedOf({ ...job, titles: [title], sets: left }), { aim: 'short', isAll: true });
  const { columns } = solver(lp);
  return (
    columns && added.flatMap(({ name, letter }) => Array.from({ length: Math.round(columns[name] ?? 0) }, () => letter))
  );
}

/**
 * Letters, as few as can be, that added to one set would let a title be spelt from what is left.
 * @param solver null: there are too many such titles; then all words are taken from one set, which may ask for more
 */
export function shortOf(
  job: SpellJob,
  title: WantedTitle,
  left: readonly LetterSet[],
  solver: SpellSolver | null,
): Record<string, number> {
  const asked = askedOf({ ...job, titles: [title], sets: left });
  const wanted = asked.parts.flatMap(({ words }) => words.flatMap(({ letters }) => letters));
  if (job.mix === 'letter') return Object.fromEntries(countOf(unserved(wanted, together(left), asked.serving)));
  const oneSet = fromOneSet(wanted, left, asked);
  if (asked.parts.length < 2 || left.length < 2 || !solver) return Object.fromEntries(countOf(oneSet));
  const counts = asked.parts.map((part) => part.wanted);
  const nearness = (set: LetterSet): number => Math.min(...counts.map((own) => leastLacking(own, set, asked)));
  const few = left.length > FEW ? [...left].sort((a, b) => nearness(a) - nearness(b)).slice(0, FEW) : left;
  const several = byProgram(job, title, few, solver) ?? oneSet;
  return Object.fromEntries(countOf(several.length < oneSet.length ? several : oneSet));
}
