import { useMemo } from 'react';
import type { Preference } from '../../../core/trimmer/cutting';
import {
  cutJobFor,
  pinDown,
  without,
  withSheets,
  type JoinedStrip,
  type Pin,
  type PurposedPlan,
} from '../../../core/page/cutlist';
import type { Page, PlanSheet } from '../../../core/stock/things';
import { useSettings, useTrimmer } from '../../data/settings';
import { useSearch, type Search, type Searching } from '../../ui/useSearch';
import { useCutList, type CutList } from './useCutList';
import type { CutQuestion } from '../../workers/cutQuestion';
import { planInWorker, stopPlanning } from '../../workers/planningClient';

/** Judgements the planner may make for one plan, and for each of the other ways. */
const WORK = 500_000;
const OTHER_WORK = 150_000;
const OTHERS: readonly Preference[] = ['cuts', 'whole'];

/** What she wants otherwise than the planner would have it. */
export interface Wishes {
  /** The one line of the cut list that is cut now; null: all of it. */
  readonly only: string | null;
  /** Papers not to be cut. */
  readonly forbidden: readonly string[];
  readonly pins: readonly Pin[];
  /** Sheets that stay as they are drawn. */
  readonly locked: readonly PlanSheet[];
  readonly joined: readonly JoinedStrip[];
  /** Other pages, cut in one go with this one. */
  readonly others: readonly string[];
}

export const NO_WISHES: Wishes = { only: null, forbidden: [], pins: [], locked: [], joined: [], others: [] };

type Plans = ReadonlyMap<Preference, PurposedPlan>;

export interface Planning extends CutList, Omit<Searching<never>, 'found'> {
  /** The plans found so far, the one that saves fresh sheets first. */
  readonly plans: Plans;
}

const NONE: Plans = new Map();

/** What is to be planned, and the sheets that are settled already. */
function useQuestion({ list, stock, punches }: CutList, { forbidden, pins, locked, joined }: Wishes) {
  const isPunching = useSettings((s) => s.isPunching);
  const trimmer = useTrimmer();
  return useMemo(() => {
    const settled = [...locked, ...joined.flatMap(({ sheets }) => sheets)];
    const taken = new Set([...forbidden, ...settled.map(({ stock: id }) => id)]);
    const rest = without(list, locked)
      .map((piece) => ({ ...piece, count: piece.count - joined.filter(({ wanted }) => wanted === piece.id).length }))
      .filter(({ count }) => count > 0);
    const pinned = pinDown(rest, pins);
    const job = cutJobFor(
      pinned,
      stock.filter(({ id }) => !taken.has(id)),
      trimmer,
    );
    // What is pinned to a paper is cut from it.
    const free = isPunching ? [...punches].filter(([id]) => !pins.some(({ wanted }) => wanted === id)) : [];
    return { settled, question: { job, list: pinned, punches: new Map(free) } };
  }, [list, stock, trimmer, forbidden, pins, locked, joined, punches, isPunching]);
}

interface PlansFound {
  readonly plans: Plans;
  readonly done: number | null;
}

/** One plan after another. @param whole a plan with what is settled already */
const plansOf =
  (question: CutQuestion, whole: (plan: PurposedPlan) => PurposedPlan): Search<PlansFound> =>
  async (onProgress, signal) => {
    const { job } = question;
    const first = await planInWorker(question, WORK, ({ plan, done }) =>
      onProgress({ plans: new Map([['fresh', whole(plan)]]), done }),
    );
    let plans: Plans = new Map([['fresh', whole(first)]]);
    for (const prefer of OTHERS) {
      if (signal.aborted) break;
      onProgress({ plans, done: null });
      const other = await planInWorker({ ...question, job: { ...job, prefer } }, OTHER_WORK, () => undefined);
      plans = new Map([...plans, [prefer, whole(other)]]);
    }
    return { plans };
  };

/**
 * Plans the cuts of one page or several in the worker: a first plan at once, then better ones, then those that prefer
 * something else.
 */
export function usePlan(pages: readonly Page[], wishes: Wishes): Planning {
  const cutList = useCutList(pages, wishes.only);
  const { settled, question } = useQuestion(cutList, wishes);
  const { stock } = cutList;
  const search = useMemo(
    () => plansOf(question, (plan) => withSheets(plan, settled, stock)),
    [question, settled, stock],
  );
  const { found, ...standing } = useSearch(search, stopPlanning);
  return { ...cutList, plans: found?.plans ?? NONE, ...standing };
}
