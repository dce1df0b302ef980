import { shownPng } from '../../ui/drawnPage';

/** Dots to an inch, and between two pages. */
const DOTS = 60;
const GAP = 24;
const IN_A_ROW = 4;

async function pictureOf(element: Element): Promise<ImageBitmap | null> {
  const png = await shownPng(element, DOTS);
  return png && createImageBitmap(png);
}

interface Spot {
  readonly picture: ImageBitmap;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** Where pictures lie in rows, each as high as the highest of its row, and the size of the whole. */
export function inRows<P extends { readonly width: number; readonly height: number }>(
  pictures: readonly P[],
): {
  readonly spots: readonly (Omit<Spot, 'picture'> & { readonly picture: P })[];
  readonly w: number;
  readonly h: number;
} {
  const spots: (Omit<Spot, 'picture'> & { picture: P })[] = [];
  let [y, widest] = [GAP, 0];
  for (let first = 0; first < pictures.length; first += IN_A_ROW) {
    const row = pictures.slice(first, first + IN_A_ROW);
    const high = Math.max(...row.map(({ height }) => height));
    let x = GAP;
    for (const picture of row) {
      spots.push({ picture, x, y: y + high - picture.height, w: picture.width, h: picture.height });
      x += picture.width + GAP;
    }
    widest = Math.max(widest, x);
    y += high + GAP;
  }
  return { spots, w: widest, h: y };
}

/**
 * All pages of a list in one picture, as they are drawn there, in rows.
 * @param list its entries hold a page's drawing or picture each
 * @returns a PNG; null: there is none to be drawn
 */
export async function allPagesPng(list: Element): Promise<Blob | null> {
  const found = await Promise.all([...list.children].map(pictureOf));
  const { spots, w, h } = inRows(found.filter((picture) => picture !== null));
  const canvas = Object.assign(document.createElement('canvas'), { width: w, height: h });
  const context = canvas.getContext('2d');
  if (spots.length === 0 || !context) return null;
  context.fillStyle = '#f3ece0';
  context.fillRect(0, 0, w, h);
  for (const { picture, x, y, ...size } of spots) context.drawImage(picture, x, y, size.w, size.h);
  return new Promise((done) => canvas.toBlob(done, 'image/png'));
}
