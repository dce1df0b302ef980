import type { NewPiece } from '../ledger';
import { newFace, type Face, type Lot } from '../things';
import type { FaceSketch, ListItem } from './listItem';

/** A line of a packing list as it goes into the stash: a lot, of a pad one for each design. */
export interface Unpacked {
  readonly lots: readonly Lot[];
  readonly faces: readonly Face[];
}

/** The designs of a pad, each told by its number. */
const designsOf = ({ designs = 1, front, ...item }: ListItem): readonly ListItem[] =>
  designs === 1
    ? [{ ...item, front }]
    : Array.from({ length: designs }, (_, i) => {
        const name = `${item.name} ${i + 1} of ${designs}`;
        return { ...item, name, front: front && { ...front, name }, back: null };
      });

/**
 * The lots and faces of an item. A face that the kit has already by that name is used again.
 * @param line its place on the list, from 1
 * @param newId gives ids, never the same twice
 */
export function unpack(
  item: ListItem,
  line: number,
  kit: string,
  known: readonly Face[],
  newId: () => string,
): Unpacked {
  const faces: Face[] = [];
  const idOf = (sketch: FaceSketch | null): string | null => {
    if (sketch === null) return null;
    const same = [...known, ...faces].find(({ name }) => name === sketch.name);
    if (same) return same.id;
    const face = newFace(newId(), sketch.name, sketch.colours, item.kind);
    faces.push(face);
    return face.id;
  };
  const lots = designsOf(item).map(({ kind, name, measure, size, upright, note, height, punch, ...sides }): Lot => {
    const front = idOf(sides.front);
    const back = idOf(sides.back);
    return {
      id: newId(),
      kit,
      kind,
      name,
      measure,
      size,
      front,
      back,
      upright,
      note,
      line,
      ...(height === undefined ? {} : { height }),
      ...(punch ? { punch } : {}),
    };
  });
  return { lots, faces };
}

/** Of one design of a pad: so many of its sheets, the first ones having those that do not share out evenly. */
export function ofDesign(sheets: number, at: number, designs: number): number {
  return Math.floor(sheets / designs) + (at < sheets % designs ? 1 : 0);
}

/** What of an item comes in, `here` being how many of it are in the box. */
export function receiptOf(
  item: ListItem,
  here: number,
  newId: () => string,
): { pieces: NewPiece[] } | { amounts: Record<string, number> } {
  // Sheets of no size and rolls of no length are asked about before; as nothing, the ledger refuses them.
  const { w, h } = item.size ?? { w: 0, h: 0 };
  if (item.measure === 'sheets') return { pieces: Array.from({ length: here }, () => ({ id: newId(), w, h })) };
  return { amounts: amountsOf(item, here) };
}

/** What so many of an item come to: a count, hundredths of what is used by share, a length, letters. */
export function amountsOf(item: ListItem, count: number): Record<string, number> {
  if (item.measure === 'letters') return { ...item.letters };
  return {
    '': item.measure === 'length' ? (item.length ?? 0) : item.measure === 'share' ? count * (item.level ?? 100) : count,
  };
}
