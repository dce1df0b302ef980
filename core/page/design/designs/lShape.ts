import { inches } from '../../../ground/length';
import { ok } from '../../../ground/result';
import type { Design } from '../design';
import { firstThatFits, ground, lay, tooSmall } from '../lay';
import { layPhotos } from '../layPhotos';
import { eighths } from '../rounding';

/** Strips of 2, 1 1/4 or 1/2 in on a 12 in page; the photos beside the upright one, or over it. */
const STRIPS = [
  { part: 1 / 6, over: false },
  { part: 5 / 48, over: false },
  { part: 1 / 6, over: true },
  { part: 1 / 24, over: true },
];

/** A vertical strip and a horizontal one make the L; a portrait and a landscape photo lie in its corner. */
export const lShape: Design = {
  id: 'l-shape',
  name: 'L shape',
  looks: 'An upright strip and one along the foot make an L; the photos lie in its corner.',
  mostPhotos: 3,
  options: [
    {
      id: 'corner',
      name: 'Corner',
      choices: [
        ['left', 'foot and left'],
        ['right', 'foot and right'],
      ],
    },
  ],
  steps: [],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'upright', name: 'Upright strip', suits: 'busy' },
    { id: 'across', name: 'Strip along the foot', suits: 'any' },
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage: ({ w, h, photos, mayOverlap, chosen }) =>
    firstThatFits(STRIPS, ({ part, over }) => {
      const strip = Math.max(inches(1 / 4), eighths(Math.min(w, h) * part));
      const from = eighths(Math.min(w, h) / 10);
      const margin = eighths(Math.min(w, h) / 32);
      const isLeft = chosen('corner') === 'left';
      const upright = isLeft ? Math.floor(from / 2) : w - strip - Math.floor(from / 2);
      const taken = over ? 0 : strip + Math.floor(from / 2);
      const room = {
        x: margin + (isLeft ? taken : 0),
        y: margin,
        w: w - taken - 2 * margin,
        h: h - from - strip - 2 * margin,
      };
      if (room.w <= 0 || room.h <= 0) return tooSmall({ w, h });
      const block = layPhotos(room, photos, mayOverlap);
      if (!block.ok) return block;
      return ok({
        layers: [
          ground({ w, h }),
          lay('strip', 'upright', { x: upright, y: 0, w: strip, h }),
          lay('strip', 'across', { x: 0, y: h - from - strip, w, h: strip }),
          ...block.value,
        ],
        title: { x: room.x, y: h - from - strip, w: room.w, h: strip },
        journaling: { x: room.x, y: h - from, w: room.w, h: from },
      });
    }),
};
