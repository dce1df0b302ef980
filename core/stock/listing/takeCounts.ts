import { FIGURES, NUMBER_WORD, WHOLE, wholeOf } from './numbers';
import type { Doubt } from './thing';
import type { Unread } from './unread';

export const PIECES = 'pcs?|pieces?|pc|ct|cnt|counts?|ea|each|sheets?|shts?|in all|in total|altogether|total';
export const HOLDERS =
  'packs?|pks?|pkgs?|pkts?|packets?|packages?|sets?|bags?|boxes|box|bottles?|tubes?|jars?|rolls?|spools?|skeins?|bundles?|reels?|books?';

/** What makes a count that stands behind it no sure one. */
const ABOUT = String.raw`about |approx\.? |approximately |around |ca\.? |~\s?|over |under |up to |at least |more than |less than |nearly |almost `;
const word = (inner: string): string => String.raw`(?<![\p{L}\d/.])(?:${inner})(?![\p{L}\d/.]|[.,]\d)`;
const re = (source: string, flags = 'iu'): RegExp => new RegExp(source, flags);

/** `2 packs of 8`, `pack of 8`, `set of five`. */
const OF = re(
  word(
    String.raw`(?:(${WHOLE})\s*[x×]?\s+|an?\s+)?(?:${HOLDERS}|sheets?|assortment|lot)\s+of\s+(${WHOLE})(?:\s+(?:${PIECES}))?`,
  ),
);
const SORTS = String.raw`(?:different\s+)?(?:designs?|styles?|colou?rs?|kinds?|sorts?|patterns?|prints?|sizes?|shapes?)`;
const SO_MANY = String.raw`(?<![\p{L}\d/.])(${WHOLE})`;
/** `8 designs, 2 of each`. */
const OF_EACH = re(String.raw`${SO_MANY}\s+${SORTS}\s*[,;(]?\s*(${WHOLE})\s+(?:of\s+)?(?:each|ea)(?!\p{L})\.?\)?`);
/** `2 each of 8 designs`, `2 sheets of each of 8`. */
const EACH_OF = re(
  String.raw`${SO_MANY}\s+(?:(?:sheets?|copies|pcs?|pieces?|rolls?)\s+)?(?:of\s+)?(?:each|ea\.?)\s+(?:of|in)\s+(${WHOLE})(?![\p{L}\d/.])(?:\s+${SORTS}(?!\p{L}))?`,
);
/** `2 of each`, `2 of each design`: what is told besides is how many there are in all. */
const SOME_OF_EACH = re(String.raw`${SO_MANY}\s+(?:of\s+)?(?:each|ea)(?:\s+${SORTS})?(?!\p{L})`);
/** `12 per pack`, `12/pk`, `12 in each bag`. */
const PER_PACK = re(
  String.raw`${SO_MANY}(?:\s*(?:pcs?|pieces?))?(?:\s*\/\s*|\s+(?:per|in each|in every|in an?|to an?)\s+)(?:packs?|pks?|pkgs?|pkts?|packets?|packages?|sets?|bags?|box|bottle|tube|jar|bundle)(?!\p{L})`,
);
/** `13 of 24 sheets left`, `18 left of 40`, `9 left`: those that are left count. */
const LEFT = re(
  word(
    String.raw`(\d+)\s+(?:out\s+)?of\s+(?:the\s+)?\d+\s+(?:(?:${PIECES}|${HOLDERS})\s+)?left|(\d+)\s+(?:(?:${PIECES}|${HOLDERS})\s+)?left(?:\s+(?:out\s+)?of\s+(?:the\s+)?\d+)?`,
  ),
);
/** `qty 2`, `quantity: 2`. */
const QTY = re(word(String.raw`(?:qty|quantity|count)\b\s*[.:=]?\s*(${WHOLE})|(\d+)\s*qty`));
/** `35 pcs`, `24-piece`, `2 sheets`, `20ct`. */
const OF_PIECES = re(word(String.raw`(?:${ABOUT})?(${WHOLE})(?:\s*\+)?[\s-]*(?:full\s+)?(${PIECES})\b\.?`), 'giu');
const OF_HOLDERS = re(word(String.raw`(${WHOLE})[\s-]*(${HOLDERS})\b\.?`), 'giu');
const PAIRS = re(String.raw`(?<![\p{L}\d/.])(?:(${WHOLE})\s+|a\s+|(?<=^\s*))(?:pairs?|prs?\.?)(?:\s+of)?(?=\s+\p{L})`);
const AGAIN = re(String.raw`(?<![\p{L}\d])(${NUMBER_WORD})\s*\((\d+)\)`, 'giu');
/** `8–10 pieces`: nobody knows how many. */
const RANGE = re(
  String.raw`(?<![\p{L}\d/.-])(\d{1,3})\s?(?:[-–—]|\bto\b)\s?(\d{1,3})(?=\s+(?:${PIECES}|${HOLDERS}|\p{L}))(?!\s+\d)`,
  'giu',
);
/** Sheets and packs that a count leaves behind it: `sheets of`. */
const LEFT_BEHIND = re(String.raw`(?<!\p{L})(?:an?\s+)?(?:${HOLDERS}|sheets?|pieces?|pcs?)\.?\s+of(?!\p{L})`);
/** A count before all else: `2 x`, `2x`, `(2)`, `2 -`, `2:`, `2 `, `two `. */
const LEADING = re(
  String.raw`^\s*(?:${ABOUT})?(?:[(\[](${WHOLE})[)\]]|(${WHOLE})\s*[x×](?=[\s(])|x\s*(\d+)(?=\s)|(${WHOLE})\s*(?:[-–—:.)]\s|[,;|\t]|\+?\s(?=\s*[^\s\d]|\s*\d)))`,
);
/** `x2`, `x 2`, `2x` behind. */
const TIMES = re(String.raw`(?<![\p{L}\d])[x×]\s*(\d+)(?![\p{L}\d/.])|(?<![\p{L}\d/.])(\d+)\s*[x×](?=\s*(?:$|[,;)]))`);
const PAREN = re(String.raw`[(\[]\s*(?:${ABOUT})?(${FIGURES})\s*\+?\s*[)\]]`);
/** Behind a mark, or alone between two: `- 12`, `, 5`. */
const MARKED = re(String.raw`(?<!\d)(?:[-–—,:;|\t]|\.{2,})\s*(?:${ABOUT})?(${FIGURES})\s*(?=$|[,;|()\t]|\s[-–—]\s)`);
const TRAILING = re(
  String.raw`(?<=[\p{L})'"\uE000]\s{1,9})(?<!reach(?:es)?\s{1,9})(\d+)(?=\s*(?:$|[,;:)(]|\s[-–—]\s))`,
);

