/** A letter of a title on its line, ticks from the line's left end. */
export interface TapeMark {
  readonly glyph: string;
  readonly x: number;
  readonly w: number;
}

/** A title's line as it is laid along a ruler. */
export interface Tape {
  readonly marks: readonly TapeMark[];
  readonly width: number;
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

function widthOf(glyph: string): number {
  const capital = glyph.toUpperCase();
  const of = /[IJ1!.,'’]/.test(capital)
    ? NARROW
    : /[MW&@]/.test(capital)
      ? WIDE
      : /[OQGCDNHU]/.test(capital)
        ? BROAD
        : PLAIN;
  return glyph === capital ? of : of * SMALL;
}

/**
 * Where each letter of a line stands: its left edge, from letters' own widths and the gaps between. @param height ticks
 */
export function tapeOf(line: string, height: number): Tape {
  const marks: TapeMark[] = [];
  let x = 0;
  for (const glyph of line) {
    if (glyph === ' ') {
      x += Math.round(SPACE * height);
      continue;
    }
    const last = marks.at(-1);
    if (last && x === last.x + last.w) x += Math.round(GAP * height);
    const w = Math.round(widthOf(glyph) * height);
    marks.push({ glyph, x, w });
    x += w;
  }
  return { marks, width: x };
}
