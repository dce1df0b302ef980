import type { DrawnShape, Shape, ShapePart } from '../../ground/shapes';
import type { Page } from '../../stock/things';
import { drawnLayer, drawnMore, slotOfMore, type Layout } from '../design';
import { wantedKey } from './wanted';
import { known } from '../../ground/known';

/** A piece that is cut as a blank and then to its shape. */
export interface ShapedPiece {
  /** The wanted piece that is its blank. */
  readonly wanted: string;
  readonly slot: string;
  readonly name: string;
  readonly shape: Shape | ShapePart;
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
  const { layers, slots } = layout ?? { layers: [], slots: [] };
  for (const layer of layers) {
    const drawn = drawnLayer(layer);
    if (!layer.shape || !drawn || layer.slot === null) continue;
    const { slot, shape } = layer;
    const wanted = wantedKey(page, slot, drawn.blank);
    // The left and the right piece of one shape may have blanks of one size.
    const key = `${wanted} ${JSON.stringify(shape)}`;
    const count = (found.get(key)?.count ?? 0) + 1;
    found.set(key, {
      wanted,
      slot,
      name: known(slots, ({ id }) => id === slot).name,
      shape,
      drawn,
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
