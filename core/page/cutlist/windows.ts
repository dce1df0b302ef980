import type { LayerCover } from '../../trimmer/covering';
import type { Rect, Size } from '../../ground/geometry';
import { piecesFor, type Ledger, type PieceState } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Page } from '../../stock/things';
import type { Layout } from '../design';
import { drawnMore, slotOfMore } from '../design';
import { isCutAsItLies } from '../design';
import type { Shelf } from '../../stock/bench';
import { known } from '../../ground/known';

/** Whether she takes hidden paper back: always, where the design is scarce, or never. */
export type GutSchool = 'always' | 'scarce' | 'never';

/** A middle that can be cut out of a piece before it is glued. */
export interface Window {
  /** The layer, or the piece beyond the design, as it lies on the page. */
  readonly layer: Rect & { readonly id: string; readonly slot: string };
  readonly piece: PieceState;
  /** From the layer's own left and head. */
  readonly at: Rect;
  readonly face: string | null;
  /** How much of the face is left in the stash, square ticks. */
  readonly left: number;
}

/** A middle smaller than this is not worth the knife. Common practice, no source. */
const WORTH = inches(1.5);
/** Less of a face than a sheet is scarce. */
const SCARCE = inches(12) ** 2;

export const isWorthTheKnife = ({ w, h }: Size): boolean => Math.min(w, h) >= WORTH;

function areaLeft({ ledger, lots }: Shelf, face: string | null): number {
  let left = 0;
  for (const { where, lot, solid } of ledger.pieces.values()) {
    const of = lots.get(lot);
    if (where === 'here' && face !== null && (of?.front === face || of?.back === face)) left += solid;
  }
  return left;
}

/** The page's pieces on the bench with the slot each is for. */
const piecesOf = (page: Page, ledger: Ledger): { piece: PieceState; slot: string }[] =>
  piecesFor(ledger, page.id).flatMap((piece) =>
    piece.where === 'claimed' && piece.slot !== null ? [{ piece, slot: piece.slot }] : [],
  );

const isSame = (a: Rect, b: Rect): boolean => a.x === b.x && a.y === b.y && a.w === b.w && a.h === b.h;

/** The window on the piece, which may lie with its sides exchanged. */
export const onPiece = (piece: Size, { layer, at }: { layer: Size; at: Rect }): Rect =>
  piece.w === layer.w && piece.h === layer.h ? at : { x: at.y, y: at.x, w: at.h, h: at.w };

/**
 * The windows that can still be cut out of a cut page's pieces. Layers that lie turned are left alone: their windows do
 * not run along their edges.
 */
export function windowsOf(page: Page, layout: Layout, covers: readonly LayerCover[], shelf: Shelf): Window[] {
  const pieces = piecesOf(page, shelf.ledger);
  return covers.flatMap(({ id, window }): Window[] => {
    const layer = known(layout.layers, (one) => one.id === id);
    if (!window || layer.slot === null || layer.turn !== 0 || !isCutAsItLies(layer) || !isWorthTheKnife(window))
      return [];
    const at = { ...window, x: window.x - layer.x, y: window.y - layer.y };
    const own = pieces.filter(
      ({ piece, slot }) =>
        slot === layer.slot &&
        ((piece.w === layer.w && piece.h === layer.h) || (piece.w === layer.h && piece.h === layer.w)),
    );
    const cutAlready = own.findIndex(({ piece }) =>
      piece.missing.some((gone) => isSame(gone, onPiece(piece, { layer, at }))),
    );
    const next = cutAlready < 0 ? own.find(({ piece }) => piece.missing.length === 0) : own[cutAlready];
    if (!next) return [];
    pieces.splice(pieces.indexOf(next), 1);
    const face = page.papers[layer.slot] ?? null;
    return cutAlready < 0
      ? [{ layer: { ...layer, slot: layer.slot }, piece: next.piece, at, face, left: areaLeft(shelf, face) }]
      : [];
  });
}

/** The middles of frames that are cut as blanks: they come out whatever her school. */
export function framesOf(page: Page, shelf: Shelf): Window[] {
  const pieces = piecesOf(page, shelf.ledger);
  return (page.more ?? []).flatMap((more) => {
    const drawn = drawnMore(more);
    const slot = slotOfMore(more);
    const own = pieces.filter(({ piece, slot: of }) => of === slot && piece.missing.length === 0);
    const at = drawn?.givesBack;
    return at
      ? own.map(({ piece }): Window => ({
          layer: { x: 0, y: 0, ...drawn.blank, id: piece.id, slot },
          piece,
          at,
          face: more.face,
          left: areaLeft(shelf, more.face),
        }))
      : [];
  });
}

export const isScarce = ({ left }: Window): boolean => left < SCARCE;

/** Those windows that her school takes back. */
export const windowsFor = (school: GutSchool, windows: readonly Window[]): Window[] =>
  windows.filter((window) => school === 'always' || (school === 'scarce' && isScarce(window)));
