import { solidRects, type Rect } from '../../ground/geometry';
import { boxOf, rectContour, type Contour } from './contour';
import { common, difference } from './polygons';

/** What is told of a line all round in bands is told in at most so many, and none lower than 1/32 in (ticks). */
const BANDS = 24;
const LEAST = 254;

/** Polygons meet at whole ticks: what is reckoned of them is off by less than this. */
const SLACK = 1;

const isUpright = (line: Contour): boolean =>
  line.every((p, i) => {
    const next = line[(i + 1) % line.length];
    return next === undefined || p.x === next.x || p.y === next.y;
  });

/** The edges of the bands: of upright lines their own corners, so that a rectangle is one band. */
function edgesOf(contours: readonly Contour[], { y, h }: Rect): readonly number[] {
  if (contours.every(isUpright)) return [...new Set(contours.flat().map((p) => p.y))].sort((a, b) => a - b);
  const count = Math.max(1, Math.min(BANDS, Math.floor(h / LEAST)));
  return Array.from({ length: count + 1 }, (_, i) => Math.round(y + (h * i) / count));
}

/** Rectangles as high as the band that hold polygons in it. */
const heldBy = (polygons: readonly Contour[], band: Rect, slack: number): Rect[] =>
  polygons.map((polygon) => {
    const { x, w } = boxOf([polygon]);
    const [from, to] = [Math.max(band.x, x - slack), Math.min(band.x + band.w, x + w + slack)];
    return { x: from, y: band.y, w: to - from, h: band.h };
  });

/**
 * What contours enclose, as rectangles of whole ticks that are apart: `around`, for what is gone of the paper, holds
 * all of it; `within`, for what is there of a piece, lies inside it everywhere. Upright contours come out as they are.
 */
export function bandRects(contours: readonly Contour[], which: 'within' | 'around'): Rect[] {
  if (contours.length === 0) return [];
  const box = boxOf(contours);
  const slack = contours.every(isUpright) ? 0 : SLACK;
  const edges = edgesOf(contours, box);
  return edges.slice(1).flatMap((end, i) => {
    const y = edges[i] ?? box.y;
    const band = { x: box.x, y, w: box.w, h: end - y };
    const gone =
      which === 'within'
        ? heldBy(difference([rectContour(band)], contours), band, slack)
        : solidRects(band, heldBy(common(contours, [rectContour(band)]), band, slack));
    return gone.some(({ w, h }) => w === band.w && h === band.h) ? [] : solidRects(band, gone);
  });
}
