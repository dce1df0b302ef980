import { describe, expect, test } from 'vitest';
import { cutListOf, cutSteps, pageState } from '../../page/cutlist';
import { designOf, layOut } from '../../page/design';
import { piecesFor } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { middlesOf, type SharingPage } from '../../kit/sharing';
import { shareWithMiddles, type ShareJob, type SharePlan } from '../../kit/shareout';
import { stockOnHand } from '../../trimmer/onHand';
import { beginPage, claimShareOut, cutWindow, gluePage, makeCut, noteMishap, releasePage } from '..';
import { shelfOf } from '../../stock/bench';
import { cutsNow, unbalanced, unpackedWorld, windowsNow, type World } from '../test/world';

const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const twelve = { ...size(12, 12), spread: false };
const photos = [{ photo: null, ...size(6, 4) }];

/** A page with a frame as large as itself, and one whose box is nearly as large as what the frame hides. */
function begun(): { world: World; pages: SharingPage[] } {
  const world = unpackedWorld();
  const papers = { frame: 'ink', ground: 'blush', mat: 'lamp' };
  world.do(beginPage('a', { format: twelve, design: 'framed-ground', mat: inches(1 / 8), photos, papers }));
  const small = {
    format: { ...size(8, 8), spread: false },
    design: 'framed-ground',
    mat: 0,
    photos: [{ photo: null, ...size(4, 3) }],
  };
  world.do(beginPage('b', { ...small, papers: { frame: 'ink', ground: 'blush' } }));
  const pages = ['a', 'b'].map((id): SharingPage => {
    const page = world.bench.pages.get(id)!;
    const layout = layOut(designOf(page.design)!, page);
    return { page, layout: layout.value!, colours: [] };
  });
  return { world, pages };
}

/** One sheet of ink for both frames, of the other papers enough. */
function shared(world: World, pages: readonly SharingPage[]): SharePlan {
  const stock = stockOnHand(shelfOf(world.bench), null)
    .filter(({ id }) => id !== 'inks-2')
    .map((one) => ({ ...one, back: null }));
  const job: ShareJob = {
    stock,
    keepAtLeast: size(1, 1),
    longestCut: null,
    pages: pages.map(({ page, layout }) => ({
      id: page.id,
      worth: 1,
      atLeast: 0,
      atMost: Infinity,
      slots: cutListOf(layout, page).map(({ id, w, h, count, face }) => ({
        id,
        w,
        h,
        count,
        of: face === null ? null : [face],
        turn: null,
        like: [],
        unlike: [],
      })),
    })),
  };
  let plan: SharePlan | null = null;
  for (const progress of shareWithMiddles(job, middlesOf(pages, inches(0.5)), null, 90_000)) plan = progress.plan;
  return plan!;
}

function claimed(): World {
  const { world, pages } = begun();
  const plan = shared(world, pages);
  expect(plan.stats.complete).toBe(2);
  expect(plan.sheets.some(({ windows }) => windows?.length === 1)).toBe(true);
  expect(world.do(claimShareOut({ plan, pages, kits: ['k'], gifts: [] }))).toBe(true);
  return world;
}

const state = (world: World, id: string) => pageState(world.bench.pages.get(id)!, world.bench);
const windowOf = (world: World) => cutsNow(world.bench, 'b').find(({ kind }) => kind === 'window');

/** Makes all cuts that can be made but the window. */
function upToWindow(world: World): void {
  for (let n = 0; n < 40; n++) {
    const step = cutsNow(world.bench, 'b').find(({ kind }) => kind !== 'window');
    if (!step) return;
    expect(world.do(makeCut(step))).toBe(true);
  }
}

describe('a middle counted on before it is cut', () => {
  test('makes a page more of the same paper, and all of it is cut, with areas that add up', () => {
    const world = claimed();
    expect(state(world, 'a')).toBe('planned');
    upToWindow(world);
    // The frame is cut, but it waits for its middle.
    expect(state(world, 'a')).toBe('planned');
    for (let n = 0; n < 40 && cutsNow(world.bench, 'b').length > 0; n++) {
      const plan = [...world.bench.plans.values()][0]!;
      const step = cutSteps(plan.sheets, world.bench.ledger).find((one) =>
        cutsNow(world.bench, 'b').some((now) => now.piece === one.piece && now.kind === one.kind),
      )!;
      expect(world.do(makeCut(step))).toBe(true);
      expect(unbalanced(world.bench)).toEqual([]);
    }
    expect([state(world, 'a'), state(world, 'b')]).toEqual(['cut', 'cut']);
    const rim = piecesFor(world.bench.ledger, 'a').find(({ slot, missing }) => slot === 'frame' && missing.length > 0);
    expect(rim).toBeDefined();
    while (world.acts.some(({ undone }) => undone === 0)) expect(world.undo()).toBe(true);
    expect(world.bench.plans.size).toBe(0);
  });

  test('the page that hides it is not glued before; given back, the other is planned anew; undone, all is as it was', () => {
    const world = claimed();
    upToWindow(world);
    expect(windowOf(world)).toBeDefined();
    world.do(releasePage('a'));
    expect(windowOf(world)).toBeUndefined();
    expect([state(world, 'a'), state(world, 'b')]).toEqual(['idea', 'idea']);
    expect(unbalanced(world.bench)).toEqual([]);
    world.undo();
    expect(windowOf(world)).toBeDefined();
    expect([state(world, 'a'), state(world, 'b')]).toEqual(['planned', 'planned']);
  });

  test('the other given back, the piece stays whole and its page has all it wants', () => {
    const world = claimed();
    upToWindow(world);
    world.do(releasePage('b'));
    expect(state(world, 'a')).toBe('cut');
    expect(world.do(gluePage('a', []))).toBe(true);
  });

  test('spoilt with the knife, both pieces are wanted again; cut out for the stash instead, the other is', () => {
    const spoilt = claimed();
    upToWindow(spoilt);
    spoilt.do(noteMishap(windowOf(spoilt)!, { kind: 'spoilt' }));
    expect(unbalanced(spoilt.bench)).toEqual([]);
    expect([state(spoilt, 'a'), state(spoilt, 'b')]).toEqual(['idea', 'idea']);
    const other = claimed();
    upToWindow(other);
    const [window] = windowsNow(other.bench, other.bench.pages.get('a')!);
    expect(other.do(cutWindow(window!))).toBe(true);
    expect([state(other, 'a'), state(other, 'b')]).toEqual(['cut', 'idea']);
  });
});
