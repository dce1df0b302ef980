import type { DragEvent } from 'react';
import type { PlacedWhat } from '../../core/stock/things';

/** What is dragged over the page to be laid there, within this window only. */
const TYPE = 'application/x-nubbin-thing';

export const dragThing = (event: DragEvent, what: PlacedWhat): void => {
  event.dataTransfer.setData(TYPE, JSON.stringify(what));
  event.dataTransfer.effectAllowed = 'copy';
};

export const holdsThing = (event: DragEvent): boolean => event.dataTransfer.types.includes(TYPE);

export const droppedThing = (event: DragEvent): PlacedWhat | null =>
  holdsThing(event) ? (JSON.parse(event.dataTransfer.getData(TYPE)) as PlacedWhat) : null;
