import { PDFDocument, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import type { Rect, Size } from '../../../core/ground/geometry';
import { formatSize, type MeasureSystem } from '../../../core/ground/length';
import { PDF_INKS, PDF_PAPERS, plainText, POINTS_PER_TICK } from '../../ui/pdfPaper';

/** What a label tells: where or what it is, what is in it, and its largest pieces. */
export interface Label {
  readonly title: string;
  readonly lines: readonly string[];
  /** The largest first. */
  readonly pieces: readonly (Size & { readonly missing: readonly Rect[] })[];
}

/** Labels stand two by four on a sheet, with room to cut between. */
const [ACROSS, DOWN] = [2, 4];
const [MARGIN, GAP, PAD] = [30, 10, 9];
/** Silhouettes are drawn at 1 : 12: an inch for a foot. */
const SCALE = 1 / 12;
const MOST_DRAWN = 3;
const MOST_LINES = 4;

const shortened = (text: string, font: PDFFont, size: number, width: number): string => {
  let said = plainText(text);
  if (font.widthOfTextAtSize(said, size) <= width) return said;
  while (said.length > 1 && font.widthOfTextAtSize(`${said}...`, size) > width) said = said.slice(0, -1);
  return `${said.trimEnd()}...`;
};

/** The pieces of a label that have room on it, side by side, the largest first; points. */
const drawnOf = ({ pieces }: Label, room: Size) => {
  let x = 0;
  return pieces
    .flatMap((piece) => {
      const [w, h] = [piece.w * POINTS_PER_TICK * SCALE, piece.h * POINTS_PER_TICK * SCALE];
      if (x + w > room.w || h > room.h) return [];
      const at = x;
      x += w + 6;
      return [{ piece, x: at, w, h }];
    })
    .slice(0, MOST_DRAWN);
};

function drawLabel(
  page: PDFPage,
  label: Label,
  box: { x: number; y: number; w: number; h: number },
  [bold, plain]: readonly [PDFFont, PDFFont],
  system: MeasureSystem,
): void {
  page.drawRectangle({
    x: box.x,
    y: box.y,
    width: box.w,
    height: box.h,
    borderColor: PDF_INKS.soft,
    borderWidth: 0.6,
    borderDashArray: [3, 3],
  });
  const [left, inner] = [box.x + PAD, box.w - 2 * PAD];
  let y = box.y + box.h - PAD - 14;
  page.drawText(shortened(label.title, bold, 15, inner), { x: left, y, size: 15, font: bold, color: PDF_INKS.ink });
  for (const line of label.lines.slice(0, MOST_LINES)) {
    y -= 12;
    page.drawText(shortened(line, plain, 8.5, inner), { x: left, y, size: 8.5, font: plain, color: PDF_INKS.ink });
  }
  const top = y - 8;
  const drawn = drawnOf(label, { w: inner, h: top - box.y - PAD - 4 });
  if (drawn.length === 0) return;
  for (const { piece, x, w, h } of drawn) {
    page.drawRectangle({ x: left + x, y: top - h, width: w, height: h, borderColor: PDF_INKS.nubbin, borderWidth: 1 });
    for (const m of piece.missing)
      page.drawRectangle({
        x: left + x + m.x * POINTS_PER_TICK * SCALE,
        y: top - (m.y + m.h) * POINTS_PER_TICK * SCALE,
        width: m.w * POINTS_PER_TICK * SCALE,
        height: m.h * POINTS_PER_TICK * SCALE,
        color: PDF_INKS.soft,
      });
  }
  page.drawText(
    shortened(
      `Largest that fit: ${drawn.map(({ piece }) => formatSize(piece, system)).join(', ')}, drawn 1 : 12`,
      plain,
      7,
      inner,
    ),
    { x: left, y: box.y + 3, size: 7, font: plain, color: PDF_INKS.soft },
  );
}

/** Labels for cases and scrap bags, eight to a sheet, as a PDF. */
export async function labelsPdf(labels: readonly Label[], system: MeasureSystem): Promise<Uint8Array<ArrayBuffer>> {
  const pdf = await PDFDocument.create();
  pdf.setTitle('Labels');
  const fonts = [
    await pdf.embedFont(StandardFonts.HelveticaBold),
    await pdf.embedFont(StandardFonts.Helvetica),
  ] as const;
  const paper = PDF_PAPERS[system];
  const [w, h] = [
    (paper[0] - 2 * MARGIN - (ACROSS - 1) * GAP) / ACROSS,
    (paper[1] - 2 * MARGIN - (DOWN - 1) * GAP) / DOWN,
  ];
  let page: PDFPage | null = null;
  for (const [i, label] of labels.entries()) {
    const place = i % (ACROSS * DOWN);
    if (place === 0 || page === null) page = pdf.addPage([...paper]);
    const [column, row] = [place % ACROSS, Math.floor(place / ACROSS)];
    drawLabel(
      page,
      label,
      { x: MARGIN + column * (w + GAP), y: paper[1] - MARGIN - (row + 1) * h - row * GAP, w, h },
      fonts,
      system,
    );
  }
  return new Uint8Array(await pdf.save());
}
