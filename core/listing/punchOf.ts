import { parseLength } from '../length';
import type { Punch } from '../things';
import { NUMBER, plainNumber } from './numbers';

const SIZE = String.raw`(?<size>${NUMBER}\s*(?:inch(?:es)?|in|cm|mm|["″])?)`;
const SHAPE = String.raw`(?<!\p{L})(?<shape>circle|round|hexagon)(?!\p{L})`;
const BEHIND = new RegExp(String.raw`${SHAPE}[^\d]*?${SIZE}(?=[\s,]|$)`, 'iu');
const BEFORE = new RegExp(String.raw`(?<![\w/.])${SIZE}\s*${SHAPE}`, 'iu');

/**
 * What a punch stamps out, where its name tells it, `circle punch 1 1/2 in` or `3/4" circle punch`, and where its size
 * stands.
 * @param reach how far it reaches in, as told
 */
export function punchOf(text: string, reach: string | null): { punch: Punch; from: number; to: number } | null {
  const told = /\bpunch(es)?\b/i.test(text) ? (BEHIND.exec(text) ?? BEFORE.exec(text)) : null;
  const { size: words = '', shape = '' } = told?.groups ?? {};
  const size = parseLength(plainNumber(words).replace(/inch(?:es)?/i, 'in'));
  if (!told || !size.ok || size.value === 0) return null;
  const far = reach === null ? null : parseLength(plainNumber(reach));
  const from = told.index + told[0].lastIndexOf(words);
  const punch: Punch = {
    shape: /hexagon/i.test(shape) ? 'hexagon' : 'circle',
    size: size.value,
    reach: far?.ok && far.value > 0 ? far.value : null,
  };
  return { punch, from, to: from + words.length };
}
