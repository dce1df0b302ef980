import type { About } from './thing';
import type { Unread } from './unread';

const LEVELS: readonly (readonly [RegExp, About])[] = [
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})(?:plenty|lots|full|new|nearly full)(?=\s*(?:$|[,;)]))/iu, 'plenty'],
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})three quarters(?: left| full)?(?=\s*(?:$|[,;)]))/iu, 0.75],
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})half(?: left| full| gone| used)?(?=\s*(?:$|[,;)]))/iu, 0.5],
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})a quarter(?: left| full)?(?=\s*(?:$|[,;)]))/iu, 0.25],
  [/(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})(?:some|several|assorted amount)(?: left)?(?=\s*(?:$|[,;)]))/iu, 'some'],
  [
    /(?<=^|[,;:(]\s{0,9}|\s[-–—]\s{1,9})(?:an? )?(?:few|nearly gone|nearly empty|almost gone)(?: left)?(?=\s*(?:$|[,;)]))/iu,
    'few',
  ],
];
/** Before things of a known kind: `some die cuts`, `a few of the labels`. Elsewhere they may begin a name. */
const BEFORE: readonly (readonly [RegExp, About])[] = [
  [/^\s*(?:some|several)(?: of the)?(?=\s+\p{L})/iu, 'some'],
  [/^\s*(?:just )?(?:a )?few(?: of the)?(?=\s+\p{L})/iu, 'few'],
  [/^\s*(?:lots|loads|plenty|a bunch|a handful) of(?: the)?(?=\s+\p{L})/iu, 'plenty'],
];

/** Shares in words. */
const IN_WORDS: ReadonlyMap<string, number> = new Map<string, number>(
  Object.entries({
    half: 1 / 2,
    most: 3 / 4,
    'a third': 1 / 3,
    'one third': 1 / 3,
    'two thirds': 2 / 3,
    'a quarter': 1 / 4,
    'one quarter': 1 / 4,
    'three quarters': 3 / 4,
  }),
);
/** Before what it is of: `half a roll of twine`, `2/3 of a sheet`. */
const OF_ONE =
  /^\s*(?:about )?(?:(half)(?: of)?|(most|a third|one third|two thirds|a quarter|one quarter|three quarters|[1-9]\/[1-9]) of) (?:an?|the|one)(?=\s)(?!\s+dozen)(?: (?:rolls?|sheets?|packs?|pads?|spools?|bags?|jars?|bottles?)(?: of)?(?!\p{L}))?/iu;
const PERCENT = /(?<![\d.])(?:about )?(\d{1,3}) ?%(?: (?:left|full))?/iu;
const SHARE = /(?<![\d.])(?:about )?([1-9])\/([1-9])(?: (?:left|full))(?![\w/])/iu;
/** A share where nothing is said beside it, between commas. */
const BARE_SHARE = /(?<=[,;:(]\s{0,9})([1-9])\/([1-9])(?=\s*(?:$|[,;)]))/u;

function shareOf(told: string): number {
  const [n = 1, all = 1] = told.split('/').map(Number);
  return IN_WORDS.get(told) ?? Math.min(1, n / all);
}

/** About how much there is, where it is told so, and the words that tell it. @param isKnown its words tell its kind */
export function takeAmount(line: Unread, isKnown: boolean): { about: About; words: string } | null {
  for (const [pattern, about] of isKnown ? [...LEVELS, ...BEFORE] : LEVELS) {
    const match = line.take(pattern);
    if (match) return { about, words: match[0].trim() };
  }
  const ofOne = line.take(OF_ONE);
  if (ofOne) return { about: shareOf((ofOne[1] ?? ofOne[2] ?? '').toLowerCase()), words: ofOne[0].trim() };
  const percent = /\d{1,3} ?%/.test(line.left) ? line.take(PERCENT) : null;
  if (percent && Number(percent[1]) >= 1 && Number(percent[1]) <= 100)
    return { about: Number(percent[1]) / 100, words: percent[0].trim() };
  const share = line.take(SHARE) ?? line.take(BARE_SHARE);
  return share ? { about: Math.min(1, Number(share[1]) / Number(share[2])), words: share[0].trim() } : null;
}
