import type { Size } from '../geometry';
import { err, ok, type Result } from '../result';
import type { Design, DesignError, DesignInput, Layout, PageLayer, PageParts } from './design';

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
      ...layer, id: `${side === 0 ? '' : 'right-'}${name}-${n}`, x: layer.x + side * width,
      photo: layer.photo === null ? null : layer.photo + firstPhoto,
    };
  });
}

/**
 * Lays photos out in a design. Over a spread the photos are shared between its pages, the first half to the left.
 * @returns layers from the bottom up and the slots to choose papers for, or why it cannot be: an error's `photo` is its
 *   place in the page's list
 */
export function layOut(design: Design, { format, photos, mat }: DesignInput): Result<Layout, DesignError> {
  const sides = format.spread ? 2 : 1;
  if (photos.length === 0) return refuse('no-photos', null);
  if (photos.length > design.mostPhotos * sides) return refuse('photos-too-many', design.mostPhotos * sides);
  const onLeft = Math.ceil(photos.length / sides);
  const shares: { photos: readonly Size[]; first: number }[] = [{ photos: photos.slice(0, onLeft), first: 0 }];
  if (format.spread) shares.push({ photos: photos.slice(onLeft), first: onLeft });
  const pages: PageParts[] = [];
  for (const share of shares) {
    const page = share.photos.length > 0 ? design.layOutPage(format, share.photos, mat) : withoutPhotos(design, format, mat);
    if (!page.ok) return err({ ...page.error, photo: page.error.photo === null ? null : page.error.photo + share.first });
    pages.push(page.value);
  }
  const last = pages[pages.length - 1]!;
  const shifted = { ...last.journaling, x: last.journaling.x + (sides - 1) * format.w };
  return ok({
    size: { w: format.w * sides, h: format.h },
    layers: pages.flatMap((page, side) => toLayers(page, side, format.w, shares[side]!.first)),
    slots: design.slots, title: pages[0]!.title, journaling: shifted,
  });
}

/** The facing page of a single photo: the same papers without mat and photo. */
function withoutPhotos(design: Design, page: Size, mat: number): Result<PageParts, DesignError> {
  const tiny = Math.floor(Math.min(page.w, page.h) / 8);
  const parts = design.layOutPage(page, [{ w: tiny, h: tiny }], mat);
  return parts.ok ? ok({ ...parts.value, layers: parts.value.layers.filter(({ role }) => role !== 'mat' && role !== 'photo') }) : parts;
}
