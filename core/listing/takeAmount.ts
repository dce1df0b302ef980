import type { About } from './thing';
import type { Unread } from './unread';

const LEVELS: readonly (readonly [RegExp, About])[] = [
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})(?:plenty|lots|full|new|nearly full)(?=\s*(?:$|[,;)]))/iu, 'plenty'],
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})three quarters(?: left| full)?(?=\s*(?:$|[,;)]))/iu, 0.75],
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})half(?: left| full)?(?=\s*(?:$|[,;)]))/iu, 0.5],
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})a quarter(?: left| full)?(?=\s*(?:$|[,;)]))/iu, 0.25],
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})(?:some|several|assorted amount)(?: left)?(?=\s*(?:$|[,;)]))/iu, 'some'],
  [
    /(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})(?:an? )?(?:few|nearly gone|nearly empty|almost gone)(?: left)?(?=\s*(?:$|[,;)]))/iu,
    'few',
  ],
  // Before what it is of: `half a roll of twine`.
  [/^\s*(?:about )?three quarters of (?:an?|the)(?=\s)/iu, 0.75],
  [/^\s*(?:about )?half (?:of )?(?:an?|the)(?=\s)(?!\s+dozen)/iu, 0.5],
  [/^\s*(?:about )?a quarter of (?:an?|the)(?=\s)/iu, 0.25],
];
const PERCENT = /(?<![\d.])(?:about )?(\d{1,3}) ?%(?: (?:left|full))?/iu;
const SHARE = /(?<![\d.])(?:about )?([1-9])\/([1-9])(?: (?:left|full))(?![\w/])/iu;
/** A share where nothing is said beside it, between commas. */
const BARE_SHARE = /(?<=[,;:(]\s{0,9})([1-9])\/([1-9])(?=\s*(?:$|[,;)]))/u;

/** About how much there is, where it is told so, and the words that tell it. */
export function takeAmount(line: Unread): { about: About; words: string } | null {
  for (const [pattern, about] of LEVELS) {
    const match = line.take(pattern);
    if (match) return { about, words: match[0].trim() };
  }
  const percent = /\d{1,3} ?%/.test(line.left) ? line.take(PERCENT) : null;
  if (percent && Number(percent[1]) >= 1 && Number(percent[1]) <= 100)
    return { about: Number(percent[1]) / 100, words: percent[0].trim() };
  const share = line.take(SHARE) ?? line.take(BARE_SHARE);
  return share ? { about: Math.min(1, Number(share[1]) / Number(share[2])), words: share[0].trim() } : null;
}
