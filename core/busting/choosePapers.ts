import { affinity, type ColourShare } from '../colour';
import { cutListOf, rankFaces, type Layout, type Slot, type WantedPiece } from '../page';
import type { Face } from '../things';
import type { Leftover } from './leftovers';

/** Months back before the colours outweigh it: a year's age counts as a difference of 6. */
const AGE_WEIGHT = 0.5;
/** A face already chosen elsewhere on the page counts as so much further off. */
const AGAIN = 14;

interface Choosing { readonly faces: readonly Face[]; readonly leftovers: readonly Leftover[]; readonly colours: readonly ColourShare[] }

const needOf = (list: readonly WantedPiece[], slot: string): WantedPiece[] => list.filter((piece) => piece.slot === slot);

/** Area on hand that carries a face. */
const areaOf = (leftovers: readonly Leftover[], face: string): number =>
  leftovers.filter(({ stock }) => stock.front === face || stock.back === face).reduce((sum, { stock }) => sum + stock.w * stock.h, 0);

const ageOf = (leftovers: readonly Leftover[], face: string): number =>
  Math.min(...leftovers.filter(({ stock }) => stock.front === face || stock.back === face).map(({ stock }) => stock.since ?? 0));

/**
 * A face for each slot, the slot with the largest piece first: of those with paper enough, near the photos' colours,
 * old, and not yet on the page. `avoid` names faces per slot that were tried in vain. Null where a slot finds none.
 */
export function choosePapers(
  layout: Layout, { faces, leftovers, colours }: Choosing, avoid: ReadonlyMap<string, ReadonlySet<string>>,
): Record<string, string> | null {
  const list = cutListOf(layout, {});
  const stock = leftovers.map((leftover) => leftover.stock);
  const newest = Math.max(0, ...stock.map((s) => s.since ?? 0));
  const slots = [...layout.slots].filter((slot) => needOf(list, slot.id).length > 0)
    .sort((a, b) => largest(list, b) - largest(list, a));
  const chosen: Record<string, string> = {};
  const taken = new Map<string, number>();
  let anchor = colours;
  for (const slot of slots) {
    const need = needOf(list, slot.id);
    const area = need.reduce((sum, piece) => sum + piece.count * piece.w * piece.h, 0);
    const biggest = need[0]!;
    const score = (face: Face): number => {
      const difference = affinity(anchor, face.colours);
      const age = newest - ageOf(leftovers, face.id);
      return (Number.isFinite(difference) ? difference : 20) - AGE_WEIGHT * Math.min(age, 24) + AGAIN * (taken.has(face.id) ? 1 : 0);
    };
    const able = rankFaces(faces, anchor, slot, biggest, stock)
      .filter(({ face, holds }) => holds > 0 && !avoid.get(slot.id)?.has(face.id) && areaOf(leftovers, face.id) - (taken.get(face.id) ?? 0) >= area)
      .map(({ face }, rank) => ({ face, score: score(face) + rank }))
      .sort((a, b) => a.score - b.score);
    const best = able[0]?.face;
    if (!best) return null;
    chosen[slot.id] = best.id;
    taken.set(best.id, (taken.get(best.id) ?? 0) + area);
    // With no photos to go by, the first paper sets the colours.
    if (anchor.length === 0) anchor = best.colours;
  }
  return chosen;
}

const largest = (list: readonly WantedPiece[], slot: Slot): number => Math.max(0, ...needOf(list, slot.id).map(({ w, h }) => w * h));
