import { useTheme } from 'styled-components';
import { TICKS_PER_INCH } from '../../core/ground/length';
import { pathData, type DrawnShape } from '../../core/ground/shapes';
import { useFill } from './facesInSight';

export interface ShapeDrawingProps {
  shape: DrawnShape;
  face: string | null;
  /** Pixels to an inch. */ scale: number;
  label: string;
}

const inch = (ticks: number): number => ticks / TICKS_PER_INCH;

/**
 * A shape in the blank it is cut from, to scale: what falls off is pale, folds are dashed, a middle given back has a
 * pond edge.
 */
export function ShapeDrawing({ shape: { blank, outline, folds, givesBack }, face, scale, label }: ShapeDrawingProps) {
  const fill = useFill(face);
  const theme = useTheme();
  const [w, h] = [inch(blank.w), inch(blank.h)];
  return (
    <svg
      width={w * scale}
      height={h * scale}
      viewBox={`0 0 ${w} ${h}`}
      style={{ display: 'block', flex: 'none', overflow: 'visible' }}
      role="img"
      aria-label={label}
    >
      <rect width={w} height={h} fill={theme.paper} stroke={theme.line} strokeWidth={1 / scale} />
      <path d={pathData(outline, TICKS_PER_INCH)} fill={fill} stroke={theme.ink} strokeWidth={1.5 / scale} />
      {folds.map(({ from, to }, i) => (
        <line
          key={i}
          x1={inch(from.x)}
          y1={inch(from.y)}
          x2={inch(to.x)}
          y2={inch(to.y)}
          stroke={theme.ink}
          strokeWidth={1.5 / scale}
          strokeDasharray={`${5 / scale} ${4 / scale}`}
        />
      ))}
      {givesBack && (
        <rect
          x={inch(givesBack.x)}
          y={inch(givesBack.y)}
          width={inch(givesBack.w)}
          height={inch(givesBack.h)}
          fill={theme.paper}
          stroke={theme.pond}
          strokeWidth={2 / scale}
          strokeDasharray={`${7 / scale} ${4 / scale}`}
        />
      )}
    </svg>
  );
}