export interface Counts {
  /** What is counted; null: nothing is told. */
  readonly count: number | null;
  /** Sheets, or packs of which nobody says what is in them. */
  readonly isOfWholes: boolean;
  /** So many are there of each, where that is said. */
  readonly ofEach: Omit<Told, 'n'> | null;
  readonly doubts: readonly Doubt[];
}

/** So many of one line can be taken in; each sheet is a piece of its own, and more would hang a window. */
export const MOST_OF_A_LINE = 10_000;

interface Told {
  readonly n: number;
  readonly from: number;
  readonly to: number;
  readonly words: string;
}

/** `Two (2) sheets`: the figure only says the word again. */
function takeAgain(line: Unread): void {
  const isSame = ([, word = '', figure = '']: RegExpExecArray): boolean => wholeOf(word) === Number(figure);
  for (const { index, 1: word = '' } of line.takeAll(AGAIN, isSame)) line.restore(index, index + word.length);
}

const RANGE_WORDS = /\d\s?(?:[-–—]|to)\s?\d/;
/** What words that stand before counts make of them: they are not sure. */
const VAGUE = new RegExp(String.raw`(?<!\p{L})(?:${ABOUT})|\+`, 'iu');

interface AllTold {
  readonly plain: Told[];
  readonly holders: Told[];
  readonly pieces: Told[];
  /** The packs and what is in each are told in one: `2 packs of 8`. */
  readonly isOf: boolean;
  /** So many of each of so many, multiplied: they are all there are. */
  readonly ofSorts: Told | null;
  /** What is in each pack is said to be in each. */
  readonly isPerPack: boolean;
  /** The number word that begins the line. */
  readonly begins: Told | null;
  /** The number behind a name. */
  readonly trailing: Told | null;
}

