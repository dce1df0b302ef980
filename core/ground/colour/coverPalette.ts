import { differenceCiede2000 } from './differenceCiede2000';
import { hexToLab, type LabD65 } from './srgbToLab';
import { nth } from '../nth';

export interface ColourShare {
  readonly hex: string;
  /** 0 to 1; how much of the thing has this colour. */
  readonly share: number;
}

export interface PaletteItem {
  readonly id: string;
  readonly colors: readonly { readonly hex: string }[];
}

export interface PaletteMatch {
  readonly target: string;
  readonly item: string | null;
  readonly hex: string | null;
  readonly difference: number | null;
  readonly within: boolean;
}

/** A colour that is owned, with its place among all: of several as near, the first counts. */
interface Owned {
  readonly item: string;
  readonly hex: string;
  readonly lab: LabD65;
  readonly n: number;
}

/**
 * CIEDE2000 is at least the difference in lightness over this: S_L is at most 1 + 0.015 x 50² / √(20 + 50²), and what
 * chroma and hue add is never below nothing, for R_T lies within ±2. Sharma, Wu, Dalal, Color Research and Application
 * 30 (2005), pp. 21-30, equations 15 to 22.
 */
const MOST_SL = 1 + (0.015 * 50 ** 2) / Math.sqrt(20 + 50 ** 2);

/** Each colour once, the first that has it, by lightness. */
function byLightness(items: readonly PaletteItem[]): Owned[] {
  const first = new Map<string, Owned>();
  for (const item of items)
    for (const { hex } of item.colors)
      if (!first.has(hex)) first.set(hex, { item: item.id, hex, lab: hexToLab(hex), n: first.size });
  return [...first.values()].sort((a, b) => a.lab.l - b.lab.l);
}

/** The first place in the list, which is sorted by lightness, that is at least as light. */
function firstAsLight(owned: readonly Owned[], l: number): number {
  let [low, high] = [0, owned.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (nth(owned, middle).lab.l < l) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The nearest colour, outward from the same lightness until no further one can be as near. */
function nearest(lab: LabD65, owned: readonly Owned[]): { own: Owned; difference: number } | null {
  let best: { own: Owned; difference: number } | null = null;
  const look = (own: Owned): boolean => {
    if (best && Math.abs(own.lab.l - lab.l) / MOST_SL > best.difference) return false;
    const difference = differenceCiede2000(lab, own.lab);
    if (!best || difference < best.difference || (difference === best.difference && own.n < best.own.n))
      best = { own, difference };
    return true;
  };
  const start = firstAsLight(owned, lab.l);
  let [up, down] = [start, start - 1];
  while (up < owned.length || down >= 0) {
    if (up < owned.length && !look(nth(owned, up++))) up = owned.length;
    if (down >= 0 && !look(nth(owned, down--))) down = -1;
  }
  return best;
}

/**
 * For each target colour the nearest colour of any item by CIEDE2000 (the first of several as near), and the share of
 * targets that are at most `within` away.
 */
export function coverPalette(
  target: readonly string[],
  items: readonly PaletteItem[],
  within: number,
): { matches: PaletteMatch[]; covered: number } {
  const owned = byLightness(items);
  const matches = target.map((wanted): PaletteMatch => {
    const found = nearest(hexToLab(wanted), owned);
    if (!found) return { target: wanted, item: null, hex: null, difference: null, within: false };
    const { own, difference } = found;
    return { target: wanted, item: own.item, hex: own.hex, difference, within: difference <= within };
  });
  return { matches, covered: matches.filter((match) => match.within).length / Math.max(1, matches.length) };
}
