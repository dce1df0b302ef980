import { inches } from '../../../ground/length';
import { ok } from '../../../ground/result';
import type { Design } from '../design';
import { ground, lay, tooSmall } from '../lay';
import { layPhotos } from '../layPhotos';
import { eighths } from '../rounding';

const SIDE = inches(1 / 2);

/**
 * Two papers cut into equal strips above and below a middle band, running across a spread. A strip is a quarter of the
 * page's height: 3 in on a 12 in page, four to a sheet, two for each page. Common practice, no source.
 */
export const stripBands: Design = {
  id: 'strip-bands',
  name: 'Strip bands',
  looks: 'Equal strips of two papers above and below, photos on the band between; it runs on over a spread.',
  mostPhotos: 4,
  options: [
    {
      id: 'strips',
      name: 'Strips from a sheet',
      choices: [
        ['4', 'four'],
        ['3', 'three'],
        ['6', 'six'],
      ],
    },
    {
      id: 'bands',
      name: 'Bands',
      choices: [
        ['both', 'above and below'],
        ['upper', 'above only'],
        ['lower', 'below only'],
      ],
    },
  ],
  steps: ['Lay the strips of a spread edge to edge before glueing, so that they run on over the middle.'],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'upper', name: 'Upper strip', suits: 'busy' },
    { id: 'lower', name: 'Lower strip', suits: 'any' },
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage({ w, h, photos, mayOverlap, chosen }) {
    const strip = eighths(h / Number(chosen('strips')));
    const start = eighths(h / 12);
    const room = {
      x: SIDE,
      y: start + Math.floor(strip / 3),
      w: w - 2 * SIDE,
      h: h - 2 * start - 2 * Math.floor(strip / 3),
    };
    if (room.w <= 0 || strip <= 0) return tooSmall({ w, h });
    const block = layPhotos(room, photos, mayOverlap);
    if (!block.ok) return block;
    const bands = chosen('bands');
    return ok({
      layers: [
        ground({ w, h }),
        ...(bands === 'lower' ? [] : [lay('strip', 'upper', { x: 0, y: start, w, h: strip })]),
        ...(bands === 'upper' ? [] : [lay('strip', 'lower', { x: 0, y: h - start - strip, w, h: strip })]),
        ...block.value,
      ],
      title: { x: SIDE, y: 0, w: w - 2 * SIDE, h: start },
      journaling: { x: SIDE, y: h - start, w: w - 2 * SIDE, h: start },
    });
  },
};
