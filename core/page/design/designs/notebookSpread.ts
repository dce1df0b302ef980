import { inches } from '../../../ground/length';
import { err, ok } from '../../../ground/result';
import type { Design } from '../design';
import { ground, lay } from '../lay';
import { layPhotos } from '../layPhotos';
import { quarters } from '../rounding';

const BOXES = 3;

/**
 * A photo filling one page, a quiet paper with small boxes on the other; on a single page the photo above, the boxes
 * below.
 */
export const notebookSpread: Design = {
  id: 'notebook-spread',
  name: 'Notebook spread',
  looks: 'One photo fills a page; small boxes lie on a quiet paper facing it.',
  mostPhotos: 2,
  options: [
    {
      id: 'boxes',
      name: 'Boxes',
      choices: [
        ['foot', 'along the foot'],
        ['head', 'along the head'],
      ],
    },
  ],
  steps: ['Watch the thickness: foam and heavy pieces keep a notebook from closing.'],
  onLeft: () => 1,
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'box-1', name: 'First box', suits: 'busy' },
    { id: 'box-2', name: 'Second box', suits: 'any' },
    { id: 'box-3', name: 'Third box', suits: 'busy' },
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage({ w, h, photos, mayOverlap, side, isSpread, chosen }) {
    const edge = Math.floor(Math.min(w, h) / 24);
    const words = { x: edge, w: w - 2 * edge };
    const [first] = photos;
    if (isSpread && side === 0 && first) {
      if (first.w > w || first.h > h)
        return err({ kind: 'photo-too-large', photo: 0, needs: first, room: { w, h }, most: null });
      // Without room for a mat the photo lies on the ground as it is.
      const block = layPhotos({ x: 0, y: 0, w, h }, photos, mayOverlap);
      const bare = {
        role: 'photo',
        slot: null,
        photo: 0,
        turn: 0,
        x: Math.floor((w - first.w) / 2),
        y: Math.floor((h - first.h) / 2),
        w: first.w,
        h: first.h,
      } as const;
      return ok({
        layers: [ground({ w, h }), ...(block.ok ? block.value : [bare])],
        title: { ...words, y: h - Math.floor(h / 10), h: Math.floor(h / 12) },
        journaling: { ...words, y: edge, h: Math.floor(h / 10) },
      });
    }
    const gap = inches(1 / 4);
    const box = quarters(Math.min(inches(2), (w - 2 * edge - (BOXES - 1) * gap) / BOXES));
    const atFoot = chosen('boxes') === 'foot';
    const left = Math.floor((w - BOXES * box - (BOXES - 1) * gap) / 2);
    const top = atFoot ? h - edge - box : edge;
    const text = Math.floor(h / 9);
    const room = { x: edge, y: atFoot ? edge : edge + box + gap, w: w - 2 * edge, h: h - 2 * edge - box - gap - text };
    const block = layPhotos(room, photos, mayOverlap);
    if (!block.ok) return block;
    const line = atFoot ? top - text : h - edge - text;
    return ok({
      layers: [
        ground({ w, h }),
        ...Array.from({ length: BOXES }, (_, i) =>
          lay('box', `box-${i + 1}`, { x: left + i * (box + gap), y: top, w: box, h: box }),
        ),
        ...block.value,
      ],
      title: { ...words, y: line, h: Math.floor(text / 2) },
      journaling: { ...words, y: line + Math.floor(text / 2), h: Math.floor(text / 2) },
    });
  },
};
