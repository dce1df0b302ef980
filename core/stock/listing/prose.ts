import { isHeads } from './heads';
import { NUMBER } from './numbers';
import { Unread } from './unread';
import { kindWordsIn } from './findKind';

/** `12x12`, `8 1/2 in x 11`, `A4`. */
export const SIZE = new RegExp(
  String.raw`(?<![\w/.])${NUMBER}(?:\s*|-)(?:in\b|inch\w*|cm|mm|["″])?\s*(?:[x×]|\bby\b)\s*${NUMBER}|(?<![\p{L}\d])A[3-6](?![\p{L}\d])`,
  'iu',
);
const COUNTED =
  /\(\s*(?:qty\s*)?\d+\s*\)|(?<!\p{L})[x×]\s*\d+(?!\w)|(?<![\d.])\d+\s*[x×](?!\w)|(?<!\d)\d+[\s-]*(?:pcs?|pieces?|ct|sheets?|rolls?|packs?|sets?|yards?|yds?|bags?)\b|\b(?:set|pack) of\b|\bqty\b/iu;
const OPENING =
  /^\s*(?:hi|hello|hey|dear|welcome|thanks?|thank you|enjoy|happy|congratulations|love,|xo+|see you|we|i|our|your|this month|here|don['’]?t|please|remember|note|ps|p\.s\.|all (?:items|kits)|items may|while|if|for more|visit|follow|share|tag us|questions|have (?:fun|a)|hope|hooray|yay|good|greetings|that['’]s|what|when|you|total|ships?|shipping)(?![\p{L}\d-])/iu;
/** Of a bill or a printed page, whatever numbers it tells. */
const OF_BILL =
  /^\s*(?:page \d+ (?:of|\/) \d+|(?:order|invoice)\s*(?:#|no\.?|number|date|id)[\s:#]*[\d/. -]*|(?:sub-?)?total(?:\s+items?)?\s*:?\s*\d+(?:\s+items?)?)\s*$/iu;
/** Of a page that it was copied from. */
const TAGS = /<\/?[a-z][^<>]{0,80}>/giu;
/** `All papers 12x12 unless noted`: it says something of the others. */
const UNLESS =
  /^\P{L}*(?:(?:all|every|each)\s(?:.*\s)?)?unless\s+(?:otherwise\s+)?(?:noted|stated|marked|indicated|said|specified)(?!\p{L})/iu;
const PERSON =
  /(?<![\p{L}'])(?:you|your|yours|we|we['’]re|we['’]ve|our|us|i|i['’]m|my|hope|enjoy|thank|thanks|please)(?![\p{L}\d])/iu;
const MONTH =
  'jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?';
const TITLE = new RegExp(
  String.raw`(?<!\p{L})(?:(?:${MONTH})\.?\s+(?:19|20)\d\d|(?:main |monthly |page |card |layout |full |add-?on )?kit|packing (?:list|slip)|contents|subscription|parcel|what['’]?s (?:inside|in)|inside (?:your|the|this)|(?:in )?(?:your|this) (?:box|kit|parcel)|includes:?|add-?ons?:?$)(?!\p{L})`,
  'iu',
);
const DAY = new RegExp(String.raw`^\s*(?:${MONTH})\.?(?:\s+(?:19|20)\d\d)?\s*:?\s*$`, 'iu');
const LINK = /https?:|www\.|\.(?:com|org|net)\b|@[a-z]\w|(?:^|\s)#[a-z]\w/i;
const MOST_WORDS = 9;
/** No thing is told in so many characters. */
const LONGEST_THING = 600;

/** The words of a text, and its numbers. */
export const wordsOf = (text: string): string[] => text.match(/[\p{L}\p{M}\d'’]+/gu) ?? [];

/** Whether a line is a greeting, a sentence, a title: nothing to take in. */
export function isWords(text: string): boolean {
  if (text.length > LONGEST_THING) return true;
  const { left } = new Unread(text);
  const words = wordsOf(text.replace(TAGS, ' '));
  if (words.length === 0 || UNLESS.test(left)) return true;
  if (LINK.test(left) || DAY.test(left) || OF_BILL.test(left) || isHeads(left)) return true;
  const isSized = SIZE.test(left);
  const isCounted = COUNTED.test(left) || /^\s*(?:\d+|\(\d+\))\s*(?:[-–x×:]\s*)?\D/u.test(left);
  const isSentence = /[.!?…]\s*$/.test(text) && words.length >= 4;
  if (OPENING.test(left) && (isSentence ? words.length >= 4 && !isSized : !isSized && !isCounted)) return true;
  if (isSized || isCounted) return false;
  if (TITLE.test(left) && kindWordsIn(left).every(({ kind }) => kind === 'card' || kind === 'paper')) return true;
  if (PERSON.test(left) && words.length >= 3) return true;
  if (/[!?]\s*$/.test(text) && kindWordsIn(left).length === 0) return true;
  if (
    isSentence &&
    /(?<!\p{L})(?:is|are|was|were|be|will|has|have|can|ship|ships|shipped|comes?|goes|made|makes)(?!\p{L})/iu.test(left)
  )
    return true;
  return words.length > MOST_WORDS && kindWordsIn(left).length === 0;
}
