import type { Rect } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { ok } from '../../../ground/result';
import type { Design } from '../design';
import { firstThatFits, ground, lay, tooSmall } from '../lay';
import { layPhotos } from '../layPhotos';
import { eighths, quarters } from '../rounding';
import { nth } from '../../../ground/nth';

const FLAP = inches(1 / 2);
/** Room for a tag to slide. Common practice, no source. */
const PLAY = inches(1 / 8);
/** How wide and deep the pocket is, as parts of the page; the photos beside it or above. */
const POCKETS = [
  { w: 0.34, h: 0.36, beside: true },
  { w: 0.27, h: 0.3, beside: true },
  { w: 0.4, h: 0.24, beside: false },
  { w: 0.4, h: 0.14, beside: false },
];

/** A pocket with tags for the journaling. */
export const pocketPage: Design = {
  id: 'pocket',
  name: 'Pocket page',
  looks: 'A pocket at the foot with tags to write on; the photos beside or above it.',
  mostPhotos: 4,
  options: [
    {
      id: 'tags',
      name: 'Tags',
      choices: [
        ['3', 'three'],
        ['1', 'one'],
        ['2', 'two'],
      ],
    },
  ],
  steps: [
    "Fold the pocket's flaps back and glue only those: the head stays open.",
    'Keep glue off where the tags slide; powder takes away what is sticky.',
  ],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'tag', name: 'Tags', suits: 'quiet' },
    { id: 'pocket', name: 'Pocket', suits: 'busy' },
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage: ({ w, h, photos, mayOverlap, chosen }) =>
    firstThatFits(POCKETS, (part) => {
      const n = Number(chosen('tags'));
      const margin = eighths(Math.min(w, h) / 24);
      const pocket = { w: quarters(w * part.w), h: quarters(h * part.h) };
      const rise = quarters(pocket.h / 3);
      const at: Rect = { x: margin, y: h - margin - pocket.h, ...pocket };
      const gap = margin;
      const room = part.beside
        ? { x: at.x + at.w + gap, y: margin, w: w - at.x - at.w - gap - margin, h: h - 2 * margin - Math.floor(h / 8) }
        : { x: margin, y: margin, w: w - 2 * margin, h: at.y - rise - margin - gap };
      const tag = { w: eighths((pocket.w - (n + 1) * PLAY) / n), h: pocket.h };
      if (room.w <= 0 || room.h <= 0 || tag.w <= 0) return tooSmall({ w, h });
      const block = layPhotos(room, photos, mayOverlap);
      if (!block.ok) return block;
      const corner = Math.min(inches(1 / 4), Math.floor(tag.w / 4));
      const tags = Array.from({ length: n }, (_, i) =>
        lay(
          'tag',
          'tag',
          { x: at.x + PLAY + i * (tag.w + PLAY), y: at.y - rise, ...tag },
          { shape: { kind: 'tag', corners: 'clipped', corner, ...tag } },
        ),
      );
      return ok({
        layers: [
          ground({ w, h }),
          ...tags,
          lay('pocket', 'pocket', at, {
            shape: { kind: 'pocket', flap: Math.min(FLAP, Math.floor(Math.min(pocket.w, pocket.h) / 2)), ...pocket },
          }),
          ...block.value,
        ],
        title: part.beside
          ? { x: room.x, y: h - margin - Math.floor(h / 9), w: room.w, h: Math.floor(h / 9) }
          : { x: at.x + at.w + gap, y: at.y, w: w - at.x - at.w - gap - margin, h: at.h },
        journaling: { x: nth(tags, 0).x, y: nth(tags, 0).y, w: tag.w, h: rise },
      });
    }),
};
