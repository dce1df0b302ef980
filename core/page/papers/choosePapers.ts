import { affinity, differenceCiede2000, hexToLab, type ColourShare } from '../../ground/colour';
import { planCuts, type CutStock, type Trimmer } from '../../trimmer/cutting';
import type { Size } from '../../ground/geometry';
import type { Face } from '../../stock/things';
import { cutJobFor, cutListOf, type WantedPiece } from '../cutlist';
import { slotBelow, type Layout } from '../design';
import { inHueOrder } from './inHueOrder';
import { rankFaces } from './rankFaces';
import { nth } from '../../ground/nth';

/** A face already chosen elsewhere on the page counts as so much further off, in CIEDE2000. */
const AGAIN = 14;
/** A rainbow has each paper once, as long as there are others. */
const NEVER_TWICE = 1000;
/** Main colours nearer than this look the same: the nearer, the further off the face counts. */
const ALIKE = 10;
/** What a face of unknown difference counts as. */
const UNKNOWN = 20;

export interface Choosing {
  readonly trimmer: Trimmer;
  readonly faces: readonly Face[];
  readonly stock: readonly CutStock[];
  /** Of the photos; empty: the first paper sets the colours. */
  readonly colours: readonly ColourShare[];
  /** Slots settled already. */
  readonly settled?: Readonly<Record<string, string>>;
  /** What is still to be cut, where some of the page is cut or planned already; absent: all of it. */
  readonly left?: readonly WantedPiece[];
  /** How much nearer a face counts for a slot's largest piece: for its age, or because a leftover serves. */
  readonly favour?: (face: Face, piece: Size) => number;
  /** Faces not to be taken, by slot. */
  readonly avoid?: ReadonlyMap<string, ReadonlySet<string>>;
}

const needOf = (list: readonly WantedPiece[], slot: string): WantedPiece[] =>
  list.filter((piece) => piece.slot === slot);
const largest = (list: readonly WantedPiece[], slot: string): number =>
  Math.max(0, ...needOf(list, slot).map(({ w, h }) => w * h));

/**
 * Whether all pieces with a face can be cut together: two faces of one sheet cannot both be had from the same place.
 */
function canBeCut(
  list: readonly WantedPiece[],
  papers: Readonly<Record<string, string>>,
  stock: readonly CutStock[],
  trimmer: Trimmer,
): boolean {
  const wanted = list.flatMap((piece) => {
    const face = papers[piece.slot];
    return face === undefined ? [] : [{ ...piece, face }];
  });
  const faces = new Set(wanted.map(({ face }) => face));
  const carrying = stock.filter(
    ({ front, back }) => (front !== null && faces.has(front)) || (back !== null && faces.has(back)),
  );
  // The first constructions only: what they cannot place is too tight to propose.
  return planCuts(cutJobFor(wanted, carrying, trimmer), 1).notCut.length === 0;
}

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
 * A face for each slot that pieces are cut for, the slot with the largest piece first: of those that can be cut along
 * with what is chosen already, the nearest to the photos' colours, rather one that does not look like another on the
 * page. A slot that nothing can serve is left out. Slots that go by hue are in the order of the rainbow, where it can be
 * cut so.
 */
export function choosePapers(
  layout: Layout,
  { faces, stock, colours, trimmer, settled = {}, left, favour = () => 0, avoid }: Choosing,
): Record<string, string> {
  const list = cutListOf(layout, { id: '', papers: {} });
  const slots = layout.slots
    .filter(({ id }) => needOf(list, id).length > 0)
    .sort((a, b) => largest(list, b.id) - largest(list, a.id));
  const byId = new Map(faces.map((face) => [face.id, face]));
  const chosen: Record<string, string> = Object.fromEntries(
    slots.flatMap(({ id }) => (settled[id] === undefined ? [] : [[id, settled[id]]])),
  );
  const below = new Map(slots.map(({ id }) => [id, slotBelow(layout, id)]));
  let anchor = colours;
  for (const slot of slots) {
    if (chosen[slot.id] !== undefined) continue;
    const biggest = nth(needOf(list, slot.id), 0);
    // A paper on itself does not show.
    const touching = new Set([
      below.get(slot.id),
      ...slots.flatMap(({ id }) => (below.get(id) === slot.id ? [id] : [])),
    ]);
    const unseen = new Set([...touching].map((id) => chosen[id ?? '']));
    const taken = Object.values(chosen);
    const distance = (face: Face): number => {
      const difference = affinity(anchor, face.colours);
      return (
        (Number.isFinite(difference) ? difference : UNKNOWN) -
        favour(face, biggest) +
        (taken.includes(face.id) ? (slot.isByHue ? NEVER_TWICE : AGAIN) : 0) +
        likeness(
          face,
          taken.map((id) => byId.get(id)),
        )
      );
    };
    const best = rankFaces(faces, anchor, slot, biggest, stock)
      .filter(({ face, holds }) => holds > 0 && !unseen.has(face.id) && !avoid?.get(slot.id)?.has(face.id))
      .map(({ face }, rank) => ({ face, distance: distance(face) + rank }))
      .sort((a, b) => a.distance - b.distance)
      .find(({ face }) => canBeCut(left ?? list, { ...chosen, [slot.id]: face.id }, stock, trimmer));
    if (!best) continue;
    chosen[slot.id] = best.face.id;
    if (anchor.length === 0) anchor = best.face.colours;
  }
  const free = layout.slots.filter(({ id, isByHue }) => isByHue && settled[id] === undefined).map(({ id }) => id);
  if (free.length < 2) return chosen;
  const byHue = inHueOrder(chosen, free, byId);
  return canBeCut(left ?? list, byHue, stock, trimmer) ? byHue : chosen;
}
