import { area } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { PagePhoto } from '../../stock/things';

/** Sizes that photos are printed or trimmed to, short side first, inches. Common practice, no source. */
const PRINTS = [
  [5, 7],
  [4, 6],
  [3.5, 5],
  [4, 4],
  [3, 4],
  [3, 3],
  [2, 3],
  [2, 2],
] as const;

/** A photo no larger than a print, standing or lying as it does; its sides stay where they are smaller. */
function within(photo: PagePhoto, [short, long]: readonly [number, number]): PagePhoto {
  const [w, h] = photo.w > photo.h ? [long, short] : [short, long];
  return { ...photo, w: Math.min(photo.w, inches(w)), h: Math.min(photo.h, inches(h)) };
}

/** A page's photos with a run of them in smaller prints: the ways that take least off them first. */
export function smallerPrints(photos: readonly PagePhoto[]): (readonly PagePhoto[])[] {
  const runs = photos.flatMap((_, from) => photos.slice(from).map((__, i) => ({ from, to: from + i + 1 })));
  const ways = runs.flatMap(({ from, to }) =>
    PRINTS.map((print) => photos.map((photo, i) => (i >= from && i < to ? within(photo, print) : photo))),
  );
  const whole = photos.reduce((sum, photo) => sum + area(photo), 0);
  return ways
    .map((some) => ({ some, lost: whole - some.reduce((sum, photo) => sum + area(photo), 0) }))
    .filter(({ lost }) => lost > 0)
    .sort((a, b) => a.lost - b.lost)
    .map(({ some }) => some);
}
