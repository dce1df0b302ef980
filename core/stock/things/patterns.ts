import { nth } from '../../ground/nth';
/** The drawn papers. Each is drawn in a face's own colours, at true scale. */
export const PATTERNS = [
  'plain',
  'dots',
  'stripes',
  'gingham',
  'plaid',
  'leaves',
  'script',
  'wood',
  'wash',
  'stars',
  'grid',
  'ledger',
  'scallops',
  'moths',
  'bells',
  'seeds',
  'blooms',
  'crackle',
] as const;

export type Pattern = (typeof PATTERNS)[number];

const WORDS: readonly [RegExp, Pattern][] = [
  [/moth|butterfl|wing/, 'moths'],
  [/bell|peal|chime/, 'bells'],
  [/seed|grain|pip/, 'seeds'],
  [/bloom|flower|foxglove|petal|blossom/, 'blooms'],
  [/crackle|glaze|raku|kiln/, 'crackle'],
  [/dot|spot|lamplight|lantern/, 'dots'],
  [/stripe|row|rope|ticking/, 'stripes'],
  [/gingham|check/, 'gingham'],
  [/plaid|tartan/, 'plaid'],
  [/leaf|leaves|fern|sprig/, 'leaves'],
  [/script|letter|writing/, 'script'],
  [/wood|plank|bark|beam/, 'wood'],
  [/wash|dusk|smoke|ash|cloud|mist/, 'wash'],
  [/star|sky|night/, 'stars'],
  [/grid|graph|tile/, 'grid'],
  [/ledger|line|note|journal/, 'ledger'],
  [/scallop|wave|shell|fish/, 'scallops'],
  [/plain|solid|cardstock|kraft|slate/, 'plain'],
];

const SPARE: readonly Pattern[] = ['dots', 'stripes', 'leaves', 'grid', 'scallops', 'wash'];

/** The pattern that a name suggests; for a name that suggests none, always the same one of a few. */
export function patternFor(name: string): Pattern {
  const word = name.toLowerCase();
  const known = WORDS.find(([test]) => test.test(word));
  if (known) return known[1];
  const sum = [...word].reduce((total, letter) => total + letter.charCodeAt(0), 0);
  return nth(SPARE, sum % SPARE.length);
}
