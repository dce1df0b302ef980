import { coloursIn } from '../../ground/colour';

/** What things are made of, and what says nothing of what a kit is about. */
const NO_THEME = new Set(
  (
    'paper papers card cards cardstock vellum felt wood wooden wool woollen cork metal brass copper glass linen cotton ' +
    'leather acrylic chipboard enamel resin kraft gold silver and the for with from of in on at to a an my our your kit ' +
    'box club month monthly collection edition main add extra mixed mix old older new about january february march ' +
    'april may june july august september october november december spring summer autumn winter'
  ).split(' '),
);

/** Words whose plural does not follow the rule. */
const LIKES: readonly (readonly [string, string])[] = [
  ['leaf', 'leaves'],
  ['loaf', 'loaves'],
  ['wolf', 'wolves'],
  ['mouse', 'mice'],
  ['goose', 'geese'],
  ['woman', 'women'],
  ['child', 'children'],
];

const isPlural = (one: string, many: string): boolean =>
  many === `${one}s` ||
  many === `${one}es` ||
  (one.endsWith('y') && many === `${one.slice(0, -1)}ies`) ||
  LIKES.some(([single, several]) => single === one && several === many);

/** So many letters at the front must be alike: `garden` and `gardening`, and not `wood` and `woollen`. */
const ALIKE = 5;

/** Whether two words are of one theme: the same, one of them and several, or five letters alike at the front. */
export const isOneTheme = (a: string, b: string): boolean =>
  a.split('-').some((one) => b.split('-').some((other) => isAlike(one, other)));

function isAlike(a: string, b: string): boolean {
  if (a === b || isPlural(a, b) || isPlural(b, a)) return true;
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  return short.length >= ALIKE && long.startsWith(short);
}

/** Words of a text, in small letters. */
export const wordsIn = (text: string): readonly string[] => text.toLowerCase().match(/\p{L}+/gu) ?? [];

/** Whether a word can tell of a theme: no colour, no material, no small word. */
export const isThemeWord = (word: string): boolean =>
  word.length > 2 && !NO_THEME.has(word) && coloursIn(word).length === 0;

/** What a kit may be about, by its name: proposed, and hers to put right. */
export const themeWords = (name: string): readonly string[] => [...new Set(wordsIn(name).filter(isThemeWord))];

/** The words of kits' themes, as far as they tell of one. */
export const themesOf = (kits: Iterable<{ readonly theme: readonly string[] }>): readonly string[] =>
  [...kits].flatMap(({ theme }) => theme.flatMap(wordsIn)).filter(isThemeWord);
