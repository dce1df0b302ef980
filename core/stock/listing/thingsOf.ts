import { coloursIn } from '../../ground/colour';
import { nth } from '../../ground/nth';
import { isColours } from './colours';
import { findKind, kindWordsIn } from './findKind';
import { inDoubt } from './inDoubt';
import { takeEachSize } from './eachSize';
import { countOfSome, takeMixed } from './mixed';
import { PROPER, type MixedPart } from './mixedParts';
import { namedOtherwise, takeOneOfEach, type OfEach } from './oneOfEach';
import { readThing, type Context } from './readThing';
import { anotherKind, severalKinds, takeIntro } from './severalKinds';
import { SHEETS, type Thing } from './thing';
import { Unread } from './unread';

/** Each part of a line that tells of several, with what the line says of all. */
function withParts(base: Thing, parts: readonly MixedPart[], doubts: Thing['doubts'] = []): Thing[] {
  const doubtsOfAll = [...base.doubts, ...doubts];
  return parts.map(({ count, name, seen, from, size, length, doubts: own = [] }, i): Thing => {
    const measures = { ...(size ? { size } : {}), ...(length ? { length } : {}) };
    if (name === '') return { ...base, count, ...measures, doubts: i === 0 ? [...doubtsOfAll, ...own] : own };
    const [front = '', back = null] = name.split(/\s*\/\s*/);
    const both = isColours(name) ? name : back === null ? front : `${front} / ${back}`;
    const colours = coloursIn(seen).map((one) => ({ ...one, from: one.from + from, to: one.to + from }));
    return {
      ...base,
      count,
      name: base.isNamed ? `${base.name} ${both}` : both,
      isNamed: true,
      // What is called by nothing but a kind that nobody told is called by its name alone.
      label:
        !base.isNamed && (base.kind === 'paper' || base.label === 'embellishment') ? both : `${base.label} ${both}`,
      back: isColours(name) ? null : back,
      colours: base.kind === 'paper' && !isColours(name) ? base.colours : [...base.colours, ...colours],
      ...measures,
      doubts: [...(i === 0 ? doubtsOfAll : []), ...own],
    };
  });
}

const isSame = (one: Thing['size'], other: Thing['size']): boolean => one?.w === other?.w && one?.h === other?.h;

/** A size of all beside those of each: it may be that of one more, or nothing that it is the size of is counted. */
function sizeBeside(line: Unread, { size }: Thing, parts: readonly MixedPart[], { each }: Context): Thing['doubts'] {
  const sizes = parts.flatMap((part) => (part.size ? [part.size] : []));
  const isToldOfEach = size === null || sizes.length === 0 || [each.size, ...sizes].some((one) => isSame(one, size));
  return isToldOfEach
    ? []
    : [{ words: line.text.trim(), why: 'A size besides: of what?', from: 0, to: line.text.length }];
}

/** A count and nothing else may be that of the line above. */
function countAlone({ left, text }: Unread, { isNamed, size, letters, doubts }: Thing): Thing['doubts'] {
  const isKnown = isNamed || size !== null || letters !== null || kindWordsIn(left).length > 0;
  if (isKnown || doubts.some(({ about }) => about === 'kind')) return [];
  return [{ words: text.trim(), why: 'So many of what?', about: 'kind', from: 0, to: text.length }];
}

/** The things of one kind that a line tells of. */
function ofOneKind(line: Unread, context: Context): Thing[] {
  const { kind } = findKind(line, null, context);
  const isOne = kind === 'alpha' || kind === 'cut-apart' || kind === 'pad';
  const [whole, again] = [line.copy(), line.copy()];
  const parts = isOne ? null : (takeEachSize(line, kind, context.unit) ?? takeMixed(line, context.unit));
  if (parts) {
    const base = readThing(line, context);
    const sum = parts.reduce((all, { count }) => all + count, 0);
    const isOff = base.count !== null && base.count > 1 && base.count !== sum;
    const things = withParts(base, parts, sizeBeside(line, base, parts, context));
    return isOff ? inDoubt(things, line.text, `${base.count} are told, and ${sum} are listed.`) : things;
  }
  const read = readThing(line, context);
  const thing = { ...read, doubts: [...read.doubts, ...anotherKind(again, read.kind), ...countAlone(whole, read)] };
  const ofEach = isOne ? null : takeOneOfEach(again, kind, thing.count ?? 1, context.unit);
  if (ofEach) return oneOfEach(again, thing, ofEach, context);
  const some = SHEETS.includes(kind) ? countOfSome(whole, context.unit) : null;
  if (some) return [{ ...thing, doubts: [...thing.doubts, some] }];
  const named = isOne || thing.back !== null ? null : namedOtherwise(whole, kind, thing.count ?? 1, context.unit);
  return named === null ? [thing] : inDoubt([thing], line.text, `${thing.count} are told, and ${named} are named.`);
}

/** Several of a kind of which each is another, or the thing as it was read where they are none. */
function oneOfEach(line: Unread, thing: Thing, ofEach: OfEach, context: Context): Thing[] {
  const { parts, isTold, isListed = false } = ofEach;
  // What is beside a slash is the other face, of one paper or of each; colours beside it are those of one.
  const isOwn = ({ name }: MixedPart): boolean => name.includes('/') || (PROPER.test(name) && !isColours(name));
  if (thing.back?.includes('/') === false && !isTold && !parts.every(isOwn)) return [thing];
  // Colours that stand elsewhere are those of each: what is listed says something else of it.
  const outside = thing.colours.filter(({ from }) => !parts.some((one) => one.from <= from && from < one.to));
  if (thing.kind === 'cardstock' && outside.length > 0) return [thing];
  const base = readThing(line, context);
  const { from, to } = { from: nth(parts, 0).from, to: nth(parts, parts.length - 1).to };
  const isSure = isTold || (!isListed && parts.every(({ name }) => isColours(name)));
  const things = withParts(
    base,
    parts,
    isSure ? [] : [{ words: line.text.slice(from, to), why: 'One of each?', from, to }],
  );
  const sum = parts.reduce((all, { count }) => all + count, 0);
  const isOff = base.count !== null && base.count > 1 && base.count !== sum;
  return isOff ? inDoubt(things, line.text, `${base.count} are told, and ${sum} are listed.`) : things;
}

/** All things that a line tells of. */
export function thingsOf(line: Unread, context: Context): Thing[] {
  takeIntro(line);
  const several = severalKinds(line, context.unit);
  if (!several) return ofOneKind(line, context);
  if (several.mayBeNames) {
    const read = ofOneKind(line.copy(), context);
    if (read.length > 1 && read.every(({ doubts }) => doubts.length === 0)) return read;
  }
  const things = several.parts.flatMap(({ from, to }) => {
    const own = line.copy();
    own.blank(0, from);
    own.blank(to, own.left.length);
    return ofOneKind(own, context);
  });
  return several.mayBeOne ? inDoubt(things, line.text, 'One thing? Read as one of each.') : things;
}
