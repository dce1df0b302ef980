import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import type { PlannedPart } from '../../core/trimmer/cutting';
import type { PlanPiece, PlanSheet } from '../../core/stock/things';
import type { Size } from '../../core/ground/geometry';
import { formatLength, formatSize, type MeasureSystem } from '../../core/ground/length';
import type { Step, StepPart } from '../../core/page/cutlist';
import { END_WORDS } from './endWords';
import { punchWords } from './punchWords';
import type { Purpose } from './pieceName';
import { PDF_INKS, PDF_PAPERS, plainText, POINTS_PER_TICK } from '../ui/pdfPaper';

/** A sheet of the plan as it is printed. */
export interface PrintedSheet {
  readonly name: string;
  readonly size: Size;
  readonly sheet: PlanSheet;
  readonly steps: readonly Step[];
}

export interface CutSheet {
  readonly title: string;
  readonly system: MeasureSystem;
  /** The page's steps in their order, a line each; absent: only the cuts. */
  readonly work?: readonly string[];
  /** The cut list, a line each. */
  readonly list: readonly string[];
  readonly sheets: readonly PrintedSheet[];
  readonly nameOf: (wanted: Purpose, isInSentence?: boolean) => string;
}

/** Sheets are drawn to one scale of 1 : 6. */
const SCALE = 1 / 6;
const MARGIN = 48;
const LINE = 14;
const { ink: INK, soft: SOFT, piece: PIECE, nubbin: NUBBIN } = PDF_INKS;

/** Lines and drawings down a page, and on to the next. */
class Column {
  private page: PDFPage;
  private y: number;

  constructor(
    private readonly pdf: PDFDocument,
    private readonly paper: readonly [number, number],
  ) {
    [this.page, this.y] = [pdf.addPage([...paper]), paper[1] - MARGIN];
  }

  /** Makes room, on a new page where needed, and goes down by it. */
  private room(height: number): number {
    if (this.y - height < MARGIN) [this.page, this.y] = [this.pdf.addPage([...this.paper]), this.paper[1] - MARGIN];
    this.y -= height;
    return this.y;
  }

  text(words: string, font: PDFFont, size = 10, color = INK): void {
    const y = this.room(Math.max(LINE, size * 1.4));
    this.page.drawText(plainText(words), { x: MARGIN, y, size, font, color });
  }

  gap(height: number): void {
    this.room(height);
  }

  /** A sheet to scale on the left, its lines beside it. */
  sheet(
    { size, sheet }: PrintedSheet,
    lines: readonly string[],
    font: PDFFont,
    nameOf: (wanted: PlanPiece) => string,
  ): void {
    const s = POINTS_PER_TICK * SCALE;
    const [w, h] = [size.w * s, size.h * s];
    const foot = this.room(Math.max(h, lines.length * LINE) + 10);
    const top = foot + Math.max(h, lines.length * LINE);
    const { page } = this;
    const box = (part: PlannedPart) => ({
      x: MARGIN + part.x * s,
      y: top - (part.y + part.h) * s,
      width: part.w * s,
      height: part.h * s,
    });
    page.drawRectangle({ x: MARGIN, y: top - h, width: w, height: h, borderColor: SOFT, borderWidth: 0.7 });
    for (const part of sheet.waste)
      page.drawRectangle({ ...box(part), color: rgb(0.85, 0.82, 0.8), borderColor: SOFT, borderWidth: 0.5 });
    for (const part of sheet.nubbins)
      page.drawRectangle({ ...box(part), borderColor: NUBBIN, borderWidth: 0.8, borderDashArray: [4, 2] });
    for (const part of sheet.pieces) {
      const place = box(part);
      if (part.punched) {
        const { x, y, size: across } = part.punched.hole;
        page.drawCircle({
          x: MARGIN + x * s,
          y: top - y * s,
          size: (across / 2) * s,
          borderColor: PIECE,
          borderWidth: 1.4,
        });
        continue;
      }
      page.drawRectangle({ ...place, borderColor: PIECE, borderWidth: 1.4 });
      const words = plainText(nameOf(part));
      if (font.widthOfTextAtSize(words, 7) < place.width - 4 && place.height > 10)
        page.drawText(words, { x: place.x + 3, y: place.y + place.height - 9, size: 7, font, color: INK });
    }
    lines.forEach((words, i) =>
      page.drawText(plainText(words), {
        x: MARGIN + Math.max(w, 150) + 16,
        y: top - LINE * (i + 1) + 4,
        size: 10,
        font,
        color: INK,
      }),
    );
  }
}

function stepWords(step: Step, n: number, { system, nameOf }: CutSheet): string {
  const becomes = ({ role, wanted, w, h }: StepPart): string =>
    `${formatSize({ w, h }, system)} ${wanted !== null ? nameOf(wanted, true) : role === 'nubbin' ? 'to the stash' : role === 'waste' ? 'waste' : 'cut on'}`;
  if (step.kind === 'window')
    return `${n}.  Cut the middle out, ${formatSize(step.middle, system)}, of the ${nameOf(step, true)}`;
  if (step.kind === 'punch') return `${n}.  Punch ${punchWords(step, system)}`;
  return `${n}.  ${formatLength(step.setting, system)} from ${END_WORDS[step.axis][step.from]}:  ${becomes(step.gives[0])}  |  ${becomes(step.gives[1])}`;
}

/** A cut sheet to print: the list, and every paper drawn to scale with its cuts in order. */
export async function cutSheetPdf(sheet: CutSheet): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(`Cut sheet: ${sheet.title}`);
  const [text, bold] = [await pdf.embedFont(StandardFonts.Helvetica), await pdf.embedFont(StandardFonts.HelveticaBold)];
  const column = new Column(pdf, PDF_PAPERS[sheet.system]);
  column.text(sheet.title, bold, 18);
  for (const line of sheet.work ?? []) column.text(line, text);
  if (sheet.work) column.gap(12);
  column.text(
    'Drawn at 1 : 6. Heavy line: a piece for the page. Dashed: back to the stash. Grey: waste.',
    text,
    9,
    SOFT,
  );
  column.gap(6);
  for (const line of sheet.list) column.text(line, text);
  for (const one of sheet.sheets) {
    column.gap(14);
    column.text(`${one.name}, ${formatSize(one.size, sheet.system)}`, bold, 12);
    column.gap(4);
    column.sheet(
      one,
      one.steps.length === 0 ? ['Used as it is.'] : one.steps.map((step, i) => stepWords(step, i + 1, sheet)),
      text,
      sheet.nameOf,
    );
  }
  column.gap(10);
  const [taken] = sheet.sheets.flatMap(({ steps }) =>
    steps.flatMap((step) => (step.kind === 'cut' && step.lost > 0 ? step.lost : [])),
  );
  if (taken !== undefined)
    column.text(`Cut beyond each mark: a cut takes ${formatLength(taken, sheet.system)} there.`, text, 9, SOFT);
  column.text('Fingers behind the guard of the trimmer; swap the blade when paper feathers.', text, 9, SOFT);
  return pdf.save();
}
