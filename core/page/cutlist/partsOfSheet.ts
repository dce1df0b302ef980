import { splitRect, type Rect, type Size } from '../../ground/geometry';
import { heldIn } from '../../ground/heldIn';
import type { PieceState } from '../../stock/ledger';
import type { PlanCut, PlanPiece, PlanSheet, PlanWindow } from '../../stock/things';

/** The whole sheet keeps its own id; a part of it is named after both. */
export const pieceId = (sheet: string, part: string): string => (part === 'A' ? sheet : `${sheet}-${part}`);

const KERF = '-kerf';

/** The ledger's name for what a cut of a piece takes away. */
export const kerfId = (piece: string): string => `${piece}${KERF}`;
export const isKerf = (id: string): boolean => id.endsWith(KERF);

/** What a cut takes away beside what it gives first; null: nothing. @param part that is cut */
export function kerfOf(part: Rect, { axis, at, lost = 0 }: Pick<PlanCut, 'axis' | 'at' | 'lost'>): Rect | null {
  if (lost === 0) return null;
  const [, beyond] = splitRect(part, axis, at);
  return splitRect(beyond, axis, lost)[0];
}

/** Where each part lies on its sheet, the middles of windows among them. */
export function placesOf({ cuts, windows = [] }: Pick<PlanSheet, 'cuts' | 'windows'>, whole: Size): Map<string, Rect> {
  const places = new Map<string, Rect>([['A', { x: 0, y: 0, w: whole.w, h: whole.h }]]);
  for (const { part, x, y, w, h } of windows) places.set(part, { x, y, w, h });
  for (const { part, axis, at, lost, gives } of cuts) {
    const [near, far] = splitRect(heldIn(places, part), axis, at, lost);
    places.set(gives[0], near);
    places.set(gives[1], far);
  }
  return places;
}

/** What all cuts of a sheet take away. */
export function kerfsOf(sheet: Pick<PlanSheet, 'cuts' | 'windows'>, whole: Size): Rect[] {
  const places = placesOf(sheet, whole);
  return sheet.cuts.flatMap((cut) => kerfOf(heldIn(places, cut.part), cut) ?? []);
}

/** The parts that come of a part of a sheet, cut, cut out or punched, with itself. */
export function partsUnder(
  { cuts, windows = [], pieces }: Pick<PlanSheet, 'cuts' | 'pieces' | 'windows'>,
  part: string,
): Set<string> {
  const under = new Set([part]);
  for (let before = 0; before < under.size;) {
    before = under.size;
    for (const cut of cuts) if (under.has(cut.part)) cut.gives.forEach((given) => under.add(given));
    for (const { from, part: middle } of windows) if (under.has(from)) under.add(middle);
    for (const piece of pieces) if (piece.punched && under.has(piece.punched.from)) under.add(piece.part);
  }
  return under;
}

/** What of pieces is asked here. */
export interface Standings {
  readonly pieces: ReadonlyMap<string, Pick<PieceState, 'where' | 'slot'>>;
}

/**
 * Whether a window can still be cut out, or has been: not once the piece that it lies in was put away, glued, or cut
 * otherwise.
 */
export function isOpenWindow(
  { stock }: Pick<PlanSheet, 'stock'>,
  { from, part }: PlanWindow,
  { pieces }: Standings,
): boolean {
  if (pieces.has(pieceId(stock, part))) return true;
  const piece = pieces.get(pieceId(stock, from));
  return piece === undefined || (piece.where === 'claimed' && piece.slot !== null);
}

/** Whether a planned piece would come of a window that is no longer to be had. */
export const isLostWithWindow = (
  sheet: Pick<PlanSheet, 'stock' | 'cuts' | 'pieces' | 'windows'>,
  { part }: Pick<PlanPiece, 'part'>,
  ledger: Standings,
): boolean =>
  (sheet.windows ?? []).some(
    (window) => !isOpenWindow(sheet, window, ledger) && partsUnder(sheet, window.part).has(part),
  );
