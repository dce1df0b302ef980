import type { Ticks } from '../../ground/length';
import type { OutlineId } from './outlines';
import type { SmallThing } from './smallThing';

/** Things that are round enough to stand for a circle of paper. */
const ROUND: ReadonlySet<OutlineId> = new Set([
  'button',
  'flair',
  'flower',
  'doily',
  'dot',
  'sequin',
  'snowflake',
  'sun',
]);
/** How much smaller or larger than the circle they may be; smaller ones would leave the ring bare. */
const [LEAST, MOST] = [0.4, 1.3];

/** How wide a round thing is, ticks; null: it is none. */
export const widthOfRound = ({ outline, size }: SmallThing): Ticks | null =>
  ROUND.has(outline) ? Math.max(size.w, size.h) : null;

/** Whether a round thing can lie where a design has a circle of paper. Both as wide, ticks. */
export const canStandFor = (thing: Ticks, circle: Ticks): boolean => thing >= LEAST * circle && thing <= MOST * circle;
