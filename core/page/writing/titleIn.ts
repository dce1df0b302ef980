import type { Size } from '../../ground/geometry';
import { inches, type Ticks } from '../../ground/length';
import { wrap } from './wrap';

/** A title as it stands in its place. */
export interface StandingTitle {
  /** How high its letters stand, ticks. */
  readonly height: Ticks;
  readonly lines: readonly string[];
  /** Whether it stands within its place. */
  readonly fits: boolean;
}

/** Sticker letters come about so high, the tallest first; ticks. Common practice, no source. */
const HEIGHTS = [1.5, 1.25, 1, 0.75, 0.5].map((high) => inches(high));
/** What a letter takes across with the gap beside it, of its height; from line to line. Common practice, no source. */
export const ACROSS = 0.72;
export const DOWN = 1.2;

function standing(words: string, { w, h }: Size, height: number): StandingTitle {
  const lines = wrap(words, Math.max(1, Math.floor(w / (height * ACROSS))));
  const widest = Math.max(0, ...lines.map((line) => line.length)) * height * ACROSS;
  const deep = height * (1 + (lines.length - 1) * DOWN);
  return { height, lines, fits: widest <= w && deep <= h };
}

/**
 * A title in its place: in letters as high as those of its set, or as the tallest usual ones that fit there, in one
 * line or more. They are never made smaller than letters come.
 * @param height of the set's letters, ticks; null: none is chosen
 */
export function titleIn(words: string, place: Size, height: number | null): StandingTitle {
  if (height !== null) return standing(words, place, height);
  const tried = HEIGHTS.map((high) => standing(words, place, high));
  const least = tried.at(-1) ?? standing(words, place, inches(0.5));
  return tried.find(({ fits, lines }) => fits && lines.length === 1) ?? tried.find(({ fits }) => fits) ?? least;
}
