import fc from 'fast-check';
import { expect } from 'vitest';
import { canBeGlued, cutListOf, cutRun, pageState, stillWanted } from '../../page/cutlist';
import { ellipseContour, rectContour } from '../../trimmer/contours';
import { mayBend, pageLayout } from '../../page/design';
import { restAround } from '../../ground/geometry';
import { emptyLedger, fold } from '../../stock/ledger';
import { leftOf, partsOf, type Part } from '../../kit/closing';
import { inches } from '../../ground/length';
import { type Page } from '../../stock/things';
import {
  acceptPlan,
  amendLaid,
  amendLot,
  anotherPaper,
  anotherVersion,
  beginPage,
  bringBack,
  changePage,
  closeKit,
  copyPage,
  cutOut,
  cutWindow,
  decideOn,
  dropPage,
  finishPage,
  gatherKit,
  gluePage,
  joinLots,
  keepNote,
  layMat,
  layOn,
  layTitle,
  makeCut,
  makeCuts,
  matLine,
  moveLaid,
  nameItems,
  noteHandCut,
  noteMishap,
  openKit,
  outFor,
  papersForMat,
  partLot,
  partWith,
  peelOff,
  putAway,
  putBack,
  putInto,
  putRight,
  putScrapAway,
  releasePage,
  setPlanAside,
  takeFromMachine,
  takeKitApart,
  takeOff,
  takeVersion,
  tellPage,
  takeOut,
  takeSomeOut,
  putOnPage,
  type Chosen,
} from '..';
import { type Bench } from '../../stock/bench';
import { cutsNow, stepsLeft, planFor, planFromMiddle, unpackedWorld, windowsNow, World } from './world';

export const nth = <T>(list: readonly T[], n: number): T | undefined => list[n % Math.max(1, list.length)];
export const pagesIn = (bench: Bench, ...states: string[]) =>
  [...bench.pages.values()].filter((page) => states.length === 0 || states.includes(pageState(page, bench)));

/** Everything out for a page, one by one. */
export function chosenFrom(bench: Bench, page: string): Chosen[] {
  const { cut, loose, toCut, amounts } = outFor(bench, page);
  return [
    ...[...cut, ...loose].map(({ id }) => ({ piece: id })),
    ...toCut.map(({ piece }) => ({ piece: piece.id })),
    ...amounts,
  ];
}

/** Something that lies there, to be put into a kit: of counted things one part. */
function partFrom(bench: Bench, a: number, b: number): Part[] {
  const pieces = [...bench.ledger.pieces.values()].filter(({ where }) => where === 'here');
  const lot = nth(['dots', 'letters'], b)!;
  const part = nth(Object.keys(bench.ledger.lots.get(lot)?.here ?? {}), a);
  const piece = nth(pieces, a);
  return [
    ...(piece && b % 3 !== 0 ? [{ piece: piece.id }] : []),
    ...(part !== undefined && b % 3 !== 1 ? [{ lot, parts: [part] }] : []),
  ];
}

const ownKits = (bench: Bench) => [...bench.kits.values()].filter(({ gathered }) => gathered !== undefined);

const DESIGNS = ['framed-ground', 'photo-block', 'strip-bands'];

