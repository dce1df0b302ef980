import type { Size } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { MeasuredDesign, MeasuredLayer, PageFormat } from '../../stock/things';
import type { Layout } from './design';
import { measuredFrom } from './measured';

/** What lies under a paper that is smaller than the page. */
const BACKING = 'Backing';
const STRIPS = 'Filling strips';
/** Strips go under the edge of what lies on them. Common practice, no source. */
const UNDER = inches(1 / 4);

/** How far a paper stays off a page's edges when it lies in its middle, ticks: at each side, and at head and foot. */
export const marginsOf = (page: Size, paper: Size): Size => ({
  w: Math.floor((page.w - paper.w) / 2),
  h: Math.floor((page.h - paper.h) / 2),
});

/** Strips of another paper along the edges of one page, where a paper in its middle leaves them free. */
function strips(page: Size, paper: Size, left: number): MeasuredLayer[] {
  const { w, h } = marginsOf(page, paper);
  const upright = { name: STRIPS, turn: 0, y: 0, w: w + UNDER, h: page.h };
  const across = { name: STRIPS, turn: 0, x: left, w: page.w, h: h + UNDER };
  return [
    ...(w > 0
      ? [
          { ...upright, x: left },
          { ...upright, x: left + page.w - upright.w },
        ]
      : []),
    ...(h > 0
      ? [
          { ...across, y: 0 },
          { ...across, y: page.h - across.h },
        ]
      : []),
  ];
}

/**
 * A page's design with a smaller paper in place of its ground, in the middle of a backing as large as the page; null
 * where it has no ground of the whole page. Of a spread, on both of its pages.
 */
export function onBacking(
  layout: Layout,
  format: PageFormat,
  paper: Size,
  isFilled: boolean,
): Omit<MeasuredDesign, 'id' | 'name'> | null {
  const measured = measuredFrom(layout, format);
  const isGround = ({ w, h, x, y, turn, name }: MeasuredLayer): boolean =>
    w === format.w && h === format.h && y === 0 && x % format.w === 0 && turn === 0 && /ground/i.test(name);
  if (!measured.layers.some(isGround) || paper.w > format.w || paper.h > format.h) return null;
  const { w, h } = marginsOf(format, paper);
  const layers = measured.layers.flatMap((layer): MeasuredLayer[] =>
    isGround(layer)
      ? [
          { ...layer, name: BACKING },
          ...(isFilled ? strips(format, paper, layer.x) : []),
          { ...layer, x: layer.x + w, y: h, w: paper.w, h: paper.h },
        ]
      : [layer],
  );
  return { ...measured, layers };
}
