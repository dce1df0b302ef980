import loadHighs from 'highs';
import { mainColours } from '../core/ground/colour';
import { planCuts, searchPlans, type CutJob, type CutPlan } from '../core/trimmer/cutting';
import { fold, type LedgerEvent } from '../core/stock/ledger';
import { inches } from '../core/ground/length';
import { nth } from '../core/ground/nth';
import { punchSpots } from '../core/trimmer/punching';
import type { ProgramSolver } from '../core/ground/program';
import { seededRandom } from '../core/ground/random';
import { shareOut, solverFrom, type SharePlan, type Solver } from '../core/kit/shareout';
import { kitToShare, rankedDesigns } from './sharing';
import { dissection, fromOneSheet } from '../core/trimmer/cutting/test/dissection';
import { perfectCut } from '../core/trimmer/cutting/test/perfectCut';
import { wholeKit } from '../core/kit/shareout/test/wholeKit';
import { actedOn } from './acting';
import { foundIn, manyThings } from './finding';
import { firstScreenBytes } from './firstScreen';
import { YARDSTICKS } from './yardstick';

/** What one run gave, besides its time. */
type Quality = Readonly<Record<string, number | boolean>>;
interface Benchmark {
  readonly name: string;
  readonly n: number;
  readonly run: () => Quality | undefined;
}

const DAY = '2026-11-05';

/** Ten thousand entries: sheets come, are claimed and cut, dots are counted out. */
function manyEvents(): LedgerEvent[] {
  const events: LedgerEvent[] = [];
  const add = (event: object): void => {
    events.push({ id: `e${events.length}`, day: DAY, ...event } as LedgerEvent);
  };
  for (let n = 0; events.length < 10_000; n++) {
    add({ type: 'received', lot: `lot${n % 90}`, pieces: [{ id: `s${n}`, w: inches(12), h: inches(12) }] });
    add({ type: 'received', lot: `dots${n % 60}`, amounts: { '': 24 } });
    add({ type: 'claimed', piece: `s${n}`, page: `p${n}` });
    add({
      type: 'cut',
      piece: `s${n}`,
      page: `p${n}`,
      into: [
        { id: `s${n}-B`, x: 0, y: 0, w: inches(3), h: inches(12), role: 'piece', slot: 'strip' },
        { id: `s${n}-C`, x: inches(3), y: 0, w: inches(9), h: inches(12), role: 'nubbin' },
      ],
    });
    add({ type: 'used', piece: `s${n}-B`, page: `p${n}` });
    add({ type: 'claimed', lot: `dots${n % 60}`, amounts: { '': 3 }, page: `p${n}` });
  }
  return events.slice(0, 10_000);
}

/** A kit of 10 two-faced papers and `scraps` leftovers, and `pieces` pieces of many sizes wanted from them. */
function kitJob(scraps: number, pieces: number, seed: number): CutJob {
  const random = seededRandom(seed);
  const quarters = (from: number, to: number): number => inches(Math.round((from + random() * (to - from)) * 4) / 4);
  const design = (): string => `design-${Math.floor(random() * 10)}`;
  const stock = (id: string, w: number, h: number, fresh: boolean) => ({
    id,
    w,
    h,
    count: 1,
    front: design(),
    back: design(),
    upright: false,
    fresh,
    since: null,
    missing: [],
  });
  return {
    stock: [
      ...Array.from({ length: 10 }, (_, i) => ({
        ...stock(`sheet-${i}`, inches(12), inches(12), true),
        front: `design-${i}`,
      })),
      ...Array.from({ length: scraps }, (_, i) => stock(`scrap-${i}`, quarters(2, 9), quarters(2, 12), false)),
    ],
    pieces: Array.from({ length: pieces }, (_, i) => ({
      id: `piece-${i}`,
      w: quarters(1, 6.5),
      h: quarters(1, 4.5),
      count: 1,
      of: i % 3 === 0 ? null : [design(), design()],
      turn: null,
      optional: false,
      value: 0,
    })),
    keepAtLeast: { w: inches(1), h: inches(1) },
    longestCut: inches(12),
  };
}