/** What she may do next, matched to whatever is there by two numbers. */
export const ACTS: Record<string, (world: World, a: number, b: number) => unknown> = {
  begin: (world, a, b) =>
    world.do(
      beginPage(world.now.newId(), {
        format: { w: inches(8), h: inches(8), spread: false },
        design: nth(DESIGNS, a)!,
        mat: inches(1 / 8),
        photos: [{ photo: null, w: inches(4), h: inches(3) }],
        papers: b % 3 === 0 ? {} : { ground: nth(['ink', 'lamp', 'blush'], b)! },
        title: `page ${a}`,
      }),
    ),
  circles: (world, a, b) => {
    const page = nth(pagesIn(world.bench, b % 3 === 0 ? 'cut' : 'idea'), a);
    const shape = { kind: 'circle', d: inches(b % 4 === 0 ? 2 : 1) } as const;
    const piece = { id: world.now.newId(), name: 'Circle', shape, face: b % 2 ? 'ink' : null, count: 1 + (a % 5) };
    if (page) world.do(changePage(page.id, ({ more = [] }) => ({ more: [...more, piece] })));
  },
  bend: (world, a, b) => {
    const page = nth(pagesIn(world.bench, b % 3 === 0 ? 'cut' : 'idea'), a);
    const layer = page && nth(pageLayout(page).value?.layers.filter(mayBend) ?? [], b);
    const w = inches(1 + (a % 4));
    if (page && layer)
      world.do(changePage(page.id, ({ sizes = {} }) => ({ sizes: { ...sizes, [layer.id]: { w, h: layer.h } } })));
  },
  plan: (world, a, b) => {
    const open = pagesIn(world.bench, 'idea');
    const pages = [nth(open, a), b % 2 === 0 ? nth(open, a + 1) : undefined].filter((page) => page !== undefined);
    const own = [...new Set(pages)];
    const sheets = own.length > 0 ? planFor(world.bench, own) : null;
    if (sheets)
      world.do(
        acceptPlan(
          own.map(({ id }) => id),
          sheets,
        ),
      );
  },
  planMiddle: (world, a, b) => {
    const open = pagesIn(world.bench, 'idea');
    const [first, second] = [nth(open, a), nth(open, b)];
    if (!first || !second || first === second) return;
    const sheets = planFromMiddle(world.bench, first, second);
    if (sheets) world.do(acceptPlan([first.id, second.id], sheets));
  },
  cut: (world, a, b) => {
    const page = nth(pagesIn(world.bench, 'planned'), a);
    const step = page && nth(cutsNow(world.bench, page.id), b);
    if (step) world.do(makeCut(step));
  },
  cutRun: (world, a) => {
    const page = nth(pagesIn(world.bench, 'planned'), a);
    const run = page ? cutRun(stepsLeft(world.bench, page.id), 0) : [];
    if (run.length > 0) world.do(makeCuts(run));
  },
  cutAll: (world, a) => {
    const page = nth(pagesIn(world.bench, 'planned'), a);
    for (let n = 0; page && n < 30; n++) {
      const [step] = cutsNow(world.bench, page.id);
      if (!step) return;
      world.do(makeCut(step));
    }
  },
  mishap: (world, a, b) => {
    const page = nth(pagesIn(world.bench, 'planned'), a);
    const step = page && nth(cutsNow(world.bench, page.id), b);
    const at = step?.kind === 'cut' ? Math.floor((step.axis === 'x' ? step.part.w : step.part.h) / 2) : 0;
    if (step) world.do(noteMishap(step, b % 2 === 0 ? { kind: 'spoilt' } : { kind: 'other-measure', at }));
  },
  machine: (world, a, b) => {
    const page = nth(pagesIn(world.bench, 'planned'), a);
    const one =
      page &&
      nth(
        outFor(world.bench, page.id).toCut.filter(({ sheet, piece }) => sheet === piece.id),
        b,
      );
    const sheet = one && world.bench.plans.get(one.plan)?.sheets.find(({ stock }) => stock === one.sheet);
    if (!sheet) return;
    const left = restAround(one.piece, sheet.pieces, { w: inches(1), h: inches(1) });
    world.do(takeFromMachine(sheet.stock, { cut: sheet.pieces.map((_, i) => i === 0 || b % 2 === 0), left }));
  },
  release: (world, a) => {
    const page = nth(pagesIn(world.bench), a);
    if (page) world.do(releasePage(page.id));
  },
  aside: (world, a) => {
    const page = nth(pagesIn(world.bench, 'planned'), a);
    if (page) world.do(setPlanAside(page.id));
  },
  drop: (world, a) => {
    const page = nth(pagesIn(world.bench), a);
    if (page) world.do(dropPage(page.id));
  },
  glue: (world, a, b) => {
    const page = nth(
      pagesIn(world.bench).filter((one) => canBeGlued(one, world.bench)),
      a,
    );
    if (page) world.do(gluePage(page.id, b % 2 === 0 ? outFor(world.bench, page.id).amounts : []));
  },
  cutOut: (world, a, b) => {
    const piece = nth(
      [...world.bench.ledger.pieces.values()].filter(
        ({ where, w, h }) => /here|claimed/.test(where) && Math.min(w, h) > inches(2),
      ),
      a,
    );
    const box = { x: inches((b % 7) / 8), y: inches((a % 7) / 8), w: inches(1), h: inches(1.25) };
    const line = b % 2 === 0 ? ellipseContour(box) : rectContour(box);
    if (piece)
      world.do(
        cutOut(piece.id, { line, name: b % 3 === 0 ? '' : 'moth', ...(a % 2 === 0 ? { frame: inches(1 / 4) } : {}) }),
      );
  },
  window: (world, a, b) => {
    const page = nth(pagesIn(world.bench, 'cut'), a);
    const window = page && nth(windowsNow(world.bench, page), b);
    if (window) world.do(cutWindow(window));
  },
  finish: (world, a) => {
    const page = nth(pagesIn(world.bench, 'glued'), a);
    if (page) world.do(finishPage(page.id));
  },
  use: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    if (!page) return;
    const { cut, loose, amounts } = outFor(world.bench, page.id);
    const one = nth([...[...cut, ...loose].map(({ id }) => ({ piece: id })), ...amounts], b);
    if (one) world.do(putOnPage(page.id, [one]));
  },
  putAway: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    const one = page && nth(chosenFrom(world.bench, page.id), b);
    if (page && one) world.do(putAway(page.id, [one]));
  },
  takeOut: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    const piece = nth(
      [...world.bench.ledger.pieces.values()].filter(({ where }) => where === 'here'),
      b,
    );
    if (page && piece) world.do(takeOut({ pieces: [piece.id], lots: [] }, page.id));
  },
  takeDots: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    if (page) world.do(takeSomeOut('dots', { '': 1 + (b % 3) }, page.id));
  },
  title: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    if (page) world.do(changePage(page.id, { title: `title ${b}` }));
  },
  rework: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    const changes: Partial<Page>[] = [
      { mat: inches((b % 4) / 16) },
      { papers: { ...page?.papers, ground: nth(['ink', 'lamp', 'blush'], b)! } },
      {
        photos: [
          { photo: null, w: inches(3), h: inches(2 + (b % 2)), mats: nth([[], [inches(1 / 8), inches(1 / 4)]], b)! },
        ],
      },
      { photos: [{ photo: null, w: inches(20), h: inches(3) }] },
      { photos: [] },
      { design: nth(DESIGNS, b)!, options: {}, apart: [], without: [] },
      { without: b % 2 === 0 ? ['mat-1'] : [] },
    ];
    if (page && page.glued === null) world.do(changePage(page.id, nth(changes, a + b)!));
  },
  anotherPaper: (world, a, b) => {
    const page = nth(pagesIn(world.bench, 'idea', 'planned', 'cut'), a);
    const layout = page ? pageLayout(page) : null;
    const layer = nth(layout?.value?.layers.filter(({ slot }) => slot !== null) ?? [], b);
    if (page && layer) world.do(anotherPaper(page.id, layer.id, nth(['ink', 'lamp', 'blush'], a + b)!));
  },
  byHand: (world, a, b) => {
    const page = nth(pagesIn(world.bench, 'idea', 'planned'), a);
    const layout = page ? pageLayout(page) : null;
    const wanted =
      page && layout?.ok ? nth(stillWanted(cutListOf(layout.value, page), world.bench.ledger, page.id), b) : undefined;
    const piece = nth(
      [...world.bench.ledger.pieces.values()].filter(({ where }) => /here|claimed/.test(where)),
      b,
    );
    if (page && wanted && piece) world.do(noteHandCut(page.id, wanted, piece.id, { x: 0, y: inches(b % 2) }));
  },
  peel: (world, a, b) => {
    const page = nth(pagesIn(world.bench, 'glued', 'done'), a);
    const layer = page ? nth(pageLayout(page).value?.layers ?? [], b) : undefined;
    if (page && layer) world.do(peelOff(page.id, layer.id, b % 2 === 0 ? 'back' : 'lost'));
  },
  copy: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    if (page) world.do((b % 2 === 0 ? copyPage : anotherVersion)(page.id, world.now.newId()));
  },
  take: (world, a) => {
    const page = nth(pagesIn(world.bench), a);
    if (page) world.do(takeVersion(page.id));
  },
  tell: (world, a, b) => {
    const piece = nth(
      [...world.bench.ledger.pieces.values()].filter(({ where }) => where === 'here'),
      a,
    );
    const size = b % 2 === 0 ? { size: { w: inches(2), h: inches(3) } } : {};
    const told = { format: { w: inches(12), h: inches(12), spread: false }, title: `told ${a}`, date: '', place: '' };
    const dots = { lot: 'dots', amounts: { '': 1 + (b % 2) } };
    if (piece) world.do(tellPage(world.now.newId(), told, [dots, { piece: piece.id, ...size }]));
  },
  note: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    if (page) world.do(keepNote('pages', page.id, { words: `note ${b}`, isForNext: b % 2 === 0 }));
  },
  partWith: (world, a, b) => {
    const piece = nth(
      [...world.bench.ledger.pieces.values()].filter(({ where }) => where === 'here'),
      a,
    );
    const how = b % 2 === 0 ? ({ how: 'given' } as const) : ({ how: 'lent', to: 'a neighbour' } as const);
    if (piece) world.do(partWith({ pieces: [piece.id], lots: [] }, how));
  },
  bringBack: (world, a) => {
    const piece = nth(
      [...world.bench.ledger.pieces.values()].filter(({ where }) => where === 'lent'),
      a,
    );
    if (piece) world.do(bringBack({ pieces: [piece.id], lots: [] }));
  },
  decide: (world, a, b) => {
    const kit = nth([...world.bench.kits.values()], a);
    const thing = kit && nth(leftOf(kit, world.bench), b);
    const fate = nth(
      [{ for: 'kit' }, { for: 'stash' }, { for: 'month', month: '2027-03', whom: 'Wren' }, null] as const,
      a + b,
    )!;
    if (kit && thing)
      world.do(
        decideOn(kit.id, { keys: thing.keys, fate, ...(a % 2 === 0 ? {} : { place: nth(['', 'case B'], b)! }) }),
      );
  },
  decideAll: (world, a) => {
    const kit = nth([...world.bench.kits.values()], a);
    const keys = kit ? leftOf(kit, world.bench).flatMap((thing) => thing.keys) : [];
    if (kit) world.do(decideOn(kit.id, { keys, fate: { for: 'stash' } }));
  },
  close: (world, a) => {
    const kit = nth([...world.bench.kits.values()], a);
    const isDecided = kit && leftOf(kit, world.bench).every(({ fate }) => fate !== null);
    if (kit) expect(world.do(closeKit(kit.id))).toBe(isDecided && kit.closed === undefined);
  },
  open: (world, a) => {
    const kit = nth([...world.bench.kits.values()], a);
    if (kit) world.do(openKit(kit.id));
  },
  gather: (world, a, b) => {
    const kit = { id: world.now.newId(), club: '', name: `own ${a}`, month: '2026-12', theme: [], list: '' };
    world.do(gatherKit({ ...kit, gathered: 'moths' }, partFrom(world.bench, a, b)));
  },
  putInto: (world, a, b) => {
    const kit = nth(ownKits(world.bench), a);
    if (kit) world.do(putInto(kit.id, partFrom(world.bench, a + b, b)));
  },
  putBack: (world, a, b) => {
    const kit = nth(ownKits(world.bench), a);
    const thing = kit && nth(leftOf(kit, world.bench), b);
    if (!kit || !thing) return;
    expect(world.do(putBack(kit.id, partsOf(thing)))).toBe(true);
  },
  takeApart: (world, a) => {
    const kit = nth(ownKits(world.bench), a);
    if (kit) expect(world.do(takeKitApart(kit.id))).toBe(true);
  },
  count: (world, a, b) => world.do(putRight({ missed: [], found: [], lots: { dots: { '': (b % 5) - 2 } } }, `${a}`)),
  scrap: (world, a, b) =>
    world.do(
      putScrapAway({
        kit: a % 2 === 0 ? { id: 'k' } : { month: a % 3 === 0 ? '' : '2022' },
        kind: 'paper',
        front: b % 3 === 0 ? { name: `leaf ${b % 2}`, colours: ['#3f5b34'] } : 'ink',
        back: null,
        size: { w: inches(2 + (a % 3)), h: inches(3) },
        missing: b % 4 === 0 ? [{ x: 0, y: 0, w: inches(1), h: inches(1) }] : [],
        count: 1 + (b % 2),
        place: b % 5 === 0 ? 'case B' : '',
      }),
    ),
  amend: (world, a, b) => {
    const lot = nth([...world.bench.lots.values()], a);
    const kind = nth(['paper', 'cardstock', 'dots', 'stickers', 'medium'] as const, b)!;
    const said = [{ kind }, { name: `called ${b}` }, { count: 1 + (b % 4) }, { size: { w: inches(8), h: inches(8) } }];
    if (lot) world.do(amendLot(lot.id, said[(a + b) % 4]!));
  },
  join: (world, a, b) => {
    const all = [...world.bench.lots.keys()];
    const [one, into] = [nth(all, a), nth(all, b)];
    if (one && into) world.do(joinLots(one, into));
  },
  part: (world, a, b) => {
    const lot = nth([...world.bench.lots.values()], a);
    if (lot) world.do(partLot(lot.id, 1 + (b % 3), `part ${b}`));
  },
  lay: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    const item = nth(['', ...(world.bench.lots.get('dots')?.items ?? []).map(({ id }) => id)], b)!;
    const at = { x: inches(b % 8), y: inches(a % 8), turn: b };
    const dot = { what: { lot: 'dots', part: item }, ...at };
    if (page) world.do(layOn(page.id, b % 3 === 0 ? [dot, dot, dot] : [dot]));
  },
  layPaper: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    const piece = nth(
      [...world.bench.ledger.pieces.values()].filter(
        (one) => one.where === 'here' || (one.where === 'claimed' && one.page === page?.id),
      ),
      b,
    );
    if (page && piece) world.do(layOn(page.id, [{ what: { piece: piece.id }, x: a, y: b, turn: 0 }]));
  },
  moveLaid: (world, a, b) => {
    const page = nth(
      pagesIn(world.bench).filter(({ placed = [] }) => placed.length > 0),
      a,
    );
    const one = nth(page?.placed ?? [], b);
    if (page && one)
      world.do(
        moveLaid(page.id, one.id, (now) => ({ ...now, x: now.x + inches(1 / 16), isOnFoam: b % 2 === 0 }), { at: b }),
      );
  },
  takeOff: (world, a, b) => {
    const page = nth(
      pagesIn(world.bench).filter(({ placed = [] }) => placed.length > 0),
      a,
    );
    const one = nth(page?.placed ?? [], b);
    if (page && one) world.do(takeOff(page.id, [one.id]));
  },
  stack: (world, a, b) => {
    const page = nth(
      pagesIn(world.bench).filter(({ placed = [] }) => placed.length > 0),
      a,
    );
    const one = nth(page?.placed ?? [], b);
    if (page && one && 'part' in one.what) world.do(amendLaid(page.id, one.id, { ...one.what, count: 2 + (a % 3) }));
  },
  mat: (world, a, b) => {
    const page = nth(
      pagesIn(world.bench).filter(({ placed = [] }) => placed.length > 0),
      a,
    );
    const one = nth(page?.placed ?? [], b);
    const line = page && one ? matLine(page, one.id, inches(1 / 8), world.bench) : null;
    const paper = page && line ? nth(papersForMat(page, line, world.bench), b) : undefined;
    if (page && one && paper) world.do(layMat(page.id, one.id, { paper: paper.id, margin: inches(1 / 8) }));
  },
  spell: (world, a, b) => {
    const page = nth(pagesIn(world.bench), a);
    const word = nth(['AB', 'CAB', 'AA', ''], b)!;
    const letters = [...word].map((part, i) => ({ what: { lot: 'letters', part }, x: i, y: b, turn: 0 }));
    if (page) world.do(layTitle(page.id, word, letters));
  },
  nameItems: (world, a, b) => world.do(nameItems('dots', [{ name: `kind ${a % 3}`, count: 1 + (b % 4) }])),
  undo: (world) => world.undo(),
  redo: (world) => world.redo(),
  undoOne: (world, a) => world.undo(a % Math.max(1, world.acts.length)),
  reload: (world) => {
    const again = fold(world.entries, emptyLedger);
    expect(again.error).toBeNull();
    world.bench = { ...world.bench, ledger: again.value! };
  },
};

/** What is done often in a life of pages comes up often. */
const OFTEN = [
  'begin',
  'begin',
  'plan',
  'plan',
  'planMiddle',
  'plan',
  'plan',
  'cut',
  'cut',
  'cutAll',
  'cutAll',
  'glue',
  'glue',
  'undo',
];
/** Acts in any order, as many as a short evening has. */
export const steps = fc.array(
  fc.tuple(fc.constantFrom(...OFTEN, ...Object.keys(ACTS)), fc.nat({ max: 30 }), fc.nat({ max: 30 })),
  { minLength: 10, maxLength: 60, size: 'max' },
);

/** A world in which acts were done one after the other. */
export function tell(
  told: readonly (readonly [string, number, number])[],
  check: (world: World) => void = () => undefined,
): World {
  const world = unpackedWorld();
  for (const [act, a, b] of told) {
    ACTS[act]!(world, a, b);
    check(world);
  }
  return world;
}
