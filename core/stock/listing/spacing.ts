/** Of the lines with others after them, so many have a blank one below where the list is spaced out. */
const SPACED = 0.7;
const FEWEST = 4;

/** Whether a line is blank, or passed over as if it were: `# anything`, but not `#12 Meadow`. */
export const isNothing = (text: string): boolean => /^\s*(?:#(?!\d)|$)/.test(text);

/** The next line that is not blank; null: there is none. */
export function nextLine(lines: readonly string[], i: number): number | null {
  let at = i + 1;
  while (at < lines.length && isNothing(lines[at] ?? '')) at++;
  return at < lines.length ? at : null;
}

const isBlank = (text: string): boolean => text.trim() === '';

/**
 * Which lines count, where a list has a blank line between all of them, as it comes from letters and the web: all but
 * one of those that stand together. Elsewhere a blank line parts what is above it from what is below, and all count.
 * @returns the lines' places
 */
export function withoutSpacing(lines: readonly string[]): number[] {
  const all = lines.map((_, i) => i);
  const told = all.filter((i) => !isBlank(lines[i] ?? ''));
  const gaps = told.slice(1).filter((i) => isBlank(lines[i - 1] ?? '')).length;
  if (told.length < FEWEST || gaps < SPACED * (told.length - 1)) return all;
  return all.filter((i) => !(isBlank(lines[i] ?? '') && i > 0 && !isBlank(lines[i - 1] ?? '')));
}
