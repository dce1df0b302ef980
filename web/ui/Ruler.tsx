import styled, { useTheme } from 'styled-components';
import { TICKS_PER_INCH, TICKS_PER_MM, type MeasureSystem } from '../../core/ground/length';

export interface RulerProps {
  /** Ticks. */
  length: number;
  /** Pixels to an inch. */
  scale: number;
  axis: 'x' | 'y';
  system: MeasureSystem;
}

const DEEP = 26;
/** Numbers of two figures stand beside an upright ruler's marks. */
const WIDE = 30;

/** A ruler at the scale of what lies beside it. Only for the eye: measures are said in words elsewhere. */
export function Ruler({ length, scale, axis, system }: RulerProps) {
  const { woodInk } = useTheme();
  const unit = system === 'in' ? TICKS_PER_INCH : 10 * TICKS_PER_MM;
  const pixels = (length / TICKS_PER_INCH) * scale;
  const step = (unit / TICKS_PER_INCH) * scale;
  const parts = system === 'in' ? (step >= 28 ? 4 : 2) : 2;
  const every = step >= 26 ? 1 : step >= 12 ? 3 : system === 'in' ? 6 : 10;
  const count = Math.floor(length / unit);
  const marks = Array.from({ length: count * parts + 1 }, (_, i) => i);
  const line = (at: number, long: number) =>
    axis === 'x' ? { x1: at, x2: at, y1: DEEP, y2: DEEP - long } : { y1: at, y2: at, x1: WIDE, x2: WIDE - long };
  return (
    <Marks width={axis === 'x' ? pixels + 14 : WIDE} height={axis === 'x' ? DEEP : pixels + 14} aria-hidden>
      {marks.map((i) => (
        <line
          key={i}
          {...line((i / parts) * step + 0.5, i % (parts * every) === 0 ? 12 : i % parts === 0 ? 8 : 4)}
          stroke={woodInk}
          strokeWidth={1}
        />
      ))}
      {marks
        .filter((i) => i % (parts * every) === 0)
        .map((i) => {
          const at = (i / parts) * step;
          return axis === 'x' ? (
            <text key={i} x={at + 2} y={11} textAnchor="start" fill={woodInk}>
              {i / parts}
            </text>
          ) : (
            <text key={i} x={WIDE - 14} y={at + 4 + (i === 0 ? 5 : 0)} textAnchor="end" fill={woodInk}>
              {i / parts}
            </text>
          );
        })}
    </Marks>
  );
}

const Marks = styled.svg`
  display: block;
  overflow: visible;
  flex: none;
  text {
    font:
      11px 'Atkinson Hyperlegible Mono Variable',
      monospace;
  }
`;
