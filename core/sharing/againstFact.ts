import type { Ledger } from '../ledger';
import type { Page, Sharing } from '../things';

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

function stateOf(page: Page | undefined): SharedState {
  switch (page?.state) {
    case undefined:
      return 'given-up';
    case 'idea':
      return 'waiting';
    case 'planned':
      return 'promised';
    case 'cut':
      return 'cut';
    default:
      return 'done';
  }
}

/**
 * Plan against fact: how each page of a share-out stands, and which of its papers went to pages that are not of it, were
 * given away, recycled or spoilt. What was planned as leftover or waste is not told.
 */
export function againstFact(sharing: Sharing, ledger: Ledger, pages: ReadonlyMap<string, Page>): AgainstFact {
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
    const isOwn = piece.page !== null && own.has(piece.page) && (piece.where === 'used' || piece.where === 'claimed');
    if (isOwn || piece.where === 'here') {
      kept.set(sheet, (kept.get(sheet) ?? 0) + piece.solid);
      continue;
    }
    const where = piece.where === 'used' || piece.where === 'claimed' ? 'other-page' : piece.where;
    const page = where === 'other-page' ? piece.page : null;
    const key = `${sheet} ${where} ${page}`;
    gone.set(key, { piece: sheet, where, page, area: (gone.get(key)?.area ?? 0) + piece.solid });
  }
  // Only what reaches into what was promised counts: leftovers may go anywhere.
  const elsewhere = [...gone.values()].filter(({ piece }) => (kept.get(piece) ?? 0) < promised.get(piece)!);
  return {
    pages: sharing.pages.map(({ page, title }) => ({
      page,
      title: pages.get(page)?.title ?? title,
      state: stateOf(pages.get(page)),
    })),
    elsewhere,
  };
}