/** @param groups that may hold the number */
const toldIn = (match: RegExpExecArray, ...groups: number[]): Told => ({
  n: wholeOf(groups.map((group) => match[group]).find((one) => one !== undefined) ?? ''),
  from: match.index,
  to: match.index + match[0].length,
  words: match[0].trim(),
});

/** From so many to so many: the fewest count. */
function takeRange(line: Unread): Told | null {
  const [range] = line.takeAll(RANGE, ([, from, to]) => Number(from) < Number(to));
  return range ? toldIn(range, 1) : null;
}

/** Takes out all that tells how many. */
function takeTold(line: Unread): AllTold {
  const [plain, holders, pieces]: [Told[], Told[], Told[]] = [[], [], []];
  takeAgain(line);
  const range = takeRange(line);
  if (range) pieces.push(range);
  const left = line.take(LEFT);
  if (left) pieces.push(toldIn(left, 1, 2));
  const of = line.take(OF);
  if (of) {
    pieces.push(toldIn(of, 2));
    if (of[1] !== undefined) plain.push(toldIn(of, 1));
  }
  const sorts = line.take(OF_EACH) ?? line.take(EACH_OF);
  const ofSorts = sorts && { ...toldIn(sorts, 1), n: wholeOf(sorts[1] ?? '') * wholeOf(sorts[2] ?? '') };
  const perPack = line.take(PER_PACK);
  if (perPack) pieces.push(toldIn(perPack, 1));
  const pairs = line.take(PAIRS);
  if (pairs) pieces.push({ ...toldIn(pairs, 1), n: 2 * wholeOf(pairs[1] ?? '1') });
  const qty = line.take(QTY);
  if (qty) plain.push(toldIn(qty, 1, 2));
  for (const match of line.takeAll(OF_PIECES)) pieces.push(toldIn(match, 1));
  for (const match of line.takeAll(OF_HOLDERS)) holders.push(toldIn(match, 1));
  const lead = line.take(LEADING);
  if (lead) plain.push(toldIn(lead, 1, 2, 3, 4));
  for (const pattern of [TIMES, PAREN, MARKED]) {
    const match = line.take(pattern);
    if (match) plain.push(toldIn(match, 1, 2));
  }
  const match = plain.length + pieces.length + holders.length === 0 ? line.take(TRAILING) : null;
  const trailing = match && toldIn(match, 1);
  if (trailing) plain.push(trailing);
  const isWord = lead !== null && re(`^(?:${NUMBER_WORD})$`).test((lead[4] ?? '').trim());
  // Before a size it counts.
  const words = lead ? line.text.slice(lead.index + lead[0].length - lead[0].trimStart().length) : '';
  const isBeforeSize = /^\s*\d/.test(words.slice(lead?.[4]?.length));
  const begins = isWord && !isBeforeSize ? toldIn(lead, 4) : null;
  return { plain, holders, pieces, isOf: of !== null, ofSorts, isPerPack: perPack !== null, begins, trailing };
}

/** `10pk`: a number and its pack in one word. */
const PACK_OF = /^\d+(?:pks?|packs?|cts?)\b/i;

const SET = re(word(HOLDERS + '|pads?|blocks?|kits?'));
/** `1 stamp set, 14 stamps`: what it is called is counted again, inside it. */
function takeCalledAgain(line: Unread, called: string): Told | null {
  if (!SET.test(line.text)) return null;
  const stems = called.split(/[^\p{L}]+/u).filter((one) => one.length > 2 && !SET.test(one));
  if (stems.length === 0) return null;
  const nouns = stems.map((stem) => stem.replace(/s$/iu, '')).join('|');
  const again = line.take(
    re(String.raw`(?<=[,;:(]\s*|\s[-–—]\s+)(${WHOLE})\s+(?:${nouns})e?s?(?:\s+each)?(?=\s*(?:$|[,;)]))`),
  );
  return again && toldIn(again, 1);
}

