import { describe, expect, test } from 'vitest';
import { acceptPlan, amendLot, beginPage, countLetters, joinLots, partLot, putScrapAway, takeSomeOut } from '../..';
import { balanceOf, historyOf } from '../../../stock/ledger';
import { inches } from '../../../ground/length';
import { isFreshSheet, stockOnHand } from '../../../trimmer/onHand';
import { planFor, unbalanced, unpackedWorld, type World } from '../../test/world';
import { decided, put } from '../..';
import { shelfOf } from '../../../stock/bench';

const piecesOf = ({ bench }: World, lot: string) => [...bench.ledger.pieces.values()].filter((one) => one.lot === lot);
const here = ({ bench }: World, lot: string) => bench.ledger.lots.get(lot)?.here ?? {};
/** A page that is planned from the kit's papers. */
function planned(): World {
  const world = unpackedWorld();
  world.do(
    beginPage('page', {
      format: { w: inches(8), h: inches(8), spread: false },
      design: 'framed-ground',
      mat: inches(1 / 8),
      photos: [{ photo: null, w: inches(4), h: inches(3) }],
      papers: { ground: 'ink' },
      title: '',
    }),
  );
  expect(world.do(acceptPlan(['page'], planFor(world.bench, [...world.bench.pages.values()])!))).toBe(true);
  return world;
}

describe('a thing told otherwise after it was put away', () => {
  test('a count that was read wrong, a size, and another kind: the stock follows, and undo brings all of it back', () => {
    const world = unpackedWorld();
    const before = world.bench;
    expect(world.do(amendLot('inks', { count: 5 }))).toBe(true);
    expect(piecesOf(world, 'inks')).toHaveLength(5);
    expect(world.do(amendLot('inks', { size: { w: inches(6), h: inches(6) } }))).toBe(true);
    expect(piecesOf(world, 'inks').every(({ w }) => w === inches(6))).toBe(true);
    expect(world.do(amendLot('inks', { kind: 'stickers' }))).toBe(true);
    expect([piecesOf(world, 'inks').length, here(world, 'inks')]).toEqual([0, { '': 5 }]);
    expect(world.do(amendLot('inks', { kind: 'paper' }))).toBe(true);
    expect(piecesOf(world, 'inks')).toHaveLength(5);
    expect(unbalanced(world.bench)).toEqual([]);
    for (let n = 0; n < 4; n++) expect(world.undo()).toBe(true);
    expect([world.bench.lots, world.bench.ledger.pieces]).toEqual([before.lots, before.ledger.pieces]);
    // And what came before it can still be taken back and done again.
    expect(world.undo()).toBe(true);
    expect(world.redo()).toBe(true);
    expect(piecesOf(world, 'inks')).toHaveLength(2);
  });

  test('a count becomes shares, and a length stays as long a roll each', () => {
    const world = unpackedWorld();
    world.do(amendLot('dots', { kind: 'medium' }));
    expect(here(world, 'dots')).toEqual({ '': 2400 });
    world.do(() =>
      decided('added-scrap', '', {
        events: [{ type: 'received', lot: 'tape', amounts: { '': inches(100) } }],
        records: [put('lots', { ...world.bench.lots.get('dots')!, id: 'tape', kind: 'washi', measure: 'length' })],
      }),
    );
    expect(world.do(amendLot('tape', { count: 2 }))).toBe(true);
    expect(here(world, 'tape')).toEqual({ '': inches(200) });
    expect(world.do(amendLot('tape', { kind: 'ribbon', name: 'teal' }))).toBe(true);
    expect(here(world, 'tape')).toEqual({ '': inches(200) });
  });

  test('what is out for a page keeps how it came, but its name, kind of paper, colours and note can be told', () => {
    const world = planned();
    expect(world.do(amendLot('inks', { count: 5 }))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'in-use', name: 'inks' });
    expect(world.do(amendLot('inks', { kind: 'cardstock', note: 'heavy', upright: true, colours: 'teal' }))).toBe(true);
    expect(world.bench.lots.get('inks')).toMatchObject({ kind: 'cardstock', note: 'heavy', upright: true });
    expect(world.bench.faces.get('ink')!.colours).toHaveLength(1);
    expect(world.bench.faces.get('ink')!.colours[0]!.hex).not.toBe('#22314f');
  });

  test('a face that another paper shows as well gets a name of its own; a name that the kit has is that face', () => {
    const world = unpackedWorld();
    world.do(amendLot('inks', { name: 'night / lamp' }));
    const inks = world.bench.lots.get('inks')!;
    // The blushes have ink on their back: theirs stays.
    expect(world.bench.faces.get(inks.front!)).toMatchObject({
      name: 'night',
      colours: [{ hex: '#22314f', share: 1 }],
    });
    expect([inks.back, world.bench.lots.get('blushes')!.back]).toEqual(['lamp', 'ink']);
    world.do(amendLot('inks', { name: 'night' }));
    expect(world.bench.lots.get('inks')!.back).toBeNull();
  });

  test('a note is told whatever account is kept of a thing, and a face is known by a back that shows it', () => {
    const world = planned();
    world.do(() =>
      decided('added-scrap', '', {
        events: [{ type: 'received', lot: 'odd', amounts: { '': 3 } }],
        records: [put('lots', { ...world.bench.lots.get('dots')!, id: 'odd', kind: 'washi', measure: 'count' })],
      }),
    );
    expect(world.do(amendLot('odd', { note: 'narrow' }))).toBe(true);
    expect(world.bench.lots.get('odd')).toMatchObject({ measure: 'count', note: 'narrow' });
    world.do(amendLot('blushes', { name: 'blush / night' }));
    world.do(amendLot('lamps', { name: 'night' }));
    expect(world.bench.lots.get('lamps')!.front).toBe(world.bench.lots.get('blushes')!.back);
  });

  test('what is gone is refused', () => {
    const world = unpackedWorld();
    expect([world.do(amendLot('nowhere', {})), world.do(joinLots('nowhere', 'dots'))]).toEqual([false, false]);
    expect([world.do(partLot('nowhere', 1, 'x')), world.do(countLetters('nowhere', { A: 1 }))]).toEqual([false, false]);
  });
});

