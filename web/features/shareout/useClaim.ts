import { claimShareOut } from '../../../core/acts';
import { nth } from '../../../core/ground/nth';
import { act, say } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { useGoAfter } from '../../ui/useGoAfter';
import { punchedShare } from './punchedShare';
import type { ShareChoices } from './shareChoices';
import type { Shared } from './useShared';

/** Claims the papers of a share-out for its pages, and goes on to the cuts if she likes. */
export function useClaim(shared: Shared, choices: ShareChoices) {
  const { plan, complete, punching, small, kitSet, isCurrent, stop } = shared;
  const goAfter = useGoAfter();
  const change = useSettings((s) => s.change);
  const canClaim = plan !== null && isCurrent && complete.length > 0;
  const claimed = async (): Promise<boolean> => {
    if (!plan) return false;
    const { sheets, trouble } = await punchedShare(plan, complete, punching);
    const isDone = await act(
      claimShareOut({ plan, pages: complete, kits: [...kitSet], gifts: small.gifts, laid: small.laid, sheets }),
    );
    if (isDone && trouble !== null) say(trouble, 'refused');
    return isDone;
  };
  const claim = async (toCuts: boolean): Promise<void> => {
    if (!canClaim) return;
    stop();
    const first = nth(complete, 0).page.id;
    await goAfter(
      claimed().then((isDone) => {
        if (!isDone) return null;
        choices.free();
        change({ pageInHand: first });
        return toCuts ? `/cuts/${first}` : null;
      }),
    );
  };
  return { canClaim, claim };
}
