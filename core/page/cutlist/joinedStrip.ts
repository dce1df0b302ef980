import { area, intersect, splitRect, unionArea, type Rect } from '../../ground/geometry';
import type { CutStock, PlannedCut, PlannedPart, Trimmer } from '../../trimmer/cutting';
import { joinStrips, type JoinedPart, type Strip } from '../../trimmer/joining';
import type { Ledger, PieceState } from '../../stock/ledger';
import { inches, type Ticks } from '../../ground/length';
import type { PlanSheet } from '../../stock/things';
import { nth } from '../../ground/nth';
import { NUBBIN } from './cutList';
import { hiddenJoins, inSight, type Joined, type JoinPlace } from './hiddenJoins';
import type { WantedPiece } from './wanted';
import type { Layout, PageLayer } from '../design';
import { heldIn } from '../../ground/heldIn';

/** A strip put together from shorter ones whose pattern runs on. */
export interface JoinedStrip {
  readonly wanted: string;
  /** Each part with the paper it comes from, along which of the paper's sides, and which face. */
  readonly parts: readonly (JoinedPart & { readonly axis: 'x' | 'y'; readonly face: 'front' | 'back' })[];
  readonly joins: readonly JoinPlace[];
  /** The sheets cut for it, each to one part. */
  readonly sheets: readonly PlanSheet[];
}

/** Why no strip can be joined: the longest run that there is falls short. */
export interface TooShort {
  readonly longest: Ticks;
}

/** A strip wanted, and the papers it may be joined of. */
export interface Joining {
  readonly wanted: WantedPiece;
  readonly stock: readonly CutStock[];
  readonly ledger: Ledger;
  readonly trimmer: Trimmer;
}

/** A paper laid so that its pattern runs along the strip. */
interface Candidate extends Strip {
  readonly axis: 'x' | 'y';
  readonly face: 'front' | 'back';
  readonly stock: CutStock;
}

/** Where a piece lies on the sheet it was first cut from: prints start alike on sheets of one lot. */
function onItsSheet(ledger: Ledger, id: string): { at: Rect; sheet: PieceState } {
  const piece = heldIn(ledger.pieces, id);
  if (piece.from === null) return { at: { x: 0, y: 0, w: piece.w, h: piece.h }, sheet: piece };
  const parent = onItsSheet(ledger, piece.from);
  return { at: { ...piece.at, x: piece.at.x + parent.at.x, y: piece.at.y + parent.at.y }, sheet: parent.sheet };
}

function phaseOf(ledger: Ledger, id: string, axis: 'x' | 'y', face: 'front' | 'back', repeat: number): number {
  const { at, sheet } = onItsSheet(ledger, id);
  // The back is read from its own left, which is the front's right.
  const from = axis === 'y' ? at.y : face === 'front' ? at.x : sheet.w - at.x - at.w;
  return from % repeat;
}

function candidatesFor(
  { wanted: piece, stock, ledger, trimmer: { longestCut } }: Joining,
  repeatOf: (axis: 'x' | 'y') => number | null,
): Candidate[] {
  const need = Math.min(piece.w, piece.h);
  const canBeCut = (length: number, width: number): boolean =>
    longestCut === null || ((width === need || length <= longestCut) && need <= longestCut);
  const isAcross = piece.w >= piece.h;
  return stock.flatMap((one): Candidate[] => {
    const face = piece.face === null || one.front === piece.face ? 'front' : one.back === piece.face ? 'back' : null;
    if (face === null || one.missing.length > 0) return [];
    const axes = one.upright ? ([isAcross ? 'x' : 'y'] as const) : (['x', 'y'] as const);
    return axes.flatMap((axis) => {
      const [length, width] = axis === 'x' ? [one.w, one.h] : [one.h, one.w];
      if (!canBeCut(length, width)) return [];
      const repeat = repeatOf(axis);
      return {
        id: one.id,
        length,
        width,
        count: 1,
        phase: repeat === null ? 0 : phaseOf(ledger, one.id, axis, face, repeat),
        axis,
        face,
        stock: one,
      };
    });
  });
}

