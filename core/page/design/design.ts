import type { Ticks } from '../../ground/length';
import type { Point, Rect, Size } from '../../ground/geometry';
import type { Result } from '../../ground/result';
import type { Shape, ShapePart } from '../../ground/shapes';
import type { DesignOptions, PageFormat, PagePhoto } from '../../stock/things';

/** What a design goes by. Lengths in ticks. */
export interface DesignInput {
  readonly format: PageFormat;
  readonly photos: readonly PagePhoto[];
  /** Margin of a mat on each side of a photo of which nothing else is said; 0: no mat. */
  readonly mat: Ticks;
  readonly mayOverlap?: boolean;
  readonly options?: DesignOptions;
}

/** One thing that lies on the page, from the bottom up; a spread's second page begins at x = its width. */
export interface PageLayer extends Rect {
  readonly id: string;
  readonly role:
    'frame' | 'ground' | 'panel' | 'strip' | 'banner' | 'box' | 'round' | 'card' | 'tag' | 'pocket' | 'mat' | 'photo';
  /** Which paper it is cut from; null for photos. */
  readonly slot: string | null;
  /** Of a photo: its place in the page's list. */
  readonly photo: number | null;
  /** Of a mat: the photo that lies on it, so. */
  readonly matOf?: number;
  /** Degrees clockwise about its middle. */
  readonly turn: number;
  /** What it is cut to, where it is no rectangle; its size is that of the shape as it lies. */
  readonly shape?: Shape | ShapePart;
}

/** A choice of paper: all layers of one slot are cut from the same. */
export interface Slot {
  readonly id: string;
  readonly name: string;
  /** Which faces suit: a quiet one under much else, a busy one where it shows in strips. */
  readonly suits: 'busy' | 'quiet' | 'any';
  /** It stands in a row of slots whose papers go by hue. */
  readonly isByHue?: boolean;
}

export interface Layout {
  /** The whole page, or both pages of a spread. */
  readonly size: Size;
  readonly layers: readonly PageLayer[];
  readonly slots: readonly Slot[];
  readonly title: Rect;
  readonly journaling: Rect;
  /** Places for clusters of small things: three that form a triangle round the photos. */
  readonly accents: readonly Point[];
}

/** Why photos cannot be laid out so; sizes in ticks, `room` is what there is for them. */
export interface DesignError {
  readonly kind: 'photo-too-large' | 'photos-too-many' | 'page-too-small' | 'not-known';
  readonly photo: number | null;
  readonly needs: Size | null;
  readonly room: Size | null;
  readonly most: number | null;
  /** Of a spread: on which of its pages, the left (0) or the right (1). */
  readonly side?: 0 | 1;
}

/** Something about a design that is hers to choose. The first choice holds until she does. */
export interface DesignOption {
  readonly id: string;
  readonly name: string;
  readonly choices: readonly (readonly [id: string, name: string])[];
}

/** A photo, or a place kept for one, with the margins of its mats from the photo outwards; none: it lies bare. */
export interface DesignPhoto extends Size {
  readonly mats: readonly number[];
}

/** One page to lay out. Of a spread: the left one (side 0) or the right (side 1). */
export interface PageInput extends Size {
  readonly photos: readonly DesignPhoto[];
  /** Photos that find no room beside each other may lie over each other. */
  readonly mayOverlap: boolean;
  readonly side: 0 | 1;
  readonly isSpread: boolean;
  /** What is chosen for an option. */
  readonly chosen: (option: string) => string;
}

export interface Design {
  readonly id: string;
  readonly name: string;
  /** What it looks like, in a sentence. */
  readonly looks: string;
  /** Most photos on one page. */
  readonly mostPhotos: number;
  readonly options: readonly DesignOption[];
  /** What to mind while it is put together, beyond what every page needs. */
  readonly steps: readonly string[];
  /** How many of a spread's photos go on its left page; absent: half of them. */
  readonly onLeft?: (photos: number) => number;
  /** Lays one page out; a spread is laid out page by page, one of them perhaps without a photo. */
  readonly layOutPage: (page: PageInput) => Result<PageParts, DesignError>;
  readonly slots: readonly Slot[];
}

/** A layer of one page, before it has a name. */
export type PartLayer = Omit<PageLayer, 'id'>;
/** One page's layers; `photo` counts within the page. */
export interface PageParts {
  readonly layers: readonly PartLayer[];
  readonly title: Rect;
  readonly journaling: Rect;
}
