import { ok } from '../../ground/result';
import { addAmounts, own, partBelowZero } from './amounts';
import { lotOf, type Checked, type Draft, type Refuse } from './draft';
import type { Amounts } from './events';
import type { LotState, PieceWhere } from './ledger';

/** Amounts that come, go or are claimed: whole and above zero. What a count puts right may be below. */
export function brokenAmount(lot: string, amounts: Amounts, refuse: Refuse, maySink = false): Checked | null {
  for (const n of Object.values(amounts)) {
    if (!Number.isSafeInteger(n)) return refuse('not-whole', lot, n);
    if (n === 0 || (n < 0 && !maySink)) return refuse('not-above-zero', lot, n);
  }
  return null;
}

/**
 * A lot with some of its amounts changed, refused when one falls below zero. @param page whose claims or uses change
 */
export function changeLot(
  draft: Draft,
  lot: string,
  change: Amounts,
  apply: (state: LotState) => Partial<LotState>,
  refuse: Refuse,
  page: string | null = null,
): Checked {
  const before = lotOf(draft, lot);
  const after = { ...before, ...apply(before) };
  const ofPage = page === null ? [] : [own(after.claimed, page) ?? {}, own(after.used, page) ?? {}];
  for (const amounts of [
    after.received,
    after.owed,
    after.here,
    after.given,
    after.sold,
    after.lent,
    after.recycled,
    ...ofPage,
  ]) {
    const part = partBelowZero(amounts);
    if (part !== null)
      return refuse('below-zero', part === '' ? lot : `${lot}: ${part}`, before.here[part] ?? 0, change[part]);
  }
  return ok(() => {
    draft.lots.set(lot, after);
  });
}

const byPage = (pages: LotState['used'], page: string, change: Amounts, sign: 1 | -1): LotState['used'] => {
  const sum = addAmounts(own(pages, page) ?? {}, change, sign);
  const others = Object.entries(pages).filter(([other]) => other !== page);
  return Object.fromEntries(Object.keys(sum).length === 0 ? others : [...others, [page, sum]]);
};

/** The column of a lot's account that each state of a piece corresponds to. */
export function shift(
  state: LotState,
  where: PieceWhere,
  page: string | null,
  change: Amounts,
  sign: 1 | -1,
): Partial<LotState> {
  // What is out or used is so for a page.
  if (where === 'claimed' || where === 'used') return { [where]: byPage(state[where], page ?? '', change, sign) };
  if (where === 'given' || where === 'sold' || where === 'lent' || where === 'recycled')
    return { [where]: addAmounts(state[where], change, sign) };
  return { here: addAmounts(state.here, change, sign) };
}
