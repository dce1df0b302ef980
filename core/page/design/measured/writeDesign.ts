import type { Rect } from '../../../ground/geometry';
import { formatLength, formatSize, type MeasureSystem } from '../../../ground/length';
import type { Shape } from '../../../ground/shapes';
import type { MeasuredDesign, MeasuredLayer } from '../../../stock/things';

/** How a shape is told after its size; a circle is told by its name. */
function cutWords(shape: Shape | undefined, is: (length: number) => string): string[] {
  switch (shape?.kind) {
    case 'banner':
      return [`${shape.end} ${is(shape.depth)}`];
    case 'tag':
      return [`${shape.corners === 'round' ? 'rounded' : 'clipped'} ${is(shape.corner)}`];
    case 'scallop-strip':
      return [`scallops of ${is(shape.scallop)}`];
    case 'pocket':
      return [`flaps of ${is(shape.flap)}`];
    default:
      return [];
  }
}

/** A design as text, a layer a line from the bottom up: what `readDesign` reads. */
export function writeDesign(
  { page, layers, title, journaling }: Omit<MeasuredDesign, 'id' | 'name'>,
  system: MeasureSystem,
): string {
  const is = (length: number): string => formatLength(length, system).replace('″', '');
  const width = page.spread ? 2 * page.w : page.w;
  const place = ({ x, y, w, h }: Rect): string[] => {
    const [right, foot] = [width - x - w, page.h - y - h];
    // The nearer edge is told: it is what she measures from. What lies a little off the page is told from the other.
    const across =
      x === right
        ? []
        : [(x <= right && x >= 0) || right < 0 ? `${is(x)} from the left` : `${is(right)} from the right`];
    const down =
      y === foot
        ? []
        : [(y <= foot && y >= 0) || foot < 0 ? `${is(y)} down from the head` : `${is(foot)} up from the foot`];
    return [...across, ...down];
  };
  const line = (name: string, rect: Rect, more: readonly string[] = []): string =>
    [`${name} ${formatSize(rect, system)}`, ...place(rect), ...more].join(', ');
  const layerLine = ({ name, turn, shape, isBare, ...rect }: MeasuredLayer): string =>
    line(name, rect, [
      ...cutWords(shape, is),
      ...(turn === 0 ? [] : [`turned ${turn}`]),
      ...(isBare ? ['no mat'] : []),
    ]);
  return [
    `page ${formatSize(page, system)}${page.spread ? ', spread' : ''}`,
    ...layers.map(layerLine),
    ...(title ? [line('title', title)] : []),
    ...(journaling ? [line('journaling', journaling)] : []),
  ].join('\n');
}
