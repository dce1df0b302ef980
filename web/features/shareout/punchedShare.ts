import type { Punching } from '../../../core/page/cutlist';
import type { SharePlan } from '../../../core/kit/shareout';
import { sheetsOfShare, type SharingPage } from '../../../core/kit/sharing';
import type { PlanSheet } from '../../../core/stock/things';
import { whyOf } from '../../ui/BrokenOff';
import { punchedInWorker } from '../../workers/planningClient';

/** A share-out's sheets, with what her punches make punched; as they are drawn, and why, where that breaks off. */
export async function punchedShare(
  plan: SharePlan,
  pages: readonly SharingPage[],
  punching: Punching,
): Promise<{ readonly sheets: readonly PlanSheet[]; readonly trouble: string | null }> {
  const drawn = sheetsOfShare(plan, pages);
  if (punching.punches.size === 0) return { sheets: drawn, trouble: null };
  return punchedInWorker(drawn, punching).then(
    (sheets) => ({ sheets, trouble: null }),
    (error: unknown) => ({
      sheets: drawn,
      trouble: `Where to punch could not be worked out, so shapes are cut as squares: ${whyOf(error)}`,
    }),
  );
}
