import type { ThingKind } from './thing';

/** A word or words that tell a kind. */
export interface KindWord {
  readonly kind: ThingKind;
  readonly words: string;
  /** The words name the very thing and not only its kind: they stay in its name. */
  readonly isNoun?: boolean;
  /** Also a motif that papers are printed with. */
  readonly isMotif?: boolean;
  /** Says what something is made of, when another word tells the kind. */
  readonly isMaterial?: boolean;
}

/** By what a line tells its kind. Where two begin at one place, the earlier row is meant. */
export const KIND_WORDS: readonly KindWord[] = [
  // Named like one thing, and another.
  { kind: 'embellishment', words: 'library pockets?(?: (?:&|and) cards?)?|pockets? (?:&|and) cards?', isNoun: true },
  { kind: 'embellishment', words: 'paper (?:clips?|flowers?|straws?|bows?|rosettes?|fasteners?)', isNoun: true },
  {
    kind: 'embellishment',
    words: 'photo corners?|page protectors?|sheet protectors?|(?:divided |photo )?pocket pages?',
    isNoun: true,
  },
  { kind: 'ephemera', words: 'postage stamps?|faux stamps?', isNoun: true },
  { kind: 'packaging', words: '(?:glassine|cello(?:phane)?|plastic|poly|paper|gift|muslin) bags?', isNoun: true },
  { kind: 'packaging', words: '(?:header|info(?:rmation)?) cards?|tissue(?: paper)?|packaging', isNoun: true },
  {
    kind: 'medium',
    words:
      '(?:glue|adhesive|foam|pop) (?:dots?|squares?|strips?)|(?:3-?d )?(?:foam|double[- ]sided|adhesive|glue) tape|tape runners?|adhesives?|glue(?: sticks?| pens?)?',
    isNoun: true,
  },
  {
    kind: 'medium',
    words:
      'embossing powders?|stencil paste|texture paste|modelling paste|paste|gesso|gel medium|varnish|(?:ink|stamp) (?:pads?|cubes?|sprays?)|(?:shimmer |glitter |colou?r )?(?:sprays?|mists?)|(?:acrylic |watercolou?r )?paints?|watercolou?rs?(?: (?:pencils?|pans?|crayons?|markers?))?|(?:colou?r(?:ed|ing) )?pencils?|markers?|(?:gel )?pens?|crayons?|chalks?|glitter glue|loose glitter|colou?r media',
    isNoun: true,
  },
  {
    kind: 'tool',
    words:
      '(?:(?:alphabet|alpha|letter|number|date|clear|acrylic|rubber|polymer|roller|photopolymer) )*stamps?(?: sets?)?|(?:cutting |metal |alphabet |letter )*dies?(?: sets?)?(?![- ]?cuts?)|stencils?|masks? and stencils?|(?:circle |hexagon |border |corner |tag |shape )?punch(?:es)?|trimmers?|scissors|(?:paint|water|blending )?brush(?:es)?|bone folders?|acrylic blocks?|craft kni(?:fe|ves)|rulers?|embossing folders?',
    isNoun: true,
  },
  {
    kind: 'alpha',
    words:
      '(?:alphabets?|alphas?|letters?|numbers?)(?:[ -](?:and|&) (?:numbers?|letters?))?(?: stickers?| sticker sheets?)(?: sheets?| packs?| sets?)?|alphabets?(?: sheets?| sets?| packs?)?|alphas?(?: sheets?| sets?| packs?)?|letter (?:sets?|sheets?)',
  },
  { kind: 'alpha', words: 'letters(?: sheets?| sets?)?|monograms?', isMotif: true },
  { kind: 'stickers', words: 'stickers? (?:sheets?|books?|rolls?|packs?|sets?)|sheets? of stickers?|stickers?' },
  {
    kind: 'ephemera',
    words: '(?:die[- ]?cuts? )?ephemera(?: (?:packs?|bits|pieces))?|die[- ]?cuts?(?: (?:shapes?|pieces?|packs?))?',
  },
  { kind: 'ephemera', words: '(?:mini |gift |shipping )?tags?|labels?|frames?', isNoun: true, isMotif: true },
  { kind: 'cut-apart', words: 'cut[- ]?aparts?(?: (?:sheets?|papers?))?' },
  {
    kind: 'pad',
    words:
      '(?:patterned |scrapbook |design(?:er)? )?(?:paper|cardstock) (?:pads?|stacks?)|(?<!ink )pads?(?: of papers?)?',
  },
  { kind: 'cardstock', words: 'card ?stocks?(?: sheets?)?' },
  { kind: 'vellum', words: 'vellums?(?: (?:sheets?|papers?))?' },
  { kind: 'acetate', words: '(?:acetates?|transparenc(?:y|ies)|overlays?)(?: sheets?)?' },
  { kind: 'washi', words: '(?:washi|fabric|paper|masking|decorative) tapes?(?: rolls?)?|washis?|tapes?' },
  { kind: 'ribbon', words: 'ribbons?|trims?|lace|ric ?rac|seam binding(?! ribbon)', isMotif: true },
  { kind: 'twine', words: 'twines?|threads?|strings?|cords?|yarn|floss', isMotif: true },
  {
    kind: 'dots',
    words: 'dots?(?: packs?| sheets?| sets?)?|epox(?:y|ies)(?= |$|,)(?! (?:stickers?|shapes?|words?))',
    isMotif: true,
  },
  {
    kind: 'embellishment',
    words:
      '(?:mini |note)?books?|albums?|journals?|envelopes?|pockets?|word strips?|phrase strips?|rub[- ]?ons?|flair(?: buttons?)?|(?:wood )?veneers?|charms?|sequins?(?: mix(?:es)?)?|doil(?:y|ies)|brads?|eyelets?|gems?|pearls?|rhinestones?|beads?|tassels?|pompoms?|staples?|pins?|jump rings?|bells?|shaker|confetti|shapes?',
    isNoun: true,
  },
  {
    kind: 'embellishment',
    words:
      'buttons?|bows?|tickets?|flowers?|feathers?|clips?|corners?|banners?|pennants?|hearts?|stars?|butterfl(?:y|ies)|arrows?|badges?|keys?',
    isNoun: true,
    isMotif: true,
  },
  {
    kind: 'embellishment',
    words: 'puffy|chipboard|cork|felt|resin|acrylic|wood(?:en)?|metal|leather|fabric|foam|enamel|epoxy',
    isNoun: true,
    isMaterial: true,
  },
  { kind: 'twine', words: 'jute|raffia|hemp', isNoun: true, isMaterial: true },
  { kind: 'medium', words: 'inks?', isNoun: true, isMaterial: true },
  { kind: 'card', words: 'cards?', isMotif: true },
  {
    kind: 'paper',
    words:
      '(?:(?:patterned|printed|design(?:er)?|decorative|scrapbook|double[- ]sided|single[- ]sided|2[- ]sided) )*papers?(?: sheets?| prints?)?|(?:patterned|double[- ]sided|single[- ]sided)(?: sheets?)?',
  },
];
