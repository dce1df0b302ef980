import { useEffect, useRef, useReducer, useState } from 'react';
import type { Preference } from '../../../core/cutting';
import {
  cutJobFor,
  pinDown,
  without,
  withSheets,
  type JoinedStrip,
  type Pin,
  type PurposedPlan,
} from '../../../core/cutlist';
import type { Page, PlanSheet } from '../../../core/things';
import { useSettings } from '../../data/settings';
import { whyOf } from '../../ui/BrokenOff';
import { useCutList, type CutList } from './useCutList';
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

export interface Planning extends CutList {
  /** The plans found so far, the one that saves fresh sheets first. */
  readonly plans: ReadonlyMap<Preference, PurposedPlan>;
  /** 0 to 1 while better plans are looked for; null when done. */
  readonly done: number | null;
  readonly trouble: string | null;
  stop: () => void;
  /** Once it broke off: from the beginning. */
  again: () => void;
}

const NONE: Pick<Planning, 'plans' | 'done' | 'trouble'> = { plans: new Map(), done: 0, trouble: null };

/**
 * Plans the cuts of one page or several in the worker: a first plan at once, then better ones, then those that prefer
 * something else.
 */
export function usePlan(pages: readonly Page[], { only, forbidden, pins, locked, joined }: Wishes): Planning {
  const { longestCut, isPunching } = useSettings();
  const { list, stock, punches } = useCutList(pages, only);
  const [found, setFound] = useState(NONE);
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  const isStopped = useRef(false);
  useEffect(() => {
    let isLatest = true;
    isStopped.current = false;
    const settled = [...locked, ...joined.flatMap(({ sheets }) => sheets)];
    const show = (prefer: Preference, plan: PurposedPlan, done: number | null): void => {
      if (!isLatest) return;
      const whole = withSheets(plan, settled, stock);
      setFound(({ plans }) => ({
        plans: new Map(prefer === 'fresh' ? [[prefer, whole]] : [...plans, [prefer, whole]]),
        done,
        trouble: null,
      }));
    };
    const taken = new Set([...forbidden, ...settled.map(({ stock: id }) => id)]);
    const rest = without(list, locked)
      .map((piece) => ({ ...piece, count: piece.count - joined.filter(({ wanted }) => wanted === piece.id).length }))
      .filter(({ count }) => count > 0);
    const pinned = pinDown(rest, pins);
    const job = cutJobFor(
      pinned,
      stock.filter(({ id }) => !taken.has(id)),
      longestCut,
    );
    // What is pinned to a paper is cut from it.
    const free = isPunching ? [...punches].filter(([id]) => !pins.some(({ wanted }) => wanted === id)) : [];
    const question = { job, list: pinned, punches: new Map(free) };
    const search = async (): Promise<void> => {
      show('fresh', await planInWorker(question, WORK, ({ plan, done }) => show('fresh', plan, done)), null);
      for (const prefer of OTHERS) {
        if (!isLatest || isStopped.current) return;
        show(prefer, await planInWorker({ ...question, job: { ...job, prefer } }, OTHER_WORK, () => undefined), null);
      }
    };
    search().catch((error: unknown) => {
      if (isLatest) setFound({ ...NONE, done: null, trouble: whyOf(error) });
    });
    return () => {
      isLatest = false;
      stopPlanning();
    };
  }, [list, stock, longestCut, forbidden, pins, locked, joined, punches, isPunching, tries]);
  const stop = (): void => {
    isStopped.current = true;
    stopPlanning();
  };
  return { list, stock, punches, ...found, stop, again };
}
