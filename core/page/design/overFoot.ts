import type { Ticks } from '../../ground/length';
import type { Rect, Size } from '../../ground/geometry';
import type { PageParts } from './design';

/** A page divided into room for the photos and a foot for the words, a margin round both. */
export function overFoot({ w, h }: Size): {
  readonly margin: Ticks;
  readonly foot: number;
  readonly room: Rect;
  readonly words: Pick<PageParts, 'title' | 'journaling'>;
} {
  const margin = Math.floor(Math.min(w, h) / 24);
  const foot = Math.floor(h / 10);
  const line = { y: h - foot, h: foot };
  return {
    margin,
    foot,
    room: { x: margin, y: margin, w: w - 2 * margin, h: h - 2 * margin - foot },
    words: {
      title: { x: margin, w: Math.floor(w / 2), ...line },
      journaling: { x: Math.floor(w * 0.56), w: Math.floor(w * 0.4), ...line },
    },
  };
}
