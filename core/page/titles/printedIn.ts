import type { PlacedItem } from '../../stock/things';
import type { Phrase } from './fromWhatIsLeft';

/** A thing with words printed on it that are a title or part of one. */
export interface PrintedPart {
  readonly words: string;
  readonly thing: string;
  readonly what: PlacedItem;
  /** What of the title is still to be spelt; empty: nothing. */
  readonly rest: string;
  /** The printed words come before the rest. */
  readonly isFirst: boolean;
  /** More is printed than the title says: it is cut short, or the rest covered. */
  readonly isCutShort: boolean;
}

const wordsOf = (text: string): readonly string[] => text.trim().split(/\s+/u);
const bare = (word: string): string => word.toLowerCase().replace(/^[\p{P}\p{S}]+|[\p{P}\p{S}]+$/gu, '');

/** Whether some words begin or end with others; null: neither. */
function endOf(all: readonly string[], part: readonly string[]): 'first' | 'last' | null {
  if (part.length === 0 || part.length > all.length) return null;
  if (part.every((word, i) => word === all[i])) return 'first';
  return part.every((word, i) => word === all[all.length - part.length + i]) ? 'last' : null;
}

/** Things on which a title, its beginning or its end is printed, or which begin or end with the title. */
export function printedIn(title: string, phrases: readonly Phrase[]): readonly PrintedPart[] {
  const told = wordsOf(title);
  const wanted = told.map(bare).filter((word) => word !== '');
  if (wanted.length === 0) return [];
  return phrases.flatMap(({ text, thing = '', what }): PrintedPart[] => {
    if (!what) return [];
    const printed = wordsOf(text)
      .map(bare)
      .filter((word) => word !== '');
    const part = { words: text, thing, what };
    const at = endOf(wanted, printed);
    if (at !== null) {
      const rest = at === 'first' ? told.slice(printed.length) : told.slice(0, told.length - printed.length);
      return [{ ...part, rest: rest.join(' '), isFirst: at === 'first', isCutShort: false }];
    }
    return endOf(printed, wanted) === null ? [] : [{ ...part, rest: '', isFirst: true, isCutShort: true }];
  });
}
