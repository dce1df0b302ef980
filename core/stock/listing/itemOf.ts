import { coloursIn, type NamedColour } from '../../ground/colour';
import type { Size } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { LotKind, Measure } from '../things';
import { clearColoursIn } from './colours';
import type { FaceSketch, ListItem } from './listItem';
import { MOST_OF_A_LINE } from './takeCounts';
import type { Doubt, Thing } from './thing';

/** What sheets are taken to be where no size is told. */
const USUAL: Size = { w: inches(12), h: inches(12) };
/** Of what is measured, ticks: more than 3 km. */
const LONGEST_ROLL = 1e9;
const LARGE = inches(4);
const LEVELS = { plenty: 100, some: 50, few: 20 } as const;

const levelOf = ({ amount }: Thing): number | null =>
  amount === null ? null : typeof amount === 'number' ? Math.max(1, Math.round(100 * amount)) : LEVELS[amount];

/** What of a thing is kept account of. */
function measureOf(thing: Thing, size: Size | null): Measure {
  const { kind, letters, length, label, isOfWholes, amount, count } = thing;
  switch (kind) {
    case 'paper':
    case 'cardstock':
    case 'vellum':
    case 'acetate':
    case 'pad':
    case 'cut-apart':
      return 'sheets';
    case 'card':
      return size ? 'sheets' : 'count';
    case 'alpha':
      return letters ? 'letters' : 'share';
    case 'washi':
    case 'ribbon':
    case 'twine':
      return length === null ? 'share' : 'length';
    case 'medium':
      return 'share';
    case 'tool':
      return 'count';
    case 'packaging':
      return size && /tissue|cards?/i.test(label) ? 'sheets' : 'count';
    case 'stickers':
      if (/sheets?|books?/i.test(label) || isOfWholes || (size && Math.min(size.w, size.h) >= LARGE)) return 'share';
      return amount === null ? 'count' : 'share';
    default:
      return (amount !== null && (count ?? 1) === 1) || isOfWholes ? 'share' : 'count';
  }
}

const hexes = (colours: readonly Pick<NamedColour, 'hex'>[]): string[] => colours.map(({ hex }) => hex);

/** `moths / lamplight` as two faces; colours belong to the front, and a plain back of a named colour is drawn in it. */
function facesOf(name: string, { back, colours }: Thing): { front: FaceSketch; back: FaceSketch | null } {
  const front = back === null ? name : name.slice(0, name.length - back.length - 3);
  const own = colours.length > 0 ? hexes(colours) : hexes(clearColoursIn(front));
  if (back === null) return { front: { name: front, colours: own }, back: null };
  const told = hexes(coloursIn(back));
  return {
    front: { name: front, colours: own },
    back: { name: back, colours: told.length > 0 ? told : [...own].reverse() },
  };
}

/** A thing as it is taken in, and what is in doubt only then: sizes and counts that the stash cannot do without. */
export function itemOf(thing: Thing): { item: ListItem; doubts: Doubt[] } {
  const { kind, punch, letters, designs, upright, height } = thing;
  const doubts: Doubt[] = [];
  const told = thing.size && !punch ? { w: thing.size.w, h: thing.size.h ?? thing.size.w } : null;
  const measure = measureOf(thing, told);
  const size = told ?? (measure === 'sheets' ? USUAL : null);
  if (size && !told) doubts.push({ words: thing.label, why: 'No size is told: taken as 12 × 12.', from: 0, to: 0 });
  const rolls = measure === 'length' ? (thing.count ?? 1) : 1;
  const length = measure === 'length' ? Math.min(LONGEST_ROLL, (thing.length ?? 0) * rolls) : null;
  const count = measure === 'length' || measure === 'letters' ? 1 : Math.min(MOST_OF_A_LINE, thing.count ?? 1);
  const sheets = designs !== null && designs > count ? designs : count;
  const level = measure === 'share' ? levelOf(thing) : null;
  const isLevelSaid = level !== null && (level < 100 || !['stickers', 'medium', 'alpha'].includes(kind));
  const unsaid = thing.amountSaid !== null && measure !== 'share' ? [thing.amountSaid] : [];
  const name = thing.label;
  const hasFace = measure === 'sheets' || thing.colours.length > 0;
  const item: ListItem = {
    kind: kind === 'pad' ? 'paper' : (kind satisfies LotKind),
    name,
    measure,
    count: kind === 'pad' ? sheets : count,
    size,
    length,
    letters,
    ...(hasFace ? facesOf(name, thing) : { front: null, back: null }),
    upright,
    ...(isLevelSaid ? { level } : {}),
    ...(designs === null ? {} : { designs }),
    ...(height === null ? {} : { height }),
    ...(punch ? { punch } : {}),
    note: [...thing.notes, ...unsaid].join(', '),
  };
  return { item, doubts };
}
