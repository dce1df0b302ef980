import { inches } from '../../ground/length';
import type { Doubt, Thing } from './thing';
import type { Unread } from './unread';

const word = (inner: string): string => String.raw`(?<!\p{L})(?:${inner})(?!\p{L})`;

/** What is so large is no half of a sheet. */
const WHOLE_SHEET = 100 * inches(1) * inches(1);
const HALF_SHEETS = /(?<!\p{L})half(?=[- ]?sheets?(?!\p{L}))/iu;
/** Where how much is left is told besides, the word says nothing more. */
const LEFT = new RegExp(String.raw`${word('left|remaining')}(?=\s*(?:$|[,;:.()]))`, 'giu');
const SCRAPS = new RegExp(word('scraps?|off-?cuts?|snippets?'), 'iu');
/** Words by which a thing is told to be less than it was. */
const LESS = new RegExp(
  [
    word('half|part|rest|most|some|much|(?:a |one |two |three )?(?:thirds?|quarters?|fourths?)') +
      String.raw`\s+(?:of\s+)?(?:an?\s+|the\s+)?${word('sheets?|rolls?|packs?|pads?|spools?|gone|used|cut|missing')}`,
    word('most|part|rest') + String.raw`\s+of(?!\p{L})`,
    String.raw`(?<=\d\s*)half(?=\s*(?:$|[,;)]))`,
    word(
      'partial(?:ly)?|partly|mostly|missing|gone|minus|used(?: up)?|opened|torn|half[- ]used|already cut|cut (?:up|off|out|down|into)',
    ),
  ].join('|'),
  'iu',
);

/**
 * What a line says of a thing that is no more whole, and nothing explains: it is in doubt.
 * @param isTold how much of it is left is told: so many, so long, so large, such a part
 * @param size of a sheet
 */
export function takeNotWhole(line: Unread, isTold: boolean, size: Thing['size']): Doubt[] {
  const at = ({ 0: words, index }: RegExpExecArray) => ({ words, from: index, to: index + words.length });
  const half = HALF_SHEETS.exec(line.text);
  if (half && size?.h && size.w * size.h < WHOLE_SHEET) line.take(/(?<!\p{L})half(?!\p{L})/iu);
  else if (half) return [{ ...at(half), why: 'Half a sheet: how large is it?' }];
  if (isTold) line.takeAll(LEFT);
  const scraps = SCRAPS.exec(line.left);
  if (scraps) return [{ ...at(scraps), why: 'Scraps are taken in by their sizes, in the stash.' }];
  const less = LESS.exec(line.left) ?? (isTold ? null : new RegExp(LEFT.source, 'iu').exec(line.left));
  return less ? [{ ...at(less), why: 'Not whole? Say how many there are, or how large it is.' }] : [];
}
