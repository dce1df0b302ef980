import { contains } from '../../ground/geometry';
import type { Remark, Sheet } from './eyed';

const fold = (text: string): string => text.normalize('NFC').toLowerCase();
const BESIDE = /[\p{L}\p{M}\p{N}]/u;

/** Whether a text holds a word with no letter, mark or digit beside it. Both are folded. */
function holds(text: string, word: string): boolean {
  for (let at = text.indexOf(word); at >= 0; at = text.indexOf(word, at + 1)) {
    const before = [...text.slice(0, at)].at(-1) ?? '';
    const [after = ''] = text.slice(at + word.length);
    if (!BESIDE.test(before) && !BESIDE.test(after)) return true;
  }
  return false;
}

/** A word of letters, marks and digits alone: it is looked up among a text's words. */
const PLAIN = /^[\p{L}\p{M}\p{N}]+$/u;
const plainWordsIn = (texts: readonly string[]): ReadonlySet<string> =>
  new Set(texts.flatMap((text) => text.match(/[\p{L}\p{M}\p{N}]+/gu) ?? []));

/** Words that do not fit the story, and are not wholly under something. */
export function offTheme({ things }: Sheet, avoid: readonly string[]): Remark[] {
  const words = [...new Map(avoid.map((word) => [fold(word), word]))].map(([word, told]) => ({
    word,
    told,
    isPlain: PLAIN.test(word),
  }));
  return things.flatMap((thing, i): Remark[] => {
    if (thing.words.length === 0) return [];
    const texts = thing.words.map(fold);
    const plain = plainWordsIn(texts);
    const found = words.filter(({ word, isPlain }) =>
      isPlain ? plain.has(word) : texts.some((text) => holds(text, word)),
    );
    if (found.length === 0 || things.slice(i + 1).some((above) => contains(above, thing))) return [];
    return found.map(({ told: word }) => ({
      kind: 'off-theme',
      things: [thing.id],
      word,
      why: `“${word}” does not fit the story: cover it, cut it off, or choose another.`,
    }));
  });
}
