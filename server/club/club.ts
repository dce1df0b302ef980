/** A month's packing list as a club gives it. */
export interface PackingList {
  readonly club: string;
  readonly name: string;
  readonly month: string;
  readonly theme: readonly string[];
  readonly lines: readonly string[];
  /** Lines that come a month late. */ readonly late: readonly string[];
}

const CLUB = 'The Oddment Post';

/** Kits that an invented club sends after those of the demo. What is late is on the list, and not in the box. */
const KITS: readonly PackingList[] = [
  {
    club: CLUB,
    name: 'Heron Lock',
    month: '2026-12',
    theme: ['heron', 'water', 'lock'],
    late: ['enamel dots 24, pond'],
    lines: [
      '2 x 12x12 heron reeds / ripple scallops, pond + celadon + cream, upright',
      '1 x 12x12 lock gate wood / plain cream, wood + brown',
      '1 x 12x12 towpath grid / dusk wash, slate + cream',
      '2 x 12x12 cardstock slate',
      '1 x 12x12 cardstock pond',
      'alpha puffy: A3 E4 N2 R2 S3 T2',
      'washi 10 yd, pond',
      'enamel dots 24, pond',
      'ephemera 26, herons and keys',
      '3 glassine bags 4x6',
      '4 x 3x4 lock cards, celadon',
    ],
  },
  {
    club: CLUB,
    name: 'Clockmender',
    month: '2027-01',
    theme: ['clock', 'brass', 'workshop'],
    late: [],
    lines: [
      '2 x 12x12 cog grid / ledger lines, bronze + cream',
      '1 x 12x12 dial dots / plain cream, brown + cream',
      '1 x 12x12 spring stripe / bench wood, bronze + wood',
      '2 x 12x12 cardstock cream',
      '1 x 12x12 cardstock brown',
      'alpha dial: A2 C2 E3 I2 K2 L2 M1 N2 O2 R2 S2 T3',
      'brass clips 8',
      'twine 5 yd, brown',
      'ephemera 30, dials and hands',
    ],
  },
];

/** The lists that can be had, the newest first. */
export const packingLists = (): readonly PackingList[] => [...KITS].sort((a, b) => b.month.localeCompare(a.month));
