import type { How, LaidLetter, SpeltTitle } from '../../../core/spelling';

const HOW: Record<How, string> = {
  turned: 'turned round',
  alike: 'in its place',
  unmarked: 'without its mark',
  cut: 'cut to it',
};

/** How one letter stands in for another: `N: a Z turned round`. */
export const standInWords = ({ wants, glyph, how }: LaidLetter): string =>
  how === null ? '' : `${wants}: ${glyph} ${HOW[how]}`;

/** What a title comes to from some letters, in a line. */
export function speltWords(title: SpeltTitle | undefined): string {
  if (!title) return '';
  if (!title.spelt) {
    const short = Object.entries(title.short).map(([glyph, n]) => (n > 1 ? `${glyph} ×${n}` : glyph));
    return `short of ${short.join(', ')}`;
  }
  const standIns = title.words.flatMap(({ letters }) => letters.map(standInWords)).filter((words) => words !== '');
  return standIns.length === 0 ? 'as they are' : [...new Set(standIns)].join(', ');
}
