import { isPaperKind, type Lot, type LotKind } from './lot';

/** What a thing is made of, as far as pages ask: paper is cut for layers, what is see-through hides nothing. */
export type Material = 'paper' | 'see-through' | 'not-paper';

/** Of a lot, what its material follows from. */
export type Made = Pick<Lot, 'kind' | 'name' | 'material'>;

const SEE_THROUGH_KINDS: ReadonlySet<LotKind> = new Set(['vellum', 'acetate']);
const SEE_THROUGH = /\b(clear|transparent|transparenc(y|ies)|see[- ]through|cellophane|overlays?)\b/i;
/** Sheets of these are no paper; what is only called after wood or cloth ("wood grain") is printed so. */
const NOT_PAPER =
  /^(felt|cork|balsa)$|\b(felt|cork|balsa|veneer|fabric|cloth|leather|canvas|magnet(ic)?|foam)\s+sheets?\b|\bveneers?$/i;

/** What a thing is made of: as she said, else as its kind and name say. */
export function materialOf({ kind, name, material }: Made): Material {
  if (material !== undefined) return material;
  if (SEE_THROUGH_KINDS.has(kind) || (!isPaperKind(kind) && SEE_THROUGH.test(name))) return 'see-through';
  return NOT_PAPER.test(name.trim()) ? 'not-paper' : 'paper';
}

/** Whether pieces of it are cut for the layers of a page. Of packaging only where she said what it is made of. */
export const isPaper = (lot: Made): boolean =>
  (isPaperKind(lot.kind) || (lot.kind === 'packaging' && lot.material !== undefined)) && materialOf(lot) === 'paper';

/** Whether it may lie on a page: packaging only where she said what it is made of. */
export const isForPages = ({ kind, material }: Made): boolean => kind !== 'packaging' || material !== undefined;