/** The plan that is there at once. */
function firstAnswer(job: CutJob): CutPlan {
  for (const { plan } of searchPlans(job)) return plan;
  throw new Error('no plan came');
}

const qualityOf = ({ stats, notCut }: CutPlan): Quality => ({
  fresh: stats.fresh,
  freshBound: stats.bound.fresh,
  notCut: notCut.length,
  keptSqInSquared: Math.round(stats.kept / inches(1) ** 4),
});

/** A made-up picture of 12 megapixels. */
function bigPicture(): Uint8ClampedArray {
  const pixels = new Uint8ClampedArray(4000 * 3000 * 4);
  for (let i = 0, n = 0; i < pixels.length; i += 4, n++) {
    const [x, y] = [n % 4000, Math.floor(n / 4000)];
    pixels[i] = (x * 255) / 4000;
    pixels[i + 1] = (y * 200) / 3000;
    pixels[i + 2] = 80 + ((x + y) % 97);
    pixels[i + 3] = 255;
  }
  return pixels;
}

/** The share-out until it has so many pages, or to its end. @param pages null: to its end */
function lastPlan(search: Iterable<{ readonly plan: SharePlan }>, pages: number | null = null): SharePlan {
  let last: SharePlan | null = null;
  for (const { plan } of search) {
    last = plan;
    if (pages !== null && plan.stats.complete >= pages) break;
  }
  if (!last) throw new Error('no plan came');
  return last;
}

function sharedTo(pages: number | null, solver: Solver): Quality {
  const { complete, fresh, bound } = lastPlan(shareOut(kitToShare(), solver), pages).stats;
  return { complete, fresh, worthBound: bound.worth, freshBound: bound.fresh };
}

/** How many of some made jobs are cut without a sheet more than they were cut up from, and without anything left out. */
function perfectlyCut(jobs: number): Quality {
  const perfect = Array.from({ length: jobs }, (_, n) => perfectCut(n + 1)).filter(({ job, fresh, value }) => {
    const { stats, notCut } = planCuts(job);
    return notCut.length === 0 && stats.fresh <= fresh && stats.value >= value;
  });
  return { jobs, perfect: perfect.length };
}

/** One sheet cut up into so many pieces, for how many of some it is filled again from edge to edge. */
function filledAgain(sheets: number): Quality {
  const perfect = (w: number, h: number, pieces: number, turn: boolean): number =>
    Array.from({ length: sheets }, (_, n) => dissection({ w, h }, pieces, seededRandom(n + 1))).filter(
      (cutUp) => planCuts(fromOneSheet({ w, h }, cutUp, turn)).notCut.length === 0,
    ).length;
  return {
    sheets,
    '200 x 200 into 49': perfect(200, 200, 49, true),
    'into 60': perfect(200, 200, 60, true),
    'into 60 that may not be turned': perfect(200, 200, 60, false),
    'into 73': perfect(200, 200, 73, true),
    'into 73 that may not be turned': perfect(200, 200, 73, false),
    '60 x 60 into 49': perfect(60, 60, 49, true),
    'into 49 that may not be turned': perfect(60, 60, 49, false),
    '60 x 90 into 73': perfect(60, 90, 73, true),
    '80 x 120 into 97': perfect(80, 120, 97, true),
  };
}

/** Whole kits of 9 to 30 pages with a page too many, ten seconds each: how much of the worth that is surely there is had. */
function kitsShared(kits: number, highs: ProgramSolver): Quality {
  let [had, there, perfect] = [0, 0, 0];
  for (let seed = 1; seed <= kits; seed++) {
    const { job, worth } = wholeKit(seed, 9 + ((seed * 7) % 22), [0, 0.06, 0.15][seed % 3]);
    const until = performance.now() + 10_000;
    const isOver = (): boolean => performance.now() > until;
    const { stats } = lastPlan(shareOut(job, solverFrom(highs, isOver), Infinity, isOver));
    had += Math.min(worth, stats.worth);
    there += worth;
    if (stats.worth >= worth) perfect++;
  }
  return { kits, perfect, worthPercent: Math.round((1000 * had) / there) / 10 };
}

