import { useTheme } from 'styled-components';
import type { WindowStep } from '../../../core/page/cutlist';
import { formatSize, type MeasureSystem } from '../../../core/ground/length';
import { inInches, PartOnMat } from './PartOnMat';

export interface WindowDrawingProps {
  step: WindowStep;
  face: string | null;
  system: MeasureSystem;
}

/** The piece on the mat, with the middle that is cut out of it. */
export function WindowDrawing({ step: { part, middle }, face, system }: WindowDrawingProps) {
  const theme = useTheme();
  const label = `${formatSize(middle, system)} out of ${formatSize(part, system)}`;
  return (
    <PartOnMat part={part} face={face} label={label} system={system}>
      {(dot) => (
        <rect
          {...inInches({ ...middle, x: middle.x - part.x, y: middle.y - part.y })}
          fill={theme.ground}
          fillOpacity={0.55}
          stroke={theme.beet}
          strokeWidth={4 * dot}
        />
      )}
    </PartOnMat>
  );
}
