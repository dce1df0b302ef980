import type { Size } from '../geometry';
import { toInches } from '../length';
import { SMALL_HAND, type Hand } from './hand';
import { wrap } from './wrap';

/** Writing as it stands in its place. */
export interface Written {
  readonly lines: readonly string[];
  /** How many lines the place has room for. */
  readonly room: number;
}

/** Words written into a place, line by line, as large as the hand writes: more lines than there is room for stay more. */
export function writtenIn(text: string, { w, h }: Size, hand: Hand = SMALL_HAND): Written {
  const most = Math.max(1, Math.floor(toInches(w) * hand.perInch));
  return { lines: wrap(text, most), room: Math.max(1, Math.floor(h / hand.line)) };
}
