import { planCuts } from '../cutting';
import { area } from '../geometry';
import { cutJobOf, slotOf, type Settled } from './settle';
import { choicesOf, designsOf, type Table } from './table';
import type { Lacking } from './types';

/** Judgements for finding out which slot is in a page's way. */
const WORK = 500;

/** Why a page is not made, beside those that are. */
export function lackingOf(table: Table, best: Settled, p: number): Lacking {
  const { job, allowed } = table;
  const page = job.pages[p]!;
  const none = allowed[p]!.findIndex((designs) => designs.length === 0);
  if (none >= 0) {
    const { id, of } = page.slots[none]!;
    const isThere = job.stock.some((stock) => designsOf(stock).some((design) => of === null || (design !== null && of.includes(design))));
    return { kind: isThere ? 'too-large' : 'no-design', slot: id };
  }
  const [choice] = choicesOf(table, p, 1);
  if (!choice) return { kind: 'rules', slot: null };
  const assignment = best.assignment.map((own, i) => (i === p ? choice : own));
  const lacking = planCuts(cutJobOf(table, assignment), WORK).notCut.map(({ id }) => slotOf(id)).find(([at]) => at === p);
  const slot = lacking ? page.slots[lacking[1]]! : page.slots.reduce((a, b) => (area(b) > area(a) ? b : a));
  return { kind: 'no-room', slot: slot.id };
}