function benchmarks(highs: ProgramSolver): Benchmark[] {
  const solver = solverFrom(highs);
  const events = manyEvents();
  const kit = kitJob(8, 40, 7);
  const large = kitJob(20, 80, 11);
  const picture = bigPicture();
  const things = manyThings();
  return [
    {
      name: 'ledger fold of 10,000 events',
      n: 7,
      run: () => {
        const folded = fold(events);
        return { ok: folded.ok };
      },
    },
    { name: 'cut plan of a 40-piece kit, first answer', n: 7, run: () => qualityOf(firstAnswer(kit)) },
    { name: 'cut plan of a 40-piece kit', n: 3, run: () => qualityOf(planCuts(kit, 400_000)) },
    {
      name: 'cut plan of 10 papers, 20 leftovers, 80 pieces, first answer',
      n: 5,
      run: () => qualityOf(firstAnswer(large)),
    },
    { name: 'cut plan of 10 papers, 20 leftovers, 80 pieces', n: 3, run: () => qualityOf(planCuts(large, 800_000)) },
    {
      name: 'circles of 5/8 in from a 12 x 12 sheet',
      n: 5,
      run: () => ({
        circles: punchSpots(
          { w: inches(12), h: inches(12), missing: [], upright: false },
          { shape: 'circle', size: inches(5 / 8), reach: null },
        ).length,
      }),
    },
    { name: 'share-out of 7 papers and 4 leftovers over 9 pages, first page', n: 5, run: () => sharedTo(1, solver) },
    { name: 'the same, five pages', n: 5, run: () => sharedTo(5, solver) },
    { name: 'the same, to its end', n: 3, run: () => sharedTo(null, solver) },
    { name: 'made jobs with a perfect answer', n: 0, run: () => perfectlyCut(40) },
    { name: 'a sheet cut up by lot, filled again', n: 0, run: () => filledAgain(6) },
    { name: 'whole kits shared out, ten seconds each', n: 0, run: () => kitsShared(18, highs) },
    { name: 'the photos of a page ranked over all designs', n: 5, run: rankedDesigns },
    { name: 'a query on 10,000 things: words, size and colour', n: 9, run: foundIn(things) },
    { name: 'an act and an undo on 10,000 things after 10,000 entries', n: 9, run: actedOn(things) },
    ...YARDSTICKS,
    { name: 'main colours of a 12-megapixel picture', n: 5, run: () => ({ colours: mainColours(picture).length }) },
  ];
}

/** Runs all, each once to warm up and then n times; prints a line for each. */
export async function runBenchmarks(asJson: boolean): Promise<void> {
  for (const { name, n, run } of benchmarks(await loadHighs())) {
    let quality = run();
    const times = Array.from({ length: n }, () => {
      const start = performance.now();
      quality = run();
      return performance.now() - start;
    }).sort((a, b) => a - b);
    const round = (ms: number): number => Math.round(ms * 10) / 10;
    // What is measured once, for its quality, has no times.
    const took = n > 0 ? { medianMs: round(nth(times, Math.floor(n / 2))), minMs: round(nth(times, 0)) } : null;
    process.stdout.write(
      asJson
        ? `${JSON.stringify({ name, n, ...took, ...quality })}\n`
        : `${name}: ${took ? `${took.medianMs} ms (median of ${n}, least ${took.minMs})  ` : ''}${quality ? JSON.stringify(quality) : ''}\n`,
    );
  }
  const bytes = await firstScreenBytes();
  process.stdout.write(
    asJson
      ? `${JSON.stringify({ name: 'scripts of the first screen', bytes })}\n`
      : `scripts of the first screen: ${Math.round(bytes / 1000)} kB over the wire\n`,
  );
}
