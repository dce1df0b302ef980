import type { PunchStep } from '../../core/page/cutlist';
import { groupBy } from '../../core/ground/groupBy';
import { formatLength, formatSize, type MeasureSystem } from '../../core/ground/length';
import type { Hole, Lie } from '../../core/stock/things';
import { agreeing, countWords } from '../words/countWords';

const SHAPES: Record<Lie, string> = {
  round: 'circle',
  'point-up': 'hexagon',
  'flat-up': 'hexagon',
  upright: 'tag',
  across: 'tag',
};

/** What holes of one punch are called by. */
const keyOf = ({ size, height, lie }: Hole): string => `${SHAPES[lie]} ${size} ${height}`;

const sizeWords = ({ size, height }: Hole, system: MeasureSystem): string =>
  height === undefined ? formatLength(size, system) : formatSize({ w: size, h: height }, system);

const holesOf = ({ pieces }: PunchStep): Hole[] => pieces.flatMap(({ punched }) => punched?.hole ?? []);

/** How many of which size: the largest first. */
export const punchCounts = (step: PunchStep, system: MeasureSystem): readonly string[] =>
  [...groupBy(holesOf(step), keyOf).values()]
    .sort(([a], [b]) => (b?.size ?? 0) - (a?.size ?? 0))
    .flatMap((own) => (own[0] ? [`${own.length} × ${sizeWords(own[0], system)}`] : []));

/** How many of what: `8 circles`. */
export function shapeWords(step: PunchStep): string {
  const kinds = groupBy(holesOf(step), ({ lie }) => SHAPES[lie]);
  return [...kinds].map(([one, own]) => countWords(own.length, one)).join(' and ');
}

/** The same with their sizes: `10 circles: 8 × 5/8″, 2 × 1″`. */
export const punchWords = (step: PunchStep, system: MeasureSystem): string =>
  `${shapeWords(step)}: ${punchCounts(step, system).join(', ')}`;

/** Where they lie on the part. */
export function whereWords(step: PunchStep): string {
  const holes = holesOf(step);
  const isOne = (of: (hole: Hole) => number): boolean =>
    Math.max(...holes.map(of)) - Math.min(...holes.map(of)) < 1 && holes.length > 1;
  if (isOne(({ y }) => y)) return 'one beside the other along the strip, from its left end';
  if (isOne(({ x }) => x)) return 'one below the other along the strip, from its head';
  return agreeing(holes.length, 'where the drawing shows it', 'edge to edge, where the drawing shows them');
}
