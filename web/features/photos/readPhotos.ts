import { nanoid } from 'nanoid';
import type { Size } from '../../../core/ground/geometry';
import type { Photo } from '../../../core/stock/things';
import type { Image } from '../../data/stockDb';
import { today } from '../../data/today';
import { whyOf } from '../../ui/BrokenOff';
import { readPicture } from '../../workers/picturesClient';

const nameOf = (file: File): string => file.name.replace(/\.[^.]+$/, '').replaceAll(/[_-]+/g, ' ') || 'photo';

/** What is said once of many photos. */
export interface Told {
  readonly story: string;
  readonly print: Size;
  readonly isPrinted: boolean;
}

/** Sides as alike as these are a square's. */
const SQUARE = 0.01;

/** A print lies as its picture does; a square picture stays square, as large as the print's shorter side. */
function printOf(picture: Size, { w, h }: Size): Size {
  const side = Math.min(w, h);
  if (Math.abs(picture.w - picture.h) <= SQUARE * Math.max(picture.w, picture.h)) return { w: side, h: side };
  return picture.w > picture.h === w > h ? { w, h } : { w: h, h: w };
}

/** A file as a photo with its picture, or what is wrong with it. */
async function readPhoto(file: File, told: Told): Promise<{ photo: Photo; picture: Image } | string> {
  if (file.size === 0) return `${file.name} is empty: it has 0 bytes. Copy it again from the camera.`;
  const read = await readPicture(file).catch((error: unknown) => whyOf(error));
  if (typeof read === 'string') return `${file.name} was not read: ${read}. Choose it again.`;
  if (!read) return `${file.name} cannot be read as a picture. JPEG, PNG and WebP can; save it as one of these.`;
  const { w, h } = printOf(read, told.print);
  const image = nanoid(8);
  const photo: Photo = {
    id: nanoid(8),
    story: told.story,
    name: nameOf(file),
    image,
    w,
    h,
    colours: read.colours,
    added: today(),
    dots: { w: read.w, h: read.h },
    ...(read.taken === null ? {} : { taken: read.taken }),
    ...(read.isGrey ? { isGrey: true } : {}),
    ...(told.isPrinted ? { isPrinted: true } : {}),
  };
  return { photo, picture: { id: image, type: read.type, bytes: read.bytes } };
}

/** Files as photos with their pictures, one after the other, and what is wrong with the rest. */
export async function readPhotos(files: readonly File[], told: Told, onRead: (done: number) => void) {
  const [photos, pictures, wrong]: [Photo[], Image[], string[]] = [[], [], []];
  for (const [i, file] of files.entries()) {
    onRead(i);
    const read = await readPhoto(file, told);
    if (typeof read === 'string') wrong.push(read);
    else {
      photos.push(read.photo);
      pictures.push(read.picture);
    }
  }
  return { photos, pictures, wrong };
}
