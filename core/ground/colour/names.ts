import { CSS_COLOURS } from './cssColours';
import { hexToRgb, rgbToHex } from './hex';
import { nearestWord, WORDS } from './words';

/** Names of the trade that are more than one word, or stand for another colour than their CSS namesake. */
const TRADE: ReadonlyMap<string, string> = new Map<string, string>(
  Object.entries({
    'off white': '#f5f1e6',
    'rose gold': '#c98f80',
    'navy blue': '#1f2f55',
    'robin egg': '#8fd0cf',
    'robins egg': '#8fd0cf',
    'duck egg': '#b9d5cb',
    'burnt orange': '#bf5a1e',
    'burnt sienna': '#a6502c',
    'burnt umber': '#6f3a22',
    eggplant: '#3b2238',
    burgundy: '#6b1f31',
    wine: '#6a2135',
    cranberry: '#9b1f3c',
    mauve: '#b487a3',
    peach: '#f3b98f',
    apricot: '#f0ab72',
    copper: '#b06a43',
    champagne: '#ead9b5',
    taupe: '#8b7d70',
    mocha: '#7a5a48',
    caramel: '#b9793f',
    cinnamon: '#a4582c',
    chartreuse: '#b7c93c',
    emerald: '#1f7d5c',
    jade: '#3f9273',
    evergreen: '#2b5240',
    pine: '#2e5a45',
    seafoam: '#a6d8c2',
    periwinkle: '#8f9bd4',
    denim: '#4a6488',
    cobalt: '#23479b',
    indigo: '#32386b',
    lemon: '#f3e05a',
    butter: '#f6e7a6',
    melon: '#f0a183',
    raspberry: '#b02a57',
    cherry: '#b3203a',
    scarlet: '#c22a22',
    ruby: '#97183b',
    forest: '#2f5a3a',
    grape: '#5f3b74',
  }),
);

/** How a word before a colour changes it: so much of another mixed in. */
const SHADES: ReadonlyMap<string, readonly [with_: string, much: number]> = new Map<
  string,
  readonly [with_: string, much: number]
>(
  Object.entries({
    light: ['#ffffff', 0.45],
    lt: ['#ffffff', 0.45],
    pale: ['#ffffff', 0.6],
    soft: ['#ffffff', 0.35],
    pastel: ['#ffffff', 0.55],
    baby: ['#ffffff', 0.5],
    dark: ['#000000', 0.4],
    dk: ['#000000', 0.4],
    deep: ['#000000', 0.3],
    dusty: ['#9a938b', 0.4],
    muted: ['#9a938b', 0.4],
    antique: ['#8f7f66', 0.3],
    bright: ['#ffffff', 0],
    hot: ['#ff0066', 0.35],
    warm: ['#d98a3d', 0.2],
    cool: ['#4d7fb5', 0.2],
    matte: ['#ffffff', 0],
    shiny: ['#ffffff', 0],
    metallic: ['#ffffff', 0],
  }),
);

/** Words that may follow another colour's and only say what it is a shade of: mint green, navy blue. */
const HUES = new Set(['red', 'orange', 'yellow', 'green', 'blue', 'purple', 'pink', 'brown', 'grey', 'gray', 'white']);

function mixed(hex: string, [other, much]: readonly [string, number]): string {
  const [a, b] = [hexToRgb(hex), hexToRgb(other)];
  return rgbToHex({
    r: Math.round(a.r + (b.r - a.r) * much),
    g: Math.round(a.g + (b.g - a.g) * much),
    b: Math.round(a.b + (b.b - a.b) * much),
  });
}

const simple = (words: string): string | null =>
  TRADE.get(words) ?? WORDS.get(words) ?? CSS_COLOURS.get(words.replaceAll(' ', '')) ?? null;

/** The colour of a name of one to three words, small letters, parted by a blank; null: it is no colour's. */
function hexOf(words: readonly string[]): string | null {
  const whole = simple(words.join(' '));
  if (whole !== null || words.length === 1) return whole;
  const [first = '', ...rest] = words;
  const shade = SHADES.get(first);
  const inner = shade ? hexOf(rest) : null;
  if (shade && inner !== null) return mixed(inner, shade);
  return HUES.has(words.at(-1) ?? '') ? hexOf(words.slice(0, -1)) : null;
}

/** A colour that a text names: its words as they stand there, and the colour they stand for. */
export interface NamedColour {
  readonly name: string;
  readonly hex: string;
  readonly from: number;
  readonly to: number;
}

/** The most words that a colour's name has: light forest green. */
const MOST_WORDS = 3;

/** All colours that a text names, the longest names first where they share words. */
export function coloursIn(text: string): NamedColour[] {
  const words = [...text.matchAll(/[\p{L}\p{M}']+/gu)];
  const found: NamedColour[] = [];
  for (let i = 0; i < words.length; i++) {
    for (let n = Math.min(MOST_WORDS, words.length - i); n > 0; n--) {
      const run = words.slice(i, i + n);
      const last = run.at(-1);
      const from = run[0]?.index ?? 0;
      const to = last ? last.index + last[0].length : from;
      const name = text.slice(from, to);
      // Words of one name stand side by side: only a blank or a hyphen between them.
      if (!/^[\p{L}\p{M}']+(?:[ -][\p{L}\p{M}']+)*$/u.test(name)) continue;
      const hex = hexOf(run.map(([word]) => word.toLowerCase()));
      if (hex === null) continue;
      found.push({ name: name.toLowerCase(), hex, from, to });
      i += n - 1;
      break;
    }
  }
  return found;
}

const NAMES = new Map([...CSS_COLOURS, ...TRADE, ...WORDS].map(([name, hex]) => [hex, name]));

/** A name for a colour that reads back as it: its own where it has one, else the nearest word. */
export const nameOfColour = (hex: string): string => NAMES.get(hex.toLowerCase()) ?? nearestWord(hex);
