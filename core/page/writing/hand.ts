import { inches, toInches, type Ticks } from '../../ground/length';
import type { Hand } from '../../stock/things';

/** A small, even hand with a fine pen. Common practice, no source. */
export const SMALL_HAND: Hand = { name: 'a small hand', perInch: 12, line: inches(1 / 4) };

/** What she writes once with each pen, to be measured. */
export const SAMPLE = 'The lamp was lit at ten and the moths came one by one';

/** Her hand with one pen, from the sample as she wrote it. @param width of that line, ticks @param line from line to line */
export const measuredHand = (name: string, width: Ticks, line: Ticks): Hand => ({
  name,
  perInch: Math.round((SAMPLE.length / toInches(width)) * 100) / 100,
  line,
});
