import { groupBy } from '../../ground/groupBy';
import type { Solved } from '../../ground/program';
import { shortOf } from './shortOf';
import { figuresOf, laidOf, layWords, leftOf, speltIn, type Figures, type Laid } from './laid';
import { askedOf, type Asked } from './parts';
import { writeProgram, type Question } from './program';
import type { LetterSet, SpellJob, Spelling, WantedTitle } from './types';

/** A solver of programs in LP format, given from outside (HiGHS); bounded by work, not by the clock. */
export type SpellSolver = (lp: string) => Solved;

/** So many columns are given to one program, and to all programs of single titles together. */
const MOST_COLUMNS = 20_000;
const MOST_OF_ALL = 100_000;
/** Of so many titles what is short is found by programs. */
const MOST_SHORT = 200;
/** Sets that are tried for a single title where there are more. */
const FEW = 24;

/** What was found, and what is known of it. */
interface Found {
  readonly laid: readonly Laid[];
  readonly worthBound: number;
  readonly isProved: boolean;
}

/** Worths further apart than this are more than a program can tell from each other. */
const MOST_APART = 1e7;

/** Worths as the program has them: the least is 1, so that none is lost in what counts as nothing. */
function scaled(job: SpellJob): SpellJob {
  const worths = job.titles.map(({ worth }) => worth);
  const least = Math.max(Math.min(1, ...worths), Math.max(0, ...worths) / MOST_APART);
  return { ...job, titles: job.titles.map((title) => ({ ...title, worth: title.worth / least })) };
}

/** Below what two sums of worth may differ by and be the same. */
const slack = (worth: number): number => Math.min(1e-3, 1e-7 * Math.max(1, worth));

/** How many columns the program has at the most, about. */
const columnsOf = ({ parts, job, serving }: Asked): number =>
  job.sets.length *
  parts.reduce(
    (sum, { wanted }) => sum + [...wanted.keys()].reduce((own, letter) => own + serving(letter).length, 0),
    0,
  );

/** Of titles of which nothing is asked. */
const freeWorth = ({ job, isAsked }: Asked): number =>
  job.titles.reduce((sum, { worth }, i) => (isAsked[i] ? sum : sum + worth), 0);

/** The best by all aims, one after the other; each keeps what the ones before reached. Null: the program is too large. */
function best(asked: Asked, solver: SpellSolver): Found | null {
  if (columnsOf(asked) > MOST_COLUMNS) return null;
  const first = writeProgram(asked, { aim: 'worth' });
  const found = solver(first.lp);
  if (!found.columns) return null;
  let laid = laidOf(first.layings, found.columns);
  let { isProved } = found;
  const reached: { -readonly [K in keyof Figures]?: number } = { worth: figuresOf(asked, laid).worth };
  for (const aim of ['cost', 'sets', 'vowels'] as const) {
    const question: Question = { aim, ...reached, worth: (reached.worth ?? 0) - slack(reached.worth ?? 0) };
    const { lp, layings } = writeProgram(asked, question);
    const better = solver(lp);
    if (better.columns) laid = laidOf(layings, better.columns);
    isProved &&= better.isProved;
    if (aim !== 'vowels') reached[aim] = figuresOf(asked, laid)[aim];
  }
  const bound = found.isProved ? (reached.worth ?? 0) : (found.bound ?? Infinity);
  return { laid, worthBound: bound + freeWorth(asked), isProved };
}

/** One title from what is left: with what is laid for it, or null where it cannot be spelt. */
function oneTitle(job: SpellJob, title: WantedTitle, left: readonly LetterSet[], solver: SpellSolver): Laid[] | null {
  const sets = left.length > FEW ? fewSets(job, title, left) : left;
  const asked = askedOf({ ...job, titles: [title], sets });
  const { lp, layings } = writeProgram(asked, { aim: 'cost', isAll: true });
  const { columns, isProved } = solver(lp);
  if (!columns || !isProved) return null;
  return laidOf(layings, columns).map((one) => ({ ...one, set: left.indexOf(sets[one.set] as LetterSet) }));
}

