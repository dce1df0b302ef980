import { useMemo } from 'react';
import { ANY_TRIMMER } from '../../../core/trimmer/cutting';
import type { Punching } from '../../../core/page/cutlist';
import { pagesToShare, smallGifts } from '../../../core/acts';
import { pagesFromMiddles, punchingOf } from '../../../core/kit/sharing';
import { pageCosts } from '../../../core/kit/shareout';
import { ownPunches } from '../../../core/trimmer/onHand';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import type { ShareChoices } from './shareChoices';
import { useShareOut } from './useShareOut';

const NO_PUNCHING: Punching = { stock: [], list: [], punches: new Map(), trimmer: ANY_TRIMMER };

/** Kits and pages that can be shared between, and those she chose. */
function useWhatIsShared({ pagesLeft, kitsLeft }: ShareChoices) {
  const bench = useBench((b) => b);
  const { open, begun } = useMemo(() => pagesToShare(bench), [bench]);
  const kits = useMemo(() => [...bench.kits.values()].sort((a, b) => b.month.localeCompare(a.month)), [bench.kits]);
  const chosen = useMemo(() => open.filter(({ id }) => !pagesLeft.includes(id)), [open, pagesLeft]);
  const kitSet = useMemo(
    () => new Set(kits.map(({ id }) => id).filter((id) => !kitsLeft.includes(id))),
    [kits, kitsLeft],
  );
  return { bench, open, begun, kits, chosen, kitSet };
}

/** A share-out as it is found, better and better, and what follows from it: pages whole, small things, punches. */
export function useShared(choices: ShareChoices) {
  const { isPunching, punchReach } = useSettings();
  const of = useWhatIsShared(choices);
  const { bench, chosen, kitSet } = of;
  const { allowed } = choices;
  const search = useShareOut(chosen, kitSet, choices);
  const { pages: laid, job, plan } = search;
  const complete = useMemo(
    () => laid.filter(({ page }) => plan?.pages.some(({ id, complete: isMade }) => id === page.id && isMade)),
    [laid, plan],
  );
  const small = useMemo(() => smallGifts(complete, bench, kitSet, allowed), [complete, bench, kitSet, allowed]);
  const punching = useMemo(() => {
    const own = isPunching ? ownPunches(bench.lots, bench.ledger, punchReach).map(({ punch }) => punch) : [];
    return plan ? punchingOf(plan, complete, job, own) : NO_PUNCHING;
  }, [plan, complete, job, bench, isPunching, punchReach]);
  return {
    ...of,
    ...search,
    laid,
    complete,
    small,
    punching,
    /** Whether it is still being looked for, and whether more pages are proved to be impossible. */
    standing:
      search.done !== null
        ? ('looking' as const)
        : plan && plan.stats.bound.worth <= plan.stats.worth
          ? ('proved' as const)
          : ('open' as const),
    costs: useMemo(() => (plan ? pageCosts(plan, job.stock) : []), [plan, job]),
    fromMiddles: useMemo(() => pagesFromMiddles(plan), [plan]),
  };
}
export type Shared = ReturnType<typeof useShared>;
