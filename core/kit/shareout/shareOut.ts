import { piecesWithKerf, searchAsCut, withKerf } from '../../trimmer/cutting';
import { Search } from './search';
import type { ShareJob, SharePlan, Solver } from './types';
import { writeShare } from './writeShare';

export interface ShareProgress {
  /** The best share-out so far. */
  readonly plan: SharePlan;
  /** 0 to 1: how much of the work allowed is done. */
  readonly done: number;
}

/** Judgements of the planner and of the program together: about ten seconds' worth on an ordinary machine. */
const WORK = 800_000;
/** Of these, for cutting the best as well as can be at the end. */
const FINISH = 100_000;
/** Rounds of dealing before bounds are asked for. */
const FIRST = 300;
/** Work between two share-outs that are written. */
const REPORT = 8_000;
/**
 * Rounds without anything better, after which the search ends; and once worth and fresh sheets are as good as can be.
 */
const PATIENCE = { short: 120, then: 15, proved: 5 } as const;

/**
 * Shares stock out over pages: which pages can be made whole, of which designs, from which sheets. A mixed-integer
 * program over areas says what cannot be beaten and which designs may do; the cutting planner says whether they can be
 * cut; what surely cannot is told to the program (after J. N. Hooker, G. Ottosson, Logic-based Benders decomposition,
 * Mathematical Programming 96, 2003), what could not is asked for with more paper to spare, at prices drawn by lot.
 * @param solver for the program; null: pages are added one by one, bounds are by area
 * @param work judgements allowed
 * @param isOver asked often: whether it is to end with the best so far, by a clock, say
 * @yields the first share-out at once, then better ones; the last is the result
 */
export function* shareOut(
  job: ShareJob,
  solver: Solver | null,
  work = WORK,
  isOver: () => boolean = () => false,
): Generator<ShareProgress, SharePlan> {
  const { kerf = 0 } = job;
  if (kerf === 0) return yield* shareWithoutKerf(job, solver, work, isOver);
  const pages = job.pages.map((page) => ({ ...page, slots: piecesWithKerf(page.slots, kerf) }));
  return yield* searchAsCut(shareWithoutKerf({ ...withKerf(job), pages }, solver, work, isOver), job);
}

function* shareWithoutKerf(
  job: ShareJob,
  solver: Solver | null,
  work: number,
  isOver: () => boolean,
): Generator<ShareProgress, SharePlan> {
  const search = new Search(job, solver, isOver);
  let [freshBound, written, writtenAt] = [0, search.best, 0];
  const write = (): SharePlan => writeShare(search.table, search.best, { worth: search.worthBound, fresh: freshBound });
  let plan = write();
  /** Where it stands; a better share-out is written anew when some work has been done since the last. */
  const progress = (): ShareProgress => {
    if (search.best !== written && (search.spent - writtenAt > REPORT || written.worth === 0))
      [plan, written, writtenAt] = [write(), search.best, search.spent];
    return { plan, done: Math.min(1, search.spent / work) };
  };
  for (const _ of search.deal(FIRST, Math.min(work, WORK) / 4)) yield progress();
  search.boundWorth();
  search.tryWhole();
  freshBound = search.boundFresh();
  const most = work - Math.min(FINISH, work / 4);
  for (
    let quiet = 0;
    quiet < PATIENCE[search.isProved(freshBound) && !job.taste ? 'proved' : search.isShort ? 'short' : 'then'] &&
    search.spent < most &&
    !isOver() &&
    !search.isUsedUp();
  ) {
    const trying = search.step(freshBound, most);
    let tried = trying.next();
    for (; !tried.done; tried = trying.next()) yield progress();
    yield progress();
    quiet = tried.value ? 0 : quiet + 1;
    if (tried.value) freshBound = search.boundFresh();
  }
  search.finish(FINISH);
  search.boundWorth();
  freshBound = search.boundFresh();
  plan = write();
  yield { plan, done: 1 };
  return plan;
}
