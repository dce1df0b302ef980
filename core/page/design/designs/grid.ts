import type { Rect } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { err, ok } from '../../../ground/result';
import type { Design, PartLayer } from '../design';
import { ground, lay, tooSmall } from '../lay';
import { matOf } from '../mat';
import { matted } from '../layPhotos';
import { eighths } from '../rounding';

const CELLS = 6;

/** Equal cells, near to squares, some of them given to the photos; a photo takes as many together as it needs. */
export const grid: Design = {
  id: 'grid',
  name: 'Grid',
  looks: 'Equal squares of many papers; each photo takes the place of some.',
  mostPhotos: 4,
  options: [
    {
      id: 'across',
      name: 'Squares across',
      choices: [
        ['3', 'three'],
        ['4', 'four'],
        ['2', 'two'],
      ],
    },
  ],
  steps: [
    'Lay the squares in the order of the rainbow, or light to dark, before glueing any.',
    'Glue the first row against a ruler; the others go by it.',
  ],
  slots: [
    { id: 'ground', name: 'Ground', suits: 'quiet' },
    ...Array.from({ length: CELLS }, (_, i) => ({
      id: `square-${i + 1}`,
      name: `Square ${i + 1}`,
      suits: 'any' as const,
      isByHue: true,
    })),
    { id: 'block', name: 'Behind the photos', suits: 'quiet' },
    { id: 'mat', name: 'Mats', suits: 'any' },
  ],
  layOutPage({ w, h, photos, chosen }) {
    const side = eighths(Math.min(w, h) / 24);
    const gap = Math.max(inches(1 / 8), eighths(Math.min(w, h) / 48));
    const foot = eighths(h / 12);
    const across = Number(chosen('across'));
    // As many rows as keep the cells nearest to squares, over a foot for the words.
    const down = Math.max(1, Math.round((across * h) / w));
    const cell = {
      w: eighths((w - 2 * side - (across - 1) * gap) / across),
      h: eighths((h - side - foot - (down - 1) * gap) / down),
    };
    if (cell.w <= 0 || cell.h <= 0) return tooSmall({ w, h });
    const [left, top] = [Math.floor((w - across * cell.w - (across - 1) * gap) / 2), side];
    const rectOf = (column: number, row: number, columns = 1, rows = 1): Rect => ({
      x: left + column * (cell.w + gap),
      y: top + row * (cell.h + gap),
      w: columns * cell.w + (columns - 1) * gap,
      h: rows * cell.h + (rows - 1) * gap,
    });
    const room = rectOf(0, 0, across, down);
    const taken = new Set<string>();
    const onTop: PartLayer[] = [];
    for (const [i, photo] of photos.entries()) {
      const mat = matOf(photo);
      const [columns, rows] = [Math.ceil((mat.w + gap) / (cell.w + gap)), Math.ceil((mat.h + gap) / (cell.h + gap))];
      if (columns > across || rows > down)
        return err({ kind: 'photo-too-large', photo: i, needs: mat, room: { w: room.w, h: room.h }, most: null });
      const cells = (column: number, row: number): string[] =>
        Array.from({ length: columns * rows }, (_, k) => `${column + (k % columns)} ${row + Math.floor(k / columns)}`);
      const places = Array.from({ length: (across - columns + 1) * (down - rows + 1) }, (_, k): [number, number] => [
        k % (across - columns + 1),
        Math.floor(k / (across - columns + 1)),
      ]);
      const free = places.find(([column, row]) => cells(column, row).every((one) => !taken.has(one)));
      if (!free)
        return err({ kind: 'photos-too-many', photo: null, needs: null, room: { w: room.w, h: room.h }, most: i });
      cells(...free).forEach((one) => taken.add(one));
      const block = rectOf(...free, columns, rows);
      const at = {
        x: block.x + Math.floor((block.w - mat.w) / 2),
        y: block.y + Math.floor((block.h - mat.h) / 2),
        ...mat,
      };
      onTop.push(lay('panel', 'block', block), ...matted(at, i, photo.mats));
    }
    const squares = Array.from({ length: across * down }, (_, k): [number, number] => [
      k % across,
      Math.floor(k / across),
    ]).filter(([column, row]) => !taken.has(`${column} ${row}`));
    const words = { y: h - foot, h: foot };
    return ok({
      layers: [
        ground({ w, h }),
        ...squares.map(([column, row], i) => lay('box', `square-${(i % CELLS) + 1}`, rectOf(column, row))),
        ...onTop,
      ],
      title: { x: side, w: Math.floor(w * 0.5), ...words },
      journaling: { x: Math.floor(w * 0.56), w: w - Math.floor(w * 0.56) - side, ...words },
    });
  },
};
