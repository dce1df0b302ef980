import type { Rect } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { ok } from '../../../ground/result';
import type { Design, PartLayer } from '../design';
import { boundsOf, firstThatFits, ground, lay, onPage, tooSmall } from '../lay';
import { layPhotos } from '../layPhotos';
import { quarters } from '../rounding';
import { nth } from '../../../ground/nth';

const PAPERS = 4;
/** Room for patches round the photos, as parts of the page. */
const ROOMS = [1 / 8, 1 / 12, 1 / 24];
/** The outermost of a side lean so far, degrees. */
const FAN = 11;

/** A patch: a square, or a strip that stands out from the photos. Sides in patches' own unit. */
const PATCHES: readonly { out: number; along: number }[] = [
  { out: 2, along: 2 },
  { out: 3, along: 1 },
  { out: 1.5, along: 1.5 },
  { out: 3, along: 1.25 },
];

/** Patches along one side of the photos, fanned; their inner halves lie under the mats. */
function fan(
  page: { w: number; h: number },
  round: Rect,
  side: 'head' | 'foot' | 'left' | 'right',
  unit: number,
  first: number,
): PartLayer[] {
  const isLevel = side === 'head' || side === 'foot';
  const length = isLevel ? round.w : round.h;
  const n = Math.max(1, Math.round(length / (unit * 1.6)));
  return Array.from({ length: n }, (_, i) => {
    const patch = nth(PATCHES, (first + i) % PATCHES.length);
    const [out, along] = [quarters(patch.out * unit), quarters(patch.along * unit)];
    const at = (i + 0.5) / n;
    const middle = isLevel
      ? { x: round.x + at * round.w, y: side === 'head' ? round.y : round.y + round.h }
      : { x: side === 'left' ? round.x : round.x + round.w, y: round.y + at * round.h };
    const size = isLevel ? { w: along, h: out } : { w: out, h: along };
    const lean = Math.round((2 * at - 1) * FAN) * (side === 'head' || side === 'right' ? 1 : -1);
    return lay(
      'box',
      `patch-${((first + i) % PAPERS) + 1}`,
      onPage(page, { x: middle.x - size.w / 2, y: middle.y - size.h / 2, ...size }, inches(1 / 8)),
      { turn: lean },
    );
  });
}

/** Many short strips and small squares fanned round matted photos. */
export const scrapPatchwork: Design = {
  id: 'scrap-patchwork',
  name: 'Scrap patchwork',
  looks: 'Short strips and small squares of scraps, fanned out from under matted photos.',
  mostPhotos: 4,
  options: [
    {
      id: 'patches',
      name: 'Patches',
      choices: [
        ['plain', 'as they come'],
        ['small', 'smaller, more of them'],
      ],
    },
  ],
  steps: ['Lay the photos first, slide the patches under their edges, then glue from the bottom up.'],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    ...Array.from({ length: PAPERS }, (_, i) => ({
      id: `patch-${i + 1}`,
      name: `Patches ${i + 1}`,
      suits: 'any' as const,
    })),
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage: ({ w, h, photos, mayOverlap, chosen }) =>
    firstThatFits(ROOMS, (part) => {
      const unit = (Math.min(w, h) / 12) * (chosen('patches') === 'small' ? 0.7 : 1);
      const margin = Math.floor(Math.min(w, h) * part);
      const foot = Math.floor(h / 10);
      const room = { x: margin, y: margin, w: w - 2 * margin, h: h - 2 * margin - foot };
      if (room.w <= 0 || room.h <= 0) return tooSmall({ w, h });
      const block = layPhotos(room, photos, mayOverlap);
      if (!block.ok) return block;
      const round = boundsOf(block.value) ?? {
        x: Math.floor(w / 3),
        y: Math.floor(h / 3),
        w: Math.floor(w / 3),
        h: Math.floor(h / 4),
      };
      const sides = ['head', 'left', 'right', 'foot'] as const;
      const words = { y: h - foot, h: foot };
      return ok({
        layers: [ground({ w, h }), ...sides.flatMap((side, i) => fan({ w, h }, round, side, unit, i)), ...block.value],
        title: { x: Math.floor(w / 24), w: Math.floor(w / 2), ...words },
        journaling: { x: Math.floor(w * 0.56), w: Math.floor(w * 0.4), ...words },
      });
    }),
};
