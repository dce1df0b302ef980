import { beforeEach, describe, expect, test } from 'vitest';
import { boxOf } from '../../trimmer/contours';
import { coverOf, pageLayout } from '../../page/design';
import { overlaps } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { boundsOfLaid, contourOf, layingsOf, looksOf } from '../../page/placing';
import {
  beginPage,
  candidatesOf,
  changePage,
  clustersFor,
  decided,
  gluePage,
  layMat,
  layOn,
  moveLaid,
  nameItems,
  pageRecord,
  put,
  amendLaid,
  putAway,
  smallGifts,
  takeOff,
  takeOut,
  takeSomeOut,
  thingsToLay,
  type Laying,
} from '..';
import { shelfOf } from '../../stock/bench';
import { stockOnHand } from '../../trimmer/onHand';
import { smallPage, unpackedWorld, type World } from '../test/world';

const PAGE = 'p';
const dot = (part = ''): Laying => ({ what: { lot: 'dots', part }, x: inches(1), y: inches(1), turn: 0 });
let world: World;
const dots = () => world.bench.ledger.lots.get('dots')!;
const page = () => world.bench.pages.get(PAGE)!;
const laid = () => page().placed ?? [];

beforeEach(() => {
  world = unpackedWorld();
  world.do(beginPage(PAGE, smallPage({ title: 'Two moths' })));
});

describe('laying things on a page', () => {
  test('takes out what is not out yet, and no more', () => {
    world.do(takeSomeOut('dots', { '': 2 }, PAGE));
    expect(world.do(layOn(PAGE, [dot(), dot(), dot()]))).toBe(true);
    expect(dots().claimed).toEqual({ [PAGE]: { '': 3 } });
    expect(laid()).toHaveLength(3);
  });

  test('more than there are is refused, and nothing lies there', () => {
    expect(
      world.do(
        layOn(
          PAGE,
          Array.from({ length: 25 }, () => dot()),
        ),
      ),
    ).toBe(false);
    expect(laid()).toEqual([]);
  });

  test('a length of a roll takes that length; a piece lies there once', () => {
    world.do(takeOut({ pieces: ['inks-1'], lots: [] }, PAGE));
    const piece = { what: { piece: 'inks-1' }, x: 0, y: 0, turn: 3 };
    expect(world.do(layOn(PAGE, [piece]))).toBe(true);
    expect(world.do(layOn(PAGE, [piece]))).toBe(false);
    expect(laid()).toHaveLength(1);
  });

  test('put away from the tray, a thing no longer lies there; undone, it does', () => {
    world.do(layOn(PAGE, [dot(), dot()]));
    world.do(putAway(PAGE, [{ lot: 'dots', amounts: { '': 1 } }]));
    expect(laid()).toHaveLength(1);
    world.undo();
    expect(laid()).toHaveLength(2);
  });

  test('taken off, it is out as before; moved, it lies where she put it, above or below others', () => {
    world.do(layOn(PAGE, [dot(), dot()]));
    const [low, high] = laid();
    world.do(moveLaid(PAGE, low!.id, (now) => ({ ...now, x: inches(5), isOnFoam: true }), { at: 1 }));
    expect(laid().map(({ id }) => id)).toEqual([high!.id, low!.id]);
    expect(laid()[1]).toMatchObject({ x: inches(5), isOnFoam: true });
    world.do(takeOff(PAGE, [high!.id]));
    expect(dots().claimed).toEqual({ [PAGE]: { '': 2 } });
  });
});

describe('glueing', () => {
  test('uses what lies there, and the rest of the pack goes back by itself', () => {
    world.do(takeSomeOut('dots', { '': 9 }, PAGE));
    world.do(layOn(PAGE, [dot(), dot(), dot()]));
    expect(world.do(gluePage(PAGE, [{ lot: 'dots', amounts: { '': 9 } }]))).toBe(true);
    expect(dots()).toMatchObject({ here: { '': 21 }, claimed: {}, used: { [PAGE]: { '': 3 } } });
  });

  test('what is laid after it is used at once; peeled off, it comes back', () => {
    world.do(gluePage(PAGE, []));
    world.do(layOn(PAGE, [dot(), dot()]));
    expect(dots()).toMatchObject({ here: { '': 22 }, claimed: {}, used: { [PAGE]: { '': 2 } } });
    world.do(takeOff(PAGE, [laid()[0]!.id]));
    expect(dots()).toMatchObject({ here: { '': 23 }, used: { [PAGE]: { '': 1 } } });
  });
});

