import type { Point, Size } from '../geometry';
import { err, ok, type Result } from '../result';
import type { Design, DesignError, DesignInput, Layout, PageLayer, PageParts } from './design';
import { boundsOf } from './lay';

const refuse = (kind: DesignError['kind'], most: number | null): Result<never, DesignError> =>
  err({ kind, photo: null, needs: null, room: null, most });

/** A page's layers with ids, moved to their side of the spread; photos are counted over both. */
function toLayers(parts: PageParts, side: number, width: number, firstPhoto: number): PageLayer[] {
  const seen = new Map<string, number>();
  return parts.layers.map((layer) => {
    const name = layer.slot ?? layer.role;
    const n = (seen.get(name) ?? 0) + 1;
    seen.set(name, n);
    return {
      ...layer,
      id: `${side === 0 ? '' : 'right-'}${name}-${n}`,
      x: layer.x + side * width,
      photo: layer.photo === null ? null : layer.photo + firstPhoto,
    };
  });
}

/**
 * Three places round the photos, of which no two lie at one side and the middle lies among them. Common practice, no
 * source.
 */
function accentsRound(size: Size, layers: readonly PageLayer[]): Point[] {
  const { x, y, w, h } = boundsOf(layers.filter(({ role }) => role === 'photo' || role === 'mat')) ?? {
    x: size.w / 4,
    y: size.h / 4,
    w: size.w / 2,
    h: size.h / 2,
  };
  const edge = Math.floor(Math.min(size.w, size.h) / 24);
  const kept = (at: number, length: number): number => Math.floor(Math.max(edge, Math.min(length - edge, at)));
  return [
    { x: x + 0.04 * w, y },
    { x: x + w, y: y + 0.52 * h },
    { x: x + 0.36 * w, y: y + h },
  ].map((at) => ({ x: kept(at.x, size.w), y: kept(at.y, size.h) }));
}

/**
 * Lays photos out in a design. Over a spread the photos are shared between its pages, the first half to the left
 * unless the design has it otherwise.
 * @returns layers from the bottom up and the slots to choose papers for, or why it cannot be: an error's `photo` is its
 *   place in the page's list
 */
export function layOut(
  design: Design,
  { format, photos, mat, options = {} }: DesignInput,
): Result<Layout, DesignError> {
  const sides = format.spread ? 2 : 1;
  if (photos.length === 0) return refuse('no-photos', null);
  if (photos.length > design.mostPhotos * sides) return refuse('photos-too-many', design.mostPhotos * sides);
  const onLeft = format.spread ? (design.onLeft?.(photos.length) ?? Math.ceil(photos.length / 2)) : photos.length;
  const chosen = (id: string): string => {
    const choices = design.options.find((option) => option.id === id)!.choices;
    return choices.find(([choice]) => choice === options[id])?.[0] ?? choices[0]![0];
  };
  const shares: { photos: readonly Size[]; first: number; side: 0 | 1 }[] = [
    { photos: photos.slice(0, onLeft), first: 0, side: 0 },
  ];
  if (format.spread) shares.push({ photos: photos.slice(onLeft), first: onLeft, side: 1 });
  const pages: PageParts[] = [];
  for (const { photos: own, first, side } of shares) {
    if (own.length > design.mostPhotos) return refuse('photos-too-many', design.mostPhotos * sides);
    const page = design.layOutPage({
      w: format.w,
      h: format.h,
      photos: own,
      mat,
      side,
      isSpread: format.spread,
      chosen,
    });
    if (!page.ok) return err({ ...page.error, photo: page.error.photo === null ? null : page.error.photo + first });
    pages.push(page.value);
  }
  const last = pages[pages.length - 1]!;
  const size = { w: format.w * sides, h: format.h };
  const layers = pages.flatMap((page, side) => toLayers(page, side, format.w, shares[side]!.first));
  return ok({
    size,
    layers,
    slots: design.slots,
    title: pages[0]!.title,
    journaling: { ...last.journaling, x: last.journaling.x + (sides - 1) * format.w },
    accents: accentsRound(size, layers),
  });
}
