import { Unread } from './unread';

/** What marks a line as one of a list. */
export const BULLET = /^\s*(?:(?:[-*•·‣▪◦●○☐☑☒✓✔►▶→–—+>]|\[[ xX✓]?\])\s+)+/u;
const NUMBERED = /^\s*(\d{1,3})\s*[.)]\s+(?=\S)/;
/** Behind a number it is no part of it. */
const FULL_STOP = /(?<=\d)\.\s*$/u;
/** A tab stands for so many blanks. */
const TAB = 4;

/** A line without what only marks it as one of a list. */
export function unmarked(text: string, isNumbered: boolean): Unread {
  const line = new Unread(text);
  const mark = BULLET.exec(text);
  if (mark) line.blank(0, mark[0].length);
  const number = isNumbered ? NUMBERED.exec(line.left) : null;
  if (number) line.blank(0, number[0].length);
  line.take(FULL_STOP);
  return line;
}

/** Which lines begin with a number that only counts the lines: two of them at least go on one from the other. */
export function numberedLines(lines: readonly string[]): boolean[] {
  const numbers = lines.map((text) => Number(NUMBERED.exec(text.replace(BULLET, ''))?.[1] ?? NaN));
  const told = numbers.flatMap((n, i) => (Number.isNaN(n) ? [] : [i]));
  const goesOn = new Set<number>();
  told.forEach((i, k) => {
    const next = told[k + 1];
    if (next !== undefined && numbers[next] === (numbers[i] ?? NaN) + 1) goesOn.add(i).add(next);
  });
  return numbers.map((_, i) => goesOn.has(i));
}

const indentOf = (text: string): number => (/^\s*/.exec(text)?.[0] ?? '').replaceAll('\t', ' '.repeat(TAB)).length;

/** Whether a line begins with a bullet or a number of its own. */
export const isMarked = (text: string): boolean => BULLET.test(text) || NUMBERED.test(text);

/** Whether a line is marked as standing under another: by a bullet or number that the other lacks, or further in. */
export const isUnder = (text: string, above: string): boolean =>
  indentOf(text) > indentOf(above) || (isMarked(text) && !isMarked(above));
