import type { CutStock, PlannedPart } from '../../trimmer/cutting';
import type { Rect } from '../../ground/geometry';
import type { Middle, ShareJob, SharedPiece, SharedSheet, SharePlan } from './types';

/** A middle that a share-out can count on, as stock: of the design that its piece is of. */
export interface Offered {
  readonly middle: Middle;
  /** Of several alike of one slot, the how-manieth. */
  readonly copy: number;
  readonly design: string;
  readonly stock: CutStock;
}

/** Whose middles are counted on: those of the pages that are made already, or of any page that may come to be made. */
export type Whose = 'made' | 'any';

/** The design that a middle is of: that of its piece; of a page that is not made the first that it may be of. */
function designOf(plan: SharePlan, { pages }: ShareJob, { page: id, slot: key }: Middle, whose: Whose): string | null {
  const page = plan.pages.find((one) => one.id === id);
  if (page?.complete) return page.slots.find((slot) => slot.id === key)?.design ?? null;
  const slot = pages.find((one) => one.id === id)?.slots.find((one) => one.id === key);
  return whose === 'any' ? (slot?.of?.[0] ?? null) : null;
}

/** The middles that a share-out can count on. */
export function offeredBy(plan: SharePlan, job: ShareJob, middles: readonly Middle[], whose: Whose): Offered[] {
  const { stock } = job;
  const copies = new Map<string, number>();
  return middles.flatMap((middle): Offered[] => {
    const design = designOf(plan, job, middle, whose);
    if (design === null) return [];
    const key = `${middle.page} ${middle.slot}`;
    const copy = copies.get(key) ?? 0;
    copies.set(key, copy + 1);
    const upright = stock.some((one) => one.upright && (one.front === design || one.back === design));
    const own: CutStock = {
      id: `middle ${key} ${copy}`,
      w: middle.at.w,
      h: middle.at.h,
      count: 1,
      front: design,
      back: null,
      upright,
      fresh: false,
      since: null,
      missing: [],
    };
    return [{ middle, copy, design, stock: own }];
  });
}

/** The job with middles as stock; the pieces that they are of keep their designs. */
export const jobWith = (job: ShareJob, offered: readonly Offered[]): ShareJob => ({
  ...job,
  stock: [...job.stock, ...offered.map(({ stock }) => stock)],
  pages: job.pages.map((page) => ({
    ...page,
    slots: page.slots.map((slot) => {
      const kept = offered.find(({ middle }) => middle.page === page.id && middle.slot === slot.id);
      return kept ? { ...slot, of: [kept.design] } : slot;
    }),
  })),
});

/** A sheet whose pieces are for pages, whatever else is told of them. */
type Divided<P> = Omit<SharedSheet, 'pieces'> & { readonly pieces: readonly P[] };

/**
 * What is cut from a middle, put where the middle lies in the piece that it is cut out of. @param inner its cuts, as of
 * a paper of its own
 */
export function intoMiddle<P extends PlannedPart & Pick<SharedPiece, 'face'>>(
  host: Divided<P>,
  piece: P,
  inner: Divided<P>,
  at: Rect,
): Divided<P> {
  const middle = `${piece.part}-middle`;
  const nameOf = (part: string): string => (part === 'A' ? middle : `${middle}-${part}`);
  const placed = <T extends PlannedPart>(part: T): T => ({
    ...part,
    part: nameOf(part.part),
    x: piece.x + at.x + part.x,
    y: piece.y + at.y + part.y,
  });
  const window = { part: middle, ...at, x: piece.x + at.x, y: piece.y + at.y, from: piece.part };
  return {
    ...host,
    cuts: [
      ...host.cuts,
      ...inner.cuts.map(({ gives, ...cut }) => ({
        ...cut,
        part: nameOf(cut.part),
        gives: [nameOf(gives[0]), nameOf(gives[1])] as const,
      })),
    ],
    pieces: [...host.pieces, ...inner.pieces.map((one) => ({ ...placed(one), face: piece.face }))],
    nubbins: [...host.nubbins, ...inner.nubbins.map(placed)],
    waste: [...host.waste, ...inner.waste.map(placed)],
    windows: [
      ...(host.windows ?? []),
      window,
      ...(inner.windows ?? []).map((one) => ({ ...placed(one), from: nameOf(one.from) })),
    ],
  };
}

/**
 * A share-out of stock and middles as one of stock alone: what is cut from a middle lies on the sheet that the middle is
 * cut out of. Null where a piece is not had whose middle it counts on.
 */
export function settledIn(plan: SharePlan, offered: readonly Offered[]): SharePlan | null {
  let sheets: readonly SharedSheet[] = plan.sheets;
  for (;;) {
    const inner = sheets.find((sheet) => offered.some(({ stock }) => stock.id === sheet.stock));
    if (!inner) return { ...plan, sheets };
    const from = offered.find(({ stock }) => stock.id === inner.stock);
    const isOf = ({ page, slot }: SharedPiece): boolean => page === from?.middle.page && slot === from.middle.slot;
    const hosts = sheets.flatMap((sheet) => sheet.pieces.filter(isOf).map((piece) => ({ sheet, piece })));
    const host = from && hosts[from.copy];
    // What is cut with its sides exchanged has its middle elsewhere.
    if (!host || host.sheet === inner || host.piece.turned) return null;
    const joined = intoMiddle(host.sheet, host.piece, inner, from.middle.at);
    sheets = sheets.flatMap((sheet) => (sheet === inner ? [] : sheet === host.sheet ? [joined] : [sheet]));
  }
}
