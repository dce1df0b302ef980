import type { Ticks } from '../../ground/length';
import { area, inflate, largestRectOutside, overlaps, solidRects, type Rect, type Size } from '../../ground/geometry';
import { chordLength, without } from './chords';
import { scannedWindow } from './scannedWindow';
import { outlineOnPage, uprightRect, type Chord, type CoverLayer, type Outline } from './shapes';
import { nth } from '../../ground/nth';

/** What the layers above hide of one layer. Areas in square ticks, of the layer's part on the page. */
export interface LayerCover {
  readonly id: string;
  readonly area: number;
  readonly visible: number;
  readonly hidden: number;
  /** The largest rectangle that can be cut out before glueing; null where there is none. */
  readonly window: Rect | null;
}

/** Scan lines of a layer; fewer where a great many lie above, so that time stays bounded. */
const LINES = 4096;
const FEWEST_LINES = 512;
/** Scan lines of a layer once time is up. */
const HASTY_LINES = 64;
const MANY = 64;

/** Of layers above one, so many are reckoned with corner by corner; fewer where very many lie on a page. */
const MARKED = { of: 250, few: 250, many: 60 };

/** All upright: the grid of all edges gives areas and window exactly. */
function coverUpright(id: string, layer: Rect, above: readonly Rect[], hold: Ticks): LayerCover {
  const bare = solidRects(layer, above);
  const visible = bare.reduce((sum, r) => sum + area(r), 0);
  const window = largestRectOutside(
    layer,
    bare.map((r) => inflate(r, hold)),
  );
  return { id, area: area(layer), visible, hidden: area(layer) - visible, window };
}

/** What the outlines leave of a chord at a height; those that cover the most are tried first, until nothing is left. */
function bareAt(chord: Chord, above: readonly Outline[], at: number): readonly Chord[] {
  let bare: readonly Chord[] = [chord];
  for (const outline of above) {
    const { x, y, w, h } = outline.bounds;
    // Only what reaches into what is left can take from it.
    if (x >= nth(bare, bare.length - 1)[1] || x + w <= nth(bare, 0)[0]) continue;
    const cover = at < y || at > y + h ? null : outline.chord(at);
    if (cover) bare = without(bare, cover);
    if (bare.length === 0) return bare;
  }
  return bare;
}

/** Turned or round: areas by scan lines, at their middles. @param above the largest first */
function coverScanned(
  id: string,
  layer: Outline,
  above: readonly Outline[],
  { hold, marked, isOver }: { hold: Ticks; marked: number; isOver: boolean },
): LayerCover {
  const { y, h } = layer.bounds;
  let [whole, visible] = [0, 0];
  const most = Math.max(FEWEST_LINES, Math.round(LINES * Math.min(1, MANY / Math.max(1, above.length))));
  const lines = isOver ? HASTY_LINES : most;
  for (let line = 0; line < lines; line++) {
    const at = y + ((line + 0.5) * h) / lines;
    const chord = layer.chord(at);
    if (!chord) continue;
    whole += chordLength(chord);
    for (const gap of bareAt(chord, above, at)) visible += chordLength(gap);
  }
  const step = h / lines;
  const hidden = (whole - visible) * step;
  return {
    id,
    area: whole * step,
    visible: visible * step,
    hidden,
    window: hidden > 0 && !isOver ? scannedWindow(layer, above, hold, marked) : null,
  };
}

/**
 * For each layer, what those above it hide and the largest axis-parallel window that can be taken out of it before
 * glueing.
 * @param page the page's size, ticks; what lies off it does not count
 * @param layers from the bottom up, all opaque
 * @param hold ticks >= 0 of paper that must stay under whatever covers it
 * @param isOver asked at each layer: once time is up, turned and round ones are told roughly, and without a window
 * @returns one entry a layer, in order; each is reckoned with all layers above still whole. Exact where the layer and
 *   all above it are upright rectangles, else areas within 0.5 % and a window that is safe and near the largest.
 * Source: own.
 */
export function coverLayers(
  page: Size,
  layers: readonly CoverLayer[],
  hold: Ticks,
  isOver: () => boolean = () => false,
): LayerCover[] {
  const outlines = layers.map((layer) => outlineOnPage(layer, page));
  const marked = layers.length <= MARKED.of ? MARKED.few : MARKED.many;
  const rects = layers.map((layer) => uprightRect(layer, page));
  return layers.map(({ id }, i) => {
    const outline = outlines[i];
    if (!outline) return { id, area: 0, visible: 0, hidden: 0, window: null };
    const above = outlines.flatMap((other, j) =>
      j > i && other && overlaps(other.bounds, outline.bounds) ? [{ outline: other, rect: nth(rects, j) }] : [],
    );
    const own = nth(rects, i);
    const upright = above.map(({ rect }) => rect);
    if (own && own !== 'not-upright' && upright.every((r) => r !== 'not-upright'))
      return coverUpright(
        id,
        own,
        upright.filter((r) => r !== null),
        hold,
      );
    return coverScanned(
      id,
      outline,
      above.map((layer) => layer.outline).sort((a, b) => area(b.bounds) - area(a.bounds)),
      { hold, marked, isOver: isOver() },
    );
  });
}
