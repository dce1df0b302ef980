import { useState, type PointerEvent } from 'react';
import { useTheme } from 'styled-components';
import { TICKS_PER_INCH } from '../../core/ground/length';
import { AID } from './drawnPage';
import { LaidFigure, type LaidThing } from './LaidFigure';

export interface LaidOverProps {
  laid: readonly LaidThing[];
  /** Pixels to an inch. */
  scale: number;
  chosen?: string | null;
  onChoose?: ((id: string) => void) | undefined;
  /** It was dragged so far, ticks. */
  onDrag?: ((id: string, dx: number, dy: number) => void) | undefined;
}

interface Drag {
  readonly id: string;
  readonly from: { readonly x: number; readonly y: number };
  readonly by: { readonly x: number; readonly y: number };
}

/** What lies on a page, drawn over it; where something is to be done with it, it is chosen by a click and dragged. */
export function LaidOver({ laid, scale, chosen = null, onChoose, onDrag }: LaidOverProps) {
  const theme = useTheme();
  const [drag, setDrag] = useState<Drag | null>(null);
  const begin = (id: string) => (event: PointerEvent<SVGGElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    onChoose?.(id);
    setDrag({ id, from: { x: event.clientX, y: event.clientY }, by: { x: 0, y: 0 } });
  };
  const move = (event: PointerEvent<SVGGElement>): void => {
    if (drag)
      setDrag({ ...drag, by: { x: (event.clientX - drag.from.x) / scale, y: (event.clientY - drag.from.y) / scale } });
  };
  const end = (): void => {
    if (drag && Math.hypot(drag.by.x, drag.by.y) * scale > 2)
      onDrag?.(drag.id, Math.round(drag.by.x * TICKS_PER_INCH), Math.round(drag.by.y * TICKS_PER_INCH));
    setDrag(null);
  };
  return laid.map(({ placed, looks }) => {
    const by = drag?.id === placed.id ? drag.by : null;
    const [w, h] = [looks.size.w / TICKS_PER_INCH, looks.size.h / TICKS_PER_INCH];
    return (
      <g
        key={placed.id}
        {...(by ? { transform: `translate(${by.x} ${by.y})` } : {})}
        {...(onChoose
          ? {
              onPointerDown: begin(placed.id),
              onPointerMove: move,
              onPointerUp: end,
              onPointerCancel: () => setDrag(null),
              style: { cursor: 'move', touchAction: 'none' },
            }
          : { pointerEvents: 'none' })}
      >
        <LaidFigure placed={placed} looks={looks} />
        {chosen === placed.id && (
          <rect
            {...AID}
            x={-w / 2 - 0.08}
            y={-h / 2 - 0.08}
            width={w + 0.16}
            height={h + 0.16}
            transform={`translate(${placed.x / TICKS_PER_INCH} ${placed.y / TICKS_PER_INCH}) rotate(${placed.turn})`}
            fill="none"
            stroke={theme.beet}
            strokeWidth={2 / scale}
            strokeDasharray={`${5 / scale} ${3 / scale}`}
            pointerEvents="none"
          />
        )}
      </g>
    );
  });
}
