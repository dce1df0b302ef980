import type { Image } from '../stockDb';
import type { PictureEntry } from './contents';
import { bytesOf } from './pictureBytes';

/** Pictures that stand in the JSON itself. */
export const inlinePictures = (pictures: readonly PictureEntry[]): Image[] =>
  pictures.flatMap((picture) =>
    'data' in picture ? [{ id: picture.id, type: picture.type, bytes: bytesOf(picture.data).buffer }] : [],
  );
