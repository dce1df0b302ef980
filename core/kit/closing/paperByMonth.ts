import { stands, type Ledger, type LedgerEvent } from '../../stock/ledger';

/** What a month did to the paper, square ticks, and what lay in the stash at its end. */
export interface PaperMonth {
  /** `2026-11` */
  readonly month: string;
  readonly came: number;
  readonly onPages: number;
  /** Given, sold, lent and recycled, less what came back; and waste. */
  readonly away: number;
  readonly stash: number;
}

type Flow = Pick<PaperMonth, 'came' | 'onPages' | 'away'>;
const NONE: Flow = { came: 0, onPages: 0, away: 0 };

/** What an entry does to the paper, wherever it lies. */
function flowOf(event: LedgerEvent, { pieces }: Ledger): Flow {
  const solid = (id: string): number => pieces.get(id)?.solid ?? 0;
  switch (event.type) {
    case 'received':
    case 'arrived':
      return { ...NONE, came: (event.pieces ?? []).reduce((sum, { id }) => sum + solid(id), 0) };
    case 'cut': {
      const waste = event.into.filter(({ role }) => role === 'waste');
      return { ...NONE, away: waste.reduce((sum, { id }) => sum + solid(id), 0) };
    }
    case 'used':
    case 'returned':
      return 'piece' in event ? { ...NONE, onPages: (event.type === 'used' ? 1 : -1) * solid(event.piece) } : NONE;
    case 'given':
    case 'sold':
    case 'lent':
    case 'recycled':
    case 'back':
      return 'piece' in event ? { ...NONE, away: (event.type === 'back' ? -1 : 1) * solid(event.piece) } : NONE;
    case 'counted':
      return 'piece' in event ? { ...NONE, away: (event.isFound ? -1 : 1) * solid(event.piece) } : NONE;
    default:
      return NONE;
  }
}

const following = (month: string): string => {
  const [year, n] = month.split('-').map(Number) as [number, number];
  return n === 12 ? `${year + 1}-01` : `${year}-${String(n + 1).padStart(2, '0')}`;
};

/** The months of a ledger, from the first in which anything came to the last, each that is between them too. */
export function paperByMonth(ledger: Ledger): readonly PaperMonth[] {
  const flows = new Map<string, Flow>();
  for (const event of ledger.events.values()) {
    if (!stands(ledger, event)) continue;
    const month = event.day.slice(0, 7);
    const [before, own] = [flows.get(month) ?? NONE, flowOf(event, ledger)];
    flows.set(month, {
      came: before.came + own.came,
      onPages: before.onPages + own.onPages,
      away: before.away + own.away,
    });
  }
  const known = [...flows.keys()].sort();
  const [first, last] = [known.at(0), known.at(-1)];
  if (first === undefined || last === undefined) return [];
  const months: PaperMonth[] = [];
  let stash = 0;
  for (let month = first; month <= last; month = following(month)) {
    const flow = flows.get(month) ?? NONE;
    stash += flow.came - flow.onPages - flow.away;
    months.push({ month, ...flow, stash });
  }
  return months;
}
