import { addAmounts, type Amounts } from '../ledger';

/** Every sign that stands there, once for each time: rows of a sheet as they are. Spaces say nothing. */
export function lettersInRows(text: string): Amounts {
  const letters = new Map<string, number>();
  for (const glyph of text.normalize('NFC').replace(/\s/g, '')) letters.set(glyph, (letters.get(glyph) ?? 0) + 1);
  return Object.fromEntries(letters);
}

/**
 * So many of each letter of the alphabet, without those that are gone: one for each time it is told. What is told gone
 * more often than it was there is gone.
 * @param sets how many of each there were
 */
export function lettersBut(sets: number, gone: string, isLower: boolean): Amounts {
  const alphabet = Array.from({ length: 26 }, (_, i) => String.fromCharCode((isLower ? 97 : 65) + i));
  const all = Object.fromEntries(alphabet.map((glyph) => [glyph, sets]));
  const missing = lettersInRows(isLower ? gone.toLowerCase() : gone.toUpperCase());
  const left = addAmounts(all, missing, -1);
  return Object.fromEntries(Object.entries(left).filter(([, n]) => n > 0));
}
