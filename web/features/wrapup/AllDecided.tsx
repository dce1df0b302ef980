import type { Kit } from '../../../core/things';
import { Slip } from '../../ui/Screen';
import { useFocusWhenLost } from '../../ui/useFocusWhenLost';

/** Nothing is left to be looked at: the kit can be closed, or is. */
export function AllDecided({ kit, isEmpty }: { kit: Kit; isEmpty: boolean }) {
  const ref = useFocusWhenLost<HTMLElement>();
  return (
    <Slip ref={ref} tabIndex={-1}>
      <h2>{isEmpty ? 'Nothing is left of it' : 'Everything is decided'}</h2>
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
