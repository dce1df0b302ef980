import type { WantedPiece } from '../../page/cutlist';
import { inches } from '../../ground/length';
import type { Size } from '../../ground/geometry';
import type { Leftover } from './leftovers';
import type { BustingInput, Proposal } from './proposal';

/** Where she begins: what the pages that are looked for are to do first. */
export type Lead =
  | { readonly kind: 'oldest' }
  /** Many strips, or many boxes. */
  | { readonly kind: 'strips' | 'boxes' }
  /** A run of hue. */
  | { readonly kind: 'hues' }
  /** Papers of which nothing is left then. */
  | { readonly kind: 'finish' }
  /** For a tired evening: under four papers, under an hour. */
  | { readonly kind: 'quick' }
  /** One paper that she is tired of, or wants to see used, by its faces. */
  | { readonly kind: 'paper'; readonly faces: readonly string[] };

/** Strips are at most so wide and at least so long; boxes at most so large. Common practice, no source. */
const STRIP = { widest: inches(3), shortest: inches(6) };
const BOX = inches(6);

const isStrip = ({ w, h }: Size): boolean => Math.min(w, h) <= STRIP.widest && Math.max(w, h) >= STRIP.shortest;
const isBox = (size: Size): boolean => !isStrip(size) && Math.max(size.w, size.h) <= BOX;

/** Designs that live on strips, on boxes, on a run of hue. */
const DESIGNS_FOR: Partial<Record<Lead['kind'], readonly string[]>> = {
  strips: ['banners', 'strip-bands', 'l-shape', 'bordered-rows', 'scrap-patchwork', 'photo-block'],
  boxes: ['box-stack', 'scrap-patchwork', 'grid', 'wreath', 'circles'],
  hues: ['grid'],
  quick: ['framed-ground', 'photo-block', 'l-shape', 'strip-bands', 'box-stack'],
};

/** Whether a design is looked at for a lead; of some leads only those that live on it are. */
export const isLedTo = (design: string, { kind }: Lead): boolean => DESIGNS_FOR[kind]?.includes(design) ?? true;

/** How many of a cut list's pieces have the shape that a lead is about. */
export function shapedFor({ kind }: Lead, list: readonly WantedPiece[]): number {
  if (kind !== 'strips' && kind !== 'boxes') return 0;
  const is = kind === 'strips' ? isStrip : isBox;
  return list.reduce((sum, piece) => sum + (is(piece) ? piece.count : 0), 0);
}

/** How many leftovers there are of the shape that a lead is about. */
export const countOfShape = ({ kind }: Lead, leftovers: readonly Leftover[]): number =>
  kind === 'strips' || kind === 'boxes'
    ? leftovers.filter(({ stock }) => (kind === 'strips' ? isStrip : isBox)(stock)).length
    : 0;

/** Quick pages take fewer papers than this, and less than so many minutes. */
const QUICK = { papers: 4, minutes: 60 };

/** Whether a page is what she asked to begin with. */
export function isWhatIsAsked({ papers, minutes, why }: Proposal, { lead }: BustingInput): boolean {
  const faces = new Set(Object.values(papers));
  switch (lead.kind) {
    case 'quick':
      return faces.size < QUICK.papers && minutes < QUICK.minutes;
    case 'paper':
      return lead.faces.some((face) => faces.has(face));
    case 'finish':
      return why.some(({ kind }) => kind === 'finishes');
    case 'hues':
      return why.some(({ kind }) => kind === 'hues');
    case 'strips':
    case 'boxes':
      return why.some(({ kind }) => kind === 'shapes');
    case 'oldest':
      return true;
  }
}
