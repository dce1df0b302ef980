import { colourWords } from '../../ground/colour';
import { GUESSABLE } from './findKind';

/** Words of lists beside those that are guessed. */
const KNOWN_WORDS = [
  'glassine',
  'tags',
  'dots',
  'bags',
  'puffy',
  'acrylic',
  'flair',
  'clips',
  'dies',
  'cards',
  'pad',
  'spray',
  'paint',
  'gesso',
  'paste',
  'tissue',
  'upright',
  'plenty',
];
/** What a word being typed may become: at most five. */
const MOST = 5;

/** The word that ends at a place of a text, from its first letter: between blanks, commas, slashes and plus signs. */
export const wordBefore = (text: string, at: number): string => /[^\s,/+]*$/.exec(text.slice(0, at))?.[0] ?? '';

/**
 * Words that a beginning may become: kinds, colours and what she has typed before, the shortest first.
 * @param own names and words of her own things
 */
export function suggestWords(beginning: string, own: readonly string[]): string[] {
  const typed = beginning.toLowerCase();
  if (typed.length < 2 || /\d/.test(typed)) return [];
  const all = new Set([...KNOWN_WORDS, ...GUESSABLE, ...colourWords(), ...own.map((word) => word.toLowerCase())]);
  return [...all]
    .filter((word) => word.startsWith(typed) && word !== typed)
    .sort((a, b) => a.length - b.length || a.localeCompare(b))
    .slice(0, MOST);
}
