import type { Ticks } from '../../ground/length';

/** A letter of a title, and how high it stands, ticks. */
export interface TapeLetter {
  readonly glyph: string;
  readonly height: Ticks;
}

/** A letter on its line, ticks from the line's left end. */
export interface TapeMark extends TapeLetter {
  readonly x: Ticks;
  readonly w: Ticks;
}

/** A title's line as it is laid along a ruler. */
export interface Tape {
  readonly marks: readonly TapeMark[];
  readonly width: Ticks;
  /** Of its tallest letter. */
  readonly height: Ticks;
}

/**
 * How wide capitals of sticker letters are, of their height; small letters about four fifths. Common practice, no
 * source.
 */
const NARROW = 0.36;
const WIDE = 0.98;
const BROAD = 0.78;
const PLAIN = 0.66;
const SMALL = 0.8;
/** Between two letters, and between two words, of their height. Common practice, no source. */
const GAP = 0.1;
const SPACE = 0.45;

/** How wide a letter is about, ticks. @param height ticks */
export function letterWidth(glyph: string, height: Ticks): Ticks {
  const capital = glyph.toUpperCase();
  const of = /[IJ1!.,'’]/.test(capital)
    ? NARROW
    : /[MW&@]/.test(capital)
      ? WIDE
      : /[OQGCDNHU]/.test(capital)
        ? BROAD
        : PLAIN;
  return Math.round((glyph === capital ? of : of * SMALL) * height);
}

/** Where each letter of a line of words stands: its left edge, from letters' own widths and the gaps between. */
export function tapeOf(words: readonly (readonly TapeLetter[])[]): Tape {
  const marks: TapeMark[] = [];
  let x = 0;
  for (const [i, word] of words.entries()) {
    for (const [j, letter] of word.entries()) {
      const gap = j > 0 ? GAP : i > 0 ? SPACE : 0;
      x += Math.round(gap * letter.height);
      const w = letterWidth(letter.glyph, letter.height);
      marks.push({ ...letter, x, w });
      x += w;
    }
  }
  return { marks, width: x, height: Math.max(0, ...marks.map(({ height }) => height)) };
}
