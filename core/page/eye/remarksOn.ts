import { evenNumbers, loneRaised } from './counts';
import { coveredSubjects } from './covered';
import type { Remark, Sheet } from './eyed';
import { loneColours } from './loneColour';
import { looksOff } from './looksOff';
import { hairMargins } from './margins';
import { nearEdges } from './nearEdges';
import { offTheme } from './offTheme';
import { triangles } from './triangle';
import { uneven } from './weight';

const CHECKS: readonly ((sheet: Sheet) => Remark[])[] = [
  triangles,
  evenNumbers,
  loneRaised,
  loneColours,
  looksOff,
  coveredSubjects,
  hairMargins,
  nearEdges,
  uneven,
];

/**
 * What a second pair of eyes would say of a page. The measures are the house's, common practice without a source.
 * @param avoid words off the theme
 */
export const remarksOn = (sheet: Sheet, avoid: readonly string[]): Remark[] => [
  ...CHECKS.flatMap((check) => check(sheet).slice(0, MOST_OF_A_KIND)),
  ...offTheme(sheet, avoid).slice(0, MOST_OF_A_KIND),
];

/** Nobody reads more of one kind: what a page of a thousand things could be told would fill a hundred megabytes. */
const MOST_OF_A_KIND = 10_000;
