import { err, ok } from '../../../ground/result';
import type { Design } from '../design';
import { ground, lay, tooSmall } from '../lay';
import { matOf } from '../mat';
import { matted } from '../layPhotos';
import { punchFor } from '../rounding';

const ROUNDS = 8;
const PAPERS = 3;

/** Eight small round things in a ring, the photo in the middle. */
export const wreath: Design = {
  id: 'wreath',
  name: 'Wreath',
  looks: 'Eight small rounds in a ring, one photo in their middle.',
  mostPhotos: 1,
  options: [
    {
      id: 'begin',
      name: 'The ring begins',
      choices: [
        ['between', 'either side of the head'],
        ['head', 'at the head'],
      ],
    },
  ],
  steps: ['Mark the ring lightly round a plate, and the eight places on it, before glueing.'],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    ...Array.from({ length: PAPERS }, (_, i) => ({
      id: `round-${i + 1}`,
      name: `Rounds ${i + 1}`,
      suits: 'busy' as const,
    })),
    { id: 'mat', name: 'Mat', suits: 'any' },
  ],
  layOutPage({ w, h, photos: [photo], chosen }) {
    const short = Math.min(w, h);
    const d = punchFor(short / 6);
    const edge = Math.floor(short / 24);
    const ring = Math.floor(short / 2 - d / 2 - edge);
    if (ring < d) return tooSmall({ w, h });
    const middle = { x: Math.floor(w / 2), y: Math.max(ring + d / 2, Math.floor(h * 0.47)) };
    const mat = photo ? matOf(photo) : null;
    // Beyond this the photo would hide the rounds rather than lie among them.
    const reach = ring + d / 4;
    if (mat && Math.hypot(mat.w, mat.h) / 2 > reach) {
      const inside = Math.floor(reach * Math.SQRT2);
      return err({ kind: 'photo-too-large', photo: 0, needs: mat, room: { w: inside, h: inside }, most: null });
    }
    const first = chosen('begin') === 'head' ? 0 : 0.5;
    const rounds = Array.from({ length: ROUNDS }, (_, i) => {
      const angle = ((i + first) / ROUNDS) * 2 * Math.PI;
      return lay(
        'round',
        `round-${(i % PAPERS) + 1}`,
        {
          x: Math.round(middle.x + ring * Math.sin(angle) - d / 2),
          y: Math.round(middle.y - ring * Math.cos(angle) - d / 2),
          w: d,
          h: d,
        },
        { shape: { kind: 'circle', d } },
      );
    });
    const below = middle.y + ring + d / 2;
    const words = { y: Math.min(below, h - edge - Math.floor(h / 14)), h: Math.floor(h / 14) };
    return ok({
      layers: [
        ground({ w, h }),
        ...rounds,
        ...(photo && mat
          ? matted({ x: Math.floor(middle.x - mat.w / 2), y: Math.floor(middle.y - mat.h / 2), ...mat }, 0, photo.mats)
          : []),
      ],
      title: { x: edge, w: Math.floor(w / 2), ...words },
      journaling: { x: Math.floor(w * 0.56), w: w - Math.floor(w * 0.56) - edge, ...words },
    });
  },
};
