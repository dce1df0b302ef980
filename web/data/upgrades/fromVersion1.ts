import type { LedgerEvent } from '../../../core/stock/ledger';
import type { Page, Plan, PlanPiece, PlanSheet } from '../../../core/stock/things';

/** A page as files of version 1 and databases up to version 3 have it. */
interface PageV1 extends Omit<Page, 'glued'> {
  readonly state: 'idea' | 'planned' | 'cut' | 'glued' | 'done';
  readonly plan: {
    readonly sheets: readonly (Omit<PlanSheet, 'pieces'> & { readonly pieces: readonly PieceV1[] })[];
  } | null;
  readonly together?: readonly string[];
}
type PieceV1 = Omit<PlanPiece, 'page' | 'slot'>;

/** Pages and entries as they were. */
export interface RowsV1 {
  readonly pages: readonly PageV1[];
  readonly events: readonly (LedgerEvent & { seq?: number })[];
}

export interface RowsNow {
  readonly pages: Page[];
  readonly plans: Plan[];
  readonly events: (LedgerEvent & { seq?: number })[];
}

/** What a piece was for: its key was `page/slot:WxH@paper`, without a page the one that led. */
function purposeOf(key: string, lead: string): { page: string; slot: string } {
  const [wanted] = key.split('@') as [string];
  const slash = wanted.indexOf('/');
  const rest = slash < 0 ? wanted : wanted.slice(slash + 1);
  return { page: slash < 0 ? lead : wanted.slice(0, slash), slot: rest.slice(0, rest.lastIndexOf(':')) };
}

/** What lies claimed and is in no slot, and what is on the bench at the end, as far as the upgrade must know it. */
function claimedNow(events: RowsV1['events']): Map<string, string> {
  const claimed = new Map<string, string>();
  const backward = new Set<string>();
  const parent = new Map<string, string>();
  for (const event of events) {
    const back = event.undoes !== undefined && !backward.has(event.undoes);
    if (back) backward.add(event.id);
    if ('piece' in event && (event.type === 'claimed' || event.type === 'released')) {
      if ((event.type === 'claimed') !== back) claimed.set(event.piece, event.page);
      else claimed.delete(event.piece);
    }
    if ('piece' in event && (event.type === 'used' || event.type === 'returned')) {
      if (event.type === 'used' && back) claimed.set(event.piece, event.page);
      else if (event.type === 'used') claimed.delete(event.piece);
    }
    if (event.type !== 'cut') continue;
    const stays = event.into.filter(({ role }) => role === 'piece' || role === 'rest');
    for (const part of event.into) parent.set(part.id, event.piece);
    if (back) {
      for (const { id } of event.into) claimed.delete(id);
      if (event.page !== null) claimed.set(event.piece, event.page);
    } else {
      claimed.delete(event.piece);
      if (event.page !== null)
        for (const part of stays) claimed.set(part.id, (part.role === 'piece' ? part.page : undefined) ?? event.page);
    }
  }
  return claimed;
}

const sheetsOf = (plan: NonNullable<PageV1['plan']>, lead: string): PlanSheet[] =>
  plan.sheets.map((sheet) => ({
    ...sheet,
    pieces: sheet.pieces.map((piece) => {
      const { page, slot } = purposeOf(piece.id, lead);
      const [w, h] = /:(\d+)x(\d+)/.exec(piece.id)?.slice(1) ?? [piece.w, piece.h];
      return { ...piece, id: `${page}/${slot}:${w}x${h}`, page, slot };
    }),
  }));

/** Zero amounts said nothing, and are refused now. */
function withoutZeros<E extends LedgerEvent>(event: E): E {
  const clean = (amounts: Readonly<Record<string, number>>) =>
    Object.fromEntries(Object.entries(amounts).filter(([, n]) => n !== 0));
  if ('amounts' in event && event.amounts) return { ...event, amounts: clean(event.amounts) };
  return 'change' in event ? { ...event, change: clean(event.change) } : event;
}

/**
 * Pages of version 1 had their state and plan in them; papers that several pages shared were out for the first. Now the
 * state follows from the ledger, plans stand by themselves, and their papers are out for the plan: entries that say so
 * are added at the end.
 */
export function upgradeRows({ pages, events }: RowsV1): RowsNow {
  const claimed = claimedNow(events);
  const known = new Set(pages.map(({ id }) => id));
  const day = events.at(-1)?.day ?? '2026-01-01';
  const added: LedgerEvent[] = [];
  const plans: Plan[] = [];
  const move = (piece: string, from: string, to: string, slot: string | null): void => {
    const n = added.length;
    added.push({ id: `upgrade-${n}`, day, type: 'released', piece, page: from });
    added.push({ id: `upgrade-${n + 1}`, day, type: 'claimed', piece, page: to, slot });
  };
  for (const { id, plan, state, together } of pages) {
    const lead = together?.[0] ?? id;
    if (!plan || lead !== id || (state !== 'planned' && state !== 'cut')) continue;
    const sheets = sheetsOf(plan, lead).map((sheet) => ({
      ...sheet,
      pieces: sheet.pieces.filter(({ page }) => known.has(page)),
    }));
    const open = {
      id: `plan-${id}`,
      sheets: sheets.filter(({ cuts, pieces }) => cuts.length > 0 && pieces.length > 0),
    };
    if (state === 'planned' && open.sheets.length > 0) plans.push(open);
    for (const sheet of sheets)
      for (const [piece, page] of claimed) {
        if (page !== lead || (piece !== sheet.stock && !piece.startsWith(`${sheet.stock}-`))) continue;
        const own = sheet.pieces.find(({ part }) => piece === (part === 'A' ? sheet.stock : `${sheet.stock}-${part}`));
        if (own?.part === 'A') move(piece, lead, own.page, own.slot);
        else if (!own && state === 'planned') move(piece, lead, open.id, null);
      }
  }
  return {
    plans,
    pages: pages.map(({ state, plan: _, together: __, ...page }) => ({
      ...page,
      glued: state === 'glued' || state === 'done' ? (page.finished ?? day) : null,
    })),
    events: [...events.map(withoutZeros), ...added],
  };
}
