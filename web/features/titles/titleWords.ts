import type { How, LaidLetter, SpeltTitle } from '../../../core/page/spelling';
import { BY_WORD, lettersOf, MIXED, type Letters, type WayToSpell } from '../../../core/page/titles';

const HOW: Record<How, string> = {
  turned: 'turned round',
  alike: 'in its place',
  unmarked: 'without its mark',
  cut: 'cut to it',
};

/** How one letter stands in for another: `N: a Z turned round`. */
export const standInWords = ({ wants, glyph, how }: LaidLetter): string =>
  how === null ? '' : `${wants}: ${glyph} ${HOW[how]}`;

/** What is short: `N, T ×2`. */
export const shortWords = (short: Readonly<Record<string, number>>): string =>
  Object.entries(short)
    .map(([glyph, n]) => (n > 1 ? `${glyph} ×${n}` : glyph))
    .join(', ');

/** What a title comes to from some letters, in a line. */
export function speltWords(title: SpeltTitle | undefined): string {
  if (!title) return '';
  if (!title.spelt) return `short of ${shortWords(title.short)}`;
  const standIns = lettersOf(title)
    .map(standInWords)
    .filter((words) => words !== '');
  return standIns.length === 0 ? 'as they are' : [...new Set(standIns)].join(', ');
}

/** The sets that a title is spelt from. */
export const setsWords = (title: SpeltTitle, letters: readonly Letters[]): string =>
  title.spelt
    ? [...new Set(lettersOf(title).map(({ set }) => set))]
        .map((set) => letters.find(({ id }) => id === set)?.name ?? '')
        .join(' and ')
    : '';

/** What a way is called, and what it takes. */
export function wayWords(way: WayToSpell, letters: readonly Letters[]): { name: string; comes: string } {
  const { key, title, made, worn } = way;
  const names: Readonly<Record<string, string>> = { [BY_WORD]: 'a set for each word', [MIXED]: 'mixed, as it comes' };
  const name = made > 0 ? setsWords(title, letters) : (names[key] ?? letters.find(({ id }) => id === key)?.name ?? '');
  const isEndless = letters.find(({ id }) => id === key)?.isEndless ?? false;
  const comes = isEndless
    ? 'as many as you like'
    : made > 0 && title.spelt
      ? `${lettersOf(title)
          .filter(({ set }) => letters.some(({ id, isEndless: made }) => id === set && made))
          .map(({ wants }) => wants)
          .join(', ')} made`
      : speltWords(title);
  return { name, comes: worn > 0 ? `${comes}, ${worn} worn` : comes };
}
