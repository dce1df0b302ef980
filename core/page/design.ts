import type { Rect, Size } from '../geometry';
import type { PageFormat, PagePhoto } from '../things';
import type { Result } from '../result';

/** What a design goes by. Lengths in ticks. */
export interface DesignInput {
  readonly format: PageFormat;
  readonly photos: readonly PagePhoto[];
  /** Margin of a mat on each side of its photo. */
  readonly mat: number;
}

/** One thing that lies on the page, from the bottom up; a spread's second page begins at x = its width. */
export interface PageLayer extends Rect {
  readonly id: string;
  readonly role: 'frame' | 'ground' | 'band' | 'strip' | 'box' | 'card' | 'mat' | 'photo';
  /** Which paper it is cut from; null for photos. */
  readonly slot: string | null;
  /** Of a photo: its place in the page's list. */
  readonly photo: number | null;
  /** Degrees clockwise about its middle. */
  readonly turn: number;
}

/** A choice of paper: all layers of one slot are cut from the same. */
export interface Slot {
  readonly id: string;
  readonly name: string;
  /** Which faces suit: a quiet one under much else, a busy one where it shows in strips. */
  readonly suits: 'busy' | 'quiet' | 'any';
}

export interface Layout {
  /** The whole page, or both pages of a spread. */
  readonly size: Size;
  readonly layers: readonly PageLayer[];
  readonly slots: readonly Slot[];
  readonly title: Rect;
  readonly journaling: Rect;
}

/** Why photos cannot be laid out so; sizes in ticks, `room` is what there is for them. */
export interface DesignError {
  readonly kind: 'no-photos' | 'photo-too-large' | 'photos-too-many' | 'page-too-small';
  readonly photo: number | null;
  readonly needs: Size | null;
  readonly room: Size | null;
  readonly most: number | null;
}

export interface Design {
  readonly id: string;
  readonly name: string;
  /** What it looks like, in a sentence. */
  readonly looks: string;
  /** Most photos on one page. */
  readonly mostPhotos: number;
  /** Lays one page out; a spread is laid out page by page. */
  readonly layOutPage: (page: Size, photos: readonly Size[], mat: number) => Result<PageParts, DesignError>;
  readonly slots: readonly Slot[];
}

/** One page's layers; `photo` counts within the page. */
export interface PageParts { readonly layers: readonly Omit<PageLayer, 'id'>[]; readonly title: Rect; readonly journaling: Rect }
