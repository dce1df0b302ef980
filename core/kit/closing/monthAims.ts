import { stands, type Ledger } from '../../stock/ledger';
import type { Lot, MonthAim, Page } from '../../stock/things';

/** How near an aim for a month is. */
export interface MonthStanding {
  readonly aim: MonthAim;
  /** Pages done in the month; of nothing new, kits that came since she said so. */
  readonly done: number;
  /** It is reached, or kept so far. */
  readonly isMet: boolean;
}

/** Kits that something came with from a day on: what is typed in as a scrap is none. */
function cameSince(day: string, { ledger, lots }: { ledger: Ledger; lots: ReadonlyMap<string, Lot> }): number {
  const kits = new Set<string>();
  for (const event of ledger.events.values()) {
    if (event.type !== 'received' || event.day <= day || !stands(ledger, event)) continue;
    const lot = lots.get(event.lot);
    if (lot && !lot.isLeftover) kits.add(lot.kit);
  }
  return kits.size;
}

/** How near the aims for months are, the earliest first. */
export function monthAimsOf(bench: {
  readonly monthAims: ReadonlyMap<string, MonthAim>;
  readonly pages: ReadonlyMap<string, Page>;
  readonly lots: ReadonlyMap<string, Lot>;
  readonly ledger: Ledger;
}): readonly MonthStanding[] {
  return [...bench.monthAims.values()]
    .sort((a, b) => a.month.localeCompare(b.month) || a.kind.localeCompare(b.kind))
    .map((aim): MonthStanding => {
      if (aim.kind === 'nothing-new') {
        const done = cameSince(aim.since, bench);
        return { aim, done, isMet: done === 0 };
      }
      const done = [...bench.pages.values()].filter(({ finished }) => finished?.startsWith(aim.month)).length;
      return { aim, done, isMet: done >= aim.atLeast };
    });
}

/** Till which month she means to take in nothing new; null: she does not, or the month has come. */
export function nothingNewTill(monthAims: Iterable<MonthAim>, month: string): string | null {
  const till = [...monthAims].flatMap((aim) => (aim.kind === 'nothing-new' && aim.month > month ? [aim.month] : []));
  return till.sort().at(-1) ?? null;
}
