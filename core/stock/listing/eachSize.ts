import type { Unit } from '../../ground/length';
import { isColours } from './colours';
import { kindWordsIn } from './findKind';
import { isAgain, ROLLS, takeLength, WIDEST_ROLL } from './measures';
import { partOf, stretchesOf, type MixedPart } from './mixedParts';
import { SMALL } from './readThing';
import { takeMeasure } from './takeSizes';
import type { ThingKind } from './thing';
import { Unread, type Stretch } from './unread';

/** Where sizes and counts begin. */
const FIGURES = /[([]?\s*(?:\d|\.\d|[¼½¾⅛⅜⅝⅞])/u;
/** Around all of them. */
const BRACKETS = /^\(((?:[^()]|\([^()]*\))*)\)\s*$/u;
const MARKS = /^[\s,:;–—-]*/u;
const FIGURE = /^\s*[([]?\s*[\d.¼½¾⅛⅜⅝⅞]/u;
/** `3mm x 10`: of what is small so many, and no size. */
const SO_MANY = /[x×]\s*(\d+)\s*$/u;
/** Said between a width, a length and a colour. */
const BESIDE = /(?<=^|\s)[x×:–—-](?=\s|$)|[()]/gu;

/** Where several sizes may be told, up to the end: from the first figure; of rolls also from a colour on. */
function regionsBehind(text: string, behind: number, isRoll: boolean): { from: number; to: number }[] {
  const figure = FIGURES.exec(text.slice(behind))?.index;
  const colour = isRoll ? [behind + (MARKS.exec(text.slice(behind))?.[0].length ?? 0)] : [];
  return [...(figure === undefined ? [] : [behind + figure]), ...colour].map((from) => {
    const inner = BRACKETS.exec(text.slice(from))?.[1];
    return inner === undefined ? { from, to: text.length } : { from: from + 1, to: from + 1 + inner.length };
  });
}

/** So many of a small thing of one measure. */
function smallPart({ from, to, text }: Stretch): MixedPart | null {
  const many = SO_MANY.exec(text);
  const own = new Unread(text.slice(0, many?.index));
  const measure = takeMeasure(own);
  if (!many || !measure || own.left.trim() !== '') return null;
  return { count: Number(many[1]), name: '', seen: '', from, to, size: { w: measure.ticks, h: null } };
}

/** A roll by its width, its length or both, and its colour where that is told. */
function rollPart({ from, to, text }: Stretch): MixedPart | null {
  const own = new Unread(text);
  const width = takeMeasure(own);
  const roll = takeLength(own);
  const name = own.words().replace(BESIDE, ' ').trim();
  const isRoll = roll !== null ? name === '' || isColours(name) : width !== null && isColours(name);
  if (!isRoll || (width && width.ticks > WIDEST_ROLL)) return null;
  return {
    count: 1,
    name,
    seen: own.left,
    from,
    to,
    ...(width ? { size: { w: width.ticks, h: null } } : {}),
    ...(roll ? { length: roll.length } : {}),
    doubts: (roll?.doubts ?? []).map((one) => ({ ...one, from: one.from + from, to: one.to + from })),
  };
}

/** What is told of a part: its size, its length, what it is called; null: nothing of how large it is. */
const mannerOf = ({ size, length, name }: MixedPart): string | null =>
  size || length ? `${size ? 'size' : ''} ${length ? 'length' : ''} ${name === '' ? '' : 'name'}` : null;

/** `10 m, 11 yds`: the same length in two units, and one roll. */
function isOneRoll(stretches: readonly Stretch[]): boolean {
  const [told, again, ...others] = stretches.map(({ text }) => takeLength(new Unread(text)));
  return told && again && others.length === 0 ? isAgain(again, told) : false;
}

/**
 * Several of one kind in several sizes, each with its count or, of rolls, its length: `cards (4) 3x4, (2) 4x6`,
 * `brads 3mm (10), 5mm (6)`, `washi 15mm x 10m, 8mm x 5m`. They are taken out, and what is left says what all of them
 * are. Null: it is one thing.
 * @param unit what a size without a unit is in
 */
export function takeEachSize(line: Unread, kind: ThingKind, unit: Unit): MixedPart[] | null {
  const words = kindWordsIn(line.left);
  const [word] = words;
  const isSmall = kind === 'dots' || (word !== undefined && SMALL.test(line.left.slice(word.from, word.to)));
  const isRoll = ROLLS.includes(kind);
  const partIn = (one: Stretch): MixedPart | null => {
    const own = isRoll ? rollPart(one) : isSmall ? smallPart(one) : null;
    return own ?? (FIGURE.test(one.text) ? partOf(line, one, unit) : null);
  };
  for (const { from, to } of regionsBehind(line.left, words.at(-1)?.to ?? 0, isRoll)) {
    const stretches = stretchesOf(line, from, to);
    const parts = stretches.map(partIn);
    if (parts.length < 2 || !parts.every((part) => part !== null)) continue;
    const manners = new Set(parts.map(mannerOf));
    if (manners.size > 1 || manners.has(null) || (isRoll && isOneRoll(stretches))) continue;
    line.blank(from, to);
    // What has no word for its kind is told by the first size.
    const [{ sizeAt } = {}] = parts;
    if (sizeAt && !word) line.restore(sizeAt.from, sizeAt.to);
    return parts;
  }
  return null;
}
