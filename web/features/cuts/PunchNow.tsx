import styled from 'styled-components';
import type { PunchStep } from '../../../core/page/cutlist';
import { groupBy } from '../../../core/ground/groupBy';
import type { MeasureSystem } from '../../../core/ground/length';
import { Soft } from '../../ui/Screen';
import type { PieceName } from '../../parts/pieceName';
import { Big } from './Big';
import { punchCounts, shapeWords, whereWords } from '../../parts/punchWords';

export interface PunchNowProps {
  step: PunchStep;
  system: MeasureSystem;
  nameOf: PieceName;
}

/** What is punched from the part in hand, in one go. */
export function PunchNow({ step, system, nameOf }: PunchNowProps) {
  const counts = punchCounts(step, system);
  const aside = [...groupBy(step.pieces, (piece) => nameOf(piece, true))];
  return (
    <>
      <h2>Punch</h2>
      <Sizes>
        {counts.map((count) => (
          <Big key={count} $many={counts.length > 1}>
            {count}
          </Big>
        ))}
      </Sizes>
      <p>
        {shapeWords(step)}, {whereWords(step)}.
      </p>
      <p>Lay the part in the punch face down, so that you see where it bites.</p>
      <Soft>Aside: {aside.map(([name, own]) => `${own.length} × ${name}`).join(', ')}.</Soft>
    </>
  );
}

const Sizes = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 34px;
`;
