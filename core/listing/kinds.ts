import type { LotKind, Measure } from '../things';

/** Words by which a line tells what kind of thing it is, the most telling first. */
export const KIND_WORDS: readonly { readonly test: RegExp; readonly kind: LotKind; readonly measure: Measure }[] = [
  { test: /\b(washi|tape)\b/i, kind: 'washi', measure: 'length' },
  { test: /\bribbon\b/i, kind: 'ribbon', measure: 'length' },
  { test: /\b(twine|thread|string|cord)\b/i, kind: 'twine', measure: 'length' },
  { test: /\b(alpha|alphas|alphabet|letters)\b/i, kind: 'alpha', measure: 'letters' },
  { test: /\bcut[- ]?aparts?\b/i, kind: 'cut-apart', measure: 'sheets' },
  { test: /\bsticker sheets?\b/i, kind: 'stickers', measure: 'share' },
  { test: /\bstickers?\b/i, kind: 'stickers', measure: 'count' },
  { test: /\b(ephemera|die[- ]?cuts?|tags?|labels?|frames?)\b/i, kind: 'ephemera', measure: 'count' },
  { test: /\b(dots?|epox(y|ies))\b/i, kind: 'dots', measure: 'count' },
  { test: /\b(header cards?|info cards?|tissue)\b/i, kind: 'packaging', measure: 'sheets' },
  { test: /\b(bags?|envelopes?)\b/i, kind: 'packaging', measure: 'count' },
  { test: /\b(puffy|chipboard|acrylic|acetate|flair|charms?|sequins?|buttons?|clips?|doil(y|ies)|corners?|wood veneers?|brads?|gems?)\b/i, kind: 'embellishment', measure: 'count' },
  { test: /\b(punch(es)?|stamps?|stencils?|dies?|trimmers?|brush(es)?|scissors)\b/i, kind: 'tool', measure: 'count' },
  { test: /\bcardstock\b/i, kind: 'cardstock', measure: 'sheets' },
  { test: /\b(cards?)\b/i, kind: 'card', measure: 'sheets' },
  { test: /\b(ink ?pads?|inks?|paints?|sprays?|mists?|paste|gesso|glue|adhesive|watercolours?|markers?|pens?)\b/i, kind: 'medium', measure: 'share' },
];

/** Single words from {@link KIND_WORDS}, for what may have been meant. */
export const KNOWN_WORDS: readonly string[] = [
  'washi', 'ribbon', 'twine', 'thread', 'alpha', 'alphabet', 'stickers', 'sticker', 'ephemera', 'tags', 'labels', 'dots', 'glassine', 'bags', 'envelopes', 'puffy',
  'chipboard', 'acrylic', 'acetate', 'flair', 'charms', 'sequins', 'buttons', 'clips', 'punch', 'stamps', 'stencil', 'dies', 'cardstock', 'cards', 'enamel', 'pad', 'spray', 'paint', 'gesso', 'paste', 'tissue', 'upright', 'plenty',
];
