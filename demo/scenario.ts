/** The made-up scenario: four kits of an invented club, as their packing lists came, and what was made of them. */
export interface DemoKit {
  readonly id: string;
  readonly name: string;
  readonly month: string;
  readonly came: string;
  readonly theme: readonly string[];
  readonly list: string;
  readonly missing: Readonly<Record<string, number>>;
  /** What she told apart in a pack, by its name on the list. */
  readonly named?: Readonly<Record<string, string>>;
}

export const CLUB = 'The Oddment Post';

export const KITS: readonly DemoKit[] = [
  {
    id: 'bell',
    name: 'Ringing Chamber',
    month: '2025-10',
    came: '2025-10-09',
    theme: ['bells', 'rope', 'tower'],
    missing: {},
    list: `1 x 12x12 bell metal / rope stripe, bronze + straw + brown
1 x 12x12 tower stone / plain slate, slate + ash + grey
2 x 12x12 rounds and changes, cream + rope + bronze
1 x 12x12 rope check / ledger lines, rope + cream
2 x 12x12 cardstock slate
1 x 12x12 cardstock cream
alpha chipboard, 3/4 in, bronze: A2 B1 C2 E3 G2 H1 I2 L3 N2 O2 P2 R2 S2 T2
twine 5 yd, rope
brass clips 6
4 x 3x4 tower cards, cream
alphabet stamps`,
  },
  {
    id: 'seed',
    name: 'Seed Drawer',
    month: '2026-03',
    came: '2026-03-11',
    theme: ['garden', 'seed', 'allotment'],
    missing: {},
    named: {
      ephemera:
        '6 cream seed packets 1 1/4x1 3/4, 4 straw labels "plot 14" 1 3/4x5/8, 5 moss leaves 3/4x1 3/8, 4 pink flowers 1x1, 3 kraft tags "to sow" 1x1 7/8',
    },
    list: `2 x 12x12 seed packets / radish rows, cream + radish + leaf, upright
1 x 12x12 leaf mould / garden grid, moss + leaf + olive
1 x 12x12 radish dots / gingham green, radish + blush
1 x 12x12 potting bench wood / plain cream, wood + brown
2 x 12x12 cardstock cream
1 x 12x12 cardstock leaf
alpha seed label, 5/8 in, leaf: A3 B2 D2 E4 H1 I3 L2 M2 N2 O3 R3 S2 T3 V1 W1
ephemera 28, packets and labels
twine 10 yd, straw
wood buttons 8
washi 10 m, leaf`,
  },
  {
    id: 'kiln',
    name: 'Kiln Weather',
    month: '2026-05',
    came: '2026-05-08',
    theme: ['clay', 'fire', 'ash'],
    missing: {},
    named: {
      ephemera:
        '5 terracotta pots 1 1/8x1 1/4, 3 slate tongs 5/8x2, 4 cream labels "cone 06" 1 3/4x5/8, 4 celadon stars 3/4x3/4, 3 grey splashes 1 1/4x1 1/4',
    },
    list: `2 x 12x12 crackle glaze / ash wash, celadon + slate
1 x 12x12 clay slip wash / kiln grid, clay + terracotta + cream
1 x 12x12 smoke cloud / celadon scallops, ash + grey
1 x 12x12 brick stripe / plain cream, clay + cream + brick
2 x 12x12 cardstock ash
1 x 12x12 cardstock clay
1 x 6x12 sticker sheet
alpha kiln, 1 in, clay: A2 E2 F2 G1 I2 K2 L2 N2 R3 S1 T2 U2 W1
enamel dots 20, celadon
ribbon 3 yd, clay
ephemera 24, pots and tongs`,
  },
  {
    id: 'moth',
    name: 'Moth Lantern',
    month: '2026-11',
    came: '2026-11-03',
    theme: ['moth', 'garden', 'night'],
    named: {
      ephemera:
        '6 amber moths 2x1 1/2, 4 slate jars 1x1 1/2, 7 moss leaves 3/4x1 3/8, 5 pink flowers 1 1/4x1 1/4, 2 cream labels "night shift" 2x5/8, 2 straw labels "after ten" 1 7/8x5/8',
    },
    missing: { 'night sky / plain slate': 1 },
    list: `2 x 12x12 moths / lamplight, ink + amber + lamp, upright
1 x 12x12 foxglove blooms / foxglove rows, blush + foxglove + leaf
2 x 12x12 night sky / plain slate, night + lamp + amber
1 x 12x12 lamplight dots / field notes, lamp + amber + marigold
1 x 12x12 dusk wash / gingham leaf, foxglove + blush + lilac
1 x 12x12 field notes ledger / moth script, cream + straw
2 x 12x12 cardstock cream
1 x 12x12 cardstock ink
1 x 6x12 sticker sheet
alpha puffy: A3 E4 N2 R2 S3 T2 M2 O1 H2 L1
washi lamplight 10 yd, amber
ephemera 32, moths and jars
enamel dots 24, amber
3 glassine bags 4x6
4 x 3x4 lantern cards, lamp`,
  },
];

export const STORIES = [
  { id: 'peal', name: 'The first full peal', date: '2025-10', place: 'the tower' },
  { id: 'raku', name: 'A raku firing', date: '2026-06-20', place: 'the pottery yard' },
  { id: 'marrow', name: "The allotment's heaviest marrow", date: '2026-08', place: 'plot 14' },
  { id: 'moths', name: 'A moth-trapping night', date: '2026-09-12', place: 'the orchard wall' },
] as const;

