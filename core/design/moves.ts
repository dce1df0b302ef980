import type { LayerMove } from '../things';
import type { Layout, PageLayer } from './design';

const STILL: LayerMove = { dx: 0, dy: 0, turn: 0, lift: 0 };

/** Layers that are moved as one, from the bottom up: a mat takes its photo along. */
function groupsOf(layers: readonly PageLayer[]): PageLayer[][] {
  const groups: PageLayer[][] = [];
  for (const layer of layers) {
    const below = groups[groups.length - 1];
    if (layer.role === 'photo' && below?.length === 1 && below[0]!.role === 'mat') below.push(layer);
    else groups.push([layer]);
  }
  return groups;
}

/** The layer whose move counts for a layer: of a photo, its mat's. */
export const movedWith = ({ layers }: Layout, id: string): string =>
  groupsOf(layers).find((group) => group.some((layer) => layer.id === id))?.[0]!.id ?? id;

/** A layout with some layers elsewhere. Moves of layers that are no longer there do nothing. */
export function moved(layout: Layout, moves: Readonly<Record<string, LayerMove>>): Layout {
  const groups = groupsOf(layout.layers);
  const order = [...groups];
  for (const group of groups) {
    const { lift } = moves[group[0]!.id] ?? STILL;
    if (lift === 0) continue;
    const at = order.indexOf(group);
    order.splice(at, 1);
    order.splice(Math.max(0, Math.min(order.length, at + lift)), 0, group);
  }
  const layers = order.flatMap((group) => {
    const { dx, dy, turn } = moves[group[0]!.id] ?? STILL;
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
  const layer = layers.find((one) => one.id === id)!;
  const own = [layer[axis], layer[axis] + layer[side]];
  const edges = [
    0,
    size[side],
    ...layers.filter((one) => one !== layer && one.turn === 0).flatMap((one) => [one[axis], one[axis] + one[side]]),
  ];
  const meetings = own
    .flatMap((from) => edges.map((to) => to - from))
    .filter((d) => d !== 0 && Math.sign(d) === Math.sign(step) && Math.abs(d) < Math.abs(step));
  return meetings.reduce((least, d) => (Math.abs(d) < Math.abs(least) ? d : least), step);
}