/** Of many sets those that have most of a title's letters. */
function fewSets(job: SpellJob, title: WantedTitle, left: readonly LetterSet[]): LetterSet[] {
  const { parts, serving } = askedOf({ ...job, titles: [title] });
  const letters = new Set(parts.flatMap(({ wanted }) => [...wanted.keys()]));
  const has = ({ letters: own }: LetterSet): number =>
    [...letters].filter((letter) => serving(letter).some(({ glyph }) => (own.get(glyph) ?? 0) > 0)).length;
  return [...left].sort((a, b) => has(b) - has(a)).slice(0, FEW);
}

/** One title after the other, those of most worth for their letters first: where all at once are too many. */
function oneByOne(asked: Asked, solver: SpellSolver, isOver: () => boolean): Found {
  const { job, parts, isAsked } = asked;
  const lengths = job.titles.map(() => 0);
  for (const { title, wanted } of parts)
    lengths[title] = (lengths[title] ?? 0) + [...wanted.values()].reduce((sum, n) => sum + n, 0);
  const worthOf = (title: number): number => (job.titles[title]?.worth ?? 0) / Math.max(1, lengths[title] ?? 1);
  const order = job.titles.map((_, i) => i).filter((i) => isAsked[i]);
  order.sort((a, b) => worthOf(b) - worthOf(a));
  const partsOf = groupBy([...parts.keys()], (part) => parts[part]?.title ?? 0);
  const laid: Laid[] = [];
  let columns = 0;
  for (const title of order) {
    const wanted = job.titles[title];
    columns += (lengths[title] ?? 0) * Math.min(FEW, job.sets.length);
    if (!wanted || columns > MOST_OF_ALL || isOver()) continue;
    const own = oneTitle(job, wanted, leftOf(job, laid), solver) ?? [];
    laid.push(...own.map((one) => ({ ...one, part: partsOf.get(title)?.[one.part] ?? one.part })));
  }
  return { laid, worthBound: job.titles.reduce((sum, { worth }) => sum + worth, 0), isProved: false };
}

const isVowel = (glyph: string): boolean => /^[aeiou]$/i.test(glyph);

/**
 * Titles spelt from the letters left: the greatest worth of titles spelt whole, then the least cost of stand-ins, the
 * fewest sets, the most vowels left; each a mixed-integer program that keeps what the ones before reached.
 * @param isOver whether it is to end with what it has
 */
export function spell(given: SpellJob, solver: SpellSolver, isOver: () => boolean = () => false): Spelling {
  const job = scaled(given);
  const asked = askedOf(job);
  const found =
    asked.parts.length === 0 ? nothingAsked(asked) : (best(asked, solver) ?? oneByOne(asked, solver, isOver));
  const spelt = speltIn(asked, found.laid);
  const left = leftOf(job, found.laid);
  const { cost, sets } = figuresOf(asked, found.laid);
  const worth = given.titles.reduce((sum, { worth: own }, i) => (spelt.has(i) ? sum + own : sum), 0);
  const all = given.titles.reduce((sum, { worth: own }) => sum + own, 0);
  const scale = given.titles[0] ? given.titles[0].worth / (job.titles[0]?.worth ?? 1) : 1;
  const bound = Math.max(worth, Math.min(all, found.worthBound * scale));
  const isWorthProved = bound - worth <= 1e-9 * Math.max(1, worth);
  const isTellable = Math.max(0, ...job.titles.map((title) => title.worth)) < MOST_APART;
  return {
    titles: given.titles.map((title, i) =>
      spelt.has(i)
        ? { id: title.id, spelt: true, words: layWords(asked, i, found.laid) }
        : { id: title.id, spelt: false, short: shortOf(job, title, left, i < MOST_SHORT && !isOver() ? solver : null) },
    ),
    left: left.map(({ id, letters }) => ({ id, letters: new Map([...letters].filter(([, n]) => n > 0)) })),
    stats: {
      worth,
      spelt: spelt.size,
      cost,
      sets,
      vowelsLeft: left.reduce(
        (sum, { letters }) => sum + [...letters].reduce((own, [glyph, n]) => own + (isVowel(glyph) ? n : 0), 0),
        0,
      ),
      worthBound: isWorthProved ? worth : bound,
      optimal: found.isProved && isWorthProved && isTellable,
    },
  };
}

const nothingAsked = ({ job }: Asked): Found => ({
  laid: [],
  worthBound: job.titles.reduce((sum, { worth }) => sum + worth, 0),
  isProved: true,
});
