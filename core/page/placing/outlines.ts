import { box, circle, dots, ellipse, notched, petals, polygon, star } from './strokes';

/**
 * A part of an outline. `tone`: in the thing's first or second colour, in ink, or as bare paper. With `line` it is
 * drawn as a line so wide, and not filled.
 */
export interface OutlinePart {
  readonly d: string;
  readonly tone: 'first' | 'second' | 'ink' | 'paper';
  readonly line?: number;
}

/** How one kind of small thing looks, in a box of its own units. */
export interface Outline {
  readonly box: readonly [w: number, h: number];
  /** As large as such things mostly are, inches: common practice, no source. */
  readonly inches: readonly [w: number, h: number];
  /** Words in a name that mean it. */
  readonly words: RegExp;
  readonly parts: readonly [OutlinePart, ...OutlinePart[]];
  /** It stands up from the page. */
  readonly isRaised?: boolean;
  /** Its words are written on it here: x, y, w, h; on bare paper, or on its own colour. */
  readonly write?: readonly [number, number, number, number];
  readonly writesOn?: 'paper';
  /** It points or looks to the right as it is drawn. */
  readonly looksRight?: boolean;
}

const first = (d: string): OutlinePart => ({ d, tone: 'first' });
const second = (d: string): OutlinePart => ({ d, tone: 'second' });
const paper = (d: string): OutlinePart => ({ d, tone: 'paper' });
const ink = (d: string, line?: number): OutlinePart => ({ d, tone: 'ink', ...(line === undefined ? {} : { line }) });
const thread = (d: string, line: number): OutlinePart => ({ d, tone: 'first', line });
const fine = (d: string, line: number): OutlinePart => ({ d, tone: 'second', line });

/**
 * The outlines of the house, drawn for it. Names are looked through from the first to the last: what a word means more
 * closely stands before what it means in general.
 */
