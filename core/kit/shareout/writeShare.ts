import { lackingOf } from './lacking';
import { slotOf, type Settled } from './settle';
import { sparesOf } from './spares';
import type { Table } from './table';
import type { SharedPage, SharedSheet, SharePlan } from './types';
import { nth } from '../../ground/nth';

/** The share-out as it is told: every page once, sheets with the page and slot of each piece. */
export function writeShare(table: Table, best: Settled, bound: { worth: number; fresh: number }): SharePlan {
  const { job, designs } = table;
  const { assignment, plan, worth } = best;
  const spares = sparesOf(table, best);
  const pages = job.pages.map(({ id, slots }, p): SharedPage => {
    const choice = assignment[p];
    return choice
      ? { id, complete: true, slots: slots.map((slot, s) => ({ id: slot.id, design: nth(designs, nth(choice, s)) })) }
      : { id, complete: false, why: lackingOf(table, spares, p) };
  });
  const sheets = plan.sheets.map((sheet): SharedSheet => ({
    ...sheet,
    pieces: sheet.pieces.map(({ id, ...piece }) => {
      const [p, s] = slotOf(id);
      return { page: nth(job.pages, p).id, slot: nth(nth(job.pages, p).slots, s).id, ...piece };
    }),
  }));
  const { fresh, kept, cuts, pieceArea, nubbinArea, wasteArea, largestNubbin } = plan.stats;
  const most = Math.max(bound.worth, worth);
  return {
    pages,
    sheets,
    stats: {
      worth,
      complete: assignment.filter((choice) => choice !== null).length,
      fresh,
      kept,
      cuts,
      pieceArea,
      nubbinArea,
      wasteArea,
      largestNubbin,
      bound: { worth: most, fresh: Math.min(bound.fresh, fresh) },
      optimal: worth >= most * (1 - 1e-9) && fresh <= bound.fresh,
    },
  };
}