/** Stretches of a layer, along it, that layers above cover over its whole width. */
function isHiddenAt(layer: PageLayer, above: readonly PageLayer[], along: number): boolean {
  const near = inches(1 / 8);
  const band =
    layer.w >= layer.h
      ? { x: layer.x + along - near, y: layer.y, w: 2 * near, h: layer.h }
      : { x: layer.x, y: layer.y + along - near, w: layer.w, h: 2 * near };
  const cover = above
    .filter(({ turn }) => turn === 0)
    .map((upper) => intersect(upper, band))
    .filter((part) => part !== null);
  return unionArea(band, cover) === area(band);
}

function joinsOf(parts: readonly JoinedPart[], shift: number, hidden: (along: number) => boolean): JoinPlace[] {
  let at = -shift;
  return parts.slice(0, -1).map(({ from, to }) => {
    at += to - from;
    return { at, isHidden: hidden(at) };
  });
}

/**
 * Moves the joins toward the left end by cutting off the first part's start rather than the last one's end: to where
 * they are hidden, if anywhere. Where the pattern starts again, all must move together.
 */
function shifted(parts: readonly JoinedPart[], own: readonly Candidate[], hidden: (along: number) => boolean): Joined {
  const last = parts.length - 1;
  const [first, end] = [nth(parts, 0), nth(parts, last)];
  const most = Math.min(nth(own, last).length - end.to, first.to - first.from - 1);
  let best = { shift: 0, joins: joinsOf(parts, 0, hidden) };
  for (let shift: number = inches(1 / 8); shift <= most; shift += inches(1 / 8)) {
    const joins = joinsOf(parts, shift, hidden);
    if (inSight(joins) < inSight(best.joins)) best = { shift, joins };
  }
  const { shift, joins } = best;
  return {
    joins,
    parts: parts.map((part, i) => ({
      ...part,
      from: part.from + (i === 0 ? shift : 0),
      to: part.to + (i === last ? shift : 0),
    })),
  };
}

/** A paper cut to one part of a strip: first the strip off the paper, then its ends. */
function sheetFor(
  part: JoinedPart,
  { axis, stock, face, length, width }: Candidate,
  wanted: WantedPiece,
  { across, kerf, copy }: { readonly across: number; readonly kerf: Ticks; readonly copy: number },
): PlanSheet {
  const cuts: PlannedCut[] = [];
  const left: PlannedPart[] = [];
  let now: PlannedPart = { part: 'A', x: 0, y: 0, w: stock.w, h: stock.h };
  let names = 1;
  const name = (): string => String.fromCharCode(65 + names++);
  /** Keeps what lies before the cut, or beyond it; what falls off narrower than the kerf falls off whole. */
  const cut = (along: 'x' | 'y', to: number, isKeptBefore: boolean): void => {
    const long = along === 'x' ? now.w : now.h;
    const lost = (isKeptBefore ? long - to : to) > kerf ? kerf : 0;
    const at = isKeptBefore ? to : to - lost;
    const gives = [name(), name()] as const;
    const [near, far] = splitRect(now, along, at, lost);
    cuts.push({ part: now.part, axis: along, at, ...(lost > 0 ? { lost } : {}), gives: [...gives] });
    const [kept, off] = isKeptBefore ? [0, 1] : [1, 0];
    left.push({ ...nth([near, far], off), part: nth(gives, off) });
    now = { ...nth([near, far], kept), part: nth(gives, kept) };
  };
  if (across < width) cut(axis === 'x' ? 'y' : 'x', across, true);
  if (part.from > 0) cut(axis, part.from, false);
  if (part.to < length) cut(axis, part.to - part.from, true);
  const isKept = ({ w, h }: Rect): boolean => Math.min(w, h) >= NUBBIN.w;
  const turned = (axis === 'x') !== wanted.w >= wanted.h;
  const { id, page, slot } = wanted;
  return {
    stock: stock.id,
    copy: 1,
    cuts,
    pieces: [{ id, page, slot, copy, turned, face, ...now }],
    nubbins: left.filter(isKept),
    waste: left.filter((rect) => !isKept(rect)),
  };
}

