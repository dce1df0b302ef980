import type { ColourShare } from '../colour';
import type { CutStock } from '../cutting';
import type { ShareJob, SharePage, SharePlan, ShareSlot } from '../shareout';
import type { Face, Page } from '../things';
import { cutListOf, NUBBIN } from './cutList';
import type { Layout } from './design';
import { isBeyondDesign } from './more';
import { rankFaces } from './rankFaces';
import { purposeOf } from './wanted';

/** A page that waits for papers, laid out, with the colours of its photos. */
export interface SharingPage { readonly page: Page; readonly layout: Layout; readonly colours: readonly ColourShare[] }

/** Faces that a slot may be of where she has not chosen: those that go best with the photos. */
const MOST_FACES = 8;

function slotsOf({ page, layout, colours }: SharingPage, stock: readonly CutStock[], faces: readonly Face[]): ShareSlot[] {
  const list = cutListOf(layout, page);
  const order = layout.slots.map(({ id }) => id);
  return list.map((piece): ShareSlot => {
    const slot = layout.slots.find(({ id }) => id === piece.slot);
    const best = (): string[] => rankFaces(faces, colours, slot ?? { suits: 'any' }, piece, stock).filter(({ holds }) => holds > 0).slice(0, MOST_FACES).map(({ face }) => face.id);
    const below = order[order.indexOf(piece.slot) - 1];
    return {
      id: piece.id, w: piece.w, h: piece.h, count: piece.count, turn: null,
      of: piece.face !== null ? [piece.face] : slot ? best() : null,
      like: list.filter((other) => other !== piece && other.slot === piece.slot).map(({ id }) => id),
      // A layer is told from the one it lies on.
      unlike: slot && below !== undefined && !(page.papers[piece.slot] !== undefined && page.papers[piece.slot] === page.papers[below]) ? list.filter((other) => other.slot === below).map(({ id }) => id) : [],
    };
  });
}

/** The share-out of stock over pages: what each design is cut from, of faces that go with its photos, or those she chose. */
export function shareJobFor(pages: readonly SharingPage[], stock: readonly CutStock[], faces: readonly Face[], longestCut: number | null): ShareJob {
  return {
    stock, keepAtLeast: NUBBIN, longestCut,
    pages: pages.map((sharing): SharePage => ({ id: sharing.page.id, worth: 1, atLeast: 0, atMost: Infinity, slots: slotsOf(sharing, stock, faces) })),
  };
}

/** The faces that a share-out gives the slots of a page's design; null where it cannot be made. */
export function sharedPapers(plan: SharePlan, page: string): Record<string, string> | null {
  const shared = plan.pages.find(({ id }) => id === page);
  if (!shared?.complete) return null;
  const faces = shared.slots.map(({ id, design }) => ({ slot: purposeOf(id).slot, design }));
  return Object.fromEntries(faces.flatMap(({ slot, design }) => (design === null || isBeyondDesign(slot) ? [] : [[slot, design]])));
}
