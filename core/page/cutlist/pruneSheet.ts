import type { Rect } from '../../ground/geometry';
import { groupBy } from '../../ground/groupBy';
import { heldIn } from '../../ground/heldIn';
import type { PieceState } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { PlanCut, PlanPart, PlanPiece, PlanSheet, PlanWindow } from '../../stock/things';
import { isOpenWindow, pieceId, placesOf } from './partsOfSheet';

/** A planned sheet with less asked of it, and what of it is no longer needed. */
export interface Pruned {
  /** Null: nothing is left to be cut from it. */
  readonly sheet: PlanSheet | null;
  /** Pieces of the ledger that were out for it and can go back. */
  readonly free: readonly string[];
}

/** What of a piece is asked here. */
type Standing = Pick<PieceState, 'id' | 'where' | 'w' | 'h' | 'slot'>;

/** A leftover at least so wide and high is kept. */
const KEPT = inches(1);

interface Standings {
  readonly pieces: ReadonlyMap<string, Standing>;
}

/** A planned sheet gone through from the whole to its parts: what of it is still needed, and what becomes of the rest. */
class Pruning {
  readonly cuts: PlanCut[] = [];
  readonly pieces: PlanPiece[] = [];
  readonly left: PlanPart[] = [];
  readonly windows: PlanWindow[] = [];
  readonly free: string[] = [];
  /** Whether something is still to be done to it. */
  isOpen = false;

  private readonly cutOf: ReadonlyMap<string, PlanCut>;
  private readonly pieceOf: ReadonlyMap<string, PlanPiece>;
  private readonly punchedFrom: ReadonlyMap<string, readonly PlanPiece[]>;
  private readonly windowsIn: ReadonlyMap<string, readonly PlanWindow[]>;
  private readonly middles: ReadonlySet<string>;
  private readonly places: ReadonlyMap<string, Rect>;

  constructor(
    private readonly sheet: PlanSheet,
    private readonly isWanted: (piece: PlanPiece) => boolean,
    private readonly ledger: Standings,
  ) {
    const { cuts, pieces, windows = [] } = sheet;
    this.cutOf = new Map(cuts.map((cut) => [cut.part, cut]));
    this.pieceOf = new Map(pieces.map((piece) => [piece.part, piece]));
    this.punchedFrom = groupBy(
      pieces.filter((piece) => piece.punched),
      ({ punched }) => punched?.from ?? '',
    );
    this.windowsIn = groupBy(
      windows.filter((window) => isOpenWindow(sheet, window, ledger)),
      ({ from }) => from,
    );
    this.middles = new Set(windows.map(({ part }) => part));
    this.places = placesOf(sheet, this.stateOf('A') ?? { w: 0, h: 0 });
    this.walk('A');
  }

  private stateOf(part: string): Standing | undefined {
    return this.ledger.pieces.get(pieceId(this.sheet.stock, part));
  }

  private isStillWanted(piece: PlanPiece): boolean {
    return this.stateOf(piece.part) === undefined && this.isWanted(piece);
  }

  private isNeeded(part: string): boolean {
    const piece = this.pieceOf.get(part);
    // Of a piece that is neither there nor wanted nothing can be cut out.
    if (piece) return this.isStillWanted(piece) || (this.stateOf(part) !== undefined && this.isOpened(part));
    // Its page may have been taken off the plan since the middle was cut out of it.
    if (this.stateOf(part) !== undefined && this.isOpened(part)) return true;
    const isPunched = this.punchedFrom.get(part)?.some((one) => this.isStillWanted(one)) ?? false;
    return isPunched || (this.cutOf.get(part)?.gives.some((given) => this.isNeeded(given)) ?? false);
  }

  /** Whether something is needed of a middle that lies in a piece. */
  private isOpened(part: string): boolean {
    return (this.windowsIn.get(part) ?? []).some(({ part: middle }) => this.isNeeded(middle));
  }

  private walk(part: string): void {
    const [cut, piece, punched, state] = [
      this.cutOf.get(part),
      this.pieceOf.get(part),
      this.punchedFrom.get(part),
      this.stateOf(part),
    ];
    const isCut = state?.where === 'cut';
    const isWorkedOn = isCut || this.isNeeded(part);
    if (punched && isWorkedOn) {
      this.isOpen ||= !isCut;
      this.pieces.push(...punched.filter((one) => isCut || this.isWanted(one)));
      this.leave(part);
    } else if (cut && isWorkedOn) {
      this.isOpen ||= !isCut;
      this.cuts.push(cut);
      cut.gives.forEach((given) => this.walk(given));
    } else if (piece && (state || this.isWanted(piece))) {
      this.pieces.push(piece);
      this.open(part);
    } else if (state && this.windowsIn.has(part)) this.open(part);
    else if (state?.where === 'claimed' && (cut || punched || this.middles.has(part))) this.free.push(state.id);
    else this.leave(part);
  }

  private leave(part: string): void {
    this.left.push({ part, ...heldIn(this.places, part) });
  }

  /** Goes on with the middles of a piece that are cut out, or needed. */
  private open(part: string): void {
    for (const window of this.windowsIn.get(part) ?? []) {
      const middle = this.stateOf(window.part);
      if (!middle && !this.isNeeded(window.part)) continue;
      this.isOpen ||= !middle;
      this.windows.push(window);
      this.walk(window.part);
    }
  }
}

/**
 * Takes wanted pieces off a planned sheet that may be half cut: cuts that nothing wanted needs are left out, what they
 * would have divided stays whole.
 * @param isWanted of the pieces not cut yet, which are still wanted
 */
export function pruneSheet(sheet: PlanSheet, isWanted: (piece: PlanPiece) => boolean, ledger: Standings): Pruned {
  const { isOpen, free, cuts, pieces, left, windows } = new Pruning(sheet, isWanted, ledger);
  const waste = new Set(sheet.waste.map(({ part }) => part));
  const isWaste = ({ part, w, h }: PlanPart): boolean => waste.has(part) || Math.min(w, h) < KEPT;
  if (!isOpen) return { free, sheet: null };
  return {
    free,
    sheet: {
      ...sheet,
      cuts: sheet.cuts.filter((cut) => cuts.includes(cut)),
      pieces,
      nubbins: left.filter((part) => !isWaste(part)),
      waste: left.filter(isWaste),
      ...(sheet.windows ? { windows } : {}),
    },
  };
}
