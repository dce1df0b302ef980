import type { Ticks } from '../../../ground/length';
import { nth } from '../../../ground/nth';
import type { CutStock } from '../../../trimmer/cutting';
import { aroundGaps, freeParts, laid, replaced, without, type Tree } from './tree';
import type { Table } from '../table';
import type { Wanted } from './wanted';

/** One sheet as it is cut so far. Never changed once made. */
export interface Sheet {
  /** Its stock, by number. */
  readonly kind: number;
  readonly tree: Tree;
  readonly free: readonly Tree[];
  /** Its largest free part, square ticks. */
  readonly largest: number;
  readonly isOpened: boolean;
}

/** Pieces laid on sheets so far. */
export interface Hand {
  readonly sheets: Sheet[];
  /** By piece, the sheet it lies on; -1: none. */
  readonly at: number[];
  /** By group, the design that its pieces are of; -1: none is laid. */
  readonly design: number[];
}

/** A place for a piece. */
export interface Spot {
  readonly sheet: number;
  readonly part: Tree;
  readonly w: Ticks;
  readonly h: Ticks;
  readonly first: 'x' | 'y';
}

function sheetOf(kind: number, tree: Tree, isOpened: boolean): Sheet {
  const free = freeParts(tree);
  return { kind, tree, free, largest: free.reduce((most, { w, h }) => Math.max(most, w * h), 0), isOpened };
}

/** Every sheet there is, whole. */
export function emptyHand({ job }: Table, { pieces, groups, sheets }: Wanted): Hand {
  const whole = ({ w, h, missing }: CutStock): Tree =>
    aroundGaps({ x: 0, y: 0, w, h }, missing, job.longestCut ?? Infinity);
  return {
    sheets: job.stock.flatMap((stock, kind) => {
      const sheet = sheetOf(kind, whole(stock), false);
      return Array.from({ length: nth(sheets, kind + 1) - nth(sheets, kind) }, () => sheet);
    }),
    at: pieces.map(() => -1),
    design: groups.map(() => -1),
  };
}

export const copyHand = ({ sheets, at, design }: Hand): Hand => ({
  sheets: [...sheets],
  at: [...at],
  design: [...design],
});

/** Lays a piece at a spot. Mutates `hand`. */
export function lay(hand: Hand, piece: number, { sheet, part, w, h, first }: Spot): void {
  const { kind, tree } = nth(hand.sheets, sheet);
  hand.sheets[sheet] = sheetOf(kind, replaced(tree, part, laid(part, { w, h }, piece, first)), true);
  hand.at[piece] = sheet;
}

/** Takes pieces off their sheets; a group of which none is left is of no design. Mutates `hand`. */
export function takeOff(hand: Hand, { pieces, groups }: Wanted, gone: Iterable<number>): void {
  const all = new Set(gone);
  const sheets = new Set<number>();
  for (const piece of all) {
    sheets.add(nth(hand.at, piece));
    hand.at[piece] = -1;
  }
  for (const at of sheets) {
    if (at < 0) continue;
    const { kind, tree } = nth(hand.sheets, at);
    const left = without(tree, (piece) => all.has(piece));
    hand.sheets[at] = sheetOf(kind, left, hasPiece(left));
  }
  for (const piece of all) {
    const g = nth(pieces, piece).group;
    if (nth(groups, g).pieces.every((own) => nth(hand.at, own) < 0)) hand.design[g] = -1;
  }
}

const hasPiece = ({ cut, piece }: Tree): boolean => (cut ? hasPiece(cut.near) || hasPiece(cut.far) : piece >= 0);