describe('telling apart what is in a pack', () => {
  test('so many of what was mixed are these; named again they add up', () => {
    world.do(nameItems('dots', [{ name: 'large dots', count: 4 }]));
    world.do(nameItems('dots', [{ name: 'Large Dots', count: 2 }]));
    const [item, ...more] = world.bench.lots.get('dots')!.items!;
    expect(more).toEqual([]);
    expect(dots().here).toEqual({ '': 18, [item!.id]: 6 });
    world.do(layOn(PAGE, [dot(item!.id)]));
    expect(dots().claimed).toEqual({ [PAGE]: { [item!.id]: 1 } });
  });

  test('of a sheet that nobody counted it is all there is; what was used of it before stays as it was told', () => {
    const sheet = (id: string) =>
      world.do(() =>
        decided('added-scrap', '', {
          events: [{ type: 'received', lot: id, amounts: { '': 100 } }],
          records: [
            put('lots', { ...world.bench.lots.get('dots')!, id, name: id, kind: 'stickers', measure: 'share' }),
          ],
        }),
      );
    sheet('clean');
    world.do(nameItems('clean', [{ name: 'stars', count: 6 }]));
    const clean = world.bench.lots.get('clean')!;
    expect(clean).toMatchObject({ measure: 'count', items: [{ name: 'stars' }] });
    expect(world.bench.ledger.lots.get('clean')!.here).toEqual({ [clean.items![0]!.id]: 6 });
    sheet('begun');
    world.do(takeSomeOut('begun', { '': 25 }, PAGE));
    world.do(nameItems('begun', [{ name: 'stars', count: 4 }]));
    expect(world.bench.ledger.lots.get('begun')).toMatchObject({ here: {}, claimed: { [PAGE]: { '': 25 } } });
    const now = [...world.bench.lots.values()].find(({ id, name }) => name === 'begun' && id !== 'begun')!;
    expect(world.bench.ledger.lots.get(now.id)!.here).toEqual({ [now.items![0]!.id]: 4 });
    world.undo();
    expect(world.bench.ledger.lots.get('begun')!.here).toEqual({ '': 75 });
  });

  test('more than are not named is refused', () => {
    expect(world.do(nameItems('dots', [{ name: 'large dots', count: 25 }]))).toBe(false);
    expect(world.refused.at(-1)).toEqual({ kind: 'not-so-many', name: 'dots' });
  });
});

test('what can be laid: what is out first, counted down by what lies there', () => {
  world.do(takeSomeOut('dots', { '': 2 }, PAGE));
  expect(thingsToLay(page(), world.bench).out).toMatchObject([{ what: { lot: 'dots', part: '' }, left: 24 }]);
  world.do(layOn(PAGE, [dot(), dot()]));
  const { out, inKits } = thingsToLay(page(), world.bench);
  expect(out).toEqual([]);
  expect(inKits).toMatchObject([{ left: 22, isOut: false }]);
  expect(candidatesOf(inKits, world.bench)).toMatchObject([{ left: 22, thing: { outline: 'dot' } }]);
});

test('a page’s record has what is used on it, by kit, with things by their names', () => {
  world.do(nameItems('dots', [{ name: 'large dots', count: 4 }]));
  const [item] = world.bench.lots.get('dots')!.items!;
  world.do(takeOut({ pieces: ['inks-1'], lots: [] }, PAGE));
  world.do(layOn(PAGE, [dot(), dot(item!.id), dot(item!.id)]));
  expect(pageRecord(PAGE, world.bench)).toEqual([]);
  world.do(gluePage(PAGE, [{ piece: 'inks-1' }]));
  expect(pageRecord(PAGE, world.bench)).toMatchObject([
    {
      kit: { name: 'Moth Lantern' },
      things: [
        { name: 'large dots', count: 2 },
        { name: 'dots', count: 1 },
      ],
      papers: [{ name: 'inks', area: inches(12) ** 2 }],
      rolls: [],
      letters: 0,
    },
  ]);
});

test('a strip of a roll takes its length, longer or shorter, before glueing and after it', () => {
  world.do(() =>
    decided('added-scrap', '', {
      events: [{ type: 'received', lot: 'tape', amounts: { '': inches(20) } }],
      records: [
        put('lots', { ...world.bench.lots.get('dots')!, id: 'tape', name: 'tape', kind: 'washi', measure: 'length' }),
      ],
    }),
  );
  const tape = () => world.bench.ledger.lots.get('tape')!;
  const tapeOf = (length: number) => ({ lot: 'tape', length: inches(length) });
  const strip = { what: tapeOf(3), x: 0, y: 0, turn: 0 };
  world.do(layOn(PAGE, [strip]));
  const { id } = laid()[0]!;
  expect(world.do(amendLaid(PAGE, id, tapeOf(5)))).toBe(true);
  expect(tape().claimed).toEqual({ [PAGE]: { '': inches(5) } });
  world.do(amendLaid(PAGE, id, tapeOf(4)));
  world.do(gluePage(PAGE, []));
  expect(tape()).toMatchObject({ here: { '': inches(16) }, used: { [PAGE]: { '': inches(4) } } });
  world.do(amendLaid(PAGE, id, tapeOf(2)));
  expect(tape()).toMatchObject({ here: { '': inches(18) }, used: { [PAGE]: { '': inches(2) } } });
  world.do(amendLaid(PAGE, id, tapeOf(6)));
  expect(tape()).toMatchObject({ here: { '': inches(14) }, claimed: {}, used: { [PAGE]: { '': inches(6) } } });
  expect(world.do(amendLaid(PAGE, id, tapeOf(40)))).toBe(false);
});

