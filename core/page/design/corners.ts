import { inches } from '../../ground/length';
import type { PagePhoto } from '../../stock/things';
import type { Layout, PageLayer } from './design';
import { boundsOf } from './lay';

/** Corners from the head left one clockwise, each rounded or not. */
export type Corners = readonly [boolean, boolean, boolean, boolean];

/** How far in a photo's rounded corner begins: what corner punches mostly cut. Common practice, no source. */
export const CORNER = inches(1 / 4);

const SIDES = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
] as const;

/** Which corners of each photo are rounded, by its layer: all, or those at the outside of the photos together. */
export function roundedCorners({ layers }: Layout, places: readonly PagePhoto[]): ReadonlyMap<string, Corners> {
  const photos = layers.filter(({ role }) => role === 'photo');
  const whole = boundsOf(photos);
  /** Of a photo's corner, how far it is from that of all photos together. */
  const away = ({ x, y, w, h }: PageLayer, [right, foot]: (typeof SIDES)[number]): number =>
    whole ? Math.hypot(x + right * w - whole.x - right * whole.w, y + foot * h - whole.y - foot * whole.h) : 0;
  return new Map(
    photos.flatMap((photo): [string, Corners][] => {
      const rounded = places[photo.photo ?? -1]?.rounded;
      if (!rounded) return [];
      const is = (corner: (typeof SIDES)[number]): boolean =>
        rounded === 'all' || photos.every((other) => away(photo, corner) <= away(other, corner));
      return [[photo.id, [is(SIDES[0]), is(SIDES[1]), is(SIDES[2]), is(SIDES[3])]]];
    }),
  );
}