describe('two that are one, and one that is two', () => {
  test('papers joined lie in one line, those of the other gone; undone they are two again', () => {
    const world = unpackedWorld();
    expect(world.do(joinLots('inks', 'lamps'))).toBe(true);
    expect([piecesOf(world, 'lamps').length, world.bench.lots.has('inks')]).toEqual([4, false]);
    expect(balanceOf(world.bench.ledger, 'lamps').area.received).toBe(4 * inches(12) ** 2);
    expect(world.undo()).toBe(true);
    expect([piecesOf(world, 'lamps').length, piecesOf(world, 'inks').length]).toEqual([2, 2]);
  });
  test('what is counted does not join what is paper, and what is out joins nothing', () => {
    const world = planned();
    world.do(joinLots('dots', 'lamps'));
    world.do(joinLots('inks', 'lamps'));
    expect(world.refused.map(({ kind }) => kind)).toEqual(['not-alike', 'in-use']);
  });
  test('parted, each has its own; all of it or none is no parting', () => {
    const world = unpackedWorld();
    expect(world.do(partLot('dots', 10, 'amber dots'))).toBe(true);
    const other = [...world.bench.lots.values()].find(({ name }) => name === 'amber dots')!;
    expect([here(world, 'dots'), here(world, other.id)]).toEqual([{ '': 14 }, { '': 10 }]);
    expect(world.do(partLot('inks', 1, 'night'))).toBe(true);
    const night = [...world.bench.lots.values()].find(({ name }) => name === 'night')!;
    expect([piecesOf(world, 'inks').length, piecesOf(world, night.id).length]).toEqual([1, 1]);
    expect(world.bench.faces.get(night.front!)!.name).toBe('night');
    expect([world.do(partLot('dots', 14, 'x')), world.do(partLot('dots', 0, 'x'))]).toEqual([false, false]);
  });
});

describe('letters counted later', () => {
  const withAlpha = (): World => {
    const world = unpackedWorld();
    world.do(() =>
      decided('added-scrap', '', {
        events: [{ type: 'received', lot: 'alpha', amounts: { '': 100 } }],
        records: [put('lots', { ...world.bench.lots.get('dots')!, id: 'alpha', kind: 'alpha', measure: 'share' })],
      }),
    );
    return world;
  };
  test('untouched, the sheet becomes its letters', () => {
    const world = withAlpha();
    expect(world.do(countLetters('alpha', { A: 3, B: 2 }))).toBe(true);
    expect(world.bench.lots.get('alpha')!.measure).toBe('letters');
    expect(here(world, 'alpha')).toEqual({ A: 3, B: 2 });
    expect(world.do(countLetters('alpha', { A: 3 }))).toBe(false);
  });
  test('what was taken of it before stays on its page', () => {
    const world = withAlpha();
    world.do(beginPage('p', { ...pageOf(), title: 'moths' }));
    expect(world.do(takeSomeOut('alpha', { '': 25 }, 'p'))).toBe(true);
    expect(world.do(countLetters('alpha', { A: 1 }))).toBe(true);
    const letters = [...world.bench.lots.values()].find(
      ({ id, measure }) => measure === 'letters' && id !== 'letters',
    )!;
    expect([here(world, letters.id), here(world, 'alpha')]).toEqual([{ A: 1 }, {}]);
    expect(world.bench.ledger.lots.get('alpha')!.claimed).toEqual({ p: { '': 25 } });
    expect(unbalanced(world.bench)).toEqual([]);
  });
});

