import type { Point, Rect, Size } from '../geometry';

/**
 * A thing to be cut that is more, or less, than its rectangle. Lengths in ticks; `w` across and `h` down as it hangs or
 * lies on the page.
 */
export type Shape =
  | ({ readonly kind: 'rectangle' } & Size)
  /** A strip hanging from the head; its foot notched (dovetail) or pointed by `depth`. */
  | ({ readonly kind: 'banner'; readonly end: 'dovetail' | 'point'; readonly depth: number } & Size)
  /** Clipped: both upper corners cut off at 45 degrees. Round: all four rounded. `corner` is taken off each side. */
  | ({ readonly kind: 'tag'; readonly corners: 'clipped' | 'round'; readonly corner: number } & Size)
  | { readonly kind: 'circle'; readonly d: number }
  /** `d` from flat to flat; it stands on a point. */
  | { readonly kind: 'hexagon'; readonly d: number }
  /** Straight edge at the foot. */
  | { readonly kind: 'half-circle'; readonly d: number }
  /** A triangle, point down. */
  | ({ readonly kind: 'pennant' } & Size)
  /** A strip with whole half-round scallops along its foot, each `scallop` wide; `h` is with them. */
  | ({ readonly kind: 'scallop-strip'; readonly scallop: number } & Size)
  /** `w` and `h` inside, open at the head, a flap to glue on the other three sides. */
  | ({ readonly kind: 'pocket'; readonly flap: number } & Size)
  /** A mat `border` wide; its middle is given back. */
  | ({ readonly kind: 'frame'; readonly border: number } & Size);

export type ShapeKind = Shape['kind'];

/** What of a shape lies on one page of a spread, where it crosses the gutter: one of its two pieces. */
export interface ShapePart {
  readonly kind: 'part';
  readonly of: Shape;
  readonly page: 'left' | 'right';
  /** The gutter from its head to its foot, told from the whole shape's top left corner. */
  readonly gutter: Line;
}

/** To a point, straight or along an arc of radius `r`, bulging to the left of the way or to the right. */
export interface Stroke extends Point {
  readonly arc?: { readonly r: number; readonly bulges: 'left' | 'right' };
}

/** A closed line; the last stroke ends where the first begins to draw. Drawn clockwise as seen (y down). */
export type Path = readonly Stroke[];

export interface Line {
  readonly from: Point;
  readonly to: Point;
}

/** What a shape comes to, told from its blank's top left corner. Lengths in ticks, areas in square ticks. */
export interface DrawnShape {
  /** The rectangle it is cut from. */
  readonly blank: Size;
  /** Its outer edge. */
  readonly outline: Path;
  /** Lines to score and fold. */
  readonly folds: readonly Line[];
  /** The middle that is whole again once it is cut out. */
  readonly givesBack: Rect | null;
  /** Of the shape itself. */
  readonly area: number;
  /** Of the blank, what is neither shape nor given back. */
  readonly waste: number;
}

/** Why a shape cannot be; `most` is what the measure named may come to at the most, ticks. */
export interface ShapeError {
  readonly kind: 'too-much';
  readonly measure: 'depth' | 'corner' | 'scallop' | 'flap' | 'border';
  readonly most: number;
}
