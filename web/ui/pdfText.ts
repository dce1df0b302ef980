import { PDFDocument, StandardFonts } from 'pdf-lib';
import type { MeasureSystem } from '../../core/ground/length';
import { PDF_INKS, PDF_PAPERS, plainText } from './pdfPaper';

const MARGIN = 40;
const BETWEEN = 20;

/** Text and pictures one below the other on as many sheets as it takes. */
export interface PdfText {
  readonly say: (words: string, size: number, isHead?: boolean) => void;
  /** Room between two parts, points. */
  readonly leave: (points: number) => void;
  /** PNGs side by side, none larger than so many points. */
  readonly show: (pictures: readonly Blob[], most: { width: number; height: number }) => Promise<void>;
  readonly save: () => Promise<Uint8Array>;
}

/** A PDF that is written from the head down. */
export async function pdfText(title: string, system: MeasureSystem): Promise<PdfText> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(plainText(title));
  const [font, bold] = [await pdf.embedFont(StandardFonts.Helvetica), await pdf.embedFont(StandardFonts.HelveticaBold)];
  const [across, high] = PDF_PAPERS[system];
  const newSheet = () => ({ sheet: pdf.addPage([across, high]), top: high - MARGIN });
  let at = newSheet();
  const makeRoom = (height: number): void => {
    if (at.top - height < MARGIN) at = newSheet();
  };
  return {
    say: (words, size, isHead = false) => {
      makeRoom(size);
      const look = { size, font: isHead ? bold : font, color: isHead ? PDF_INKS.ink : PDF_INKS.soft };
      const maxWidth = across - 2 * MARGIN;
      at.sheet.drawText(plainText(words), { x: MARGIN, y: at.top - size, ...look, maxWidth });
      // A long line is broken where it stands; each of its lines takes its room.
      const lines = Math.ceil(look.font.widthOfTextAtSize(plainText(words), size) / maxWidth);
      at.top -= size * 1.25 * Math.max(1, lines) + 3;
    },
    leave: (points) => {
      at.top -= points;
    },
    show: async (pictures, { width: wide, height: tall }) => {
      const embedded = await Promise.all(pictures.map(async (png) => pdf.embedPng(await png.arrayBuffer())));
      const sized = embedded.map((picture) => ({ picture, ...picture.scaleToFit(wide, tall) }));
      const height = Math.max(0, ...sized.map((one) => one.height));
      makeRoom(height);
      let x = MARGIN;
      for (const one of sized) {
        at.sheet.drawImage(one.picture, { x, y: at.top - one.height, width: one.width, height: one.height });
        x += one.width + BETWEEN;
      }
      at.top -= height;
    },
    save: () => pdf.save(),
  };
}