/**
 * Puts a strip that no paper here is long enough for together from shorter ones, leftovers before sheets: along the
 * papers or across them, whichever leaves the fewest joins in sight.
 * @param layer where the strip lies, with what lies above it, to hide the joins; null: unknown
 * @param repeatOf after how much the pattern starts again along x or y of the paper, ticks; null: plain
 * @returns the parts and the papers' cuts; null in place of them, with the longest run there could be
 */
export function joinedStrip(
  joining: Joining,
  layout: Layout | null,
  repeatOf: (axis: 'x' | 'y') => number | null,
): JoinedStrip | TooShort {
  const { wanted } = joining;
  const [length, width] = [Math.max(wanted.w, wanted.h), Math.min(wanted.w, wanted.h)];
  let longest = 0;
  const all = candidatesFor(joining, repeatOf);
  const layers = layout?.layers ?? [];
  const at = layers.findIndex(({ slot, w, h }) => slot === wanted.slot && w === wanted.w && h === wanted.h);
  const layer = layers[at];
  const hidden = (along: number): boolean => layer !== undefined && isHiddenAt(layer, layers.slice(at + 1), along);
  for (const pool of [all.filter((one) => !one.stock.fresh), all]) {
    // The papers of one axis only: a pattern does not run on from across to down.
    const ways = (['x', 'y'] as const).flatMap((axis): JoinedStrip[] => {
      const strips = pool.filter((one) => one.axis === axis);
      const repeat = repeatOf(axis);
      const plan = joinStrips({ need: { length, width }, repeat, lap: 0, strips });
      longest = Math.max(longest, plan.longest);
      if (!plan.ok) return [];
      const own = plan.parts.map((part) => candidateOf(strips, part));
      const others = strips.filter((one) => one.width >= width && !own.includes(one));
      const moved =
        (repeat === null ? hiddenJoins(own, others, length, hidden) : null) ?? shifted(plan.parts, own, hidden);
      const from = moved.parts.map((part) => candidateOf(strips, part));
      const parts = moved.parts.map((part, i) => ({ ...part, axis, face: nth(from, i).face }));
      const sheets = parts.map((part, i) =>
        sheetFor(part, nth(from, i), wanted, { across: width, kerf: joining.trimmer.kerf, copy: i + 1 }),
      );
      return [{ wanted: wanted.id, parts, joins: moved.joins, sheets }];
    });
    const best = ways.reduce<JoinedStrip | null>((a, b) => (a && !isBetter(b, a) ? a : b), null);
    if (best) return best;
  }
  return { longest };
}

const candidateOf = (strips: readonly Candidate[], { strip }: JoinedPart): Candidate =>
  nth(
    strips,
    strips.findIndex(({ id }) => id === strip),
  );

/** Fewer joins in sight, then fewer joins. */
const isBetter = (a: Joined, b: Joined): boolean =>
  inSight(a.joins) - inSight(b.joins) < 0 || (inSight(a.joins) === inSight(b.joins) && a.joins.length < b.joins.length);

/**
 * Whether shorter strips come to its length laid end to end, whatever the pattern: a quick look before a strip is
 * really joined.
 */
export function mayBeJoined(joining: Joining): boolean {
  const { wanted } = joining;
  const [length, width] = [Math.max(wanted.w, wanted.h), Math.min(wanted.w, wanted.h)];
  const serving = candidatesFor(joining, () => null).filter((one) => one.width >= width);
  return (
    isStrip(wanted) &&
    (['x', 'y'] as const).some(
      (along) => serving.reduce((sum, one) => sum + (one.axis === along ? one.length : 0), 0) >= length,
    )
  );
}

/** Whether a missing piece is a strip that could be joined: longer than wide by half at least. */
export const isStrip = ({ w, h }: Pick<WantedPiece, 'w' | 'h'>): boolean => Math.max(w, h) >= 1.5 * Math.min(w, h);
