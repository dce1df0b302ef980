import { PDFDocument, StandardFonts, type PDFImage } from 'pdf-lib';
import type { Leaf, Opening } from '../../../core/kit/album';
import type { Album } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { shownPng } from '../../ui/drawnPage';
import { PDF_INKS, PDF_PAPERS, plainText } from '../../ui/pdfPaper';
import { leafName } from './leafName';

const MARGIN = 40;
const IN_A_ROW = 2;
const GAP = 18;
const WORDS = 9;
/** Dots to an inch of a page. */
const DOTS = 50;

/** The drawings or pictures of its pages as they stand on the screen, by their names there. */
async function drawings(table: Element, pdf: PDFDocument): Promise<Map<string, PDFImage>> {
  const found = new Map<string, PDFImage>();
  for (const button of table.querySelectorAll('button[data-place]')) {
    const png = await shownPng(button, DOTS);
    const id = button.getAttribute('data-place');
    if (png && id !== null) found.set(id, await pdf.embedPng(await png.arrayBuffer()));
  }
  return found;
}

/**
 * All openings of an album on sheets to print, small, two side by side, with the names of their pages beneath.
 * @param table holds the drawings of the pages
 */
export async function contactSheet(album: Album, openings: readonly Opening[], table: Element): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(plainText(album.name));
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const pictures = await drawings(table, pdf);
  const [across, high] = PDF_PAPERS[useSettings.getState().system];
  const leaf = (across - 2 * MARGIN - (IN_A_ROW - 1) * GAP) / (2 * IN_A_ROW);
  const tall = (leaf * album.size.h) / album.size.w;
  const row = tall + WORDS + GAP;
  const perSheet = Math.max(1, Math.floor((high - 2 * MARGIN) / row));
  let page = pdf.addPage([across, high]);
  openings.forEach(({ left, right, spread }, i) => {
    const at = Math.floor(i / IN_A_ROW) % perSheet;
    if (i > 0 && i % (IN_A_ROW * perSheet) === 0) page = pdf.addPage([across, high]);
    const x = MARGIN + (i % IN_A_ROW) * (2 * leaf + GAP);
    const y = high - MARGIN - at * row - tall;
    const draw = (one: Leaf | null, from: number, width: number): void => {
      const look = { x: x + from, y, width, height: tall };
      page.drawRectangle({ ...look, borderColor: PDF_INKS.soft, borderWidth: 0.5 });
      const picture = one && pictures.get(one.place.id);
      if (picture) page.drawImage(picture, look);
      if (!one) return;
      const words = plainText(leafName(one));
      const size = Math.min(WORDS, (WORDS * width) / Math.max(1, font.widthOfTextAtSize(words, WORDS)));
      page.drawText(words, { x: x + from, y: y - WORDS - 1, size, font, color: PDF_INKS.soft });
    };
    if (spread) draw(spread, 0, 2 * leaf);
    else {
      draw(left, 0, leaf);
      draw(right, leaf, leaf);
    }
  });
  return pdf.save();
}
