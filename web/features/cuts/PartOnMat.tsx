import type { ReactNode } from 'react';
import { useTheme } from 'styled-components';
import type { Rect } from '../../../core/ground/geometry';
import { toInches, type MeasureSystem } from '../../../core/ground/length';
import { useFill } from '../../ui/facesInSight';
import { Ruler } from '../../ui/Ruler';

/** A rectangle as the drawings here have it, in inches. */
export const inInches = ({ x, y, w, h }: Rect) => ({
  x: toInches(x),
  y: toInches(y),
  width: toInches(w),
  height: toInches(h),
});

export interface PartOnMatProps {
  part: Rect;
  face: string | null;
  label: string;
  system: MeasureSystem;
  /** What is drawn on it, in inches. @param dot how long a dot of the screen is there @param fill the paper's print */
  children: (dot: number, fill: string) => ReactNode;
}

const MOST_WIDE = 310;
const MOST_HIGH = 400;
/** Dots to the inch, at the most. */
const LARGEST = 90;

/** A part of a sheet on the mat, to scale, with a ruler along its head. */
export function PartOnMat({ part, face, label, system, children }: PartOnMatProps) {
  const fill = useFill(face);
  const theme = useTheme();
  const [w, h] = [toInches(part.w), toInches(part.h)];
  const scale = Math.min(MOST_WIDE / w, MOST_HIGH / h, LARGEST);
  return (
    <figure style={{ margin: 0 }}>
      <Ruler length={part.w} scale={scale} axis="x" system={system} />
      <svg
        width={w * scale}
        height={h * scale}
        viewBox={`0 0 ${w} ${h}`}
        style={{ overflow: 'visible', marginTop: 14 }}
        role="img"
        aria-label={label}
      >
        <rect width={w} height={h} fill={fill} stroke={theme.woodInk} strokeWidth={1 / scale} />
        {children(1 / scale, fill)}
      </svg>
    </figure>
  );
}
