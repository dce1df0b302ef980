import { rgb } from 'pdf-lib';
import { TICKS_PER_INCH, type MeasureSystem } from '../../core/ground/length';

export const POINTS_PER_TICK = 72 / TICKS_PER_INCH;

/** The paper in the printer, points: letter where inches are read, else A4 (ISO 216). */
export const PDF_PAPERS: Record<MeasureSystem, readonly [number, number]> = { in: [612, 792], cm: [595.28, 841.89] };

export const PDF_INKS = {
  ink: rgb(0.16, 0.1, 0.2),
  soft: rgb(0.38, 0.34, 0.4),
  piece: rgb(0.54, 0.11, 0.31),
  nubbin: rgb(0.09, 0.38, 0.43),
};

/** What the printer's plain letters have; anything else would stop the print. */
export const plainText = (text: string): string => text.replaceAll('″', '"').replaceAll(/[^\x20-\x7e\xa0-\xff]/g, '?');
