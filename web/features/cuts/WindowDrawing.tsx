import { useTheme } from 'styled-components';
import type { WindowStep } from '../../../core/cutlist';
import { formatSize, toInches, type MeasureSystem } from '../../../core/length';
import { useFill } from '../../ui/facesInSight';
import { Ruler } from '../../ui/Ruler';

export interface WindowDrawingProps {
  step: WindowStep;
  face: string | null;
  system: MeasureSystem;
}

const MOST_WIDE = 310;
const MOST_HIGH = 400;

/** The piece on the mat, to scale, with the middle that is cut out of it. */
export function WindowDrawing({ step: { part, middle }, face, system }: WindowDrawingProps) {
  const fill = useFill(face);
  const theme = useTheme();
  const [w, h] = [toInches(part.w), toInches(part.h)];
  const scale = Math.min(MOST_WIDE / w, MOST_HIGH / h, 60);
  return (
    <figure style={{ margin: 0 }}>
      <Ruler length={part.w} scale={scale} axis="x" system={system} />
      <svg
        width={w * scale}
        height={h * scale}
        viewBox={`0 0 ${w} ${h}`}
        style={{ overflow: 'visible', marginTop: 14 }}
        role="img"
        aria-label={`${formatSize(middle, system)} out of ${formatSize(part, system)}`}
      >
        <rect width={w} height={h} fill={fill} stroke={theme.woodInk} strokeWidth={1 / scale} />
        <rect
          x={toInches(middle.x - part.x)}
          y={toInches(middle.y - part.y)}
          width={toInches(middle.w)}
          height={toInches(middle.h)}
          fill={theme.ground}
          fillOpacity={0.55}
          stroke={theme.beet}
          strokeWidth={4 / scale}
        />
      </svg>
    </figure>
  );
}