/** A page of the past: what it was made of, in which design, and when. */
export interface DemoPage {
  readonly title: string;
  readonly design: string;
  readonly spread?: boolean;
  readonly photos: readonly string[];
  readonly papers: Readonly<Record<string, string>>;
  readonly day: string;
  readonly journaling: string;
  readonly counted?: Readonly<Record<string, number>>;
}

export const PAGES: readonly DemoPage[] = [
  {
    title: 'Six ropes, one clock',
    design: 'strip-bands',
    photos: ['ropes'],
    papers: { ground: 'cardstock slate', upper: 'bell metal', lower: 'rounds and changes', mat: 'cardstock cream' },
    day: '2025-11-02',
    journaling: 'Three hours and four minutes, and nobody looked up.',
    counted: { 'brass clips': 2 },
  },
  {
    title: 'Stand',
    design: 'framed-ground',
    photos: ['tower'],
    papers: { frame: 'rope check', ground: 'tower stone', mat: 'rounds and changes' },
    day: '2025-11-16',
    journaling: 'The tower after, very quiet.',
    counted: { 'brass clips': 2 },
  },
  {
    title: 'The band',
    design: 'strip-bands',
    photos: ['band', 'clock'],
    papers: { ground: 'cardstock slate', upper: 'rounds and changes', lower: 'bell metal', mat: 'cardstock cream' },
    day: '2025-12-06',
    journaling: 'Left to right, treble to tenor.',
    counted: { 'brass clips': 1 },
  },
  {
    title: 'Rows and rows',
    design: 'box-stack',
    photos: ['rows'],
    papers: {
      ground: 'cardstock cream',
      strip: 'potting bench wood',
      tall: 'seed packets',
      wide: 'radish dots',
      card: 'leaf mould',
      mat: 'cardstock leaf',
    },
    day: '2026-04-19',
    journaling: 'Sown too thick, as ever.',
    counted: { 'wood buttons': 3 },
  },
  {
    title: 'Glaze day',
    design: 'strip-bands',
    photos: ['bowl', 'shelf'],
    papers: { ground: 'cardstock ash', upper: 'crackle glaze', lower: 'brick stripe', mat: 'clay slip wash' },
    day: '2026-06-28',
    journaling: 'Green where it was meant to be grey.',
    counted: { 'enamel dots': 7 },
  },
  {
    title: 'Hot, hotter',
    design: 'framed-ground',
    photos: ['tongs'],
    papers: { frame: 'smoke cloud', ground: 'cardstock clay', mat: 'crackle glaze' },
    day: '2026-07-12',
    journaling: 'A minute from the kiln to the bin.',
    counted: { 'enamel dots': 5 },
  },
];

/** A page that is in hand. */
export interface OpenPage {
  readonly id: string;
  /** Whose papers they are. */
  readonly kit: string;
  readonly title: string;
  readonly design: string;
  /** Null: a place kept for one. */
  readonly photos: readonly (string | null)[];
  readonly papers: Readonly<Record<string, string>>;
  readonly date: string;
  readonly place: string;
}

/** Pages in hand of one kit each; `isGlued` null: it is an idea, false: it is cut and its things are laid out. */
export const OPEN: readonly { readonly page: OpenPage; readonly day: string; readonly isGlued: boolean | null }[] = [
  {
    page: {
      id: 'page-sawdust',
      kit: 'kiln',
      title: 'Into the sawdust',
      design: 'strip-bands',
      photos: ['sawdust'],
      papers: { ground: 'cardstock ash', upper: 'brick stripe', lower: 'clay slip wash', mat: 'crackle glaze' },
      date: '',
      place: '',
    },
    day: '2026-10-18',
    isGlued: true,
  },
  {
    page: {
      id: 'page-marrow',
      kit: 'seed',
      title: 'Heaviest of all',
      design: 'framed-ground',
      photos: ['marrow'],
      papers: { frame: 'seed packets', ground: 'cardstock cream', mat: 'gingham green' },
      date: '2026-08',
      place: 'plot 14',
    },
    day: '2026-11-01',
    isGlued: false,
  },
  {
    page: {
      id: 'page-boxes',
      kit: 'moth',
      title: 'Egg boxes, counted',
      design: 'photo-block',
      photos: ['boxes', null],
      papers: {},
      date: '2026-09-12',
      place: 'the orchard wall',
    },
    day: '2026-11-05',
    isGlued: null,
  },
];

/** Two pages that the newest kit is shared out over, and how many of the first one's cuts are made. */
export const SHARED: {
  readonly kit: string;
  readonly day: string;
  readonly cuts: number;
  readonly pages: readonly OpenPage[];
} = {
  kit: 'moth',
  day: '2026-11-06',
  cuts: 3,
  pages: [
    {
      id: 'page-lamp',
      kit: 'moth',
      title: 'Forty by the lamp',
      design: 'strip-bands',
      photos: ['lamp'],
      papers: {},
      date: '2026-09-12',
      place: 'the orchard wall',
    },
    {
      id: 'page-hawk',
      kit: 'moth',
      title: 'Elephant hawk',
      design: 'framed-ground',
      photos: ['hawk'],
      papers: {},
      date: '2026-09-12',
      place: 'the orchard wall',
    },
  ],
};
