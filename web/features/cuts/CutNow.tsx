import type { CutStep } from '../../../core/page/cutlist';
import { formatLength, type MeasureSystem } from '../../../core/ground/length';
import { Big } from './Big';
import { END_WORDS } from '../../parts/endWords';

/** What the trimmer is set to, and from which end it is measured. */
export function CutNow({ step, system }: { step: CutStep; system: MeasureSystem }) {
  const { axis, from, setting, lost } = step;
  return (
    <>
      <h2>Set the trimmer to</h2>
      <Big>{formatLength(setting, system)}</Big>
      <p>
        from {END_WORDS[axis][from]}, and cut right across, {axis === 'x' ? 'top to bottom' : 'left to right'}.
        {from === 'far' && ' Paper is gone at the other end.'}
        {lost > 0 && ` Cut beyond the mark: ${formatLength(lost, system)} is taken there.`}
      </p>
    </>
  );
}
