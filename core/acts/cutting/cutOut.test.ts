import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { areaOf, cuttable, ellipseContour, offset, rectContour } from '../../trimmer/contours';
import { holds } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { acceptPlan, beginPage, cutOut, layOn, makeCut, takeOut } from '..';
import { cutsNow, planFor, unbalanced, smallPage, unpackedWorld, type World } from '../test/world';

const SHEET = 'inks-1';
const square = (side: number) => inches(side) ** 2;
const rect = (x: number, y: number, w: number, h: number) =>
  rectContour({ x: inches(x), y: inches(y), w: inches(w), h: inches(h) });
const solid = (world: World, id: string) => world.bench.ledger.pieces.get(id)?.solid;
const piecesOf = (world: World) => [...world.bench.ledger.pieces.values()].filter(({ lot }) => lot === 'inks');

describe('something is cut out of a sheet', () => {
  test('a label 4 in from the left and 3 in from the head: it has its name, the rest its hole', () => {
    const world = unpackedWorld();
    expect(world.do(cutOut(SHEET, { line: rect(4, 3, 3, 2), name: 'lantern label' }))).toBe(true);
    const [label, rest] = [`${SHEET}-out`, `${SHEET}-rest`].map((id) => world.bench.ledger.pieces.get(id)!);
    expect(label).toMatchObject({ name: 'lantern label', w: inches(3), h: inches(2), where: 'here', missing: [] });
    expect(label!.onSheet).toEqual({ x: inches(4), y: inches(3) });
    expect(rest).toMatchObject({ w: inches(12), h: inches(12), where: 'here' });
    expect(rest!.missing).toEqual([{ x: inches(4), y: inches(3), w: inches(3), h: inches(2) }]);
    expect(label!.solid + rest!.solid).toBe(square(12));
    expect(world.acts.at(-1)?.act.did).toMatchObject({ kind: 'cut-out', name: 'lantern label' });
    // What is whole beside the hole can still be cut: 5 in to the right of it, 7 in below it.
    expect(holds(rest!, rest!.missing, { w: inches(5), h: inches(12) }, false)).toBe(true);
    expect(holds(rest!, rest!.missing, { w: inches(12), h: inches(7) }, false)).toBe(true);
    expect(holds(rest!, rest!.missing, { w: inches(6), h: inches(12) }, false)).toBe(false);
  });

  test('a frame gives its inside as a piece of its own', () => {
    const world = unpackedWorld();
    world.do(cutOut(SHEET, { line: rect(1, 1, 4, 3), name: 'frame', frame: inches(1 / 2) }));
    expect(solid(world, `${SHEET}-inside`)).toBe(inches(3) * inches(2));
    expect(solid(world, `${SHEET}-out`)).toBe(inches(4) * inches(3) - inches(3) * inches(2));
    expect(world.bench.ledger.pieces.get(`${SHEET}-inside`)).toMatchObject({ name: 'inside of frame' });
  });

  test('whatever the line, areas add up, and undone the sheet is whole again', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ x: fc.integer({ min: 0, max: inches(12) }), y: fc.integer({ min: 0, max: inches(12) }) }),
          { minLength: 3, maxLength: 12 },
        ),
        fc.option(fc.integer({ min: inches(1 / 16), max: inches(1) })),
        (points, frame) => {
          const line = cuttable(points);
          fc.pre(line !== null);
          const world = unpackedWorld();
          const fits = frame === null || offset(line, -frame) !== null;
          const isCut = world.do(cutOut(SHEET, { line, name: '', ...(frame === null ? {} : { frame }) }));
          expect(world.refused.filter(({ kind }) => kind === 'ledger')).toEqual([]);
          expect(isCut).toBe(fits);
          if (!isCut) return;
          expect(unbalanced(world.bench)).toEqual([]);
          const parts = piecesOf(world).filter(({ from }) => from === SHEET);
          expect(parts.reduce((sum, part) => sum + part.solid, 0)).toBe(square(12));
          // What the lines enclose is there but for slivers.
          expect(parts.find(({ id }) => id.endsWith('-out'))!.solid).toBeLessThanOrEqual(areaOf([line]) + 40_000);
          world.undo();
          expect(world.bench.ledger.pieces.get(SHEET)).toMatchObject({ where: 'here', solid: square(12) });
          expect(piecesOf(world)).toHaveLength(2);
        },
      ),
      { numRuns: 60 },
    ));

  test('out of what is left, again and again, never where it is gone', () => {
    const world = unpackedWorld();
    const line = ellipseContour({ x: inches(1), y: inches(1), w: inches(3), h: inches(3) });
    expect(world.do(cutOut(SHEET, { line, name: 'one' }))).toBe(true);
    expect(world.do(cutOut(`${SHEET}-rest`, { line: rect(2, 2, 1, 1), name: 'two' }))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'off-the-paper' });
    expect(world.do(cutOut(`${SHEET}-rest`, { line: rect(11, 11, 2, 1), name: 'off' }))).toBe(false);
    expect(world.do(cutOut(`${SHEET}-rest`, { line: rect(4, 4, 1, 1), name: 'two' }))).toBe(true);
    expect(unbalanced(world.bench)).toEqual([]);
  });

  test('all of a piece leaves no rest', () => {
    const world = unpackedWorld();
    expect(world.do(cutOut(SHEET, { line: rect(0, 0, 12, 12), name: 'poster' }))).toBe(true);
    expect(piecesOf(world).filter(({ from }) => from === SHEET)).toHaveLength(1);
  });
});

