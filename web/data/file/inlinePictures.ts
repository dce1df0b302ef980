import { toUint8Array } from 'js-base64';
import type { Image } from '../stockDb';
import type { PictureEntry } from './contents';

/** Pictures that stand in the JSON itself. */
export const inlinePictures = (pictures: readonly PictureEntry[]): Image[] =>
  pictures.flatMap((picture) =>
    'data' in picture
      ? [{ id: picture.id, type: picture.type, bytes: toUint8Array(picture.data).slice().buffer as ArrayBuffer }]
      : [],
  );
