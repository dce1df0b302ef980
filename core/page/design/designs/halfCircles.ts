import { ok } from '../../../ground/result';
import type { Design } from '../design';
import { ground, lay, tooSmall } from '../lay';
import { overFoot } from '../overFoot';
import { layPhotos } from '../layPhotos';
import { quarters } from '../rounding';

/** A circle of 10 1/2 in on a 12 in page, cut in two, serves both pages of a spread. Common practice, no source. */
const PART = 7 / 8;

/** A large circle cut in two, one half on each page. */
export const halfCircles: Design = {
  id: 'half-circles',
  name: 'Half circles',
  looks: 'A large circle cut in two, one half on each page, photos across it.',
  mostPhotos: 4,
  options: [
    {
      id: 'edge',
      name: 'Straight edges',
      choices: [
        ['middle', 'at the middle of the spread'],
        ['outside', 'at the outer edges'],
      ],
    },
  ],
  steps: ['Draw round a plate or a compass, cut the circle whole, then in two along its middle.'],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'any' },
    { id: 'half', name: 'Half circle', suits: 'busy' },
    { id: 'mat', name: 'Mats', suits: 'quiet' },
  ],
  layOutPage({ w, h, photos, mayOverlap, side, chosen }) {
    const d = Math.min(quarters(h * PART), 2 * quarters(w * 0.95));
    const { room, words } = overFoot({ w, h });
    if (room.w <= 0 || room.h <= 0) return tooSmall({ w, h });
    const block = layPhotos(room, photos, mayOverlap);
    if (!block.ok) return block;
    const atRight = (side === 0) === (chosen('edge') === 'middle');
    // The half lies turned a quarter about its middle, straight edge to the page's edge.
    const middle = { x: atRight ? w - d / 4 : d / 4, y: Math.floor(h / 2) };
    return ok({
      layers: [
        ground({ w, h }),
        lay(
          'round',
          'half',
          { x: middle.x - d / 2, y: middle.y - d / 4, w: d, h: d / 2 },
          { turn: atRight ? 270 : 90, shape: { kind: 'half-circle', d } },
        ),
        ...block.value,
      ],
      ...words,
    });
  },
};
