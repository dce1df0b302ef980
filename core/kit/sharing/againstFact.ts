import { pagesOf, pageState, type PageState, type Plans, type Standing } from '../../page/cutlist';

import type { Page, Sharing } from '../../stock/things';
import { heldIn } from '../../ground/heldIn';

/** Where a page of a share-out stands. */
export type SharedState = 'waiting' | 'promised' | 'cut' | 'done' | 'given-up';

/** A share-out held against what has been done since; areas in square ticks. */
export interface AgainstFact {
  readonly pages: readonly { readonly page: string; readonly title: string; readonly state: SharedState }[];
  /** Paper that was promised to pages of it and is, or went, elsewhere. */
  readonly elsewhere: readonly {
    readonly piece: string;
    readonly where: 'other-page' | 'given' | 'sold' | 'lent' | 'recycled' | 'missed' | 'waste';
    readonly page: string | null;
    readonly area: number;
  }[];
}

/** What a share-out is held against. */
export interface Shared extends Standing {
  readonly pages: ReadonlyMap<string, Page>;
}

const STATE: Record<PageState, SharedState> = {
  idea: 'waiting',
  planned: 'promised',
  cut: 'cut',
  glued: 'done',
  done: 'done',
};

function stateOf(id: string, bench: Shared): SharedState {
  const page = bench.pages.get(id);
  return page ? STATE[pageState(page, bench)] : 'given-up';
}

/** The pages that something is out for: a plan is for several. */
const forWhom = (claimant: string, plans: Plans): string[] => {
  const plan = plans.get(claimant);
  return plan ? pagesOf(plan) : [claimant];
};

/**
 * Plan against fact: how each page of a share-out stands, and which of its papers went to pages that are not of it,
 * were given away, recycled or spoilt. What was planned as leftover or waste is not told.
 */
export function againstFact(sharing: Sharing, bench: Shared): AgainstFact {
  const { ledger, pages, plans } = bench;
  const own = new Set(sharing.pages.map(({ page }) => page));
  const promised = new Map<string, number>();
  for (const { papers } of sharing.pages)
    for (const { piece, area } of papers) promised.set(piece, (promised.get(piece) ?? 0) + area);
  const sheetOf = (id: string): string | null => {
    for (let at: string | null = id; at !== null; at = ledger.pieces.get(at)?.from ?? null)
      if (promised.has(at)) return at;
    return null;
  };
  const gone = new Map<string, AgainstFact['elsewhere'][number]>();
  const kept = new Map<string, number>();
  for (const piece of ledger.pieces.values()) {
    const sheet = sheetOf(piece.id);
    if (sheet === null || piece.where === 'cut') continue;
    const isOut = piece.where === 'used' || piece.where === 'claimed';
    const forPages = isOut && piece.page !== null ? forWhom(piece.page, plans) : [];
    const isOwn = forPages.some((page) => own.has(page));
    if (isOwn || piece.where === 'here') {
      kept.set(sheet, (kept.get(sheet) ?? 0) + piece.solid);
      continue;
    }
    const where = piece.where === 'used' || piece.where === 'claimed' ? 'other-page' : piece.where;
    const page = forPages[0] ?? null;
    const key = `${sheet} ${where} ${page}`;
    gone.set(key, { piece: sheet, where, page, area: (gone.get(key)?.area ?? 0) + piece.solid });
  }
  // Only what reaches into what was promised counts: leftovers may go anywhere.
  const elsewhere = [...gone.values()].filter(({ piece }) => (kept.get(piece) ?? 0) < heldIn(promised, piece));
  return {
    pages: sharing.pages.map(({ page, title }) => ({
      page,
      title: pages.get(page)?.title ?? title,
      state: stateOf(page, bench),
    })),
    elsewhere,
  };
}
