import { differenceCiede2000 } from './differenceCiede2000';
import { hexToLab } from './srgbToLab';

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

/**
 * For each target colour the nearest colour of any item by CIEDE2000 (the first of several as near), and the share of
 * targets that are at most `within` away.
 */
export function coverPalette(
  target: readonly string[],
  items: readonly PaletteItem[],
  within: number,
): { matches: PaletteMatch[]; covered: number } {
  const owned = items.flatMap((item) => item.colors.map(({ hex }) => ({ item: item.id, hex, lab: hexToLab(hex) })));
  const matches = target.map((wanted): PaletteMatch => {
    const lab = hexToLab(wanted);
    let best: PaletteMatch = { target: wanted, item: null, hex: null, difference: null, within: false };
    for (const own of owned) {
      const difference = differenceCiede2000(lab, own.lab);
      if (best.difference === null || difference < best.difference)
        best = { target: wanted, item: own.item, hex: own.hex, difference, within: difference <= within };
    }
    return best;
  });
  return { matches, covered: matches.filter((match) => match.within).length / Math.max(1, matches.length) };
}
