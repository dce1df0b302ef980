import type { KeyId } from '../ui/keyTable';

/** The figures that the table of keys has a screen for. */
type Figure = KeyId extends infer Id ? (Id extends `go-${infer One}` ? One : never) : never;

/** A mark on the ruler rail: its inch, its key, its screen. */
export interface Place {
  readonly key: Figure;
  readonly name: string;
  readonly path: string;
}

/** In the order of the work. Inches without a name are kept for screens to come. */
export const PLACES: readonly (Place | null)[] = [
  { key: '1', name: 'Parcels', path: '/parcels' },
  { key: '2', name: 'Stash', path: '/stash' },
  { key: '3', name: 'Photos', path: '/photos' },
  { key: '4', name: 'Share-out', path: '/share-out' },
  { key: '5', name: 'Pages', path: '/pages' },
  { key: '6', name: 'Cuts', path: '/cuts' },
  { key: '7', name: 'Titles', path: '/titles' },
  { key: '8', name: 'Wrap-up', path: '/wrap-up' },
  { key: '9', name: 'Busters', path: '/busters' },
  { key: '0', name: 'Album', path: '/album' },
];
