import type { Serving } from './standIns';

/**
 * As many of the wanted letters as can be served from what there is (augmenting paths).
 * @returns the letters that are left unserved
 */
export function unserved(
  wanted: readonly string[],
  there: ReadonlyMap<string, number>,
  serving: (letter: string) => readonly Serving[],
): string[] {
  const takers = new Map<string, number[]>();
  const serve = (letter: number, tried: Set<string>): boolean => {
    for (const { glyph } of serving(wanted[letter] ?? '')) {
      const most = there.get(glyph) ?? 0;
      if (most === 0 || tried.has(glyph)) continue;
      tried.add(glyph);
      const own = takers.get(glyph) ?? [];
      takers.set(glyph, own);
      if (own.length < most) {
        own.push(letter);
        return true;
      }
      const gives = own.findIndex((other) => serve(other, tried));
      if (gives >= 0) {
        own[gives] = letter;
        return true;
      }
    }
    return false;
  };
  return wanted.filter((_, letter) => !serve(letter, new Set()));
}
