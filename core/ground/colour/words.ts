import { differenceCiede2000 } from './differenceCiede2000';
import { hexToLab } from './srgbToLab';

/** Colour words as packing lists use them, each with the colour it is drawn in. */
export const WORDS: ReadonlyMap<string, string> = new Map<string, string>(
  Object.entries({
    white: '#ffffff',
    cream: '#f2e9cf',
    ivory: '#f6efdd',
    black: '#22201f',
    grey: '#8e8e8c',
    slate: '#56606b',
    ash: '#b9b4aa',
    charcoal: '#3b3b40',
    silver: '#c3c6c9',
    ink: '#22314f',
    navy: '#1f2f55',
    night: '#171c36',
    blue: '#3b6ea5',
    sky: '#9cc3e0',
    pond: '#1f6670',
    teal: '#2b7a78',
    aqua: '#7cc5c1',
    celadon: '#a5c8b4',
    mint: '#bfe0cf',
    green: '#4f7f4a',
    leaf: '#8aa45c',
    moss: '#6b7443',
    olive: '#7f7b3a',
    sage: '#a9b79a',
    yellow: '#f1cf4a',
    lamp: '#f6d27a',
    amber: '#eda437',
    marigold: '#e9a21d',
    gold: '#c99a3b',
    mustard: '#cf9f2e',
    ochre: '#c3862f',
    straw: '#e4d09a',
    orange: '#e5813a',
    rust: '#a9502b',
    clay: '#b9633f',
    terracotta: '#bb5b3c',
    brown: '#7b5237',
    kraft: '#b98f62',
    bronze: '#a67c45',
    wood: '#9c7248',
    red: '#bf2f36',
    rope: '#b23a3f',
    brick: '#a2412f',
    radish: '#cf3f62',
    pink: '#e6a7be',
    foxglove: '#d98bb0',
    rose: '#d8798d',
    blush: '#f0cfcb',
    coral: '#e8705a',
    beet: '#8a1c4f',
    plum: '#6c3059',
    aubergine: '#3b2238',
    purple: '#6d4a86',
    violet: '#7d63a8',
    lilac: '#b9a5d1',
  }),
);

export const colourWords = (): string[] => [...WORDS.keys()];

/** The colour that a word of a packing list stands for; null for a word that is none. */
export const hexOfWord = (word: string): string | null => WORDS.get(word.toLowerCase()) ?? null;

/** The word whose colour is nearest by CIEDE2000. */
export function nearestWord(hex: string): string {
  const lab = hexToLab(hex);
  const far = ([, of]: readonly [string, string]): number => differenceCiede2000(lab, hexToLab(of));
  return [...WORDS].reduce((best, word) => (far(word) < far(best) ? word : best))[0];
}

/** Whether dark writing reads on it: L* of 60 or more. */
export const isLight = (hex: string): boolean => hexToLab(hex).l >= 60;