export const OUTLINES = {
  moth: {
    box: [100, 74],
    inches: [2, 1.5],
    words: /\b(moths?|butterfl(y|ies)|wings?)\b/,
    parts: [
      first(
        'M50 26C40 6 12-2 4 8C-2 20 14 40 40 42C22 44 14 56 22 66C32 76 46 62 50 48C54 62 68 76 78 66C86 56 78 44 60 42C86 40 102 20 96 8C88-2 60 6 50 26z',
      ),
      second(circle(22, 19, 6.5) + circle(78, 19, 6.5) + circle(32, 58, 4.5) + circle(68, 58, 4.5)),
      ink(ellipse(50, 40, 4, 19)),
      ink('M49 22C46 12 42 7 37 5M51 22C54 12 58 7 63 5', 1.6),
    ],
  },
  bird: {
    box: [100, 76],
    inches: [1.5, 1.2],
    words: /\b(birds?|robins?|wrens?|sparrows?|swallows?|gulls?|owls?|hens?)\b/,
    parts: [
      first('M98 26L82 20C76 6 56 4 48 20C40 32 24 36 2 32C10 46 18 54 30 60C48 68 74 64 82 44C84 38 84 34 84 31z'),
      second('M54 34C44 34 30 38 20 46C34 54 52 52 58 40z'),
      ink(circle(73, 20, 2.8)),
      ink('M50 63V74M60 62V74', 2),
    ],
    looksRight: true,
  },
  feather: {
    box: [36, 120],
    inches: [0.7, 2.4],
    words: /\b(feathers?|quills?|plumes?)\b/,
    parts: [
      first('M18 2C40 24 40 62 22 94L18 98L14 94C-4 62 -4 24 18 2z'),
      fine('M18 30L29 22M18 46L31 38M18 62L30 54M18 78L26 72M18 30L7 22M18 46L5 38M18 62L6 54M18 78L10 72', 1.4),
      ink('M18 14V119', 1.8),
    ],
  },
  fern: {
    box: [60, 110],
    inches: [1, 2],
    words: /\b(ferns?|sprigs?|branch(es)?|twigs?|stems?|foliage|greenery|wheat|lavender)\b/,
    parts: [
      first(
        [20, 36, 52, 68, 84]
          .map((y, i) => ellipse(18 - i, y, 12 + i, 5.4, 28) + ellipse(42 + i, y, 12 + i, 5.4, -28))
          .join('') + ellipse(30, 11, 5, 10),
      ),
      fine('M30 12V109', 2),
    ],
  },
  leaf: {
    box: [56, 100],
    inches: [0.9, 1.6],
    words: /\b(leaf|leaves|ivy)\b/,
    parts: [
      first('M28 2C58 26 60 64 28 98C-4 64-2 26 28 2z'),
      fine('M28 12V98M28 38L42 28M28 56L46 44M28 74L42 64M28 38L14 28M28 56L10 44M28 74L14 64', 1.8),
    ],
  },
  mushroom: {
    box: [90, 90],
    inches: [1.25, 1.25],
    words: /\b(mushrooms?|toadstools?|fungi)\b/,
    parts: [
      first('M45 4C18 4 2 28 4 46C20 52 70 52 86 46C88 28 72 4 45 4z'),
      paper('M33 48C35 62 33 76 29 86H61C57 76 55 62 57 48C50 50 40 50 33 48z'),
      second(circle(28, 26, 6) + circle(52, 17, 5) + circle(64, 34, 6.5) + circle(42, 38, 4)),
    ],
  },
  flower: {
    box: [100, 100],
    inches: [1.25, 1.25],
    words:
      /\b(flowers?|florals?|blooms?|blossoms?|rose(s|tte)?|dais(y|ies)|poppy|poppies|foxgloves?|petals?|tulips?)\b/,
    parts: [first(petals(6, 50, 50, 29, 20)), second(circle(50, 50, 14)), ink(dots(6, 50, 50, 8, 1.8))],
  },
  acorn: {
    box: [64, 84],
    inches: [0.8, 1],
    words: /\b(acorns?|nuts?|seeds?|pips?|pine ?cones?|berr(y|ies))\b/,
    parts: [
      first('M10 36C10 62 24 76 32 82C40 76 54 62 54 36z'),
      second('M4 36C4 18 18 10 32 10C46 10 60 18 60 36C50 42 14 42 4 36z'),
      ink('M32 10V2', 3.4),
    ],
  },
  tree: {
    box: [80, 110],
    inches: [1.25, 1.75],
    words: /\b(trees?|firs?|pines?|spruces?|woods?land|forests?)\b/,
    parts: [first('M40 2L64 36H54L72 64H60L78 92H2L20 64H8L26 36H16z'), second('M34 92H46V108H34z')],
  },
  fish: {
    box: [110, 64],
    inches: [1.5, 0.9],
    words: /\b(fish(es)?|herrings?|whales?|minnows?)\b/,
    parts: [
      first('M108 32C94 10 58 2 30 26L4 6C10 22 10 42 4 58L30 38C58 62 94 54 108 32z'),
      fine('M80 16C72 26 72 38 80 48M66 14C58 26 58 38 66 50M52 18C46 28 46 36 52 46', 2),
      ink(circle(93, 27, 3)),
    ],
    looksRight: true,
  },
  shell: {
    box: [96, 84],
    inches: [1, 0.9],
    words: /\b(shells?|scallops?|cockles?)\b/,
    parts: [
      first('M40 80L36 70C14 64 2 44 6 22C12 10 22 6 30 10C36 2 60 2 66 10C74 6 84 10 90 22C94 44 82 64 60 70L56 80z'),
      fine('M44 72L24 22M48 72V14M52 72L72 22M38 68L10 36M58 68L86 36', 2),
    ],
  },
  anchor: {
    box: [80, 96],
    inches: [1, 1.2],
    words: /\banchors?\b/,
    parts: [
      thread(
        `${circle(40, 13, 9)}M40 22V90M22 36H58M8 60C10 80 26 90 40 90C54 90 70 80 72 60M2 68L8 58L18 64M78 68L72 58L62 64`,
        7,
      ),
    ],
    isRaised: true,
  },
  boat: {
    box: [96, 90],
    inches: [1.4, 1.3],
    words: /\b(boats?|ships?|sails?|ferr(y|ies)|yachts?)\b/,
    parts: [
      first('M4 66H92C88 80 80 86 70 86H24C14 86 8 80 4 66z'),
      second('M46 4V60H10zM52 14V60H84z'),
      ink('M49 2V66', 2.4),
    ],
  },
  key: {
    box: [120, 44],
    inches: [1.75, 0.65],
    words: /\bkeys?\b/,
    parts: [thread(`${circle(20, 22, 16)}M36 22H114M98 22V38M110 22V36`, 7), fine(circle(20, 22, 8), 2)],
    isRaised: true,
    looksRight: true,
  },
  lantern: {
    box: [70, 106],
    inches: [1, 1.5],
    words: /\b(lanterns?|lamps?|torch(es)?|candles?|lights?|bulbs?)\b/,
    parts: [
      first('M16 30H54L60 92H10zM24 18H46L54 30H16zM6 92H64V102H6z'),
      second('M22 38H48L52 84H18z'),
      paper(`${ellipse(35, 64, 7, 13)}`),
      ink('M24 18C24 2 46 2 46 18', 2.6),
    ],
  },
  jar: {
    box: [66, 96],
    inches: [1, 1.45],
    words: /\b(jars?|bottles?|vials?)\b/,
    parts: [
      first('M10 18H56V26C64 32 64 40 64 48V84C64 92 58 94 52 94H14C8 94 2 92 2 84V48C2 40 2 32 10 26z'),
      paper('M14 34H22V84H14z'),
      second('M8 4H58V18H8z'),
    ],
  },
  pot: {
    box: [84, 90],
    inches: [1.2, 1.3],
    words: /\b(pots?|vases?|urns?|bowls?|mugs?|cups?|teapots?)\b/,
    parts: [
      first('M24 4H60V14C76 22 82 36 80 52C78 74 66 86 42 86C18 86 6 74 4 52C2 36 8 22 24 14z'),
      fine('M6 40C24 48 60 48 78 40M6 54C24 62 60 62 78 54', 3),
    ],
  },
  tongs: {
    box: [34, 110],
    inches: [0.7, 2.2],
    words: /\b(tongs?|tweezers?|pincers?|scissors?)\b/,
    parts: [thread('M17 8C2 30 2 60 13 106M17 8C32 30 32 60 21 106', 5), second(circle(17, 9, 7))],
  },
  bell: {
    box: [80, 90],
    inches: [0.9, 1],
    words: /\b(bells?|chimes?)\b/,
    parts: [
      first('M40 8C22 8 16 24 16 42C16 60 10 66 4 74H76C70 66 64 60 64 42C64 24 58 8 40 8z'),
      second(circle(40, 80, 8)),
      ink('M40 8V1', 3.4),
    ],
    isRaised: true,
  },
  packet: {
    box: [72, 100],
    inches: [1.25, 1.75],
    words: /\b(packets?|envelopes?|pockets?|pouch(es)?|sachets?)\b/,
    parts: [first(box(2, 2, 68, 96)), second('M2 2H70L36 34z'), paper(box(14, 46, 44, 40))],
    write: [14, 46, 44, 40],
    writesOn: 'paper',
  },
  house: {
    box: [90, 92],
    inches: [1.25, 1.3],
    words: /\b(houses?|homes?|cottages?|sheds?|barns?|huts?)\b/,
    parts: [first('M12 40H78V90H12z'), second('M45 4L88 44H2z'), paper(box(22, 52, 16, 16) + box(54, 54, 14, 36))],
  },
  snowflake: {
    box: [100, 100],
    inches: [1, 1],
    words: /\b(snow ?flakes?|frost|ice)\b/,
    parts: [
      thread(
        'M50 2V98M8 26L92 74M92 26L8 74M50 18L40 8M50 18L60 8M50 82L40 92M50 82L60 92M22 34L10 38M22 34L20 20M78 34L90 38M78 34L80 20M22 66L10 62M22 66L20 80M78 66L90 62M78 66L80 80',
        5,
      ),
    ],
  },
  sun: {
    box: [100, 100],
    inches: [1.25, 1.25],
    words: /\b(suns?|sunshine|sunbursts?)\b/,
    parts: [first(star(12, 50, 50, 49, 32)), second(circle(50, 50, 24))],
  },
  moon: {
    box: [80, 96],
    inches: [1, 1.2],
    words: /\b(moons?|crescents?)\b/,
    parts: [
      first('M60 4A44 44 0 1 0 78 72A36 36 0 0 1 60 4z'),
      second(circle(26, 40, 4) + circle(30, 64, 5.5) + circle(18, 54, 2.6)),
    ],
  },
  star: {
    box: [100, 96],
    inches: [0.75, 0.72],
    words: /\bstars?\b/,
    parts: [first(star(5, 50, 52, 50, 21)), second(star(5, 50, 52, 22, 9))],
  },
  heart: {
    box: [100, 92],
    inches: [0.75, 0.7],
    words: /\b(hearts?|love)\b/,
    parts: [
      first('M50 90C18 64 3 46 3 27C3 12 15 3 27 3C38 3 46 9 50 19C54 9 62 3 73 3C85 3 97 12 97 27C97 46 82 64 50 90z'),
      second(ellipse(27, 22, 5, 8, 30)),
    ],
  },
  cloud: {
    box: [110, 66],
    inches: [1.5, 0.9],
    words: /\b(clouds?|mists?|smoke)\b/,
    parts: [
      first(
        'M26 62C8 62 2 50 4 42C6 32 14 28 22 30C22 14 34 4 48 6C58 6 66 14 68 22C86 16 98 26 98 38C108 40 108 62 92 62z',
      ),
    ],
  },
  splash: {
    box: [100, 96],
    inches: [1.5, 1.45],
    words: /\b(splash(es)?|splats?|splatters?|drops?|drips?|stains?|rings?)\b/,
    parts: [
      first(
        'M50 16C58 4 66 12 62 22C72 16 84 16 82 28C80 36 90 38 96 46C98 54 86 54 80 58C90 68 88 80 76 76C68 74 66 86 56 92C48 96 46 84 42 78C34 88 22 88 24 76C24 68 12 70 6 62C2 54 14 50 18 46C8 38 10 24 24 26C32 28 42 28 50 16z',
      ),
      second(circle(14, 14, 5) + circle(90, 90, 4) + circle(92, 12, 3)),
    ],
  },
  camera: {
    box: [100, 76],
    inches: [1.25, 0.95],
    words: /\b(cameras?|snapshots?|lens(es)?)\b/,
    parts: [
      first('M4 20H28L36 6H64L72 20H96V72H4z'),
      paper(circle(50, 46, 20)),
      second(circle(50, 46, 13)),
      ink(circle(84, 30, 3.4)),
    ],
  },
  film: {
    box: [120, 44],
    inches: [3, 1.1],
    words: /\b(films?|filmstrips?|negatives?)\b/,
    parts: [
      first(box(1, 1, 118, 42)),
      paper(
        [6, 44, 82].map((x) => box(x, 11, 32, 22)).join('') +
          Array.from({ length: 12 }, (_, i) => box(5 + i * 9.6, 3, 4, 4) + box(5 + i * 9.6, 37, 4, 4)).join(''),
      ),
    ],
  },
  book: {
    box: [104, 76],
    inches: [1.25, 0.9],
    words: /\b(books?|diar(y|ies)|albums?|notebooks?)\b/,
    parts: [
      first('M52 12C38 2 18 2 2 8V70C18 64 38 64 52 74C66 64 86 64 102 70V8C86 2 66 2 52 12z'),
      paper('M52 18C40 9 24 8 8 13V63C24 59 40 60 52 67C64 60 80 59 96 63V13C80 8 64 9 52 18z'),
      ink('M52 18V67', 2),
    ],
  },
  speech: {
    box: [100, 78],
    inches: [1.5, 1.15],
    words: /\b(speech|bubbles?|thoughts?)\b/,
    parts: [first('M14 3H86C94 3 98 8 98 14V48C98 56 92 59 86 59H44L22 76L26 59H14C6 59 2 54 2 48V14C2 8 6 3 14 3z')],
    write: [10, 8, 80, 46],
  },
  frame: {
    box: [100, 100],
    inches: [2, 2],
    words: /\b(frames?|polaroids?|windows?)\b/,
    parts: [first('M2 2H98V98H2zM18 18V82H82V18z'), fine('M10 10H90V90H10z', 2)],
    isRaised: true,
  },
  stamp: {
    box: [80, 96],
    inches: [1, 1.2],
    words: /\b(postage|stamps?|postmarks?)\b/,
    parts: [first(notched(80, 96, 10, 12)), paper(box(11, 11, 58, 74)), second(circle(40, 44, 17))],
    write: [13, 64, 54, 18],
    writesOn: 'paper',
  },
  ticket: {
    box: [120, 56],
    inches: [2, 0.95],
    words: /\b(tickets?|coupons?|admits?)\b/,
    parts: [
      first('M2 2H118V18A10 10 0 0 0 118 38V54H2V38A10 10 0 0 0 2 18z'),
      paper(box(24, 10, 72, 36)),
      fine('M18 4V52', 1.6),
    ],
    write: [26, 12, 68, 32],
    writesOn: 'paper',
  },
  tag: {
    box: [60, 110],
    inches: [1.25, 2.3],
    words: /\b(tags?)\b/,
    parts: [first('M16 2H44L58 18V108H2V18z'), paper(circle(30, 18, 6)), ink('M30 14C28 6 34 2 40 0', 1.6)],
    write: [8, 32, 44, 60],
  },
  banner: {
    box: [60, 90],
    inches: [1, 1.5],
    words: /\b(banners?|flags?|pennants?|bunting)\b/,
    parts: [first('M2 2H58V88L30 68L2 88z'), second(box(2, 8, 56, 7))],
    write: [6, 20, 48, 40],
  },
  arrow: {
    box: [120, 56],
    inches: [1.75, 0.8],
    words: /\barrows?\b/,
    parts: [first('M2 18H78V4L118 28L78 52V38H2L14 28z'), fine('M20 28H96', 3)],
    looksRight: true,
  },
  // Of what nobody knows the shape: soft at its edges, with nothing on it.
  blank: {
    box: [100, 80],
    inches: [1.25, 1],
    words: /\bblanks?\b/,
    parts: [
      first('M50 2C76 2 98 8 98 40C98 72 76 78 50 78C24 78 2 72 2 40C2 8 24 2 50 2z'),
      fine('M50 12C70 12 86 16 86 40C86 64 70 68 50 68C30 68 14 64 14 40C14 16 30 12 50 12z', 1.5),
    ],
  },
  label: {
    box: [130, 40],
    inches: [2, 0.62],
    words: /\b(labels?|words?|phrases?|sayings?|sentiments?|quotes?)\b/,
    parts: [first('M2 2H112L128 20L112 38H2z')],
    write: [8, 6, 104, 28],
  },
  strip: {
    box: [140, 24],
    inches: [2.25, 0.38],
    words: /\b(strips?|borders?|trims?)\b/,
    parts: [first(box(1, 1, 138, 22))],
    write: [6, 3, 128, 18],
  },
  card: {
    box: [75, 100],
    inches: [1.5, 2],
    words: /\b(cards?|journal(ing|ling)?|notes?|index)\b/,
    parts: [first(box(1, 1, 73, 98)), second(box(1, 1, 73, 16)), fine('M10 36H65M10 52H65M10 68H65M10 84H65', 1.5)],
  },
  button: {
    box: [100, 100],
    inches: [0.625, 0.625],
    words: /\bbuttons?\b/,
    parts: [
      first(circle(50, 50, 48)),
      fine(circle(50, 50, 35), 4),
      ink(circle(39, 39, 6) + circle(61, 39, 6) + circle(39, 61, 6) + circle(61, 61, 6)),
    ],
    isRaised: true,
  },
  flair: {
    box: [100, 100],
    inches: [1, 1],
    words: /\b(flair|badges?|pins?|medals?|rounds?|circles?|epoxy)\b/,
    parts: [first(circle(50, 50, 48)), second(circle(50, 50, 36))],
    isRaised: true,
    write: [18, 34, 64, 32],
  },
  clip: {
    box: [40, 100],
    inches: [0.5, 1.25],
    words: /\b(clips?|paper ?clips?)\b/,
    parts: [thread('M12 30V72C12 92 34 92 34 72V20C34 0 6 0 6 20V78C6 92 12 97 20 97', 5)],
    isRaised: true,
  },
  peg: {
    box: [30, 100],
    inches: [0.4, 1.3],
    words: /\b(clothes ?pins?|pegs?|clothespegs?)\b/,
    parts: [first('M4 2H14V46H16V2H26L28 98H17L16 60H14L13 98H2z'), ink(box(2, 44, 26, 6))],
    isRaised: true,
  },
  bow: {
    box: [110, 76],
    inches: [1.25, 0.85],
    words: /\b(bows?|ribbons? bows?|knots?)\b/,
    parts: [
      first(
        'M48 30C34 6 8 2 4 16V46C8 58 34 54 48 38L30 74L44 68L55 40L66 68L80 74L62 38C76 54 102 58 106 46V16C102 2 76 6 62 30z',
      ),
      second('M46 24H64V46H46z'),
    ],
    isRaised: true,
  },
  tassel: {
    box: [40, 110],
    inches: [0.5, 1.4],
    words: /\b(tassels?|pom ?poms?|fringes?)\b/,
    parts: [
      first('M12 34C6 60 4 84 2 108H38C36 84 34 60 28 34z'),
      second('M10 24H30V36H10z'),
      thread('M20 24C8 14 14 2 20 2C26 2 32 14 20 24', 3),
      fine('M14 40L10 106M20 40V106M26 40L30 106', 1.4),
    ],
    isRaised: true,
  },
  doily: {
    box: [100, 100],
    inches: [3, 3],
    words: /\b(doil(y|ies)|lace)\b/,
    parts: [
      paper(petals(16, 50, 50, 41, 8.6)),
      fine(circle(50, 50, 36), 1.6),
      fine(dots(16, 50, 50, 42, 3), 1.4),
      fine(dots(10, 50, 50, 25, 5), 1.6),
    ],
  },
  corner: {
    box: [70, 70],
    inches: [0.6, 0.6],
    words: /\bcorners?\b/,
    parts: [first('M2 2H68L2 68z'), fine('M10 10H50L10 50z', 2)],
  },
  sequin: {
    box: [100, 100],
    inches: [0.25, 0.25],
    words: /\b(sequins?|confetti|spangles?)\b/,
    parts: [first(`${circle(50, 50, 47)}M42 50a8 8 0 1 1 16 0a8 8 0 1 1-16 0z`), paper(ellipse(32, 30, 6, 11, 40))],
  },
  dot: {
    box: [100, 100],
    inches: [0.375, 0.375],
    words: /\b(dots?|pearls?|gems?|brads?|drops?|studs?|beads?|enamels?|sprinkles?|rhinestones?)\b/,
    parts: [first(circle(50, 50, 47)), paper(ellipse(34, 32, 7, 11, 40))],
    isRaised: true,
  },
  charm: {
    box: [56, 90],
    inches: [0.6, 0.95],
    words: /\b(charms?|pendants?|medallions?|hangers?)\b/,
    parts: [
      thread(circle(28, 12, 9), 4),
      first('M28 22C50 34 54 56 48 70C42 86 14 86 8 70C2 56 6 34 28 22z'),
      second(circle(28, 58, 12)),
    ],
    isRaised: true,
  },
  hexagon: {
    box: [90, 100],
    inches: [0.9, 1],
    words: /\b(hexagons?|honeycombs?|tiles?|cells?)\b/,
    parts: [first(polygon(6, 45, 50, 49)), fine(polygon(6, 45, 50, 36), 2.4)],
  },
} as const satisfies Record<string, Outline>;

export type OutlineId = keyof typeof OUTLINES;

export const OUTLINE_IDS = Object.keys(OUTLINES) as OutlineId[];

/** The edge of all of it that is solid; of what is drawn in lines, its first line. */
export const edgeOf = ({ parts }: Outline): string =>
  parts[0].line === undefined ? parts.flatMap(({ d, line }) => (line === undefined ? [d] : [])).join('') : parts[0].d;

export const outlineOf = (id: OutlineId): Outline => OUTLINES[id];
