import type { Page } from '../../stock/things';

/** Stand-ins may be so much of a title that is still the same. */
const ALIKE = 1 / 3;
const lettersIn = (text: string): string[] => [
  ...text
    .normalize('NFC')
    .toLowerCase()
    .replace(/[\s\p{P}\p{S}]+/gu, ''),
];

/** Whether the letters that lie on a page as its title are those of another one than it has by now. */
export function liesAnotherTitle({ title, placed = [] }: Pick<Page, 'title' | 'placed'>): boolean {
  const laid = placed.filter(({ isTitle }) => isTitle);
  const glyphs = laid.flatMap(({ what }) =>
    'glyph' in what ? [what.glyph] : 'part' in what ? [what.shows ?? what.part] : [],
  );
  // What is printed on a thing says more than one letter each.
  if (laid.length === 0 || glyphs.some((glyph) => [...glyph].length !== 1)) return false;
  const left = lettersIn(glyphs.join(''));
  const wanted = lettersIn(title);
  if (left.length !== wanted.length) return true;
  const missing = wanted.filter((letter) => {
    const at = left.indexOf(letter);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
  return missing.length > wanted.length * ALIKE;
}
