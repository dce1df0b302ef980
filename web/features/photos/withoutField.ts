import type { Photo } from '../../../core/stock/things';

/** Changes a photo as it is by then. */
export type ChangePhoto = (how: (now: Photo) => Photo) => void;

/** A photo without something that was told of it. */
export function withoutField<K extends keyof Photo>(now: Photo, key: K): Photo {
  const { [key]: _, ...rest } = now;
  return rest as Photo;
}
