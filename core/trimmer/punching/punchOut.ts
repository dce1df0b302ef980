import type { Point } from '../../ground/geometry';
import { seededRandom } from '../../ground/random';
import { nestle } from './nestle';
import { roomFor, type Room } from './room';
import { rows } from './rows';
import { isRound } from './hole';
import { holeBox } from './holeRects';
import { tagSpots } from './tagSpots';
import type { Hole, Punch, RoundLie } from '../../stock/things';
import type { Scrap } from './types';
import { nth } from '../../ground/nth';

/** Directions drawn by lot where few circles are to be placed: there the best is often in no rows. */
const TRIES = 160;
const FEW = 30;
/** Where rows hold more than this, only what nestles in beside them is looked for. Hexagons lie best in rows anyway. */
const MANY: Record<'circle' | 'hexagon', number> = { circle: 120, hexagon: FEW };

const swapped = ({ x, y }: Point): Point => ({ x: y, y: x });

/** The room with its sides exchanged: a hexagon on a point then stands on a flat. */
function turned(room: Room): Room {
  const { scrap, lie, half } = room;
  return {
    ...room,
    scrap: { ...scrap, w: scrap.h, h: scrap.w },
    half: swapped(half),
    lie: lie === 'point-up' ? 'flat-up' : lie === 'flat-up' ? 'point-up' : lie,
  };
}

/** Rows both ways, from each corner, without the holes that cannot be there. */
function rowsFromAllSides(room: Room): Point[][] {
  const { w, h } = room.scrap;
  const layouts = [...rows(room), ...rows(turned(room)).map((spots) => spots.map(swapped))];
  return layouts
    .flatMap((spots) => [
      spots,
      spots.map(({ x, y }) => ({ x: w - x, y })),
      spots.map(({ x, y }) => ({ x, y: h - y })),
      spots.map(({ x, y }) => ({ x: w - x, y: h - y })),
    ])
    .map((spots) => spots.filter(room.allows));
}

const most = (layouts: readonly Point[][]): Point[] =>
  layouts.reduce((best, spots) => (spots.length > best.length ? spots : best), []);

/**
 * As many holes as are found: the best rows with whatever else nestles in, or nestled from the start. Where rows hold
 * enough, nothing else is looked for.
 */
function fill(room: Room, enough: number): Point[] {
  const layouts = rowsFromAllSides(room);
  // Those that lie close come before those drawn out to the width.
  const close = layouts.find((spots) => spots.length >= enough);
  if (close) return close;
  const inRows = most(layouts);
  const toward = (angle: number): Point => ({ x: Math.cos(angle), y: Math.sin(angle) });
  let best = nestle(room, inRows, toward(0.01));
  const shape = room.lie === 'round' ? 'circle' : 'hexagon';
  if (best.length > MANY[shape] || best.length >= enough) return best;
  for (let eighth = 0; eighth < 8; eighth++)
    best = most([best, nestle(room, [], toward((eighth * Math.PI) / 4 + 0.01))]);
  if (shape === 'circle' && best.length <= FEW) {
    const random = seededRandom(best.length + 1);
    for (let i = 0; i < TRIES; i++) {
      const spots = nestle(room, [], toward(random() * 2 * Math.PI));
      if (spots.length > best.length) best = spots;
    }
  }
  return best;
}

const liesOf = ({ shape }: Punch, { upright }: Scrap): readonly RoundLie[] =>
  shape === 'circle' ? ['round'] : upright ? ['point-up'] : ['point-up', 'flat-up'];

/** Top to bottom, then left to right: the order in which they are punched. */
const inOrder = (a: Hole, b: Hole): number => a.y - b.y || a.x - b.x;

/**
 * Where to punch one punch's shape out of a scrap as often as can be: never fewer than the best of square and staggered
 * rows from any corner, and more where holes can nestle between.
 * @param earlier holes there already, by any punch
 * @param enough more than that are not looked for
 * @returns the holes, top to bottom; middles in ticks, not always whole. Source: own; staggered rows are the usual
 *   hexagonal packing of circles
 */
export function punchSpots(
  scrap: Scrap,
  punch: Punch,
  earlier: readonly Hole[] = [],
  enough: number = Infinity,
): Hole[] {
  // Round a tag that is out already, its box is as good as gone.
  const boxes = earlier.flatMap((hole) => (isRound(hole) ? [] : [holeBox(hole, scrap)]));
  const left = { ...scrap, missing: [...scrap.missing, ...boxes] };
  if (punch.shape === 'tag') return tagSpots(left, punch, earlier.filter(isRound), enough).sort(inOrder);
  let best: Hole[] = [];
  for (const lie of liesOf(punch, scrap)) {
    const holes = fill(roomFor(left, punch, lie, earlier.filter(isRound)), enough).map((at): Hole => ({
      ...at,
      size: punch.size,
      lie,
    }));
    if (holes.length > best.length) best = holes;
  }
  return best.sort(inOrder).slice(0, enough);
}

/** A punch and how many of it are wanted; null: as many as can be. */
export interface PunchWish {
  readonly punch: Punch;
  readonly most: number | null;
}

/**
 * Several punches on one scrap, the largest first, each in what the larger ones left.
 * @param earlier holes there already
 * @returns the holes of each wish, in the order of the wishes
 */
export function punchOut(scrap: Scrap, wishes: readonly PunchWish[], earlier: readonly Hole[] = []): Hole[][] {
  const found = wishes.map((): Hole[] => []);
  const largestFirst = wishes
    .map((_, i) => i)
    .sort((a, b) => nth(wishes, b).punch.size - nth(wishes, a).punch.size || a - b);
  for (const i of largestFirst) {
    const { punch, most: wanted } = nth(wishes, i);
    found[i] = punchSpots(scrap, punch, [...earlier, ...found.flat()], wanted ?? undefined);
  }
  return found;
}
