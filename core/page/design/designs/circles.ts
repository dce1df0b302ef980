import { inches } from '../../../ground/length';
import { seededRandom } from '../../../ground/random';
import { ok } from '../../../ground/result';
import type { Design, PageInput, PartLayer } from '../design';
import { ground, lay, tooSmall } from '../lay';
import { overFoot } from '../overFoot';
import { layPhotos } from '../layPhotos';
import { punchFor } from '../rounding';

const THROWS = 900;
const MOST = 34;
const PAPERS = 3;

/**
 * Places for circles, thrown as darts where none lies yet: large and dense at one corner, small and sparse along the
 * diagonal to the other.
 * @param isCovered whether most of a circle there would lie under the photos
 */
function scatter({ w, h, chosen }: PageInput, isCovered: (x: number, y: number) => boolean): PartLayer[] {
  const random = seededRandom(1987);
  const [short, gap] = [Math.min(w, h), inches(1 / 16)];
  const found: { x: number; y: number; d: number }[] = [];
  for (let n = 0; n < THROWS && found.length < MOST; n++) {
    const [u, v, keep] = [random(), random(), random()];
    const along = (u + v) / 2;
    if (keep > (1 - along) ** 1.4 || Math.abs(u - v) > 0.62 - 0.4 * along) continue;
    const d = punchFor((short / 6) * (1 - 0.85 * along));
    const corner = chosen('corner');
    const x = Math.floor((corner === 'head-left' ? u : 1 - u) * w);
    const y = Math.floor((corner === 'foot-right' ? 1 - v : v) * h);
    const isOn = x >= d / 2 && y >= d / 2 && x + d / 2 <= w && y + d / 2 <= h;
    if (
      isOn &&
      !isCovered(x, y) &&
      found.every((other) => Math.hypot(other.x - x, other.y - y) >= (other.d + d) / 2 + gap)
    )
      found.push({ x, y, d });
  }
  return found.map(({ x, y, d }, i) =>
    lay(
      'round',
      `circles-${(i % PAPERS) + 1}`,
      { x: x - d / 2, y: y - d / 2, w: d, h: d },
      { shape: { kind: 'circle', d } },
    ),
  );
}

/** Punched circles of mixed sizes from scraps, dense at one corner, thinning along the diagonal to the other. */
export const circles: Design = {
  id: 'circles',
  name: 'Circles',
  looks: 'Punched circles of mixed sizes, dense at one corner and thinning toward the other.',
  mostPhotos: 4,
  options: [
    {
      id: 'corner',
      name: 'Dense at',
      choices: [
        ['head-left', 'the head, left'],
        ['head-right', 'the head, right'],
        ['foot-right', 'the foot, right'],
      ],
    },
  ],
  steps: [
    'Punch the largest circles first; the small ones come out of what is left around them.',
    'Lay all circles dry, the dense corner first, before glueing.',
  ],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    ...Array.from({ length: PAPERS }, (_, i) => ({
      id: `circles-${i + 1}`,
      name: `Circles ${i + 1}`,
      suits: 'busy' as const,
    })),
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage(page) {
    const { w, h, photos, mayOverlap } = page;
    const { room, words } = overFoot(page);
    if (room.w <= 0 || room.h <= 0 || Math.min(w, h) < 2 * inches(5 / 8)) return tooSmall({ w, h });
    const block = layPhotos(room, photos, mayOverlap);
    if (!block.ok) return block;
    const isCovered = (x: number, y: number): boolean =>
      block.value.some((layer) => x > layer.x && x < layer.x + layer.w && y > layer.y && y < layer.y + layer.h);
    return ok({ layers: [ground({ w, h }), ...scatter(page, isCovered), ...block.value], ...words });
  },
};
