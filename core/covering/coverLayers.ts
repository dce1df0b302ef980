import { area, inflate, largestRectOutside, overlaps, solidRects, type Rect, type Size } from '../geometry';
import { chordLength, gapsBetween } from './chords';
import { scannedWindow } from './scannedWindow';
import { outlineOnPage, uprightRect, type CoverLayer, type Outline } from './shapes';

/** What the layers above hide of one layer. Areas in square ticks, of the layer's part on the page. */
export interface LayerCover {
  readonly id: string;
  readonly area: number;
  readonly visible: number;
  readonly hidden: number;
  /** The largest rectangle that can be cut out before glueing; null where there is none. */
  readonly window: Rect | null;
}

const LINES = 4096;

/** All upright: the grid of all edges gives areas and window exactly. */
function coverUpright(id: string, layer: Rect, above: readonly Rect[], hold: number): LayerCover {
  const bare = solidRects(layer, above);
  const visible = bare.reduce((sum, r) => sum + area(r), 0);
  const window = largestRectOutside(
    layer,
    bare.map((r) => inflate(r, hold)),
  );
  return { id, area: area(layer), visible, hidden: area(layer) - visible, window };
}

/** Turned or round: areas by 4096 scan lines, at their middles. */
function coverScanned(id: string, layer: Outline, above: readonly Outline[], hold: number): LayerCover {
  const { y, h } = layer.bounds;
  let [whole, visible] = [0, 0];
  for (let line = 0; line < LINES; line++) {
    const at = y + ((line + 0.5) * h) / LINES;
    const chord = layer.chord(at);
    if (!chord) continue;
    const cover = above.map((outline) => outline.chord(at)).filter((c) => c !== null);
    whole += chordLength(chord);
    visible += gapsBetween(chord, cover).reduce((sum, gap) => sum + chordLength(gap), 0);
  }
  const step = h / LINES;
  const hidden = (whole - visible) * step;
  return {
    id,
    area: whole * step,
    visible: visible * step,
    hidden,
    window: hidden > 0 ? scannedWindow(layer, above, hold) : null,
  };
}

/**
 * For each layer, what those above it hide and the largest axis-parallel window that can be taken out of it before glueing.
 * @param page the page's size, ticks; what lies off it does not count
 * @param layers from the bottom up, all opaque
 * @param hold ticks >= 0 of paper that must stay under whatever covers it
 * @returns one entry a layer, in order; each is reckoned with all layers above still whole. Exact where the layer and
 *   all above it are upright rectangles, else areas within 0.5 % and a window that is safe and near the largest. Source: own.
 */
export function coverLayers(page: Size, layers: readonly CoverLayer[], hold: number): LayerCover[] {
  const outlines = layers.map((layer) => outlineOnPage(layer, page));
  const rects = layers.map((layer) => uprightRect(layer, page));
  return layers.map(({ id }, i) => {
    const outline = outlines[i];
    if (!outline) return { id, area: 0, visible: 0, hidden: 0, window: null };
    const touching = layers
      .map((_, j) => j)
      .filter((j) => j > i && outlines[j] && overlaps(outlines[j].bounds, outline.bounds));
    const own = rects[i]!;
    const upright = touching.map((j) => rects[j]!);
    if (own !== 'not-upright' && upright.every((r) => r !== 'not-upright'))
      return coverUpright(
        id,
        own,
        upright.filter((r) => r !== null),
        hold,
      );
    return coverScanned(
      id,
      outline,
      touching.map((j) => outlines[j]!),
      hold,
    );
  });
}
