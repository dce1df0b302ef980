import { PDFDocument, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import { formatLength, inches, TICKS_PER_INCH, TICKS_PER_MM, type MeasureSystem } from '../../../core/ground/length';
import type { StandingLetters, Tape } from '../../../core/page/writing';
import { PDF_INKS, PDF_PAPERS, plainText, POINTS_PER_TICK } from '../../ui/pdfPaper';

/** A title's tape as it is printed. */
export interface PrintedTape {
  readonly title: string;
  readonly system: MeasureSystem;
  readonly lines: StandingLetters['lines'];
}

const MARGIN = 36;
/** A strip of paper that lies beside the letters. */
const DEEP = 40;
const BETWEEN = 26;

/** As much of a tape as goes across the paper: from where, and how long, ticks. */
interface Part {
  readonly tape: Tape;
  readonly from: number;
  readonly length: number;
}

/** The tapes in parts that the printer's paper holds, to be joined end to end. */
function partsOf(lines: PrintedTape['lines'], most: number): readonly Part[] {
  return lines.flatMap(({ tape }) =>
    Array.from({ length: Math.max(1, Math.ceil(tape.width / most)) }, (_, i) => ({
      tape,
      from: i * most,
      length: Math.min(most, tape.width - i * most),
    })),
  );
}

function drawPart(
  page: PDFPage,
  { tape, from, length }: Part,
  top: number,
  font: PDFFont,
  system: MeasureSystem,
): void {
  const at = (ticks: number): number => MARGIN + (ticks - from) * POINTS_PER_TICK;
  const isHere = (ticks: number): boolean => ticks >= from && ticks <= from + length;
  const { ink: color, soft, piece } = PDF_INKS;
  const box = { x: MARGIN, y: top - DEEP, width: length * POINTS_PER_TICK, height: DEEP };
  page.drawRectangle({ ...box, borderColor: soft, borderWidth: 0.5 });
  const unit = system === 'in' ? TICKS_PER_INCH / 4 : 5 * TICKS_PER_MM;
  for (let i = 0; i * unit <= tape.width; i++) {
    if (!isHere(i * unit)) continue;
    const isWhole = i % (system === 'in' ? 4 : 2) === 0;
    const [start, end] = [
      { x: at(i * unit), y: top - DEEP },
      { x: at(i * unit), y: top - DEEP + (isWhole ? 9 : 5) },
    ];
    page.drawLine({ start, end, thickness: 0.5, color: soft });
    if (isWhole)
      page.drawText(String(i / (system === 'in' ? 4 : 2)), {
        x: at(i * unit) + 2,
        y: top - DEEP + 9,
        size: 7,
        font,
        color: soft,
      });
  }
  for (const { glyph, x } of tape.marks) {
    if (!isHere(x)) continue;
    page.drawLine({ start: { x: at(x), y: top }, end: { x: at(x), y: top - 16 }, thickness: 1, color: piece });
    page.drawText(plainText(glyph), { x: at(x) + 2, y: top - 13, size: 10, font, color });
  }
}

/** Strips of paper at true size to lay beside a title: where each letter's left edge comes. @returns a PDF */
export async function tapePdf({ title, system, lines }: PrintedTape): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(plainText(title));
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const paper = PDF_PAPERS[system];
  let page = pdf.addPage([...paper]);
  let top = paper[1] - MARGIN;
  page.drawText(plainText(title), { x: MARGIN, y: top - 14, size: 14, font, color: PDF_INKS.ink });
  page.drawText('Print at 100 %. Each mark is the left edge of a letter.', {
    x: MARGIN,
    y: top - 30,
    size: 9,
    font,
    color: PDF_INKS.soft,
  });
  top -= 50;
  for (const part of partsOf(lines, Math.floor((paper[0] - 2 * MARGIN) / POINTS_PER_TICK))) {
    if (top - DEEP < MARGIN) [page, top] = [pdf.addPage([...paper]), paper[1] - MARGIN];
    drawPart(page, part, top, font, system);
    const words = `${formatLength(Math.round(part.length / inches(1 / 16)) * inches(1 / 16), system)} long`;
    page.drawText(plainText(words), { x: MARGIN, y: top - DEEP - 11, size: 8, font, color: PDF_INKS.soft });
    top -= DEEP + BETWEEN;
  }
  return pdf.save();
}
