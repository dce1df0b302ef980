import type { WindowStep } from '../../../core/page/cutlist';
import { formatLength, formatSize, type MeasureSystem } from '../../../core/ground/length';
import { Soft } from '../../ui/Screen';
import type { PieceName } from '../../parts/pieceName';
import { Big } from './Big';

export interface WindowNowProps {
  step: WindowStep;
  system: MeasureSystem;
  nameOf: PieceName;
}

/** A hidden middle that is cut out of the piece in hand, for other pieces to be cut from. */
export function WindowNow({ step, system, nameOf }: WindowNowProps) {
  const { part, middle } = step;
  return (
    <>
      <h2>Cut the middle out</h2>
      <Big $many>{formatSize(middle, system)}</Big>
      <p>
        {formatLength(middle.x - part.x, system)} from the left edge and {formatLength(middle.y - part.y, system)} from
        the head of the {nameOf(step, true)}.
      </p>
      <p>Mark its head: it lies on the page as it is drawn here.</p>
      <Soft>It stays hidden on the page; other pieces are cut from it. Back the page with plain paper.</Soft>
    </>
  );
}