const pageOf = () => ({
  format: { w: inches(8), h: inches(8), spread: false },
  design: 'framed-ground',
  mat: 0,
  photos: [],
  papers: {},
  title: '',
});

describe('scraps', () => {
  const scrap = (some: Partial<Parameters<typeof putScrapAway>[0]> = {}) =>
    putScrapAway({
      kit: { id: 'k' },
      kind: 'paper',
      front: 'ink',
      back: null,
      size: { w: inches(6), h: inches(8) },
      missing: [],
      count: 1,
      place: '',
      ...some,
    });
  test('of a paper she has: it has that paper’s other face, lies with its like, and is never a fresh sheet', () => {
    const world = unpackedWorld();
    expect([world.do(scrap()), world.do(scrap({ count: 2 }))]).toEqual([true, true]);
    const lots = [...world.bench.lots.values()].filter(({ isLeftover }) => isLeftover);
    expect(lots).toMatchObject([{ front: 'ink', back: 'lamp', kit: 'k', name: 'inks' }]);
    const pieces = piecesOf(world, lots[0]!.id);
    expect(pieces).toHaveLength(3);
    expect(pieces.map((piece) => isFreshSheet(piece, lots[0]!))).toEqual([false, false, false]);
    expect(stockOnHand(shelfOf(world.bench), null).filter(({ fresh }) => fresh)).toHaveLength(6);
  });
  test('of a kit not known: as old as can be, or of about a year; the same year is the same kit', () => {
    const world = unpackedWorld();
    world.do(scrap({ kit: { month: '' } }));
    world.do(scrap({ kit: { month: '2022' } }));
    world.do(scrap({ kit: { month: '2022' }, front: { name: 'leaf', colours: ['#3f5b34'] }, place: 'case B' }));
    expect([...world.bench.kits.values()].map(({ name, month }) => [name, month])).toEqual([
      ['Moth Lantern', '2026-11'],
      ['Older paper', ''],
      ['about 2022', '2022'],
    ]);
    const stock = stockOnHand(shelfOf(world.bench), null);
    expect(stock.map(({ since }) => since).slice(6)).toEqual([null, 2022 * 12, 2022 * 12]);
    const leaf = [...world.bench.lots.values()].find(({ name }) => name === 'leaf')!;
    expect(world.bench.ledger.lots.get(leaf.id)!.place).toBe('case B');
  });
  test('scraps never join sheets, and told to be something else and paper again none is lost', () => {
    const world = unpackedWorld();
    world.do(scrap({ count: 3 }));
    const lot = [...world.bench.lots.values()].find(({ isLeftover }) => isLeftover)!;
    expect(world.do(joinLots(lot.id, 'inks'))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'not-alike' });
    expect([world.do(amendLot(lot.id, { kind: 'stickers' })), world.do(amendLot(lot.id, { kind: 'paper' }))]).toEqual([
      true,
      true,
    ]);
    expect(piecesOf(world, lot.id)).toHaveLength(3);
  });
  test('with a corner gone, and of a face or kit that is not there', () => {
    const world = unpackedWorld();
    const missing = [{ x: 0, y: 0, w: inches(2), h: inches(3) }];
    world.do(scrap({ missing }));
    const lot = [...world.bench.lots.values()].find(({ isLeftover }) => isLeftover)!;
    expect(piecesOf(world, lot.id)[0]).toMatchObject({ missing, solid: 42 * inches(1) ** 2 });
    expect([world.do(scrap({ kit: { id: 'x' } })), world.do(scrap({ front: 'x' }))]).toEqual([false, false]);
  });
});

test('what was undone and done again is in the history once', () => {
  const world = unpackedWorld();
  world.do(amendLot('inks', { count: 3 }));
  world.undo();
  world.redo();
  expect(historyOf(world.bench.ledger, piecesOf(world, 'inks')[0]!.id).map(({ type }) => type)).toEqual(['received']);
});
