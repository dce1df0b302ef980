import { inches } from '../../../ground/length';
import { ok } from '../../../ground/result';
import type { Design } from '../design';
import { lay, tooSmall } from '../lay';
import { layPhotos } from '../layPhotos';

/** Common practice, no source: a ground laid on a frame leaves 1/4 to 1/2 in of it showing all round. */
const RIM = inches(1 / 2);
const SMALL_RIM = inches(1 / 4);
const MARGIN = inches(1 / 2);
const FOOT = inches(5 / 4);

/** The ground trimmed 1/2 in all round on a second paper, the middle of which can be cut out; a photo block on it. */
export const framedGround: Design = {
  id: 'framed-ground',
  name: 'Framed ground',
  looks: 'A ground on a frame of another paper, a block of matted photos in its middle.',
  mostPhotos: 6,
  options: [
    {
      id: 'rim',
      name: 'Frame shows',
      choices: [
        ['wide', 'wide, on small pages narrow'],
        ['narrow', 'narrow'],
      ],
    },
  ],
  steps: ['A frame whose middle is cut out is backed with cheap paper, or the page bends.'],
  slots: [
    { id: 'frame', name: 'Frame', suits: 'busy' },
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage({ w, h, photos, mayOverlap, chosen }) {
    const isSmall = Math.min(w, h) < inches(8);
    const rim = isSmall || chosen('rim') === 'narrow' ? SMALL_RIM : RIM;
    const margin = isSmall ? SMALL_RIM : MARGIN;
    const inner = { x: rim, y: rim, w: w - 2 * rim, h: h - 2 * rim };
    const room = { x: rim + margin, y: rim + margin, w: inner.w - 2 * margin, h: inner.h - margin - FOOT };
    if (room.w <= 0 || room.h <= 0) return tooSmall({ w, h });
    const block = layPhotos(room, photos, mayOverlap);
    if (!block.ok) return block;
    const foot = { x: room.x, y: h - rim - FOOT, w: room.w, h: FOOT };
    return ok({
      layers: [lay('frame', 'frame', { x: 0, y: 0, w, h }), lay('ground', 'ground', inner), ...block.value],
      title: { ...foot, w: Math.floor(foot.w * 0.6) },
      journaling: { ...foot, x: foot.x + Math.floor(foot.w * 0.62), w: Math.floor(foot.w * 0.38) },
    });
  },
};
