import { inches } from '../../../ground/length';
import { err, ok } from '../../../ground/result';
import type { Design } from '../design';
import { ground, lay, onPage } from '../lay';
import { matOf } from '../mat';
import { matted } from '../layPhotos';
import { quarters } from '../rounding';

/** Leftover boxes of any size stacked off-centre behind one photo and a card, each turned a degree or two. */
export const boxStack: Design = {
  id: 'box-stack',
  name: 'Box stack',
  looks: 'Boxes of leftovers stacked off-centre behind one photo and a card, each turned a little.',
  mostPhotos: 1,
  options: [],
  steps: [],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    { id: 'strip', name: 'Strip', suits: 'any' },
    { id: 'tall', name: 'Tall box', suits: 'busy' },
    { id: 'wide', name: 'Wide box', suits: 'any' },
    { id: 'card', name: 'Card', suits: 'quiet' },
    { id: 'mat', name: 'Mat', suits: 'any' },
  ],
  layOutPage({ w, h, photos: [photo] }) {
    const page = { w, h };
    const mat = photo ? matOf(photo) : { w: Math.floor(w / 3), h: Math.floor(h / 3) };
    const room = { w: w - inches(1 / 2), h: Math.floor(h * 0.76) };
    if (mat.w > room.w || mat.h > room.h)
      return err({ kind: 'photo-too-large', photo: 0, needs: mat, room, most: null });
    const tall = { w: quarters(w * 0.44), h: quarters(h * 0.58) };
    const wide = { w: quarters(w * 0.5), h: quarters(h * 0.21) };
    const card = { w: quarters(w / 3), h: quarters(h / 2) };
    const middle = { x: (w - mat.w) * 0.55, y: Math.min(h * 0.76 - mat.h, Math.max(h * 0.06, h * 0.42 - mat.h / 2)) };
    const at = onPage(page, { ...middle, ...mat });
    return ok({
      layers: [
        ground(page),
        lay('strip', 'strip', { x: 0, y: quarters(h * 0.78), w, h: quarters(h * 0.1) }),
        lay('box', 'tall', onPage(page, { x: w * 0.16, y: h * 0.12, ...tall }), { turn: -1 }),
        lay('box', 'wide', onPage(page, { x: w * 0.38, y: h * 0.54, ...wide }), { turn: 2 }),
        lay('card', 'card', onPage(page, { x: at.x + mat.w - card.w * 0.6, y: h * 0.17, ...card }), { turn: 2 }),
        ...(photo ? matted(at, 0, photo.mats) : []),
      ],
      title: {
        x: quarters(w * 0.08),
        y: quarters(h * 0.88) + inches(1 / 8),
        w: quarters(w * 0.56),
        h: Math.floor(h * 0.1),
      },
      journaling: {
        x: quarters(w * 0.66),
        y: quarters(h * 0.88) + inches(1 / 8),
        w: quarters(w * 0.28),
        h: Math.floor(h * 0.1),
      },
    });
  },
};