test('clusters for a page come from its kits, lie off what lies there, and take what is left', () => {
  world.do(
    nameItems('dots', [
      { name: 'moths', count: 3 },
      { name: 'flowers', count: 3, size: { w: inches(1), h: inches(1) } },
    ]),
  );
  world.do(changePage(PAGE, { format: { w: inches(12), h: inches(12), spread: false } }));
  const layout = pageLayout(page());
  if (!layout.ok) throw new Error(layout.error.kind);
  const [first] = clustersFor(page(), layout.value, 0, world.bench).clusters;
  expect(first?.things.map(({ thing }) => thing.outline).sort()).toEqual(['dot', 'dot', 'dot', 'flower', 'moth']);
  expect(world.do(layOn(PAGE, layingsOf(first!.things)))).toBe(true);
  for (const { bounds } of clustersFor(page(), layout.value, 1, world.bench).clusters)
    for (const taken of boundsOfLaid(page(), world.bench)) expect(overlaps(bounds, taken)).toBe(false);
});

describe('stacks, lines and mats', () => {
  test('a stack takes as many as lie one on another, and gives back what is less', () => {
    world.do(layOn(PAGE, [dot()]));
    const { id } = laid()[0]!;
    expect(world.do(amendLaid(PAGE, id, { lot: 'dots', part: '', count: 3 }))).toBe(true);
    expect(dots().claimed).toEqual({ [PAGE]: { '': 3 } });
    world.do(gluePage(PAGE, []));
    expect(dots().used).toEqual({ [PAGE]: { '': 3 } });
    world.do(amendLaid(PAGE, id, { lot: 'dots', part: '', count: 2 }));
    expect(dots()).toMatchObject({ here: { '': 22 }, used: { [PAGE]: { '': 2 } } });
    expect(world.do(amendLaid(PAGE, id, { lot: 'dots', part: '', count: 40 }))).toBe(false);
    expect(world.do(takeOff(PAGE, [id]))).toBe(true);
    expect(dots().here).toEqual({ '': 24 });
  });

  test('a line is nothing of the stash: drawn, made longer, kept when the page is glued', () => {
    const pen = { drawn: 'pen' as const, length: inches(3), colour: '#2b1d33' };
    expect(world.do(layOn(PAGE, [{ what: pen, x: inches(4), y: inches(7), turn: 0 }]))).toBe(true);
    const { id } = laid()[0]!;
    expect(world.do(amendLaid(PAGE, id, { ...pen, drawn: 'stitch', length: inches(6) }))).toBe(true);
    world.do(gluePage(PAGE, []));
    expect(laid()[0]!.what).toEqual({ ...pen, drawn: 'stitch', length: inches(6) });
    expect(world.do(amendLaid(PAGE, id, { lot: 'dots', part: '' }))).toBe(false);
  });

  const matted = () => {
    world.do(nameItems('dots', [{ name: 'flowers', count: 2, size: { w: inches(1), h: inches(1) } }]));
    const part = world.bench.lots.get('dots')!.items![0]!.id;
    world.do(layOn(PAGE, [{ what: { lot: 'dots', part }, x: inches(3), y: inches(3), turn: 30 }]));
    const thing = laid()[0]!.id;
    const mat = (paper: string) => world.do(layMat(PAGE, thing, { paper, margin: inches(1 / 8) }));
    return { thing, mat };
  };
  /** How wide the thing itself is. */
  const own = () => boxOf([contourOf(looksOf(laid().at(-1)!.what, world.bench)!)]).w;
  const sizeOf = (i: number) => looksOf(laid()[i]!.what, world.bench)!.size;

  test('a mat is cut along the line of the thing, lies beneath it, and goes where it goes', () => {
    const { thing, mat } = matted();
    expect(mat('inks-1')).toBe(true);
    expect(laid().map(({ matOf }) => matOf)).toEqual([thing, undefined]);
    // An eighth stands out all round.
    expect(Math.abs(sizeOf(0).w - own() - inches(1 / 4))).toBeLessThan(100);
    expect(world.bench.ledger.pieces.get('inks-1-out')).toMatchObject({ name: 'mat of flowers', where: 'claimed' });
    const [x, y] = [laid()[0]!.x, laid()[0]!.y];
    world.do(moveLaid(PAGE, thing, (now) => ({ ...now, x: now.x + inches(1), turn: 45 })));
    expect(laid()[0]).toMatchObject({ x: x + inches(1), y, turn: 45 });
  });

  test('a second mat goes round the first, from another paper', () => {
    const { thing, mat } = matted();
    mat('inks-1');
    expect(mat('lamps-1')).toBe(true);
    expect(laid().map(({ matOf }) => matOf)).toEqual([thing, thing, undefined]);
    expect(Math.abs(sizeOf(0).w - own() - inches(1 / 2))).toBeLessThan(100);
    world.do(layOn(PAGE, [dot()]));
    // Lifted, all three go up together.
    world.do(moveLaid(PAGE, thing, (now) => now, { at: 1 }));
    expect(laid().map(({ matOf }) => matOf)).toEqual([undefined, thing, thing, undefined]);
    world.do(takeOff(PAGE, [thing]));
    expect(laid().map(({ matOf }) => matOf)).toEqual([undefined, undefined, undefined]);
  });

  test('is refused from a paper that is too small, and undone whole', () => {
    const { thing, mat } = matted();
    expect(world.do(layMat(PAGE, thing, { paper: 'inks-1', margin: inches(7) }))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'off-the-paper' });
    mat('inks-1');
    world.undo();
    expect(laid()).toHaveLength(1);
    expect(world.bench.ledger.pieces.get('inks-1')).toMatchObject({ where: 'here' });
  });
});

