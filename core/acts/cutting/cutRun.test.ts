import { expect, test } from 'vitest';
import { cutRun } from '../../page/cutlist';
import { inches } from '../../ground/length';
import { acceptPlan, beginPage, changePage, makeCut, makeCuts, type Deciding } from '..';
import { stepsLeft, planFor, unbalanced, unpackedWorld, smallPage, type World } from '../test/world';

const PAGE = 'p';

/** A page that wants squares beside what its design has, with its papers out. */
function withSquares(count: number): World {
  const world = unpackedWorld();
  const must = (how: Deciding): void => expect(world.do(how)).toBe(true);
  must(beginPage(PAGE, { ...smallPage(), photos: [] }));
  const shape = { kind: 'rectangle', w: inches(1.5), h: inches(1.5) } as const;
  must(changePage(PAGE, { more: [{ id: 'square', name: 'square', shape, face: 'ink', count }] }, 'wants squares'));
  const sheets = planFor(world.bench, [world.bench.pages.get(PAGE)!]);
  must(acceptPlan([PAGE], sheets!));
  return world;
}
const toRun = (world: World): void => {
  while (stepsLeft(world.bench, PAGE).length > 0 && cutRun(stepsLeft(world.bench, PAGE), 0).length < 2)
    expect(world.do(makeCut(stepsLeft(world.bench, PAGE)[0]!))).toBe(true);
};
const piecesOf = ({ bench }: World) => [...bench.ledger.pieces.values()];

test('a strip is cut into squares in one act, as one cut after the other would, and taken back in one', () => {
  const [together, single] = [withSquares(5), withSquares(5)];
  for (const world of [together, single]) toRun(world);
  const before = piecesOf(together);
  const run = cutRun(stepsLeft(together.bench, PAGE), 0);
  expect(run.length).toBeGreaterThanOrEqual(2);
  expect(new Set(run.map(({ setting }) => setting)).size).toBe(1);
  expect(together.do(makeCuts(run))).toBe(true);
  for (const step of run) expect(single.do(makeCut(step))).toBe(true);
  expect(piecesOf(together)).toEqual(piecesOf(single));
  expect(unbalanced(together.bench)).toEqual([]);
  expect(together.undo()).toBe(true);
  expect(piecesOf(together)).toEqual(before);
});

test('where one of the cuts cannot be made any more none is', () => {
  const world = withSquares(5);
  toRun(world);
  const run = cutRun(stepsLeft(world.bench, PAGE), 0);
  expect(world.do(makeCut(run[0]!))).toBe(true);
  const before = piecesOf(world);
  expect(world.do(makeCuts(run))).toBe(false);
  expect(world.refused.at(-1)).toMatchObject({ kind: 'changed-since' });
  expect(piecesOf(world)).toEqual(before);
  expect(world.do(makeCuts([]))).toBe(false);
});
