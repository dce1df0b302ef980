const LEAST = 3;
const LONGEST = 12;
/** Words that begin or end with one of the theme's: lamplight, nightfall. */
const isMadeWith = (word: string, theme: string): boolean =>
  theme.length > LEAST && word !== theme && (word.startsWith(theme) || word.endsWith(theme));

/**
 * Words that go with those of a theme: the theme's own, those of like meaning, and those made with them; each once.
 * @param alike words of like meaning @param list words to look through
 */
export function roundTheme(
  theme: readonly string[],
  alike: (word: string) => readonly string[],
  list: readonly string[],
): readonly string[] {
  const own = theme.map((word) => word.toLowerCase()).filter((word) => word.length >= LEAST);
  const found = [...own, ...own.flatMap(alike), ...list.filter((word) => own.some((one) => isMadeWith(word, one)))];
  return [...new Set(found)].filter((word) => word.length >= LEAST && word.length <= LONGEST && !word.includes('_'));
}
