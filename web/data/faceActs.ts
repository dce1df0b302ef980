import { nanoid } from 'nanoid';
import type { Size } from '../../core/geometry';
import type { Face } from '../../core/things';
import type { ReadPicture } from '../workers/pictures.worker';
import { act } from './acts';

export const changeFace = (face: Face, change: (now: Face) => Face, label: string): Promise<boolean> =>
  act({ label, changes: [{ table: 'faces', key: face.id, change }] });

/** Gives a face the picture of its real paper, and that picture's colours. @param size how much of the paper it shows */
export function picturePaper(
  face: Face,
  picture: Pick<ReadPicture, 'bytes' | 'type' | 'colours'>,
  size: Size,
): Promise<boolean> {
  const image = nanoid(8);
  return act({
    label: `A picture of ${face.name}`,
    changes: [
      { table: 'images', key: image, after: { id: image, type: picture.type, bytes: picture.bytes } },
      {
        table: 'faces',
        key: face.id,
        change: (now) => ({
          ...now,
          picture: { image, ...size },
          colours: picture.colours.length > 0 ? picture.colours : now.colours,
        }),
      },
    ],
  });
}
