import type { Point, Rect } from '../../core/ground/geometry';
import type { Corners } from '../../core/seeing/straightening';
import type { PicturesApi, ReadPicture } from './pictures.worker';
import { workerClient } from './workerClient';

const pictures = workerClient<PicturesApi>(
  () => new Worker(new URL('./pictures.worker.ts', import.meta.url), { type: 'module' }),
);

/**
 * Reads a picture in a worker; null where it is none that can be read. @param corners of a paper on it, to be cut out
 * and put straight
 */
export const readPicture = (file: Blob, corners?: Corners): Promise<ReadPicture | null> =>
  pictures.ask((api) => api.read(file, corners));

/** A small copy of a picture, as JPEG; null where it cannot be read. */
export const shrinkPicture = (file: Blob): Promise<ArrayBuffer | null> => pictures.ask((api) => api.shrink(file));

/** The line round what stands out in a part of a picture, in parts of that part; null: nothing does. */
export const traceInPicture = (file: Blob, part: Rect): Promise<readonly Point[] | null> =>
  pictures.ask((api) => api.trace(file, part));

/** A part of a picture (0 to 1) by itself; null where it cannot be read. */
export const cropPicture = (file: Blob, part: Rect): ReturnType<PicturesApi['crop']> =>
  pictures.ask((api) => api.crop(file, part));
