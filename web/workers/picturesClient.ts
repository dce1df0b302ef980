import { wrap, type Remote } from 'comlink';
import type { PicturesApi, ReadPicture } from './pictures.worker';

let worker: Remote<PicturesApi> | null = null;

/** Reads a picture in a worker; null where it is none that can be read. */
export function readPicture(file: Blob): Promise<ReadPicture | null> {
  worker ??= wrap<PicturesApi>(new Worker(new URL('./pictures.worker.ts', import.meta.url), { type: 'module' }));
  return worker.read(file);
}
