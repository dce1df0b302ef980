import { nth } from '../../../ground/nth';
import { at } from './column';

const BITS = 30;
/** The words of what is left once, a bit each, come first; in those after them are the fields of all else. */
const SINGLE_WORDS = 3;
/** A build's counts take so many words at least: so many are added without asking. */
const LEAST_WORDS = 5;

/** Where the count of an item stands. */
interface Place {
  readonly word: number;
  readonly shift: number;
}

/**
 * Counts of pieces in a few words of thirty bits, so that whether two builds can go together is told at once. What is
 * left once has a bit, which two builds may not both have. What is left more often has a field that counts, with a bit
 * over it that is set in a sum, once `pad` is added, where it is more than is left.
 */
export class Tally {
  /** How many words there are. */
  readonly words: number;
  private readonly places: readonly (Place | null)[];
  private readonly pad: Int32Array;
  private readonly over: Int32Array;

  /** @param left how many there are of each item */
  constructor(left: readonly number[]) {
    const [pad, over]: [number[], number[]] = [[], []];
    let [singles, word, shift] = [0, SINGLE_WORDS, 0];
    this.places = left.map((n) => {
      if (n === 0) return null;
      if (n === 1 && singles < SINGLE_WORDS * BITS) {
        const single = singles++;
        return { word: Math.floor(single / BITS), shift: single % BITS };
      }
      const bits = 32 - Math.clz32(n);
      if (shift + bits + 1 > BITS) [word, shift] = [word + 1, 0];
      const place = { word, shift };
      pad[word] = (pad[word] ?? 0) + (2 ** bits - 1 - n) * 2 ** shift;
      over[word] = (over[word] ?? 0) + 2 ** (shift + bits);
      shift += bits + 1;
      return place;
    });
    this.words = Math.max(LEAST_WORDS, word + 1);
    this.pad = Int32Array.from({ length: this.words }, (_, n) => pad[n] ?? 0);
    this.over = Int32Array.from({ length: this.words }, (_, n) => over[n] ?? 0);
  }

  /** Counts of each item as words. */
  wordsOf(counts: readonly number[]): Int32Array {
    const words = new Int32Array(this.words);
    counts.forEach((n, item) => {
      const place = nth(this.places, item);
      if (place && n > 0) words[place.word] = at(words, place.word) + n * 2 ** place.shift;
    });
    return words;
  }

  /**
   * Finds in a chain of rows those whose counts can go together with those of a row.
   * @param keys the words of every row, `width` from one row to the next
   * @param first the chain's first; negative: it is empty
   * @param next of each row the one after it in its chain
   * @param take told each that can
   * @returns how many there are in the chain
   */
  eachBeside(
    keys: Int32Array,
    width: number,
    row: number,
    first: number,
    next: Int32Array,
    take: (other: number) => void,
  ): number {
    const { pad, over, words } = this;
    const from = row * width;
    const [one, two, three] = [at(keys, from), at(keys, from + 1), at(keys, from + 2)];
    const [four, five] = [at(keys, from + 3) + at(pad, 3), at(keys, from + 4) + at(pad, 4)];
    const [overFour, overFive] = [at(over, 3), at(over, 4)];
    let met = 0;
    // Nearly all of the time goes into this loop: read without `at`, it takes less than half as long.
    for (let other = first; other >= 0; other = next[other] as number) {
      met++;
      const to = other * width;
      const common =
        (one & (keys[to] as number)) | (two & (keys[to + 1] as number)) | (three & (keys[to + 2] as number));
      const more = ((four + (keys[to + 3] as number)) & overFour) | ((five + (keys[to + 4] as number)) & overFive);
      if (common | more) continue;
      let word = LEAST_WORDS;
      while (word < words && !((at(keys, from + word) + at(keys, to + word) + at(pad, word)) & at(over, word))) word++;
      if (word === words) take(other);
    }
    return met;
  }
}
