import { joined, offset, pathContours, rectContour, type Contour } from '../../trimmer/contours';
import type { Size } from '../../ground/geometry';
import { outlineOf } from './outlines';
import type { Looks } from './looks';
import type { SmallThing } from './smallThing';

const rectAround = ({ w, h }: Size): Contour =>
  rectContour({ x: -Math.floor(w / 2), y: -Math.floor(h / 2), w: Math.ceil(w), h: Math.ceil(h) });

const rounded = (line: Contour): Contour => line.map(({ x, y }) => ({ x: Math.round(x), y: Math.round(y) }));

/** By the picture that was taken of it, or its drawn outline. */
function ofThing({ size, picture, outline: id }: SmallThing): Contour | null {
  if (picture)
    return picture.outline.map(({ x, y }) => ({
      x: Math.round((x - 0.5) * size.w),
      y: Math.round((y - 0.5) * size.h),
    }));
  const { box, parts } = outlineOf(id);
  const [bw, bh] = box;
  return joined(
    parts.flatMap(({ d, line: thick }) => {
      const lines = pathContours(d).map((line) =>
        rounded(line.map(({ x, y }) => ({ x: (x / bw - 0.5) * size.w, y: (y / bh - 0.5) * size.h }))),
      );
      // What is drawn as a line is as wide as that all round it.
      const by = thick === undefined ? 0 : Math.round(((thick / bw) * size.w) / 2);
      return by > 0 ? lines.map((line) => offset(line, by) ?? line) : lines;
    }),
  );
}

/** The line round something that lies on a page, about its own middle, not turned; ticks. */
export function contourOf(looks: Looks): Contour {
  const { w, h } = looks.size;
  if (looks.kind === 'small') return ofThing(looks.thing) ?? rectAround(looks.size);
  const [outer] = looks.kind === 'paper' ? (looks.outline ?? []) : [];
  return outer?.map(({ x, y }) => ({ x: Math.round(x - w / 2), y: Math.round(y - h / 2) })) ?? rectAround(looks.size);
}