describe('a kit shared out over pages', () => {
  test('what no page takes is told, and nothing is both given and told so', () => {
    const layout = pageLayout(page());
    if (!layout.ok) throw new Error(layout.error.kind);
    const pages = [{ page: page(), layout: layout.value, colours: [{ hex: '#f6e7a0', share: 1 }] }];
    const taken = smallGifts(pages, world.bench, new Set(['k']));
    expect(taken.gifts.map(({ lot }) => lot)).toEqual(['dots']);
    expect(taken.untaken).toEqual([]);
    // Dots of ink go with no lamplit photo.
    world.do(() =>
      decided('changed-lot', '', { records: [put('lots', { ...world.bench.lots.get('dots')!, front: 'ink' })] }),
    );
    const left = smallGifts(pages, world.bench, new Set(['k']));
    expect(left.gifts).toEqual([]);
    expect(left.untaken).toEqual([{ name: 'dots', count: 24 }]);
  });
});

test('what is see-through hides nothing: no paper below it is taken back for it, and nothing is planned from it', () => {
  const hidden = () => {
    const layout = pageLayout(page());
    if (!layout.ok) throw new Error(layout.error.kind);
    return coverOf(layout.value).map(({ id, hidden: area }) => [id, area]);
  };
  const before = hidden();
  world.do(() =>
    decided('took-parcel-in', '', {
      events: [{ type: 'received', lot: 'sky', pieces: [{ id: 'sky-1', w: inches(8), h: inches(8) }] }],
      records: [put('lots', { ...world.bench.lots.get('inks')!, id: 'sky', kind: 'vellum', name: 'night sky' })],
    }),
  );
  expect(stockOnHand(shelfOf(world.bench), PAGE).some(({ id }) => id === 'sky-1')).toBe(false);
  world.do(layOn(PAGE, [{ what: { piece: 'sky-1' }, x: inches(4), y: inches(4), turn: 0 }]));
  expect(looksOf(laid()[0]!.what, world.bench)?.isSeeThrough).toBe(true);
  expect(hidden()).toEqual(before);
});

test('all that the record has on a page is drawn, each as large as it is', () => {
  world.do(takeOut({ pieces: ['inks-1'], lots: [] }, PAGE));
  world.do(
    layOn(PAGE, [
      dot(),
      { what: { piece: 'inks-1' }, x: inches(4), y: inches(4), turn: 15 },
      { what: { drawn: 'stitch', length: inches(3), colour: '#2b1d33' }, x: inches(2), y: inches(7), turn: 0 },
    ]),
  );
  const drawn = laid().map(({ what }) => looksOf(what, world.bench));
  expect(drawn.map((looks) => looks?.kind)).toEqual(['small', 'paper', 'line']);
  expect(drawn[1]?.size).toEqual({ w: inches(12), h: inches(12) });
  expect(drawn[2]?.size.w).toBe(inches(3));
  expect(boundsOfLaid(page(), world.bench)).toHaveLength(laid().length);
});
