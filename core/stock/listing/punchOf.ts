import type { Size } from '../../ground/geometry';
import { parseLength, type Unit } from '../../ground/length';
import type { Punch } from '../things';
import { NUMBER } from './numbers';

const SIZE = String.raw`(?<size>${NUMBER}\s*(?:inch(?:es)?|in|cm|mm|["″])?)`;
const SHAPE = String.raw`(?<!\p{L})(?<shape>circle|round|hexagon)(?!\p{L})`;
/** What stamps shapes out; a die does so too. */
const PUNCH = /\b(?:punch(?:es)?|dies?)\b/i;
const BEHIND = new RegExp(String.raw`${SHAPE}[^\d]*?${SIZE}(?=[\s,]|$)`, 'iu');
const BEFORE = new RegExp(String.raw`(?<![\w/.])${SIZE}\s*${SHAPE}`, 'iu');

/** How far a punch reaches in, as told; null: it is not told. */
function reachOf(told: string | null, unit: Unit): number | null {
  const far = told === null ? null : parseLength(told, unit);
  return far?.ok && far.value > 0 ? far.value : null;
}

/** A punch or die for tags or labels, whose size stands on the line. */
export const tagPunchOf = (text: string, size: Size | null, reach: string | null, unit: Unit): Punch | null =>
  size && PUNCH.test(text) && /\b(?:tags?|labels?)\b/i.test(text)
    ? { shape: 'tag', size: size.w, height: size.h, reach: reachOf(reach, unit) }
    : null;

/**
 * What a punch stamps out, where its name tells it, `circle punch 1 1/2 in` or `3/4" circle punch`, and where its size
 * stands.
 * @param reach how far it reaches in, as told
 * @param unit what a measure without a unit is in
 */
export function punchOf(
  text: string,
  reach: string | null,
  unit: Unit,
): { punch: Punch; from: number; to: number } | null {
  const told = PUNCH.test(text) ? (BEHIND.exec(text) ?? BEFORE.exec(text)) : null;
  const { size: words = '', shape = '' } = told?.groups ?? {};
  const size = parseLength(words.replace(/inch(?:es)?/i, 'in'), unit);
  if (!told || !size.ok || size.value === 0) return null;
  const from = told.index + told[0].lastIndexOf(words);
  const punch: Punch = {
    shape: /hexagon/i.test(shape) ? 'hexagon' : 'circle',
    size: size.value,
    reach: reachOf(reach, unit),
  };
  return { punch, from, to: from + words.length };
}
