import type { DragEvent, ReactNode } from 'react';
import { TICKS_PER_INCH } from '../../../core/ground/length';
import { layOn } from '../../../core/acts';
import { toSixteenths } from '../../../core/page/placing';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { droppedThing, holdsThing } from '../../ui/draggedThing';

/** The drawn page: what is dragged onto it from the tray or the lists is laid where it is let go. */
export function PageTarget({ page, scale, children }: { page: Page; scale: number; children: ReactNode }) {
  const drop = (event: DragEvent<HTMLDivElement>): void => {
    const what = droppedThing(event);
    if (!what) return;
    event.preventDefault();
    const box = event.currentTarget.getBoundingClientRect();
    const at = (pixels: number): number => toSixteenths((pixels / scale) * TICKS_PER_INCH);
    const laying = { what, x: at(event.clientX - box.x), y: at(event.clientY - box.y), turn: 0 };
    void act(layOn(page.id, [laying]), { isQuiet: true });
  };
  return (
    <div
      style={{ position: 'relative' }}
      onDragOver={(event) => {
        if (!holdsThing(event)) return;
        event.preventDefault();
        event.dataTransfer.dropEffect = 'copy';
      }}
      onDrop={drop}
    >
      {children}
    </div>
  );
}
