import { inches } from '../../ground/length';
import { nth } from '../../ground/nth';

/** Whole eighths of an inch, downward: what a trimmer's marks show. */
export const eighths = (length: number): number => Math.floor(length / inches(1 / 8)) * inches(1 / 8);

/** Whole quarters of an inch, downward, at least one. */
export const quarters = (length: number): number =>
  Math.max(inches(1 / 4), Math.floor(length / inches(1 / 4)) * inches(1 / 4));

/** Circle punches, the largest first. Common practice, no source. */
const PUNCHES = [2, 1.5, 1.25, 1, 5 / 8].map(inches);

/** The largest circle punch that is no larger; the smallest where all are. */
export const punchFor = (d: number): number => PUNCHES.find((punch) => punch <= d) ?? nth(PUNCHES, PUNCHES.length - 1);
