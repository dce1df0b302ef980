import { useMemo } from 'react';
import type { CutStock } from '../../../core/trimmer/cutting';
import { cutListOf, notPlanned, punchable, shapedPieces, type WantedPiece } from '../../../core/page/cutlist';
import { pageLayout } from '../../../core/page/design';
import { shelfOf } from '../../../core/stock/bench';
import { ownPunches, stockOnHand } from '../../../core/trimmer/onHand';
import type { Page, Punch } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';

/** What pages are still to be cut, and from what. */
export interface CutList {
  /** Everything wanted, also what is settled already. */
  readonly list: readonly WantedPiece[];
  readonly stock: readonly CutStock[];
  /** The punch for each line that one of hers makes. */
  readonly punches: ReadonlyMap<string, Punch>;
}

/** @param only the one line that is cut now; null: all of them */
export function useCutList(pages: readonly Page[], only: string | null): CutList {
  const bench = useBench((b) => b);
  const punchReach = useSettings((s) => s.punchReach);
  const list = useMemo(() => {
    const all = pages.flatMap((page) => {
      const layout = pageLayout(page);
      return layout.ok ? notPlanned(cutListOf(layout.value, page), bench.ledger, bench.plans, page.id) : [];
    });
    // Once that line is cut or planned, the rest is what is left to plan.
    return all.some(({ id }) => id === only) ? all.filter(({ id }) => id === only) : all;
  }, [pages, bench.ledger, bench.plans, only]);
  const lead = pages[0]?.id ?? null;
  const stock = useMemo(() => stockOnHand(shelfOf(bench), lead), [bench, lead]);
  const punches = useMemo(() => {
    const shaped = pages.flatMap((page) => shapedPieces(pageLayout(page).value, page));
    const own = ownPunches(bench.lots, bench.ledger, punchReach).map(({ punch }) => punch);
    const wanted = new Set(list.map(({ id }) => id));
    return new Map([...punchable(shaped, own)].filter(([id]) => wanted.has(id)));
  }, [pages, bench.lots, bench.ledger, punchReach, list]);
  return { list, stock, punches };
}
