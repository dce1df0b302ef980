import { useTheme } from 'styled-components';
import type { PunchStep } from '../../../core/page/cutlist';
import type { PieceState } from '../../../core/stock/ledger';
import type { MeasureSystem } from '../../../core/ground/length';
import { holePath } from '../../ui/holePath';
import { inInches, PartOnMat } from './PartOnMat';
import { countWords } from '../../words/countWords';

export interface PunchDrawingProps {
  step: PunchStep;
  /** The part as it lies there. */
  piece: PieceState;
  face: string | null;
  system: MeasureSystem;
}

/** The part on the mat, with the place of each shape that is punched from it. */
export function PunchDrawing({ step: { part, pieces }, piece, face, system }: PunchDrawingProps) {
  const theme = useTheme();
  const holes = pieces.flatMap(({ punched }) =>
    punched ? [{ ...punched.hole, x: punched.hole.x - part.x, y: punched.hole.y - part.y }] : [],
  );
  return (
    <PartOnMat part={part} face={face} label={`${countWords(holes.length, 'shape')} to punch`} system={system}>
      {(dot, fill) => (
        <>
          <rect {...inInches({ ...part, x: 0, y: 0 })} fill={theme.ground} opacity={0.55} />
          {piece.missing.map((gone, i) => (
            <rect key={i} {...inInches(gone)} fill={theme.ground} />
          ))}
          {holes.map((hole, i) => (
            <path key={i} d={holePath(hole)} fill={fill} stroke={theme.beet} strokeWidth={3 * dot} />
          ))}
        </>
      )}
    </PartOnMat>
  );
}
