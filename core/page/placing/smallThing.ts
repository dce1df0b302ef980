import { coloursIn } from '../../ground/colour';
import type { Size } from '../../ground/geometry';
import type { Amounts } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Item, ItemPicture, Lot } from '../../stock/things';
import { outlineOf, type OutlineId } from './outlines';
import { outlineFor, outlinesIn } from './outlineFor';

/** A small thing as it lies there: what it looks like, whoever named it. */
export interface SmallThing {
  readonly name: string;
  readonly size: Size;
  readonly outline: OutlineId;
  /** As hex, the main one first; none: it was not told, and it is drawn so. */
  readonly colours: readonly string[];
  /** Written on it; empty: nothing. */
  readonly words: string;
  readonly isRaised: boolean;
  /** Which way it looks or points; null: neither. */
  readonly looks: 'left' | 'right' | null;
  /** Takes the drawing's place. */
  readonly picture?: ItemPicture;
}

/** What of a lot its things' looks follow from. */
export type Pack = Pick<Lot, 'name' | 'kind' | 'size' | 'items'> & Partial<Pick<Lot, 'note'>>;

const RAISED =
  /\b(puffy|wood(en)?|chipboard|foam|enamel|resin|cork|felt|metal|brass|acrylic|epoxy|raised|wool|glass)\b/;
/** Whether things so called stand up from the page. */
export const isRaisedName = (name: string): boolean => RAISED.test(name.toLowerCase());

const LOOKS = /\b(?:looking|facing|pointing)\s+(left|right)\b|\b(left|right)[- ](?:looking|facing)\b/;
const QUOTED = /["“]([^"”]+)["”]/;
const SEVERAL = /\band\b|&|,|\+/;

/** As large as such things mostly are, in eighths. */
const naturalSize = (id: OutlineId): Size => {
  const [w, h] = outlineOf(id).inches;
  return { w: inches(Math.round(w * 8) / 8), h: inches(Math.round(h * 8) / 8) };
};

/** Words printed on a thing: those that stand in quotes, and no others. */
const wordsOn = (name: string): string => QUOTED.exec(name)?.[1] ?? '';

/** Names that say only of what kind a thing is. */
const KINDS_ONLY = /^(ephemera|embellishments?|stickers?|die[- ]?cuts?|pack|bag|mix(ed)?|assorted|pieces?)$/i;

/** What a pack is called: where its name says only of what kind it is, what was noted of it. */
const packName = ({ name, note = '' }: Pack): string => (KINDS_ONLY.test(name.trim()) && note !== '' ? note : name);

/** The items of a pack that were named. */
export const itemsOf = ({ items = [] }: Pick<Lot, 'items'>): readonly Item[] => items;

/** One of `list`, which goes round. */
const nthOf = <T>(list: readonly T[], n: number): readonly T[] => {
  const at = list.length === 0 ? 0 : n % list.length;
  return [...list.slice(at), ...list.slice(0, at)];
};

function looksOf(name: string, outline: OutlineId, told: Item['looks']): SmallThing['looks'] {
  if (told !== undefined) return told === 'straight' ? null : told;
  const [, after, before] = LOOKS.exec(name.toLowerCase()) ?? [];
  const said = after ?? before;
  if (said === 'left' || said === 'right') return said;
  return outlineOf(outline).looksRight ? 'right' : null;
}

/**
 * What a thing of a lot looks like.
 * @param part the item's id; '': one that was not named
 * @param colours of the pack, as hex
 * @param nth of those that were not named: a pack of moths and jars shows the one, then the other
 */
export function smallThing(pack: Pack, part: string, colours: readonly string[], nth = 0): SmallThing {
  const item = itemsOf(pack).find(({ id }) => id === part);
  const name = item?.name ?? packName(pack);
  // Brass and wood say their colour themselves.
  const told = colours.length > 0 ? colours : coloursIn(name.replace(QUOTED, '')).map(({ hex }) => hex);
  const several = item || !SEVERAL.test(name) ? [] : outlinesIn(name);
  const outline = nthOf(several, nth)[0] ?? outlineFor(name, pack.kind);
  return {
    name,
    // A pack's size is that of the pack once its things are told apart.
    size: item?.size ?? (item ? null : pack.size) ?? naturalSize(outline),
    outline,
    colours: item?.colours ?? (item ? told : nthOf(told, nth)),
    words: item?.words ?? wordsOn(name),
    isRaised: item?.isRaised ?? ((outlineOf(outline).isRaised ?? false) || isRaisedName(`${pack.name} ${name}`)),
    looks: looksOf(name, outline, item?.looks),
    ...(item?.picture ? { picture: item.picture } : {}),
  };
}

/** What a pack looks like, poured out: so many of its things, each kind in turn. */
export function pouredOut(pack: Pack, amounts: Amounts, colours: readonly string[], most: number): SmallThing[] {
  const left = Object.entries(amounts)
    .filter(([, count]) => count > 0)
    .map(([part, count]) => ({ part, count, drawn: 0 }))
    // What was named says more than what is mixed.
    .sort((a, b) => Number(a.part === '') - Number(b.part === ''));
  const things: SmallThing[] = [];
  for (let any = true; any;) {
    any = false;
    for (const one of left) {
      if (one.drawn >= one.count || things.length >= most) continue;
      things.push(smallThing(pack, one.part, colours, one.drawn));
      one.drawn++;
      any = true;
    }
  }
  return things;
}
