import fc from 'fast-check';
import { beforeEach, describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import {
  acceptPlan,
  amendLot,
  beginPage,
  changePage,
  changeWork,
  decided,
  doStep,
  forgetIntention,
  gluePage,
  countAs,
  keepIntention,
  layOn,
  makeCut,
  meanFor,
  nameItems,
  put,
} from '../../acts';
import { cutsNow, planFor, smallPage, unbalanced, unpackedWorld, type World } from '../../acts/test/world';
import { TECHNIQUES, type Technique } from '../../stock/things';
import {
  askedFor,
  elementsOn,
  foundFor,
  intentionsOf,
  orderOfWork,
  STEP_KINDS,
  stepsNow,
  stepsOf,
  unfinishedPages,
  type StepId,
} from '.';

const PAGE = 'p';
const MINUTE = 60_000;
/** Ten to midnight, on some day. */
const NOW = 1_795_737_000_000;
let world: World;
const page = () => world.bench.pages.get(PAGE)!;
const steps = () => stepsOf(page(), world.bench);
const ids = (): StepId[] => steps().map(({ id }) => id);
const at = (now: number, id: StepId) => stepsNow(steps(), now).find(({ step }) => step.id === id)!;
const choose = (...techniques: Technique[]) => world.do(changeWork(PAGE, (work) => ({ ...work, techniques }), ''));
const write = (some: Parameters<typeof changePage>[1]) => world.do(changePage(PAGE, some));

beforeEach(() => {
  world = unpackedWorld();
  world.do(beginPage(PAGE, smallPage()));
});

describe('a page’s steps', () => {
  test('are what it holds: cuts, layers, date and album of an empty one', () => {
    expect(ids()).toEqual(['cut', 'layers', 'date', 'album']);
    write({ title: 'Moths', journaling: 'At ten.' });
    world.do(layOn(PAGE, [{ what: { lot: 'dots', part: '' }, x: inches(2), y: inches(2), turn: 0, isOnFoam: true }]));
    expect(ids()).toEqual(['cut', 'layers', 'foam', 'clusters', 'title', 'writing', 'date', 'album']);
    world.do(layOn(PAGE, [{ what: { drawn: 'stitch', length: inches(3), colour: '#2b1d33' }, x: 0, y: 0, turn: 0 }]));
    expect(ids()).toContain('stitch');
  });
  test('wet work is marked in pencil first; the last splatter comes after all that it may hit', () => {
    choose('paint', 'stencil', 'last-splatter');
    write({ title: 'Moths', journaling: 'At ten.' });
    const order = orderOfWork(steps()).order.map(({ step }) => step.id);
    expect(order.indexOf('pencil')).toBeLessThan(order.indexOf('paint'));
    expect(order.indexOf('paint')).toBeLessThan(order.indexOf('stencil'));
    expect(order.indexOf('last-splatter')).toBeGreaterThan(order.indexOf('writing'));
    expect(order.at(-1)).toBe('album');
  });
  test('while paste dries the cuts are made: the whole takes less than one after the other', () => {
    choose('stencil');
    const { order, finish } = orderOfWork(steps());
    const all = order.reduce((sum, { step }) => sum + step.minutes + step.dries, 0);
    expect(finish).toBeLessThan(all);
    const [stencil, cut] = (['stencil', 'cut'] as const).map((id) => order.find(({ step }) => step.id === id)!);
    expect(cut!.start).toBeLessThan(stencil!.dry);
  });
  test('whatever she chooses, nothing comes before what it comes after', () => {
    fc.assert(
      fc.property(fc.subarray([...TECHNIQUES]), fc.boolean(), (techniques, isWritten) => {
        choose(...techniques);
        write({ title: isWritten ? 'Moths' : '', journaling: isWritten ? 'At ten.' : '' });
        const { order, finish } = orderOfWork(steps());
        for (const [i, { step, start }] of order.entries())
          for (const id of step.after) {
            const before = order.findIndex((one) => one.step.id === id);
            expect(before).toBeLessThan(i);
            if (before >= 0) expect(start).toBeGreaterThanOrEqual(order[before]!.dry);
          }
        expect(finish).toBe(Math.max(...order.map(({ dry }) => dry)));
      }),
      { numRuns: 40 },
    );
  });
  test('cut, glued and dated are seen, not ticked', () => {
    world.do(acceptPlan([PAGE], planFor(world.bench, [page()])!));
    expect(at(NOW, 'cut').step).toMatchObject({ isDone: false, isDerived: true });
    for (let [step] = cutsNow(world.bench, PAGE); step; [step] = cutsNow(world.bench, PAGE)) world.do(makeCut(step));
    expect(at(NOW, 'cut').is).toBe('done');
    world.do(gluePage(PAGE, []));
    write({ date: '2026' });
    expect(['layers', 'date'].map((id) => at(NOW, id as StepId).is)).toEqual(['done', 'done']);
  });
});

describe('waits', () => {
  test('a step that is done dries so long, over midnight and a reload; what comes after it waits', () => {
    choose('paint', 'stencil');
    world.do(doStep(PAGE, 'pencil', { at: NOW }));
    expect(at(NOW, 'pencil').is).toBe('done');
    world.do(doStep(PAGE, 'paint', { at: NOW }));
    expect(at(NOW + 10 * MINUTE, 'paint')).toMatchObject({ is: 'drying', left: 20 * MINUTE });
    expect(at(NOW + 10 * MINUTE, 'stencil')).toMatchObject({ is: 'waits', for: ['paint'], left: 20 * MINUTE });
    expect(at(NOW + 10 * MINUTE, 'cut').is).toBe('ready');
    expect(at(NOW + 30 * MINUTE, 'stencil')).toMatchObject({ is: 'ready', for: [] });
    // A clock that was put back an hour.
    expect(at(NOW - 60 * MINUTE, 'paint').left).toBe(30 * MINUTE);
  });
  test('not done after all, it waits no longer for it; done twice is refused; undo takes it back', () => {
    choose('paint');
    world.do(doStep(PAGE, 'paint', { at: NOW }));
    expect(world.do(doStep(PAGE, 'paint', { at: NOW }))).toBe(false);
    world.do(doStep(PAGE, 'paint', { at: null }));
    expect(at(NOW, 'paint').step.doneAt).toBeNull();
    world.undo();
    expect(at(NOW, 'paint').is).toBe('drying');
  });
  test('wet work after glueing is told what it would run onto', () => {
    choose('splatter', 'last-splatter');
    expect(at(NOW, 'splatter').spoils).toEqual([]);
    world.do(doStep(PAGE, 'layers', { at: NOW }));
    expect(at(NOW, 'splatter').spoils).toEqual(['layers']);
    // The last splatter is meant to come then.
    expect(at(NOW, 'last-splatter').spoils).toEqual([]);
  });
});

test('a medium that a step takes goes down a little, and undo fills it again', () => {
  world.do(amendLot('dots', { kind: 'medium', name: 'archival ink, dark' }));
  const level = () => foundFor(STEP_KINDS.ink.needs[0]!, world.bench)?.level;
  const before = level()!;
  choose('ink');
  world.do(doStep(PAGE, 'ink', { at: NOW, media: ['dots'] }));
  expect(level()).toBe(before - 5);
  expect(unbalanced(world.bench)).toEqual([]);
  world.undo();
  expect(level()).toBe(before);
  // Ticked by mistake, it is not taken for good.
  world.do(doStep(PAGE, 'ink', { at: NOW, media: ['dots'] }));
  world.do(doStep(PAGE, 'ink', { at: null, media: ['dots'] }));
  expect(level()).toBe(before);
  expect(unbalanced(world.bench)).toEqual([]);
  expect(foundFor(STEP_KINDS.stencil.needs[0]!, world.bench)).toBeNull();
});

describe('intentions', () => {
  test.each([
    ['two frames', { from: 2, to: null, of: 'frame' }],
    ['use that frame', { from: 1, to: null, of: 'frame' }],
    ['at least 3 tags', { from: 3, to: null, of: 'tag' }],
    ['2-4 stars', { from: 2, to: 4, of: 'star' }],
    ['two to three boxes', { from: 2, to: 3, of: 'box' }],
    ['up to three labels', { from: 0, to: 3, of: 'label' }],
    ['no stamps', { from: 0, to: 0, of: 'stamp' }],
    ['without any stickers', { from: 0, to: 0, of: 'sticker' }],
    ['2 patterned papers', { from: 2, to: null, of: 'patterned' }],
    ['leave room for the ticket', null],
  ] as const)('%s', (words, asked) => {
    expect(askedFor(words)).toEqual(asked);
  });
  test('are ticked by what lies there, or by her, and kept with the page', () => {
    world.do(nameItems('dots', [{ name: 'wooden frame', count: 4 }]));
    const part = world.bench.lots.get('dots')!.items![0]!.id;
    world.do(meanFor(PAGE, ['two frames', '']));
    world.do(meanFor(PAGE, ['leave room for the ticket']));
    const kept = () => intentionsOf(page(), world.bench).map(({ there, isKept }) => [there, isKept]);
    expect(kept()).toEqual([
      [0, false],
      [null, false],
    ]);
    const frame = { what: { lot: 'dots', part }, x: 0, y: 0, turn: 0 };
    world.do(layOn(PAGE, [frame, frame]));
    world.do(keepIntention(PAGE, page().work!.means![1]!.id, true));
    expect(kept()).toEqual([
      [2, true],
      [null, true],
    ]);
    world.do(forgetIntention(PAGE, page().work!.means![1]!.id));
    expect(kept()).toHaveLength(1);
    expect(world.do(meanFor(PAGE, ['  ']))).toBe(false);
  });
});

test('a challenge counts whatever is on the page, from so many to so many, and what she says counts as it', () => {
  const lines = ['one photo', '1-2 patterned papers', 'no stamps', 'two circles', 'a title'];
  world.do(meanFor(PAGE, lines));
  write({ title: 'Moths' });
  const told = () =>
    intentionsOf(page(), world.bench).map(({ intention, there, isKept }) => [intention.words, there, isKept]);
  expect(told()).toEqual([
    ['one photo', 1, true],
    ['1-2 patterned papers', expect.any(Number), expect.any(Boolean)],
    ['no stamps', 0, true],
    ['two circles', 0, false],
    ['a title', 1, true],
  ]);
  // Two of what lies there count as circles, each once.
  const circles = page().work!.means!.find(({ words }) => words === 'two circles')!;
  const keys = elementsOn(page(), world.bench)
    .slice(0, 2)
    .map(({ key }) => key);
  for (const key of [...keys, ...keys]) world.do(countAs(PAGE, circles.id, key, true));
  expect(told()[3]).toEqual(['two circles', 2, true]);
  world.do(countAs(PAGE, circles.id, keys[0]!, false));
  expect(told()[3]).toEqual(['two circles', 1, false]);
});

describe('unfinished pages', () => {
  test('stand with the oldest first, and say what they wait for', () => {
    world.do(beginPage('later', smallPage({ photos: [] })));
    world.do(changePage('later', { started: '2026-12-01' }));
    write({ title: 'Moths', date: '2026' });
    const [first, second] = unfinishedPages(world.bench.pages.values(), world.bench, NOW);
    expect([first!.page.id, second!.page.id]).toEqual([PAGE, 'later']);
    expect(first!.waits.map(({ kind }) => kind)).toEqual(['photos', 'papers', 'writing']);
    expect([first!.canBeDone, second!.canBeDone]).toEqual([false, false]);
  });
  test('an empty tag that lies there is remembered until something is written', () => {
    world.do(nameItems('dots', [{ name: 'kraft tag', count: 4 }]));
    const part = world.bench.lots.get('dots')!.items![0]!.id;
    world.do(layOn(PAGE, [{ what: { lot: 'dots', part }, x: inches(2), y: inches(2), turn: 0 }]));
    const waits = () => unfinishedPages(world.bench.pages.values(), world.bench, NOW)[0]!.waits;
    expect(waits()).toContainEqual({ kind: 'label', name: 'kraft tag' });
    write({ journaling: 'At ten.' });
    expect(waits().map(({ kind }) => kind)).not.toContain('label');
  });
  test('what dries is told, and what has all it needs can be finished in an evening', () => {
    const size = { w: inches(4), h: inches(3) };
    const photo = { id: 'f', story: 's', name: 'lamp', image: 'i', colours: [], added: '2026-11-04', ...size };
    const story = { id: 's', name: 'the lamp', date: '2026', place: '' };
    world.do(() => decided('added-photos', '', { records: [put('stories', story), put('photos', photo)] }));
    write({ photos: [{ photo: 'f', ...size }], journaling: 'At ten.', title: 'Moths', date: '2026' });
    choose('paint');
    world.do(doStep(PAGE, 'paint', { at: NOW }));
    const [one] = unfinishedPages(world.bench.pages.values(), world.bench, NOW + MINUTE);
    expect(one!.waits).toContainEqual({ kind: 'drying', left: 29 * MINUTE });
    expect(one!.canBeDone).toBe(true);
    expect(one!.minutes).toBeGreaterThan(30);
  });
});
