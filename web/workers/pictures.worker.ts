import { expose } from 'comlink';
import { mainColours, type ColourShare } from '../../core/colour';

/** A picture made ready to be kept: resized, with its main colours. */
export interface ReadPicture { readonly bytes: ArrayBuffer; readonly type: string; readonly w: number; readonly h: number; readonly colours: readonly ColourShare[] }

const LONGEST = 1280;

const api = {
  /** Decodes, resizes and looks at a picture; null where it is none that can be read. */
  async read(file: Blob): Promise<ReadPicture | null> {
    let bitmap: ImageBitmap;
    try {
      bitmap = await createImageBitmap(file);
    } catch {
      return null;
    }
    const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
    const [w, h] = [Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale))];
    const canvas = new OffscreenCanvas(w, h);
    const context = canvas.getContext('2d', { willReadFrequently: true })!;
    context.drawImage(bitmap, 0, 0, w, h);
    const original = { w: bitmap.width, h: bitmap.height };
    bitmap.close();
    const colours = mainColours(context.getImageData(0, 0, w, h).data);
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.86 });
    return { bytes: await blob.arrayBuffer(), type: 'image/jpeg', ...original, colours };
  },
};
export type PicturesApi = typeof api;
expose(api);
