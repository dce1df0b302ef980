import type { Rect, Size } from '../../geometry';
import { inches } from '../../length';
import { err, ok } from '../../result';
import type { Design } from '../design';
import { matOf } from '../mat';

const quarters = (length: number): number => Math.max(inches(1 / 4), Math.floor(length / inches(1 / 4)) * inches(1 / 4));

/** Whole ticks that keep a rectangle on the page. */
const onPage = (page: Size, { x, y, w, h }: Rect): Rect =>
  ({ x: Math.max(0, Math.min(Math.floor(x), page.w - w)), y: Math.max(0, Math.min(Math.floor(y), page.h - h)), w, h });

/** Leftover boxes of any size stacked off-centre behind one photo and a card, each turned a degree or two. */
export const boxStack: Design = {
  id: 'box-stack',
  name: 'Box stack',
  looks: 'Boxes of leftovers stacked off-centre behind one photo and a card, each turned a little.',
  mostPhotos: 1,
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' }, { id: 'strip', name: 'Strip', suits: 'any' }, { id: 'tall', name: 'Tall box', suits: 'busy' },
    { id: 'wide', name: 'Wide box', suits: 'any' }, { id: 'card', name: 'Card', suits: 'quiet' }, { id: 'mat', name: 'Mat', suits: 'any' },
  ],
  layOutPage(page, photos, margin) {
    const { w, h } = page;
    const photo = photos[0]!;
    const mat = matOf(photo, margin);
    const room = { w: w - inches(1 / 2), h: Math.floor(h * 0.76) };
    if (mat.w > room.w || mat.h > room.h) return err({ kind: 'photo-too-large', photo: 0, needs: mat, room, most: null });
    const tall = { w: quarters(w * 0.44), h: quarters(h * 0.58) };
    const wide = { w: quarters(w * 0.5), h: quarters(h * 0.21) };
    const card = { w: quarters(w / 3), h: quarters(h / 2) };
    const middle = { x: (w - mat.w) * 0.55, y: Math.min(h * 0.76 - mat.h, Math.max(h * 0.06, h * 0.42 - mat.h / 2)) };
    const matAt = onPage(page, { ...middle, ...mat });
    return ok({
      layers: [
        { role: 'ground', slot: 'ground', photo: null, turn: 0, x: 0, y: 0, w, h },
        { role: 'strip', slot: 'strip', photo: null, turn: 0, x: 0, y: quarters(h * 0.78), w, h: quarters(h * 0.1) },
        { role: 'box', slot: 'tall', photo: null, turn: -1, ...onPage(page, { x: w * 0.16, y: h * 0.12, ...tall }) },
        { role: 'box', slot: 'wide', photo: null, turn: 2, ...onPage(page, { x: w * 0.38, y: h * 0.54, ...wide }) },
        { role: 'card', slot: 'card', photo: null, turn: 2, ...onPage(page, { x: matAt.x + mat.w - card.w * 0.6, y: h * 0.17, ...card }) },
        { role: 'mat', slot: 'mat', photo: null, turn: 0, ...matAt },
        { role: 'photo', slot: null, photo: 0, turn: 0, x: matAt.x + margin, y: matAt.y + margin, ...{ w: photo.w, h: photo.h } },
      ],
      title: { x: quarters(w * 0.08), y: quarters(h * 0.88) + inches(1 / 8), w: quarters(w * 0.56), h: Math.floor(h * 0.1) },
      journaling: { x: quarters(w * 0.66), y: quarters(h * 0.88) + inches(1 / 8), w: quarters(w * 0.28), h: Math.floor(h * 0.1) },
    });
  },
};