const doubtOf = ({ words, from, to }: Told, why: string): Doubt => ({ words, from, to, why });

/** `10 papers, 2 each`, `2 x 10 pieces`: so many in all, or so many times as many? */
function inEachDoubts(inEach: Told | undefined, so: { many: number; ofEach: boolean; isSure: boolean }): Doubt[] {
  if (!inEach || so.isSure || so.many <= 1 || (so.ofEach && inEach.n <= 1)) return [];
  const each = so.ofEach ? 'Of each' : 'In each';
  return [doubtOf(inEach, `${each}, or in all? Read as ${each.toLowerCase()}.`)];
}

/** What is told of each, where it comes out even with how many there are in all, says nothing more. */
function takeSomeOfEach(line: Unread, count: number): void {
  const [, n = ''] = SOME_OF_EACH.exec(line.left) ?? [];
  if (n !== '' && count % wholeOf(n) === 0) line.take(SOME_OF_EACH);
}

/**
 * How many there are: packs times what is in each. A number that is told beside them, and does not go with them, is in
 * doubt.
 * @param isCounted of such things a number behind the name is how many there are; of papers it may be part of the name
 * @param called the words that tell its kind; null: none do
 */
export function takeCounts(line: Unread, isCounted: boolean, called: string | null = null): Counts {
  const inside = called === null ? null : takeCalledAgain(line, called);
  const told = takeTold(line);
  const { holders, isOf, isPerPack, ofSorts, begins, trailing } = told;
  // How many there are in all may be told besides.
  const isOther = ({ n }: Told): boolean => ofSorts === null || (n !== ofSorts.n && n !== 1);
  const plain = told.plain.filter(isOther);
  const pieces = [...(ofSorts ? [ofSorts] : []), ...[...(inside ? [inside] : []), ...told.pieces].filter(isOther)];
  const inEach = pieces[0];
  const isEach = inEach !== undefined && /each|ea\b/i.test(inEach.words);
  const isOfPacks = holders.length > 0 && isEach;
  const soMany = ofSorts ? 1 : (plain[0]?.n ?? 1);
  const many = (holders[0]?.n ?? 1) * soMany;
  const seconds = [...plain.slice(ofSorts ? 0 : 1), ...pieces.slice(1), ...holders.slice(1)];
  const vague = [...plain, ...pieces].filter(({ words }) => VAGUE.test(words) || RANGE_WORDS.test(words));
  const doubts: Doubt[] = [
    // A number word that begins the line may begin a name, and a number behind it end one.
    ...[begins, trailing].flatMap((one) =>
      one && !isCounted ? [doubtOf(one, 'So many, or a part of the name?')] : [],
    ),
    ...seconds.map((one) => doubtOf(one, 'A second number: which of them counts?')),
    ...vague.map((one) => doubtOf(one, 'Not counted exactly.')),
    ...inEachDoubts(inEach, { many, ofEach: isEach, isSure: isOf || isPerPack || isOfPacks || ofSorts !== null }),
  ];
  line.take(LEFT_BEHIND);
  const [first] = [...plain, ...pieces, ...holders];
  if (!first) return { count: null, isOfWholes: false, ofEach: null, doubts };
  // `10pk`, in one word, is a pack of ten; `10 pk` are ten packs.
  const isPackOf = holders.length > 0 && holders.every(({ words }) => PACK_OF.test(words));
  const isOfWholes = inEach ? /sheets?|shts?/i.test(inEach.words) : holders.length > 0 && !isPackOf;
  const count = inEach ? many * inEach.n : many;
  if (count === 0) doubts.push(doubtOf(first, 'None of it? Read as one.'));
  if (count > MOST_OF_A_LINE) doubts.push(doubtOf(first, `More than ${MOST_OF_A_LINE}?`));
  takeSomeOfEach(line, count);
  return { count: count === 0 || count > 1e6 ? 1 : count, isOfWholes, ofEach: isEach ? inEach : null, doubts };
}
