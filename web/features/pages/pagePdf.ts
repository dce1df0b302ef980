import { PDFDocument } from 'pdf-lib';

/** A drawn page on a sheet of its own size, true to measure; a spread as one. @returns a PDF */
export async function pagePdf(png: Blob, { w, h }: { w: number; h: number }, title: string): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  const [width, height] = [w * 72, h * 72];
  pdf.addPage([width, height]).drawImage(await pdf.embedPng(await png.arrayBuffer()), { x: 0, y: 0, width, height });
  return pdf.save();
}
