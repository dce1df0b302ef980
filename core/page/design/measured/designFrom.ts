import { inflate, intersect, type Rect, type Size } from '../../../ground/geometry';
import { err, ok, type Result } from '../../../ground/result';
import type { MeasuredDesign, MeasuredLayer } from '../../../stock/things';
import type { Design, DesignError, PageInput, PageParts, PartLayer, Slot } from '../design';
import { boundsOf, lay } from '../lay';
import { layPhotos } from '../layPhotos';
import { partsAtGutter } from './gutter';
import { isPhotoPlace, roleOf, slotIdOf } from './names';
import { onPlaces, type SideLayer } from './onPlaces';

/**
 * The layers of one side, told from its own head and left; what crosses the gutter is two pieces, but a photo's place
 * and a pocket, which are whole on the side of their middle.
 */
function layersOfSide(layers: readonly MeasuredLayer[], page: Size, side: 0 | 1): SideLayer[] {
  const own = { x: side * page.w, y: 0, ...page };
  return layers.flatMap((layer): SideLayer[] => {
    const onOwn = (kept: SideLayer): SideLayer => ({ ...kept, x: kept.x - own.x });
    const isHere = layer.x + layer.w / 2 < page.w === (side === 0);
    if (isPhotoPlace(layer) || layer.shape?.kind === 'pocket') return isHere ? [onOwn(layer)] : [];
    if (layer.turn === 0 && !layer.shape) {
      const part = intersect(layer, own);
      return part ? [onOwn({ ...layer, ...part })] : [];
    }
    const parts = partsAtGutter(layer, page);
    return parts ? [onOwn(parts[side])] : isHere ? [onOwn(layer)] : [];
  });
}

/**
 * Whole ticks of a rectangle on a page of another size. Shapes and turned layers keep their size, about their middle.
 */
function scaled<R extends Rect>(rect: R, kx: number, ky: number, keepsSize: boolean): R {
  if (keepsSize)
    return {
      ...rect,
      x: Math.round((rect.x + rect.w / 2) * kx - rect.w / 2),
      y: Math.round((rect.y + rect.h / 2) * ky - rect.h / 2),
    };
  const [x, y] = [Math.round(rect.x * kx), Math.round(rect.y * ky)];
  return {
    ...rect,
    x,
    y,
    w: Math.max(1, Math.round((rect.x + rect.w) * kx) - x),
    h: Math.max(1, Math.round((rect.y + rect.h) * ky) - y),
  };
}

/** Photos laid anew where the design has its own: in the room of all its places, else on the whole page. */
function reworked(
  places: readonly SideLayer[],
  { w, h, mayOverlap, photos }: PageInput,
): Result<readonly PartLayer[], DesignError> {
  const whole = { x: 0, y: 0, w, h };
  const widest = Math.max(0, ...photos.map(({ mats }) => mats.reduce((sum, margin) => sum + margin, 0)));
  const own = boundsOf(places.map((place) => inflate(place, widest)));
  const there = own ? layPhotos(intersect(own, whole) ?? whole, photos, mayOverlap) : null;
  return there?.ok ? there : layPhotos(whole, photos, mayOverlap);
}

function layOutPage(design: MeasuredDesign, page: PageInput): Result<PageParts, DesignError> {
  const [kx, ky] = [page.w / design.page.w, page.h / design.page.h];
  const isSame = kx === 1 && ky === 1;
  const whole = isSame
    ? design.layers
    : design.layers.map((layer) => scaled(layer, kx, ky, layer.shape !== undefined || layer.turn !== 0));
  const layers = design.page.spread ? layersOfSide(whole, { w: page.w, h: page.h }, page.side) : whole;
  const places = layers.filter(isPhotoPlace);
  const exact = onPlaces(places, page);
  const block = exact ? ok([]) : reworked(places, page);
  if (!block.ok) return block;
  const top = places[places.length - 1];
  const parts = layers.flatMap((layer): readonly PartLayer[] => {
    if (isPhotoPlace(layer)) return exact ? (exact[places.indexOf(layer)] ?? []) : layer === top ? block.value : [];
    const { turn, shape } = layer;
    return [lay(roleOf(layer.name), slotIdOf(layer.name), layer, { turn, ...(shape ? { shape } : {}) })];
  });
  const words = (rect: Rect | null, side: number): Rect | null =>
    rect ? scaled({ ...rect, x: rect.x - (design.page.spread ? side * design.page.w : 0) }, kx, ky, false) : null;
  const foot = { x: 0, y: Math.floor(page.h * 0.9), w: page.w, h: Math.floor(page.h * 0.1) };
  return ok({
    layers: top || exact ? parts : [...parts, ...block.value],
    title: words(design.title, 0) ?? { ...foot, w: Math.floor(page.w / 2) },
    journaling: words(design.journaling, page.side) ?? {
      ...foot,
      x: Math.floor(page.w / 2),
      w: Math.floor(page.w / 2),
    },
  });
}

/** The papers that a design of measures asks for: one a name, and the mats of its photos. */
function slotsOf({ layers }: MeasuredDesign): Slot[] {
  const named = new Map(layers.filter((layer) => !isPhotoPlace(layer)).map(({ name }) => [slotIdOf(name), name]));
  return [
    ...[...named].map(([id, name], i): Slot => ({ id, name, suits: i === 0 ? 'quiet' : 'any' })),
    { id: 'mat', name: 'Mats', suits: 'any' },
  ];
}

/** Most photos that a page is tried with. */
const MOST_PHOTOS = 9;

/**
 * A design as the others are, of measured layers: on its own page exactly as measured, on another in proportion; photos
 * on its places where they fit there, for other photos a block in their room.
 */
export function designFrom(measured: MeasuredDesign): Design {
  const places = measured.layers.filter(isPhotoPlace);
  const left = places.filter(({ x, w }) => x + w / 2 < measured.page.w).length;
  return {
    id: measured.id,
    name: measured.name,
    looks: 'A design of your own, in measures.',
    mostPhotos: MOST_PHOTOS,
    options: [],
    steps: [],
    slots: slotsOf(measured),
    onLeft: (photos) => (measured.page.spread && photos === places.length ? left : Math.ceil(photos / 2)),
    layOutPage: (page) =>
      measured.layers.length === 0
        ? err({ kind: 'page-too-small', photo: null, needs: null, room: null, most: null })
        : layOutPage(measured, page),
  };
}
