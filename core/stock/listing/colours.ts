import { colourWords, coloursIn, type NamedColour } from '../../ground/colour';
import { closestWord } from './closestWord';
import type { Doubt, ThingKind } from './thing';
import type { Stretch } from './unread';

/** Words between colours, and round them. */
const JOINING =
  /(?<!\p{L})(?:and|or|plus|in|with|of|tones?|colou?rs?|assorted|mixed|mix|each|both)(?!\p{L})|[+&/.'()]/giu;
/** Colours that are more often something else: only taken where nothing but colours stands. */
const AMBIGUOUS = new Set(
  'leaf rope wood night sky ink lamp beet radish rose brick clay ash straw pond foxglove wheat linen snow tomato chocolate orchid thistle plum lime peach cherry berry pine forest lemon butter honeydew melon grape wine denim peru tan azure bronze marigold amber moss sage mint pearl seashell gold silver copper'.split(
    ' ',
  ),
);
/** Gold stamps are no gold ink, but gold clips are gold: clear for what is no printed paper. */
const METALS = new Set([
  'gold',
  'silver',
  'copper',
  'bronze',
  'amber',
  'mint',
  'sage',
  'moss',
  'plum',
  'tan',
  'marigold',
]);

/** Whether a stretch names colours and nothing else. */
export function isColours(text: string): boolean {
  const found = coloursIn(text);
  if (found.length === 0) return false;
  // Two of them side by side, with nothing between, are a name: gold leaf.
  const isJoined = found.every(({ from }, i) => i === 0 || text.slice(found[i - 1]?.to, from).trim() !== '');
  if (!isJoined) return false;
  const rest = found.reduceRight((left, { from, to }) => left.slice(0, from) + ' ' + left.slice(to), text);
  return rest.replace(JOINING, ' ').trim() === '';
}

/** Whether a stretch tells colours, be it with words among them that are none: `ink + ambr`. */
export const isColourList = (text: string): boolean =>
  isColours(text) ||
  (text.includes('+') &&
    coloursIn(text).length > 0 &&
    text.split('+').every((one) => one.trim().split(/\s+/).length <= 3));

/** Colours that a name tells of for certain: a rose garden need not be rose. */
export const clearColoursIn = (text: string): NamedColour[] =>
  coloursIn(text).filter(({ name }) => !AMBIGUOUS.has(name));

/** Words among colours that are none: each is in doubt. */
export function notColours(parts: readonly Stretch[]): Doubt[] {
  return parts.flatMap(({ from, text }) => {
    if (!isColourList(text) || isColours(text)) return [];
    const named = coloursIn(text);
    return [...text.matchAll(/[\p{L}\p{M}']+/gu)]
      .filter(({ index }) => !named.some((one) => one.from <= index && index < one.to))
      .map((match): Doubt => {
        const closest = closestWord(match[0], colourWords());
        const at = { words: match[0], from: from + match.index, to: from + match.index + match[0].length };
        return { ...at, why: 'Is this a colour?', ...(closest === null ? {} : { closest }) };
      });
  });
}

/**
 * The colours of a thing: of stretches that name nothing else; of what is plain or small those beside its name too,
 * since only patterned papers are called after what they show.
 */
export function coloursOf(parts: readonly Stretch[], kind: ThingKind): NamedColour[] {
  const all = parts.flatMap(({ from, text }) => {
    const found = coloursIn(text).map((one) => ({ ...one, from: one.from + from, to: one.to + from }));
    if (isColourList(text)) return found;
    if (kind === 'paper' || kind === 'pad' || kind === 'cut-apart') return [];
    if (kind === 'cardstock') return found;
    return found.filter(({ name }) => !AMBIGUOUS.has(name) || METALS.has(name));
  });
  return all.filter(({ hex }, i) => all.findIndex((one) => one.hex === hex) === i);
}
