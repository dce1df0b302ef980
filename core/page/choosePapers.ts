import { affinity, differenceCiede2000, hexToLab, type ColourShare } from '../colour';
import type { CutStock } from '../cutting';
import type { Size } from '../geometry';
import type { Face } from '../things';
import { cutListOf, type WantedPiece } from './cutList';
import type { Layout, Slot } from './design';
import { rankFaces } from './rankFaces';

/** A face already chosen elsewhere on the page counts as so much further off, in CIEDE2000. */
const AGAIN = 14;
/** Main colours nearer than this look the same: the nearer, the further off the face counts. */
const ALIKE = 10;
/** What a face of unknown difference counts as. */
const UNKNOWN = 20;

export interface Choosing {
  readonly faces: readonly Face[];
  readonly stock: readonly CutStock[];
  /** Of the photos; empty: the first paper sets the colours. */
  readonly colours: readonly ColourShare[];
  /** Slots settled already. */
  readonly settled?: Readonly<Record<string, string>>;
  /** How much nearer a face counts for a slot's largest piece: for its age, or because a leftover serves. */
  readonly favour?: (face: Face, piece: Size) => number;
  /** Faces not to be taken, by slot. */
  readonly avoid?: ReadonlyMap<string, ReadonlySet<string>>;
}

const needOf = (list: readonly WantedPiece[], slot: string): WantedPiece[] => list.filter((piece) => piece.slot === slot);
const largest = (list: readonly WantedPiece[], slot: string): number => Math.max(0, ...needOf(list, slot).map(({ w, h }) => w * h));

/** Area on hand that carries a face. */
const areaOf = (stock: readonly CutStock[], face: string): number =>
  stock.filter(({ front, back }) => front === face || back === face).reduce((sum, { w, h, count }) => sum + w * h * count, 0);

/** How much a face's main colour melts into those already on the page. */
function likeness(face: Face, others: readonly (Face | undefined)[]): number {
  const [own] = face.colours;
  if (!own) return 0;
  const lab = hexToLab(own.hex);
  return others.reduce((most, other) => {
    const [main] = other?.colours ?? [];
    return main ? Math.max(most, 1.5 * (ALIKE - differenceCiede2000(lab, hexToLab(main.hex)))) : most;
  }, 0);
}

/**
 * A face for each slot that pieces are cut for, the slot with the largest piece first: of those with paper enough, the
 * nearest to the photos' colours, rather one not yet on the page. A slot that nothing can serve is left out.
 */
export function choosePapers(layout: Layout, { faces, stock, colours, settled = {}, favour = () => 0, avoid }: Choosing): Record<string, string> {
  const list = cutListOf(layout, {});
  const slots = layout.slots.filter(({ id }) => needOf(list, id).length > 0).sort((a, b) => largest(list, b.id) - largest(list, a.id));
  const chosen: Record<string, string> = {};
  const taken = new Map<string, number>();
  const byId = new Map(faces.map((face) => [face.id, face]));
  const settle = (slot: Slot, face: string): void => {
    chosen[slot.id] = face;
    taken.set(face, (taken.get(face) ?? 0) + needOf(list, slot.id).reduce((sum, { count, w, h }) => sum + count * w * h, 0));
  };
  for (const slot of slots) if (settled[slot.id] !== undefined) settle(slot, settled[slot.id]!);
  let anchor = colours;
  for (const slot of slots) {
    if (chosen[slot.id] !== undefined) continue;
    const need = needOf(list, slot.id);
    const area = need.reduce((sum, { count, w, h }) => sum + count * w * h, 0);
    const distance = (face: Face): number => {
      const difference = affinity(anchor, face.colours);
      return (Number.isFinite(difference) ? difference : UNKNOWN) - favour(face, need[0]!) + (taken.has(face.id) ? AGAIN : 0) + likeness(face, [...taken.keys()].map((id) => byId.get(id)));
    };
    const [best] = rankFaces(faces, anchor, slot, need[0]!, stock)
      .filter(({ face, holds }) => holds > 0 && !avoid?.get(slot.id)?.has(face.id) && areaOf(stock, face.id) - (taken.get(face.id) ?? 0) >= area)
      .map(({ face }, rank) => ({ face, distance: distance(face) + rank }))
      .sort((a, b) => a.distance - b.distance);
    if (!best) continue;
    settle(slot, best.face.id);
    if (anchor.length === 0) anchor = best.face.colours;
  }
  return chosen;
}
