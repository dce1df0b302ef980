import type { ColourShare } from '../colour';
import type { NewPiece } from '../ledger';
import { patternFor, type Face, type Lot } from '../things';
import type { FaceSketch, ListItem } from './listItem';

/** A line of a packing list as it goes into the stash. */
export interface Unpacked { readonly lot: Lot; readonly faces: readonly Face[] }

const PLAIN = '#e9e2d3';

/** The ground gets what the others leave: one colour all, two 70 to 30, three 60, 25 and 15. */
const SHARES: readonly (readonly number[])[] = [[1], [0.7, 0.3], [0.6, 0.25, 0.15]];

function sharesOf(colours: readonly string[]): ColourShare[] {
  const told = colours.length === 0 ? [PLAIN] : colours.slice(0, 3);
  return told.map((hex, i) => ({ hex, share: SHARES[told.length - 1]![i]! }));
}

function faceFrom(sketch: FaceSketch, kind: ListItem['kind'], id: string): Face {
  const pattern = kind === 'cardstock' ? 'plain' : patternFor(sketch.name);
  return { id, name: sketch.name, pattern, colours: sharesOf(sketch.colours) };
}

/**
 * The lot and faces of an item. A face that the kit has already by that name is used again.
 * @param line its place on the list, from 1
 * @param newId gives ids, never the same twice
 */
export function unpack(item: ListItem, line: number, kit: string, known: readonly Face[], newId: () => string): Unpacked {
  const faces: Face[] = [];
  const idOf = (sketch: FaceSketch | null): string | null => {
    if (sketch === null) return null;
    const same = [...known, ...faces].find(({ name }) => name === sketch.name);
    if (same) return same.id;
    const face = faceFrom(sketch, item.kind, newId());
    faces.push(face);
    return face.id;
  };
  const { kind, name, measure, size, upright, note } = item;
  const front = idOf(item.front);
  const back = idOf(item.back);
  return { lot: { id: newId(), kit, kind, name, measure, size, front, back, upright, note, line }, faces };
}

/** What of an item comes in, `here` being how many of it are in the box. */
export function receiptOf(item: ListItem, here: number, newId: () => string): { pieces: NewPiece[] } | { amounts: Record<string, number> } {
  if (item.measure === 'sheets') return { pieces: Array.from({ length: here }, () => ({ id: newId(), w: item.size!.w, h: item.size!.h })) };
  if (item.measure === 'letters') return { amounts: { ...item.letters } };
  return { amounts: { '': item.measure === 'length' ? item.length! : here } };
}
