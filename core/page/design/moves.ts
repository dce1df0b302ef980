import type { LayerMove } from '../../stock/things';
import type { Layout, PageLayer } from './design';
import { nth } from '../../ground/nth';
import { known } from '../../ground/known';

const STILL: LayerMove = { dx: 0, dy: 0, turn: 0, lift: 0 };

/** Layers that are moved as one, from the bottom up: a mat takes its photo along. */
function groupsOf(layers: readonly PageLayer[]): PageLayer[][] {
  const groups: PageLayer[][] = [];
  for (const layer of layers) {
    const below = groups[groups.length - 1];
    if (below && nth(below, 0).matOf !== undefined && nth(below, 0).matOf === (layer.photo ?? layer.matOf))
      below.push(layer);
    else groups.push([layer]);
  }
  return groups;
}

type Moves = Readonly<Record<string, LayerMove>>;

/** The layer by which a group is moved: by the photo, unless it was moved by one of its mats already. */
const leaderOf = (group: readonly PageLayer[], moves: Moves): string =>
  (group.find(({ id }) => moves[id]) ?? nth(group, group.length - 1)).id;

/** The layer whose move counts for a layer: a photo and its mats are moved as one. */
export const movedWith = ({ layers }: Layout, id: string, moves: Moves = {}): string => {
  const group = groupsOf(layers).find((one) => one.some((layer) => layer.id === id));
  return group ? leaderOf(group, moves) : id;
};

/** A layout with some layers elsewhere. Moves of layers that are no longer there do nothing. */
export function moved(layout: Layout, moves: Moves): Layout {
  const groups = groupsOf(layout.layers);
  const order = [...groups];
  for (const group of groups) {
    const { lift } = moves[leaderOf(group, moves)] ?? STILL;
    if (lift === 0) continue;
    const at = order.indexOf(group);
    order.splice(at, 1);
    order.splice(Math.max(0, Math.min(order.length, at + lift)), 0, group);
  }
  const layers = order.flatMap((group) => {
    const { dx, dy, turn } = moves[leaderOf(group, moves)] ?? STILL;
    return group.map((layer) =>
      dx === 0 && dy === 0 && turn === 0
        ? layer
        : { ...layer, x: layer.x + dx, y: layer.y + dy, turn: layer.turn + turn },
    );
  });
  return { ...layout, layers };
}

/** A move with more added to it; null where nothing is left of it. */
export function movedOn(before: LayerMove | undefined, more: Partial<LayerMove>): LayerMove | null {
  const from = before ?? STILL;
  const now = {
    dx: from.dx + (more.dx ?? 0),
    dy: from.dy + (more.dy ?? 0),
    turn: from.turn + (more.turn ?? 0),
    lift: from.lift + (more.lift ?? 0),
  };
  return Object.values(now).every((n) => n === 0) ? null : now;
}

/**
 * How far a layer goes when it is pushed along one axis: a whole step, or less where one of its edges first meets
 * another layer's edge, or the page's: edges meet exactly.
 * @param step ticks, to the right or down where over 0
 */
export function nudge({ layers, size }: Layout, id: string, axis: 'x' | 'y', step: number): number {
  const side = axis === 'x' ? 'w' : 'h';
  // A photo is pushed with its mats: by the edges of the lowest.
  const group = known(groupsOf(layers), (one) => one.some((layer) => layer.id === id));
  const layer = nth(group, 0);
  const own = [layer[axis], layer[axis] + layer[side]];
  const edges = [
    0,
    size[side],
    ...layers
      .filter((one) => !group.includes(one) && one.turn === 0)
      .flatMap((one) => [one[axis], one[axis] + one[side]]),
  ];
  const meetings = own
    .flatMap((from) => edges.map((to) => to - from))
    .filter((d) => d !== 0 && Math.sign(d) === Math.sign(step) && Math.abs(d) < Math.abs(step));
  return meetings.reduce((least, d) => (Math.abs(d) < Math.abs(least) ? d : least), step);
}
