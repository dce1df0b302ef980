import { drawShape, type DrawnShape, type Shape } from '../shapes';
import type { Page } from '../things';
import { drawnMore, slotOfMore, type Layout } from '../design';
import { wantedKey } from './wanted';

/** A piece that is cut as a blank and then to its shape. */
export interface ShapedPiece {
  /** The wanted piece that is its blank. */
  readonly wanted: string;
  readonly slot: string;
  readonly name: string;
  readonly shape: Shape;
  readonly drawn: DrawnShape;
  readonly count: number;
  /** Null: any paper. */
  readonly face: string | null;
}

/** All of a page's pieces that are more, or less, than their rectangle: those of the design, and those beyond it. */
export function shapedPieces(
  layout: Layout | null,
  { id: page, papers, more = [] }: Pick<Page, 'id' | 'papers' | 'more'>,
): ShapedPiece[] {
  const found = new Map<string, ShapedPiece>();
  for (const layer of layout?.layers ?? []) {
    const drawn = layer.shape ? drawShape(layer.shape) : null;
    if (!layer.shape || !drawn?.ok || layer.slot === null) continue;
    const { slot, shape } = layer;
    const wanted = wantedKey(page, slot, drawn.value.blank);
    const count = (found.get(wanted)?.count ?? 0) + 1;
    found.set(wanted, {
      wanted,
      slot,
      name: layout!.slots.find(({ id }) => id === slot)!.name,
      shape,
      drawn: drawn.value,
      count,
      face: papers[slot] ?? null,
    });
  }
  const beyond = more.flatMap((piece): ShapedPiece[] => {
    const drawn = drawnMore(piece);
    return drawn && piece.shape.kind !== 'rectangle'
      ? [
          {
            wanted: wantedKey(page, slotOfMore(piece), drawn.blank),
            slot: slotOfMore(piece),
            name: piece.name,
            shape: piece.shape,
            drawn,
            count: piece.count,
            face: piece.face,
          },
        ]
      : [];
  });
  return [...found.values(), ...beyond];
}
