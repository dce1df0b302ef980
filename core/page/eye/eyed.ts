import type { LabD65 } from '../../ground/colour';
import type { Point, Rect, Size } from '../../ground/geometry';

/** What a thing on a page is to the eye. */
export type Role = 'ground' | 'layer' | 'photo' | 'accent' | 'title' | 'words';

/** A thing as it lies on a page: not turned, in ticks from the sheet's head and left. */
export interface Eyed extends Rect {
  readonly id: string;
  readonly role: Role;
  readonly colour: LabD65 | null;
  /** 0 to 1. */
  readonly busy: number;
  readonly raised: boolean;
  readonly motif: string | null;
  readonly faces: 'left' | 'right' | null;
  /** What matters in a photo, where it lies on the sheet. */
  readonly subject: Rect | null;
  readonly words: readonly string[];
}

/** A page as it is looked at: the sheet, or both pages of a spread together, and its things from the bottom up. */
export interface Sheet extends Size {
  readonly things: readonly Eyed[];
}

/** Something that a second pair of eyes would say. `things` by their ids. */
export interface Remark {
  readonly kind:
    | 'triangle'
    | 'even'
    | 'lone-raised'
    | 'lone-colour'
    | 'looks-off'
    | 'covered'
    | 'off-theme'
    | 'margins'
    | 'near-edges'
    | 'weight'
    | 'over-edge'
    | 'busy-papers'
    | 'white-cream'
    | 'photo-colour'
    | 'thick'
    | 'tight-pocket'
    | 'gutter'
    | 'unequal-ends'
    | 'strangers';
  readonly things?: readonly string[];
  readonly motif?: string;
  /** Where one more would make it right; null: nowhere. */
  readonly at?: Point | null;
  readonly word?: string;
  readonly axis?: 'x' | 'y';
  /** Where more weight would help. */
  readonly to?: 'left' | 'right' | 'head' | 'foot';
  /** As hex: one that is missing. */
  readonly colour?: string;
  readonly why: string;
}

export const middleOf = ({ x, y, w, h }: Rect): Point => ({ x: x + w / 2, y: y + h / 2 });

/** All but grounds: what lies on them. */
export const onGround = ({ things }: Sheet): readonly Eyed[] => things.filter(({ role }) => role !== 'ground');

/** The least rectangle round all of some; null round none. */
export function boundsOf(rects: readonly Rect[]): Rect | null {
  if (rects.length === 0) return null;
  let [left, top, right, foot] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { x, y, w, h } of rects) {
    left = Math.min(left, x);
    top = Math.min(top, y);
    right = Math.max(right, x + w);
    foot = Math.max(foot, y + h);
  }
  return { x: left, y: top, w: right - left, h: foot - top };
}

/** Accents of each motif, in the order of the sheet. */
export function accentsByMotif({ things }: Sheet): Map<string, Eyed[]> {
  const out = new Map<string, Eyed[]>();
  for (const thing of things) {
    if (thing.role !== 'accent' || thing.motif === null) continue;
    const same = out.get(thing.motif);
    if (same) same.push(thing);
    else out.set(thing.motif, [thing]);
  }
  return out;
}
