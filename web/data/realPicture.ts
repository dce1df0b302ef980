import type { PagePicture } from '../../core/stock/things';
import { db } from './acts';

/** A picture of a real page as it goes out, as PNG: what she covered is covered for good. Null where it is gone. */
export async function realPicture({ image, covered = [] }: PagePicture): Promise<Blob | null> {
  const kept = await db.images.get(image);
  if (!kept) return null;
  const bitmap = await createImageBitmap(new Blob([kept.bytes], { type: kept.type }));
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  const context = canvas.getContext('2d');
  if (!context) return null;
  context.drawImage(bitmap, 0, 0);
  context.fillStyle = '#d9cfc4';
  for (const { x, y, w, h } of covered)
    context.fillRect(x * bitmap.width, y * bitmap.height, w * bitmap.width, h * bitmap.height);
  bitmap.close();
  return canvas.convertToBlob({ type: 'image/png' });
}
