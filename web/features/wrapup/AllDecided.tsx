import { aimsOf } from '../../../core/kit/closing';
import type { Kit } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { aimWords } from '../../parts/aimWords';
import { Slip } from '../../ui/Screen';
import { useFocusWhenLost } from '../../ui/useFocusWhenLost';

/** Nothing is left to be looked at: the kit can be closed, or is. */
export function AllDecided({ kit, isEmpty }: { kit: Kit; isEmpty: boolean }) {
  const ref = useFocusWhenLost<HTMLElement>();
  const { ledger, lots, pages } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const unmet = aimsOf(kit, { ledger, lots, pages }).filter(({ isMet }) => !isMet);
  return (
    <Slip ref={ref} tabIndex={-1}>
      <h2>{isEmpty ? 'Nothing is left of it' : 'Everything is decided'}</h2>
      {unmet.length > 0 && kit.closed === undefined && (
        <p>Not reached: {unmet.map((one) => aimWords(one, system)).join('; ')}.</p>
      )}
      <p>
        {kit.closed !== undefined
          ? 'This kit is closed. What comes back to it will be asked for here.'
          : isEmpty
            ? 'All of it is on pages, given or gone: the kit can be closed.'
            : 'The kit can be closed. What stays with you lies where you said; choose a thing below to decide otherwise.'}
      </p>
    </Slip>
  );
}
