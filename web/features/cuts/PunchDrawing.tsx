import { useTheme } from 'styled-components';
import type { PunchStep } from '../../../core/cutlist';
import { toInches, type MeasureSystem } from '../../../core/length';
import type { PieceState } from '../../../core/ledger';
import { useFill } from '../../ui/facesInSight';
import { holePath } from '../../ui/holePath';
import { Ruler } from '../../ui/Ruler';

export interface PunchDrawingProps {
  step: PunchStep;
  /** The part as it lies there. */
  piece: PieceState;
  face: string | null;
  system: MeasureSystem;
}

const MOST_WIDE = 310;
const MOST_HIGH = 400;

/** The part on the mat, to scale, with the place of each shape that is punched from it. */
export function PunchDrawing({ step: { part, pieces }, piece, face, system }: PunchDrawingProps) {
  const fill = useFill(face);
  const theme = useTheme();
  const [w, h] = [toInches(part.w), toInches(part.h)];
  const scale = Math.min(MOST_WIDE / w, MOST_HIGH / h, 90);
  const holes = pieces.flatMap(({ punched }) =>
    punched ? [{ ...punched.hole, x: punched.hole.x - part.x, y: punched.hole.y - part.y }] : [],
  );
  return (
    <figure style={{ margin: 0 }}>
      <Ruler length={part.w} scale={scale} axis="x" system={system} />
      <svg
        width={w * scale}
        height={h * scale}
        viewBox={`0 0 ${w} ${h}`}
        style={{ overflow: 'visible', marginTop: 14 }}
        role="img"
        aria-label={`${holes.length} shapes to punch`}
      >
        <rect width={w} height={h} fill={fill} />
        <rect width={w} height={h} fill={theme.ground} opacity={0.55} />
        {piece.missing.map((gone, i) => (
          <rect
            key={i}
            x={toInches(gone.x)}
            y={toInches(gone.y)}
            width={toInches(gone.w)}
            height={toInches(gone.h)}
            fill={theme.ground}
          />
        ))}
        <rect width={w} height={h} fill="none" stroke={theme.woodInk} strokeWidth={1 / scale} />
        {holes.map((hole, i) => (
          <path key={i} d={holePath(hole)} fill={fill} stroke={theme.beet} strokeWidth={3 / scale} />
        ))}
      </svg>
    </figure>
  );
}
