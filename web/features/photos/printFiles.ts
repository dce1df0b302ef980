import { zipSync } from 'fflate';
import { PDFDocument, rgb } from 'pdf-lib';
import { TICKS_PER_INCH } from '../../../core/ground/length';
import { evenCrop } from '../../../core/page/photos';
import type { LaidPhoto, LaidSheet, PrintPaper } from '../../../core/trimmer/prints';
import type { Picture } from '../../data/images';
import { heldIn } from '../../../core/ground/heldIn';

/** Dots to an inch that prints are made at. */
const DPI = 300;
const CUT = '#8a8090';

export interface Printing {
  readonly paper: PrintPaper;
  readonly sheets: readonly LaidSheet[];
  /** By photo. */ readonly pictures: ReadonlyMap<string, Picture>;
}

const dots = (ticks: number): number => (ticks / TICKS_PER_INCH) * DPI;

/** Draws a picture so that it fills its place, cropped as she has it or evenly, on its side where it is laid so. */
function drawPhoto(
  context: OffscreenCanvasRenderingContext2D,
  bitmap: ImageBitmap,
  { crop, isGrey }: Picture,
  { x, y, w, h, turned }: LaidPhoto,
): void {
  const [width, height] = turned ? [dots(h), dots(w)] : [dots(w), dots(h)];
  context.save();
  context.translate(dots(x + w / 2), dots(y + h / 2));
  if (turned) context.rotate(Math.PI / 2);
  const part = crop ?? evenCrop({ w: bitmap.width, h: bitmap.height }, { w: width, h: height });
  if (isGrey) context.filter = 'grayscale(1)';
  context.drawImage(
    bitmap,
    part.x * bitmap.width,
    part.y * bitmap.height,
    part.w * bitmap.width,
    part.h * bitmap.height,
    -width / 2,
    -height / 2,
    width,
    height,
  );
  context.restore();
}

async function bitmapsOf({ sheets, pictures }: Printing): Promise<Map<string, ImageBitmap>> {
  const ids = [...new Set(sheets.flatMap(({ photos }) => photos.map(({ id }) => id)))];
  const read = await Promise.all(
    ids.map(async (id) => [id, await createImageBitmap(await (await fetch(heldIn(pictures, id).url)).blob())] as const),
  );
  return new Map(read);
}

/** One sheet as a picture at 300 dots to the inch. */
async function sheetImage(
  sheet: LaidSheet,
  { paper, pictures }: Printing,
  bitmaps: ReadonlyMap<string, ImageBitmap>,
  withCuts: boolean,
  type: string,
): Promise<Uint8Array> {
  const canvas = new OffscreenCanvas(Math.round(dots(paper.w)), Math.round(dots(paper.h)));
  const context = canvas.getContext('2d')!;
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  for (const photo of sheet.photos) drawPhoto(context, heldIn(bitmaps, photo.id), heldIn(pictures, photo.id), photo);
  if (withCuts) {
    context.strokeStyle = CUT;
    for (const { from, to } of sheet.cuts) {
      context.beginPath();
      context.moveTo(dots(from.x), dots(from.y));
      context.lineTo(dots(to.x), dots(to.y));
      context.stroke();
    }
  }
  return new Uint8Array(await (await canvas.convertToBlob({ type, quality: 0.92 })).arrayBuffer());
}

/** All sheets as one PDF at true size, cut lines as hairlines. */
export async function printPdf(printing: Printing): Promise<Uint8Array> {
  const bitmaps = await bitmapsOf(printing);
  const pdf = await PDFDocument.create();
  pdf.setTitle('Photo prints');
  const points = (ticks: number): number => (ticks / TICKS_PER_INCH) * 72;
  const { w, h } = printing.paper;
  for (const sheet of printing.sheets) {
    const page = pdf.addPage([points(w), points(h)]);
    page.drawImage(await pdf.embedJpg(await sheetImage(sheet, printing, bitmaps, false, 'image/jpeg')), {
      x: 0,
      y: 0,
      width: points(w),
      height: points(h),
    });
    for (const { from, to } of sheet.cuts)
      page.drawLine({
        start: { x: points(from.x), y: points(h - from.y) },
        end: { x: points(to.x), y: points(h - to.y) },
        thickness: 0.4,
        color: rgb(0.54, 0.5, 0.56),
      });
  }
  return pdf.save();
}

/** Each sheet as a PNG: one file, or all in a zip. */
export async function printPngs(printing: Printing): Promise<{ name: string; bytes: Uint8Array; type: string }> {
  const bitmaps = await bitmapsOf(printing);
  const files: Record<string, Uint8Array> = {};
  for (const [i, sheet] of printing.sheets.entries())
    files[`print-${i + 1}.png`] = await sheetImage(sheet, printing, bitmaps, true, 'image/png');
  const [only, ...more] = Object.entries(files);
  return only && more.length === 0
    ? { name: only[0], bytes: only[1], type: 'image/png' }
    : { name: 'prints.zip', bytes: zipSync(files, { level: 0 }), type: 'application/zip' };
}
