import { expose } from 'comlink';
import { traceOutline } from '../../core/trimmer/contours';
import type { Point, Rect } from '../../core/ground/geometry';
import { mainColours, type ColourShare } from '../../core/ground/colour';
import { isGrey } from '../../core/page/photos';
import { sizeBetween, straighten, type Corners } from '../../core/seeing/straightening';
import { hello } from './answering';
import { takenOf } from './taken';

/** A picture made ready to be kept: resized, with its main colours. */
export interface ReadPicture {
  readonly bytes: ArrayBuffer;
  readonly type: string;
  readonly w: number;
  readonly h: number;
  readonly colours: readonly ColourShare[];
  /** When it was taken, by the picture's own data; null: it does not say. */
  readonly taken: string | null;
  readonly isGrey: boolean;
}

const LONGEST = 1280;
/** Of small copies: twelve inches of paper, drawn at 42 dots to the inch. */
const SMALL = 512;

/** A picture decoded and drawn no larger than so many dots; null where it cannot be read. */
async function drawn(
  file: Blob,
  longest: number,
): Promise<{
  canvas: OffscreenCanvas;
  context: OffscreenCanvasRenderingContext2D;
  original: { w: number; h: number };
} | null> {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    return null;
  }
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  );
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const original = { w: bitmap.width, h: bitmap.height };
  bitmap.close();
  return { canvas, context, original };
}

/** What lies between the corners takes the canvas; how large it is, or null where they go round nothing. */
function putStraight(
  canvas: OffscreenCanvas,
  context: OffscreenCanvasRenderingContext2D,
  parts: Corners,
): { w: number; h: number } | null {
  const corners = parts.map(({ x, y }) => ({ x: x * canvas.width, y: y * canvas.height })) as unknown as Corners;
  const between = sizeBetween(corners);
  const to = { w: Math.max(1, Math.round(between.w)), h: Math.max(1, Math.round(between.h)) };
  const straight = straighten(context.getImageData(0, 0, canvas.width, canvas.height), corners, to);
  if (!straight.ok) return null;
  [canvas.width, canvas.height] = [to.w, to.h];
  context.putImageData(new ImageData(new Uint8ClampedArray(straight.value.data), to.w, to.h), 0, 0);
  return to;
}

const jpegOf = async (canvas: OffscreenCanvas, quality: number): Promise<ArrayBuffer> =>
  (await canvas.convertToBlob({ type: 'image/jpeg', quality })).arrayBuffer();

const api = {
  hello,
  /**
   * Decodes, resizes and looks at a picture; null where it is none that can be read.
   * @param corners of a paper on it (parts of the picture, 0 to 1): what lies between them is cut out and put straight
   */
  async read(file: Blob, corners?: Corners): Promise<ReadPicture | null> {
    const picture = await drawn(file, LONGEST);
    if (!picture) return null;
    const { canvas, context } = picture;
    const original = corners ? putStraight(canvas, context, corners) : picture.original;
    if (!original) return null;
    const colours = mainColours(context.getImageData(0, 0, canvas.width, canvas.height).data);
    return {
      bytes: await jpegOf(canvas, 0.86),
      type: 'image/jpeg',
      ...original,
      colours,
      taken: await takenOf(await file.arrayBuffer()),
      isGrey: isGrey(colours),
    };
  },

  /**
   * The line round what stands out in a part of a picture (0 to 1), told in parts of that part; null: nothing does.
   */
  async trace(file: Blob, part: Rect): Promise<readonly Point[] | null> {
    const picture = await drawn(file, LONGEST);
    if (!picture) return null;
    const { canvas, context } = picture;
    const [x, y] = [Math.floor(part.x * canvas.width), Math.floor(part.y * canvas.height)];
    const w = Math.max(1, Math.round(part.w * canvas.width));
    const h = Math.max(1, Math.round(part.h * canvas.height));
    return traceOutline({ w, h, data: context.getImageData(x, y, w, h).data });
  },

  /** A part of a picture (0 to 1) by itself, with its main colours; null where it cannot be read. */
  async crop(file: Blob, part: Rect): Promise<Pick<ReadPicture, 'bytes' | 'type' | 'w' | 'h' | 'colours'> | null> {
    const picture = await drawn(file, LONGEST);
    if (!picture) return null;
    const { canvas, context } = picture;
    const w = Math.max(1, Math.round(part.w * canvas.width));
    const h = Math.max(1, Math.round(part.h * canvas.height));
    const dots = context.getImageData(Math.round(part.x * canvas.width), Math.round(part.y * canvas.height), w, h);
    [canvas.width, canvas.height] = [w, h];
    context.putImageData(dots, 0, 0);
    return { bytes: await jpegOf(canvas, 0.86), type: 'image/jpeg', w, h, colours: mainColours(dots.data) };
  },

  /** A small copy of a picture, as JPEG; null where it cannot be read. */
  async shrink(file: Blob): Promise<ArrayBuffer | null> {
    const picture = await drawn(file, SMALL);
    return picture && jpegOf(picture.canvas, 0.8);
  },
};
export type PicturesApi = typeof api;
expose(api);
