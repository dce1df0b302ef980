import { contains, type Point, type Size } from '../../ground/geometry';
import { err, ok, type Result } from '../../ground/result';
import type { Design, DesignError, DesignInput, DesignPhoto, Layout, PageLayer, PageParts } from './design';
import { boundsOf } from './lay';
import { OUTER_MAT, PLACE_CARD } from './photoSlots';
import { inSharedPlaces } from './sharedPlaces';
import { nth } from '../../ground/nth';
import { known } from '../../ground/known';

const refuse = (kind: DesignError['kind'], most: number | null): Result<never, DesignError> =>
  err({ kind, photo: null, needs: null, room: null, most });

/** A page's layers with ids, moved to their side of the spread; photos are counted over both. */
function toLayers(parts: PageParts, side: number, width: number, firstPhoto: number): PageLayer[] {
  const seen = new Map<string, number>();
  return parts.layers.map((layer) => {
    const name = layer.slot ?? layer.role;
    // A photo and its mats are known by its place in the list, so that they stay themselves when another photo has none.
    const n = (layer.photo ?? layer.matOf ?? seen.get(name) ?? 0) + 1;
    seen.set(name, n);
    return {
      ...layer,
      id: `${side === 0 ? '' : 'right-'}${name}-${n}`,
      x: layer.x + side * width,
      photo: layer.photo === null ? null : layer.photo + firstPhoto,
      ...(layer.matOf === undefined ? {} : { matOf: layer.matOf + firstPhoto }),
    };
  });
}

/** A page that one photo covers from edge to edge asks for no ground. */
function withoutHiddenGround(layers: readonly PageLayer[]): readonly PageLayer[] {
  const covers = (top: PageLayer, ground: PageLayer): boolean =>
    top.role === 'photo' && top.turn === 0 && contains(top, ground);
  return layers.filter((layer) => layer.role !== 'ground' || !layers.some((top) => covers(top, layer)));
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
 * unless the design has it otherwise; of more photos than a design has places, two share one.
 * @returns layers from the bottom up and the slots to choose papers for, or why it cannot be: an error's `photo` is its
 *   place in the page's list
 */
export function layOut(
  design: Design,
  { format, photos: all, mat, mayOverlap = false, options = {} }: DesignInput,
): Result<Layout, DesignError> {
  const sides = format.spread ? 2 : 1;
  const photos = all.map(({ w, h, mats }): DesignPhoto => ({ w, h, mats: mats ?? (mat === 0 ? [] : [mat]) }));
  const onLeft = format.spread ? (design.onLeft?.(photos.length) ?? Math.ceil(photos.length / 2)) : photos.length;
  const chosen = (id: string): string => {
    const choices = known(design.options, (option) => option.id === id).choices;
    return choices.find(([choice]) => choice === options[id])?.[0] ?? nth(choices, 0)[0];
  };
  const shares: { photos: readonly DesignPhoto[]; first: number; side: 0 | 1 }[] = [
    { photos: photos.slice(0, onLeft), first: 0, side: 0 },
  ];
  if (format.spread) shares.push({ photos: photos.slice(onLeft), first: onLeft, side: 1 });
  const pages: PageParts[] = [];
  for (const { photos: own, first, side } of shares) {
    const input = { w: format.w, h: format.h, photos: own, mayOverlap, side, isSpread: format.spread, chosen };
    const isCrowded = own.length > design.mostPhotos;
    const page = isCrowded ? inSharedPlaces(design, input) : design.layOutPage(input);
    if (!page.ok && isCrowded) return refuse('photos-too-many', design.mostPhotos * sides);
    if (!page.ok) {
      const photo = page.error.photo === null ? null : page.error.photo + first;
      return err({ ...page.error, photo, ...(format.spread ? { side } : {}) });
    }
    pages.push(page.value);
  }
  const last = nth(pages, pages.length - 1);
  const size = { w: format.w * sides, h: format.h };
  const layers = pages.flatMap((page, side) =>
    withoutHiddenGround(toLayers(page, side, format.w, nth(shares, side).first)),
  );
  return ok({
    size,
    layers,
    slots: [...design.slots, ...[OUTER_MAT, PLACE_CARD].filter(({ id }) => layers.some(({ slot }) => slot === id))],
    title: nth(pages, 0).title,
    journaling: { ...last.journaling, x: last.journaling.x + (sides - 1) * format.w },
    accents: accentsRound(size, layers),
  });
}
