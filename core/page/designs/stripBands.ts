import { inches } from '../../length';
import { err, ok } from '../../result';
import type { Design } from '../design';
import { photoBlock } from '../photoBlock';

const SIDE = inches(1 / 2);

/** Whole eighths of an inch, downward. */
const eighths = (length: number): number => Math.floor(length / inches(1 / 8)) * inches(1 / 8);

/**
 * Two papers cut into equal strips above and below a middle band, running across a spread. A strip is a quarter of the
 * page's height: 3 in on a 12 in page, four to a sheet, two for each page. Common practice, no source.
 */
export const stripBands: Design = {
  id: 'strip-bands',
  name: 'Strip bands',
  looks: 'Equal strips of two papers above and below, photos on the band between; it runs on over a spread.',
  mostPhotos: 4,
  slots: [{ id: 'ground', name: 'Ground', suits: 'quiet' }, { id: 'upper', name: 'Upper strip', suits: 'busy' }, { id: 'lower', name: 'Lower strip', suits: 'any' }, { id: 'mat', name: 'Mats', suits: 'any' }],
  layOutPage({ w, h }, photos, mat) {
    const strip = eighths(h / 4);
    const start = eighths(h / 12);
    const room = { x: SIDE, y: start + Math.floor(strip / 3), w: w - 2 * SIDE, h: h - 2 * start - 2 * Math.floor(strip / 3) };
    if (room.w <= 0 || strip <= 0) return err({ kind: 'page-too-small', photo: null, needs: null, room: { w, h }, most: null });
    const block = photoBlock(room, photos, mat);
    if (!block.ok) return block;
    const lower = h - start - strip;
    return ok({
      layers: [
        { role: 'ground', slot: 'ground', photo: null, turn: 0, x: 0, y: 0, w, h },
        { role: 'strip', slot: 'upper', photo: null, turn: 0, x: 0, y: start, w, h: strip },
        { role: 'strip', slot: 'lower', photo: null, turn: 0, x: 0, y: lower, w, h: strip },
        ...block.value,
      ],
      title: { x: SIDE, y: 0, w: w - 2 * SIDE, h: start },
      journaling: { x: SIDE, y: h - start, w: w - 2 * SIDE, h: start },
    });
  },
};
