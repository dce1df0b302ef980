import { FIGURES, NUMBER_WORD, WHOLE, wholeOf } from './numbers';
import type { Doubt } from './thing';
import type { Unread } from './unread';

const PIECES = 'pcs?|pieces?|pc|ct|cnt|counts?|ea|each|sheets?|shts?|in all|in total|altogether|total';
const HOLDERS =
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
/** `8 designs, 2 of each`. */
const OF_EACH = re(
  String.raw`(?<![\p{L}\d/.])(\d+)\s+(?:different\s+)?(?:designs?|styles?|colou?rs?|kinds?|sorts?)\s*[,;(]?\s*(\d+)\s+(?:of\s+)?each\b\)?`,
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
const MARKED = re(String.raw`(?<!\d)(?:[-–—,:;|\t]|\.{2,})\s*(?:${ABOUT})?(${FIGURES})\s*(?=$|[,;|)\t]|\s[-–—]\s)`);
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
  const each = line.take(OF_EACH);
  if (each) pieces.push({ ...toldIn(each, 1), n: wholeOf(each[1] ?? '') * wholeOf(each[2] ?? '') });
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
  return { plain, holders, pieces, isOf: of !== null, begins: isWord ? toldIn(lead, 4) : null, trailing };
}

/**
 * How many there are: packs times what is in each. A number that is told beside them, and does not go with them, is in
 * doubt.
 * @param isCounted of such things a number behind the name is how many there are; of papers it may be part of the name
 */
export function takeCounts(line: Unread, isCounted: boolean): Counts {
  const { plain, holders, pieces, isOf, begins, trailing } = takeTold(line);
  // A number word that begins the line may begin a name, and a number behind it end one.
  const doubts: Doubt[] = [begins, trailing].flatMap((one) =>
    one && !isCounted ? [{ ...one, why: 'So many, or a part of the name?' }] : [],
  );
  for (const one of [...plain.slice(1), ...pieces.slice(1), ...holders.slice(1)])
    doubts.push({ words: one.words, from: one.from, to: one.to, why: 'A second number: which of them counts?' });
  for (const one of [...plain, ...pieces])
    if (VAGUE.test(one.words) || RANGE_WORDS.test(one.words))
      doubts.push({ words: one.words, from: one.from, to: one.to, why: 'Not counted exactly.' });
  const many = (holders[0]?.n ?? 1) * (plain[0]?.n ?? 1);
  const inEach = pieces[0];
  const isEach = inEach !== undefined && /each|ea\b/i.test(inEach.words);
  if (inEach && many > 1 && !isOf && !isEach)
    doubts.push({ words: inEach.words, from: inEach.from, to: inEach.to, why: 'In each, or in all? Read as in each.' });
  line.take(LEFT_BEHIND);
  const all = [...plain, ...pieces, ...holders];
  if (all.length === 0) return { count: null, isOfWholes: false, ofEach: null, doubts };
  const isOfWholes = inEach ? /sheets?|shts?/i.test(inEach.words) : holders.length > 0;
  const count = inEach ? many * inEach.n : many;
  const [{ words, from, to }] = all as [Told];
  if (count === 0) doubts.push({ words, from, to, why: 'None of it? Read as one.' });
  if (count > MOST_OF_A_LINE) doubts.push({ words, from, to, why: `More than ${MOST_OF_A_LINE}?` });
  return { count: count === 0 || count > 1e6 ? 1 : count, isOfWholes, ofEach: isEach ? inEach : null, doubts };
}
