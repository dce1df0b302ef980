import { differenceCiede2000, hexToLab, type ColourShare } from '../../ground/colour';
import type { CutStock, Trimmer } from '../../trimmer/cutting';
import type { ShareJob, ShareMode, SharePage, SharePlan, ShareSlot } from '../shareout';
import type { Face, Page } from '../../stock/things';
import { cutListOf, NUBBIN } from '../../page/cutlist';
import { isBeyondDesign, slotBelow, type Layout } from '../../page/design';
import { rankFaces } from '../../page/papers';
import { nth } from '../../ground/nth';

/** A page that waits for papers, laid out, with the colours of its photos. */
export interface SharingPage {
  readonly page: Page;
  readonly layout: Layout;
  readonly colours: readonly ColourShare[];
}

/** What she wants of a share-out; everything by the ids of pages, slots and faces. */
export interface ShareWishes {
  readonly mode: ShareMode;
  /** Faces that must be used. */
  readonly must: readonly string[];
  /** Faces that her aims want used, as far as that costs no page. */
  readonly meant?: readonly string[];
  /** By page and slot: the face it keeps. */
  readonly pins: Readonly<Record<string, Readonly<Record<string, string>>>>;
  /** By page: faces that it shall not have. */
  readonly forbidden: Readonly<Record<string, readonly string[]>>;
}

/**
 * Faces that a slot may be of where she has not chosen: those that go best with the photos; and plain ones beside them.
 */
const MOST_FACES = 16;
const MOST_PLAIN = 3;

const isPlain = ({ pattern }: Face): boolean => pattern === 'plain';
/** Plain papers nearer than this (CIEDE2000) are not told apart where one lies on the other. */
const ALIKE = 8;

/** Plain papers that look the same. */
function lookAlikes(faces: readonly Face[]): string[][] {
  const left = faces
    .filter((face) => isPlain(face) && face.colours.length > 0)
    .map(({ id, colours }) => ({ id, lab: hexToLab(nth(colours, 0).hex) }));
  const groups: string[][] = [];
  for (let first = left.shift(); first; first = left.shift()) {
    const { id, lab: its } = first;
    const own = left.filter(({ lab }) => differenceCiede2000(lab, its) < ALIKE);
    own.forEach((one) => left.splice(left.indexOf(one), 1));
    groups.push([id, ...own.map((one) => one.id)]);
  }
  return groups.filter((group) => group.length > 1);
}

function slotsOf(
  { page, layout, colours }: SharingPage,
  stock: readonly CutStock[],
  faces: readonly Face[],
  wishes: ShareWishes | null,
): ShareSlot[] {
  const list = cutListOf(layout, page);
  const [pinned, forbidden] = [wishes?.pins[page.id] ?? {}, wishes?.forbidden[page.id] ?? []];
  const faceOf = (slot: string): string | undefined => pinned[slot] ?? page.papers[slot];
  return list.map((piece): ShareSlot => {
    const slot = layout.slots.find(({ id }) => id === piece.slot);
    const fixed = pinned[piece.slot] ?? piece.face;
    const best = (): string[] => {
      const ranked = rankFaces(faces, colours, slot ?? { suits: 'any' }, piece, stock)
        .filter(({ holds, face }) => holds > 0 && !forbidden.includes(face.id))
        .map(({ face }) => face);
      const asked = ranked.filter(({ id }) => wishes?.must.includes(id) || wishes?.meant?.includes(id));
      const plain = wishes?.mode === 'save' ? ranked.filter(isPlain).slice(0, MOST_PLAIN) : [];
      return [...new Set([...ranked.slice(0, MOST_FACES), ...plain, ...asked].map(({ id }) => id))];
    };
    const below = slotBelow(layout, piece.slot);
    return {
      id: piece.id,
      w: piece.w,
      h: piece.h,
      count: piece.count,
      turn: null,
      of: fixed !== null ? [fixed] : slot ? best() : null,
      like: list.filter((other) => other !== piece && other.slot === piece.slot).map(({ id }) => id),
      // A layer is told from the one it lies on, unless she has both of one paper.
      unlike:
        slot && below !== undefined && !(faceOf(piece.slot) !== undefined && faceOf(piece.slot) === faceOf(below))
          ? list.filter((other) => other.slot === below).map(({ id }) => id)
          : [],
    };
  });
}

/**
 * The share-out of stock over pages: what each design is cut from, of faces that go with its photos, or those she
 * chose.
 * @param wishes null: the most pages with the fewest sheets
 */
export function shareJobFor(
  pages: readonly SharingPage[],
  stock: readonly CutStock[],
  faces: readonly Face[],
  trimmer: Trimmer,
  wishes: ShareWishes | null = null,
): ShareJob {
  return {
    stock,
    keepAtLeast: NUBBIN,
    ...trimmer,
    alike: lookAlikes(faces),
    ...(wishes
      ? {
          taste: {
            mode: wishes.mode,
            good: faces.filter((face) => !isPlain(face)).map(({ id }) => id),
            must: wishes.must,
            ...(wishes.meant && wishes.meant.length > 0 ? { meant: wishes.meant } : {}),
          },
        }
      : {}),
    pages: pages.map((sharing): SharePage => ({
      id: sharing.page.id,
      worth: 1,
      atLeast: 0,
      atMost: Infinity,
      slots: slotsOf(sharing, stock, faces, wishes),
    })),
  };
}

/** The faces that a share-out gives the slots of a page's design; null where it cannot be made. */
export function sharedPapers(plan: SharePlan, { page, layout }: SharingPage): Record<string, string> | null {
  const shared = plan.pages.find(({ id }) => id === page.id);
  if (!shared?.complete) return null;
  const list = new Map(cutListOf(layout, page).map(({ id, slot }) => [id, slot]));
  return Object.fromEntries(
    shared.slots.flatMap(({ id, design }) => {
      const slot = list.get(id);
      return design === null || slot === undefined || isBeyondDesign(slot) ? [] : [[slot, design]];
    }),
  );
}