test('of a sheet with a hole only what the page wants is cut; the rest stays one piece', () => {
  const world = unpackedWorld();
  world.do(cutOut(SHEET, { line: rect(0, 0, 1, 1.25), name: 'moth' }));
  world.do(beginPage('p', smallPage({ mat: inches(1 / 8), title: 'First light' })));
  world.do(acceptPlan(['p'], planFor(world.bench, [world.bench.pages.get('p')!])!));
  for (let [step] = cutsNow(world.bench, 'p'); step; [step] = cutsNow(world.bench, 'p')) world.do(makeCut(step));
  // Nothing is out for a plan that has nothing left to cut.
  const claimed = [...world.bench.ledger.pieces.values()].filter(({ where }) => where === 'claimed');
  expect(claimed.length).toBeGreaterThan(0);
  expect(claimed.every(({ page }) => page === 'p')).toBe(true);
});

describe('what is out for a page', () => {
  const withPage = () => {
    const world = unpackedWorld();
    world.do(beginPage('p', smallPage({ papers: { ground: 'ink' }, title: 'First light' })));
    return world;
  };
  test('gives to the page what is cut out of it, and stays out itself', () => {
    const world = withPage();
    world.do(takeOut({ pieces: [SHEET], lots: [] }, 'p'));
    expect(world.do(cutOut(SHEET, { line: rect(1, 1, 2, 2), name: 'moth' }))).toBe(true);
    for (const part of ['out', 'rest'])
      expect(world.bench.ledger.pieces.get(`${SHEET}-${part}`)).toMatchObject({
        where: 'claimed',
        page: 'p',
        slot: null,
      });
  });
  test('is left alone while it lies on the page', () => {
    const world = withPage();
    world.do(layOn('p', [{ what: { piece: SHEET }, x: inches(4), y: inches(4), turn: 0 }]));
    expect(world.do(cutOut(SHEET, { line: rect(1, 1, 2, 2), name: 'moth' }))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'still-needed' });
    expect(world.bench.pages.get('p')!.placed).toHaveLength(1);
  });
  test('is left alone while a plan rests on it', () => {
    const world = withPage();
    world.do(acceptPlan(['p'], planFor(world.bench, [world.bench.pages.get('p')!])!));
    const sheet = [...world.bench.plans.values()][0]!.sheets[0]!.stock;
    expect(world.do(cutOut(sheet, { line: rect(1, 1, 2, 2), name: 'moth' }))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'in-use' });
  });
});

test('out of a part of a sheet that is cut further for a page nothing is cut: its page would be left without a cut', () => {
  const world = unpackedWorld();
  world.do(beginPage('p', { ...smallPage(), photos: [{ photo: null, w: inches(4), h: inches(3) }] }));
  const page = world.bench.pages.get('p')!;
  world.do(acceptPlan([page.id], planFor(world.bench, [page])!));
  const further = () => cutsNow(world.bench, 'p').find(({ piece, sheet }) => piece !== sheet);
  while (!further()) world.do(makeCut(cutsNow(world.bench, 'p')[0]!));
  const before = cutsNow(world.bench, 'p');
  expect(world.do(cutOut(further()!.piece, { line: rect(0, 0, 1, 1), name: '' }))).toBe(false);
  expect(world.refused.at(-1)).toMatchObject({ kind: 'in-use' });
  expect(cutsNow(world.bench, 'p')).toEqual(before);
});
