import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { pageLayout } from '../../page/design';
import { remarkKey, remarksOnPage, type Remark } from '../../page/eye';
import { inches } from '../../ground/length';
import type { Item, Lot, Page } from '../../stock/things';
import { beginPage, layOn, mendsFor, nameItems, put, decided, setAsideRemark, type Laying } from '..';
import { unbalanced, unpackedWorld, smallPage, type World } from '../test/world';

const PAGE = 'p';
const pageOf = (world: World): Page => world.bench.pages.get(PAGE)!;
const layoutOf = (world: World) => {
  const layout = pageLayout(pageOf(world));
  if (!layout.ok) throw new Error('it can be laid out');
  return layout.value;
};
const remarks = (world: World): readonly Remark[] => remarksOnPage(pageOf(world), layoutOf(world), world.bench);
const only = (world: World, kind: Remark['kind']): readonly Remark[] =>
  remarks(world).filter((one) => one.kind === kind);
const mends = (world: World, remark: Remark) => mendsFor(remark, pageOf(world), layoutOf(world), world.bench);
const kindOf = ({ kind, motif, axis }: Remark): string => [kind, motif, axis].join();

/** A kit with moths that look right, jars, raised stars and a label, each told apart, and a page with one photo. */
function begun(): World {
  const world = unpackedWorld();
  world.do(
    nameItems(
      'dots',
      ['amber moth', 'slate jar', 'wooden star', 'label "after the harvest"'].map((name) => ({ name, count: 6 })),
    ),
  );
  const photo = { photo: null, w: inches(4), h: inches(3) };
  world.do(beginPage(PAGE, { ...smallPage(), photos: [photo] }));
  return world;
}
const item = (world: World, name: string): Item =>
  world.bench.lots.get('dots')!.items!.find((one) => one.name.includes(name))!;
const at = (world: World, name: string, x: number, y: number): Laying => ({
  what: { lot: 'dots', part: item(world, name).id },
  x: inches(x),
  y: inches(y),
  turn: 0,
});

describe('what would mend a remark', () => {
  test('a third where the triangle wants it, and the remark is gone', () => {
    const world = begun();
    world.do(layOn(PAGE, [at(world, 'moth', 1.5, 1.5), at(world, 'moth', 6.5, 1.5)]));
    const [triangle] = only(world, 'triangle');
    expect(triangle).toMatchObject({ motif: 'moth' });
    const [mend] = mends(world, triangle!);
    expect(mend!.words).toBe('lay another amber moth where the ring is');
    expect(world.do(mend!.act)).toBe(true);
    expect([only(world, 'triangle'), pageOf(world).placed!.length]).toEqual([[], 3]);
  });
  test('a thing that looks off the page goes to the other side', () => {
    const world = begun();
    world.do(layOn(PAGE, [at(world, 'moth', 7, 4)]));
    const lot = world.bench.lots.get('dots')!;
    const items = lot.items!.map((one) => (one.name === 'amber moth' ? { ...one, looks: 'right' as const } : one));
    world.do(() => decided('changed-lot', '', { records: [put('lots', { ...lot, items } satisfies Lot)] }));
    const [off] = only(world, 'looks-off');
    world.do(mends(world, off!)[0]!.act);
    expect([only(world, 'looks-off'), pageOf(world).placed![0]!.x]).toEqual([[], inches(1)]);
  });
  test('one raised thing alone is answered by a second, or by another on foam', () => {
    const world = begun();
    world.do(layOn(PAGE, [at(world, 'star', 1, 1), at(world, 'jar', 6, 6)]));
    const [lone] = only(world, 'lone-raised');
    const ways = mends(world, lone!);
    expect(ways.map(({ words }) => words)).toEqual([
      'put the largest other thing on foam',
      expect.stringMatching(/^lay a raised one/),
    ]);
    world.do(ways[0]!.act);
    expect(only(world, 'lone-raised')).toEqual([]);
  });
  test('set aside, a remark is kept with its page', () => {
    const world = begun();
    world.do(layOn(PAGE, [at(world, 'jar', 1, 1), at(world, 'jar', 6, 6)]));
    const [even] = only(world, 'even');
    world.do(setAsideRemark(PAGE, remarkKey(even!)));
    world.do(setAsideRemark(PAGE, remarkKey(even!)));
    expect(pageOf(world).setAside).toEqual(['even:jar']);
    world.undo();
    world.undo();
    expect(pageOf(world).setAside).toBeUndefined();
  });
  test('whatever lies there, each way that is offered can be done, and books balance; a remark about one thing is gone', () => {
    const things = fc.array(
      fc.tuple(
        fc.constantFrom('moth', 'jar', 'star', 'label'),
        fc.integer({ min: 0, max: 64 }),
        fc.integer({ min: 0, max: 64 }),
      ),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(things, (told) => {
        const world = begun();
        world.do(
          layOn(
            PAGE,
            told.map(([name, x, y]) => at(world, name, x / 8, y / 8)),
          ),
        );
        for (const remark of remarks(world))
          for (const { act } of mends(world, remark)) {
            expect(world.do(act)).toBe(true);
            expect(unbalanced(world.bench)).toEqual([]);
            if (['even', 'lone-raised', 'looks-off'].includes(remark.kind))
              expect(
                remarks(world)
                  .filter((one) => one.things?.length === remark.things?.length)
                  .map(kindOf),
              ).not.toContain(kindOf(remark));
            expect(world.undo()).toBe(true);
          }
      }),
      { numRuns: 60 },
    );
  });
});
