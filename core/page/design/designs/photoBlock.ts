import { inflate } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { ok } from '../../../ground/result';
import type { Design } from '../design';
import { boundsOf, firstThatFits, ground, lay, tooSmall } from '../lay';
import { layPhotos } from '../layPhotos';
import { eighths } from '../rounding';

/** Border strips of 1 1/4, 1 or 1/2 in on a 12 in page. Common practice, no source. */
const BORDERS = [5 / 48, 1 / 12, 1 / 24];

/** A matted block of two to four photos on a panel, borders round it. */
export const photoBlock: Design = {
  id: 'photo-block',
  name: 'Photo block',
  looks: 'A block of matted photos on a panel, with border strips round it.',
  mostPhotos: 6,
  options: [
    {
      id: 'borders',
      name: 'Borders',
      choices: [
        ['round', 'all round'],
        ['head-foot', 'head and foot'],
        ['sides', 'at the sides'],
        ['none', 'none'],
      ],
    },
  ],
  steps: [],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'border', name: 'Borders', suits: 'busy' },
    { id: 'panel', name: 'Panel', suits: 'any' },
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage: ({ w, h, photos, mayOverlap, chosen }) =>
    firstThatFits(BORDERS, (part) => {
      const margin = eighths(Math.min(w, h) / 24);
      const border = Math.max(inches(1 / 4), eighths(Math.min(w, h) * part));
      const foot = eighths(h / 10);
      const borders = chosen('borders');
      const [beside, above] = [
        borders === 'round' || borders === 'sides' ? border : 0,
        borders === 'round' || borders === 'head-foot' ? border : 0,
      ];
      const rim = inches(1 / 4);
      const room = {
        x: margin + beside + rim,
        y: margin + above + rim,
        w: w - 2 * (margin + beside + rim),
        h: h - 2 * (margin + above + rim) - foot,
      };
      if (room.w <= 0 || room.h <= 0) return tooSmall({ w, h });
      const block = layPhotos(room, photos, mayOverlap);
      if (!block.ok) return block;
      const round = boundsOf(block.value);
      const across = { x: margin, w: w - 2 * margin, h: above };
      const upright = { y: margin + above, w: beside, h: h - 2 * margin - 2 * above };
      const words = { y: h - margin - above - foot, h: foot, x: room.x, w: room.w };
      return ok({
        layers: [
          ground({ w, h }),
          ...(above === 0
            ? []
            : [
                lay('strip', 'border', { ...across, y: margin }),
                lay('strip', 'border', { ...across, y: h - margin - above }),
              ]),
          ...(beside === 0
            ? []
            : [
                lay('strip', 'border', { ...upright, x: margin }),
                lay('strip', 'border', { ...upright, x: w - margin - beside }),
              ]),
          ...(round ? [lay('panel', 'panel', inflate(round, rim))] : []),
          ...block.value,
        ],
        title: { ...words, w: Math.floor(words.w * 0.55) },
        journaling: { ...words, x: words.x + Math.floor(words.w * 0.58), w: Math.floor(words.w * 0.42) },
      });
    }),
};
