import type { Size } from '../../ground/geometry';

/** A place in an album: a page, a gap kept for one not yet made, or a title page before a group. */
export type AlbumPlace = { readonly id: string } & (
  { readonly page: string } | { readonly gap: string } | { readonly title: string }
);

/** Pages in order, as they face each other when it lies open. */
export interface Album {
  readonly id: string;
  readonly name: string;
  /** Of one page of it. */
  readonly size: Size;
  /** On which side its first page falls: on the right, where the cover's inside faces it, or on the left. */
  readonly startsOn: 'left' | 'right';
  /** How thick it may be to close, ticks; absent: not told. */
  readonly closesAt?: number | undefined;
  readonly places: readonly AlbumPlace[];
}
