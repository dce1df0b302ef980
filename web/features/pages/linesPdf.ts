import { PDFDocument, StandardFonts } from 'pdf-lib';
import { formatLength, inches, type MeasureSystem } from '../../../core/ground/length';
import type { PageWritten } from '../../../core/stock/things';
import { sizeOf, type Written } from '../../../core/page/writing';
import { PDF_INKS, PDF_PAPERS, plainText, POINTS_PER_TICK } from '../../ui/pdfPaper';

export interface PrintedLines {
  readonly title: string;
  readonly system: MeasureSystem;
  readonly written: PageWritten;
  readonly stands: Written;
}

const MARGIN = 36;
const RIM = inches(1 / 8) * POINTS_PER_TICK;

/**
 * Lines to write on at true size: strips to cut out with their words beside them, or pencil lines within the outline of
 * what is written on, to be laid under it or traced. @returns a PDF
 */
export async function linesPdf({ title, system, written, stands }: PrintedLines): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(plainText(`Lines for ${title}`));
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const [across, high] = PDF_PAPERS[system];
  const { ink, soft } = PDF_INKS;
  let page = pdf.addPage([across, high]);
  let top = high - MARGIN;
  const say = (words: string, size: number): void => {
    page.drawText(plainText(words), { x: MARGIN, y: top - size, size, font, color: size > 10 ? ink : soft });
    top -= size * 1.7;
  };
  say(title === '' ? 'Lines to write on' : title, 14);
  say(
    `Print at 100 %. ${formatLength(stands.width, system)} long, ${formatLength(stands.line, system)} from line to line.`,
    9,
  );
  const [width, line] = [stands.width * POINTS_PER_TICK, stands.line * POINTS_PER_TICK];
  const isStrips = written.on === 'strips';
  const count = isStrips ? Math.max(1, stands.text.length) : stands.perSide;
  const size = sizeOf(written);
  if (size && !isStrips) {
    const box = { width: size.w * POINTS_PER_TICK, height: size.h * POINTS_PER_TICK };
    page.drawRectangle({ x: MARGIN, y: top - box.height, ...box, borderColor: soft, borderWidth: 0.5 });
    top -= RIM;
  }
  for (let i = 0; i < count; i++) {
    if (top - line < MARGIN) [page, top] = [pdf.addPage([across, high]), high - MARGIN];
    const foot = top - line;
    const x = size && !isStrips ? MARGIN + RIM : MARGIN;
    if (isStrips) {
      page.drawRectangle({
        x,
        y: foot + 4,
        width: width + 2 * RIM,
        height: line - 4,
        borderColor: soft,
        borderWidth: 0.5,
      });
      page.drawText(plainText(stands.text[i] ?? ''), { x: x + RIM, y: foot + 8, size: 7, font, color: soft });
    } else page.drawLine({ start: { x, y: foot }, end: { x: x + width, y: foot }, thickness: 0.4, color: soft });
    top = foot;
  }
  return pdf.save();
}
