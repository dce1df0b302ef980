import { inches } from '../../../ground/length';
import { ok } from '../../../ground/result';
import type { Design } from '../design';
import { firstThatFits, ground, lay } from '../lay';
import { layPhotos } from '../layPhotos';
import { eighths, quarters } from '../rounding';

/** How far down the page each hangs: 6 to 9 in on a 12 in page. Common practice, no source. */
const LENGTHS = [0.6, 0.74, 0.52, 0.67, 0.57];
/** Where the photos' room begins, as parts of the page: beside the banners' middle, else over them. */
const ROOMS = [
  { x: 0.3, y: 0.24 },
  { x: 0.2, y: 0.14 },
  { x: 1 / 24, y: 1 / 24 },
];

/** Three to five strips of unequal length hanging from the head, ends dovetailed; a twine across their tops. */
export const banners: Design = {
  id: 'banners',
  name: 'Banners',
  looks: 'Strips of unequal length hang from the head, their ends cut; the photos lie over them.',
  mostPhotos: 4,
  options: [
    {
      id: 'count',
      name: 'Banners',
      choices: [
        ['4', 'four'],
        ['3', 'three'],
        ['5', 'five'],
      ],
    },
    {
      id: 'end',
      name: 'Ends',
      choices: [
        ['dovetail', 'dovetailed'],
        ['point', 'pointed'],
      ],
    },
  ],
  steps: ['Lay a twine across the tops of the banners; its ends go round to the back.'],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'banner-1', name: 'First banner', suits: 'busy' },
    { id: 'banner-2', name: 'Second banner', suits: 'any' },
    { id: 'banner-3', name: 'Third banner', suits: 'busy' },
    { id: 'banner-4', name: 'Fourth banner', suits: 'any' },
    { id: 'banner-5', name: 'Fifth banner', suits: 'any' },
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage: ({ w, h, photos, mayOverlap, chosen }) =>
    firstThatFits(ROOMS, (from) => {
      const n = Number(chosen('count'));
      const width = eighths(w / 9);
      const gap = Math.max(inches(1 / 8), eighths(width / 4));
      const start = eighths(w / 16);
      const foot = eighths(h / 9);
      const room = {
        x: Math.floor(w * from.x),
        y: Math.floor(h * from.y),
        w: w - Math.floor(w * from.x) - start,
        h: h - Math.floor(h * from.y) - foot,
      };
      const block = layPhotos(room, photos, mayOverlap);
      if (!block.ok) return block;
      const end = start + n * width + n * gap;
      return ok({
        layers: [
          ground({ w, h }),
          ...LENGTHS.slice(0, n).map((part, i) => {
            const size = { w: width, h: quarters(h * part) };
            return lay(
              'banner',
              `banner-${i + 1}`,
              { x: start + i * (width + gap), y: 0, ...size },
              {
                shape: {
                  kind: 'banner',
                  end: chosen('end') === 'point' ? 'point' : 'dovetail',
                  depth: eighths(width / 2),
                  ...size,
                },
              },
            );
          }),
          ...block.value,
        ],
        title: { x: end, y: eighths(h / 24), w: w - end - start, h: eighths(h / 8) },
        journaling: { x: start, y: h - foot, w: w - 2 * start, h: foot },
      });
    }),
};
