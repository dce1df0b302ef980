import { isColours } from './colours';
import type { Unread } from './unread';

const ON_BACK =
  /(?:[,;(]|\bwith\b|\band\b|\s[-–—]\s)\s*(?=\S)([^,;()]{1,80}?)\son (?:the )?(?:back|reverse|other side|flip side)\s*\)?/iu;
const BACK =
  /(?:[,;(|]\s{0,9}|\s[-–—]\s{1,9})?(?<!\p{L})(?:back|reverse|b[- ]?side|side b|flip side)\s*(?:[:=]|\s[-–—]\s)\s*([^,;()|]+?)\s*(?:\)|(?=[,;|]|$))/iu;
const FRONT = /(?<!\p{L})(?:front|a[- ]?side|side a)\s*(?:[:=]|\s[-–—]\s)\s*/iu;

/**
 * The other face of a paper, told as `front / back`, `front: a, back: b`, `a (back: b)`, `a with b on the back`; it is
 * taken out of the line, but for the first manner, whose slash is a mark between the two. Null: none is told.
 */
export function takeBack(line: Unread): string | null {
  for (const pattern of [ON_BACK, BACK]) {
    const match = pattern.exec(line.left);
    if (!match) continue;
    const [whole, told = ''] = match;
    const at = match.index + whole.indexOf(told);
    const back = line.words(at, at + told.length);
    line.blank(match.index, match.index + match[0].length);
    line.take(FRONT);
    return back;
  }
  const slash = /(?<![\d\s]|\bw)\s*\/+\s*(?![\d\s])|\s\/+\s/u.exec(line.left);
  if (!slash) return null;
  const end = (/[,;|()]|\s[-–—]\s|$/u.exec(line.left.slice(slash.index))?.index ?? 0) + slash.index;
  const begin = Math.max(
    ...[...line.left.slice(0, slash.index).matchAll(/[,;:|()]|\s[-–—]\s/gu)].map((m) => m.index + m[0].length),
    0,
  );
  if (isColours(line.left.slice(begin, end))) return null;
  const back = line.words(slash.index + slash[0].length, end);
  if (back === '') return null;
  line.mark(slash.index, slash[0].length);
  return back;
}
