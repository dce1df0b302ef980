import { inches } from '../../../ground/length';
import { ok } from '../../../ground/result';
import type { Design } from '../design';
import { ground, lay, tooSmall } from '../lay';
import { overFoot } from '../overFoot';
import { layPhotos } from '../layPhotos';
import { eighths } from '../rounding';

/** Punched border strips of 1 1/4 in on a 12 in page. Common practice, no source. */
const STRIP = 5 / 48;

/** Rows of punched border strips across the page with gaps. */
export const borderedRows: Design = {
  id: 'bordered-rows',
  name: 'Bordered rows',
  looks: 'Rows of punched border strips across the page with gaps between, photos on them.',
  mostPhotos: 6,
  options: [
    {
      id: 'rows',
      name: 'Rows',
      choices: [
        ['4', 'four'],
        ['3', 'three'],
        ['5', 'five'],
        ['6', 'six'],
      ],
    },
  ],
  steps: ['Glue only the straight edge of each border: the punched one stands up a little.'],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'row-1', name: 'Odd rows', suits: 'busy' },
    { id: 'row-2', name: 'Even rows', suits: 'any' },
    { id: 'mat', name: 'Mats', suits: 'quiet' },
  ],
  layOutPage({ w, h, photos, mayOverlap, chosen }) {
    const n = Number(chosen('rows'));
    const strip = Math.max(inches(1 / 2), eighths(Math.min(w, h) * STRIP));
    const { margin, foot, room, words } = overFoot({ w, h });
    const pitch = Math.floor((h - margin - foot - strip) / (n - 1));
    if (room.w <= 0 || room.h <= 0 || pitch < strip) return tooSmall({ w, h });
    const block = layPhotos(room, photos, mayOverlap);
    if (!block.ok) return block;
    return ok({
      layers: [
        ground({ w, h }),
        ...Array.from({ length: n }, (_, i) =>
          lay(
            'strip',
            `row-${(i % 2) + 1}`,
            { x: 0, y: margin + i * pitch, w, h: strip },
            { shape: { kind: 'scallop-strip', w, h: strip, scallop: eighths(strip / 2.5) } },
          ),
        ),
        ...block.value,
      ],
      ...words,
    });
  },
};
