import styled, { useTheme } from 'styled-components';
import { formatSize, TICKS_PER_INCH, type MeasureSystem } from '../../../core/ground/length';
import type { CutStep } from '../../../core/page/cutlist';
import { useFill } from '../../ui/facesInSight';
import { Ruler } from '../../ui/Ruler';

export interface StepDrawingProps {
  step: CutStep;
  face: string | null;
  words: readonly [string, string];
  system: MeasureSystem;
}

const MOST_WIDE = 310;
const MOST_HIGH = 400;

/** The part on the mat, to scale, with the ruler along the cut's axis, the cut, and what becomes of both sides. */
export function StepDrawing({ step, face, words, system }: StepDrawingProps) {
  const fill = useFill(face);
  const theme = useTheme();
  const { part, axis, at, gives } = step;
  const [w, h] = [part.w / TICKS_PER_INCH, part.h / TICKS_PER_INCH];
  const scale = Math.min(MOST_WIDE / w, MOST_HIGH / h, 60);
  const cut = at / TICKS_PER_INCH;
  const far = axis === 'x' ? { x: cut, y: 0, width: w - cut, height: h } : { x: 0, y: cut, width: w, height: h - cut };
  const line =
    axis === 'x'
      ? { x1: cut, x2: cut, y1: -12 / scale, y2: h + 12 / scale }
      : { y1: cut, y2: cut, x1: -12 / scale, x2: w + 12 / scale };
  return (
    <figure style={{ margin: 0 }}>
      <Laid $axis={axis}>
        <Ruler length={axis === 'x' ? part.w : part.h} scale={scale} axis={axis} system={system} />
        <svg
          width={w * scale}
          height={h * scale}
          viewBox={`0 0 ${w} ${h}`}
          style={{ overflow: 'visible' }}
          role="img"
          aria-label={`A part of ${formatSize(part, system)}, cut ${axis === 'x' ? 'top to bottom' : 'left to right'}`}
        >
          <rect width={w} height={h} fill={fill} />
          <rect {...far} fill={theme.ground} opacity={0.55} />
          <rect width={w} height={h} fill="none" stroke={theme.woodInk} strokeWidth={1 / scale} />
          <line {...line} stroke={theme.beet} strokeWidth={4 / scale} />
        </svg>
      </Laid>
      <ul>
        {gives.map((give, i) => (
          <Side key={i}>
            <b>{axis === 'x' ? ['left', 'right'][i] : ['top', 'bottom'][i]}</b>{' '}
            <span className="measure">{formatSize(give, system)}</span> {words[i]}
          </Side>
        ))}
      </ul>
    </figure>
  );
}

const Laid = styled.div<{ $axis: 'x' | 'y' }>`
  display: flex;
  flex-direction: ${({ $axis }) => ($axis === 'x' ? 'column' : 'row')};
  gap: 14px;
  margin-bottom: 20px;
`;
const Side = styled.li`
  font-size: 16px;
  padding: 3px 0;
  b {
    display: inline-block;
    min-width: 58px;
  }
`;
