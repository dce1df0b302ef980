import { unmarked } from './bullets';
import { inDoubt } from './inDoubt';
import { readLetters } from './readLetters';
import { remember } from './remember';
import type { ReadLine, Thing } from './thing';

/** Letters and how many of each, which no name is. */
const COUNTED = /(?:^|[\s,;])(?:\p{L}\s*(?:[x×=:(–-]\s*)?\d|\d+\s*(?:[x×]\s*)?\p{L}(?!\p{L}))|(?:^|\s)(\p{L})\1/u;

/** By itself it may be a range. */
const DASHED = /^(\p{L})\s+[-–—]\s+(\d+)$/u;

const lettersOf = remember((text: string): Record<string, number> | null => {
  const told = unmarked(text, false).left.trim();
  const [, glyph, n] = DASHED.exec(told) ?? [];
  return glyph === undefined ? readLetters(told) : { [glyph]: Number(n) };
});

/** A set of letters of which nothing tells how many of which; null: the line is none. */
const uncounted = ({ things: [thing, ...others] }: ReadLine): Thing | null =>
  thing?.kind === 'alpha' && thing.letters === null && thing.amount === null && others.length === 0 ? thing : null;

/** The letters of a thing, told in the lines under it. */
function counted(thing: Thing, text: string, letters: Record<string, number>): Thing {
  const isOfSeveral = (thing.count ?? 1) > 1;
  const [told] = isOfSeveral ? inDoubt([thing], text, 'Letters of one of them, or of all? Read as of all.') : [];
  return { ...(told ?? thing), letters, count: null };
}

/**
 * The letters that are told in the lines under a set of them, a row or a letter a line: they are those of that set;
 * where it is a heading, the first line has them. The line and those under it, as they are read; null: none are told.
 * @param setOf what the line tells of, where it is a heading
 */
export function lettersUnder(
  lines: readonly string[],
  at: number,
  above: ReadLine,
  setOf: (text: string) => Thing | undefined,
): ReadLine[] | null {
  const thing = above.read === 'heading' ? setOf(above.text.replace(/[\s:]+$/, '')) : uncounted(above);
  if (thing?.kind !== 'alpha') return null;
  const letters: Record<string, number> = {};
  let end = at + 1;
  for (; end < lines.length; end++) {
    const own = lettersOf(lines[end] ?? '');
    if (!own) break;
    for (const [glyph, n] of Object.entries(own)) letters[glyph] = (letters[glyph] ?? 0) + n;
  }
  const under = lines.slice(at + 1, end);
  if (!under.some((text) => COUNTED.test(text))) return null;
  const more = under.map((text): ReadLine => ({ text, read: 'words', things: [], isOfAbove: true }));
  const set = [counted(thing, above.text, letters)];
  if (above.read === 'thing') return [{ ...above, things: set }, ...more];
  return [above, { text: under[0] ?? '', read: 'thing', things: set }, ...more.slice(1)];
}
