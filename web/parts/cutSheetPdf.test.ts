import { PDFDocument } from 'pdf-lib';
import { expect, test } from 'vitest';
import { inches } from '../../core/ground/length';
import { cutSheetPdf, type PrintedSheet } from './cutSheetPdf';

const sheet = (n: number): PrintedSheet => ({
  name: `moths ≈ ${n}`,
  size: { w: inches(12), h: inches(12) },
  steps: [],
  sheet: {
    stock: `m${n}`,
    copy: 1,
    cuts: [],
    nubbins: [],
    waste: [],
    pieces: [
      {
        id: 'mat:a',
        page: 'p',
        slot: 'mat',
        copy: 1,
        part: 'A',
        x: 0,
        y: 0,
        w: inches(12),
        h: inches(12),
        turned: false,
        face: 'front',
      },
    ],
  },
});

test.each([
  ['in', 612, 792],
  ['cm', 595.28, 841.89],
] as const)('a cut sheet in %s is a PDF of that paper, and goes on to further pages', async (system, w, h) => {
  const bytes = await cutSheetPdf({
    title: 'Neighbours by torch',
    system,
    work: ['[ ]  Seal the ground: 5 min, dries 20 min'],
    list: ['1 × 12 × 12 mats'],
    sheets: Array.from({ length: 8 }, (_, i) => sheet(i)),
    nameOf: () => 'Mats',
  });
  const read = await PDFDocument.load(bytes);
  expect(read.getPageCount()).toBeGreaterThan(1);
  expect(read.getTitle()).toBe('Cut sheet: Neighbours by torch');
  expect(read.getPage(0).getSize().width).toBeCloseTo(w, 1);
  expect(read.getPage(0).getSize().height).toBeCloseTo(h, 1);
});
