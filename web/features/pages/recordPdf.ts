import { PDFDocument, StandardFonts, type PDFImage, type PDFPage } from 'pdf-lib';
import type { Bench } from '../../../core/making';
import type { Page } from '../../../core/things';
import { pageName } from '../../data/didWords';
import { realPicture } from '../../data/realPicture';
import { useSettings } from '../../data/settings';
import { formatWords } from '../../ui/pageWords';
import { PDF_INKS, PDF_PAPERS, plainText } from '../../ui/pdfPaper';
import { recordParts } from './recordLines';

const MARGIN = 40;
const PICTURE = 250;

/** Pictures side by side, the drawn one and the real one. @returns how high they stand, points */
function drawPictures(sheet: PDFPage, pictures: readonly PDFImage[], top: number): number {
  const sizes = pictures.map((picture) => picture.scaleToFit(PICTURE, PICTURE));
  pictures.forEach((picture, i) => {
    const { width, height } = sizes[i] ?? { width: 0, height: 0 };
    sheet.drawImage(picture, { x: MARGIN + i * (PICTURE + 20), y: top - height, width, height });
  });
  return Math.max(0, ...sizes.map(({ height }) => height));
}

/**
 * A page's record to print: drawn, its real picture beside, and what is on it by kit, cut for it, borrowed, noted.
 * @param drawn as PNG
 */
export async function recordPdf(page: Page, bench: Bench, drawn: Blob | null): Promise<Uint8Array> {
  const { system } = useSettings.getState();
  const pdf = await PDFDocument.create();
  pdf.setTitle(plainText(`The record of ${pageName(page)}`));
  const [font, bold] = [await pdf.embedFont(StandardFonts.Helvetica), await pdf.embedFont(StandardFonts.HelveticaBold)];
  const real = page.picture ? await realPicture(page.picture) : null;
  const pictures = await Promise.all(
    [drawn, real].flatMap((one) => (one ? [one.arrayBuffer().then((bytes) => pdf.embedPng(bytes))] : [])),
  );
  let sheet = pdf.addPage([...PDF_PAPERS[system]]);
  let top = PDF_PAPERS[system][1] - MARGIN;
  const say = (words: string, size: number, isHead = false): void => {
    if (top - size < MARGIN) [sheet, top] = [pdf.addPage([...PDF_PAPERS[system]]), PDF_PAPERS[system][1] - MARGIN];
    const look = { size, font: isHead ? bold : font, color: isHead ? PDF_INKS.ink : PDF_INKS.soft };
    sheet.drawText(plainText(words), {
      x: MARGIN,
      y: top - size,
      ...look,
      maxWidth: PDF_PAPERS[system][0] - 2 * MARGIN,
    });
    // A long line is broken where it stands; each of its lines takes its room.
    const lines = Math.ceil(look.font.widthOfTextAtSize(plainText(words), size) / (PDF_PAPERS[system][0] - 2 * MARGIN));
    top -= size * 1.25 * Math.max(1, lines) + 3;
  };
  say(pageName(page), 18, true);
  say([formatWords(page.format, system), page.date, page.place].filter(Boolean).join(' · '), 10);
  top -= 6;
  top -= drawPictures(sheet, pictures, top) + 12;
  for (const { name, lines } of recordParts(page, bench, system)) {
    top -= 6;
    say(name, 12, true);
    lines.forEach((line) => say(line, 10));
  }
  return pdf.save();
}
