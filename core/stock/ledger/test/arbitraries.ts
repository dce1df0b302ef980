import fc from 'fast-check';
import { fold, opposite, type CutChild, type Ledger, type LedgerEvent } from '..';

/** What a person might do next, in numbers that are matched to whatever is there. */
const step = fc.record({ what: fc.nat({ max: 14 }), which: fc.nat(), where: fc.nat(), wild: fc.nat({ max: 9 }) });
type Step = typeof step extends fc.Arbitrary<infer T> ? T : never;

const nth = <T>(list: readonly T[], n: number): T | undefined => list[n % Math.max(1, list.length)];

function cutInTwo(ledger: Ledger, id: string, n: number, { which, where, wild }: Step): CutChild[] {
  const { w, h } = ledger.pieces.get(id) ?? { w: 2, h: 2 };
  const at = 1 + (where % Math.max(1, w - 1));
  const roles = ['piece', 'rest', 'nubbin', 'waste'] as const;
  // Now and then a part too wide or too narrow, which must be refused.
  const off = wild === 0 ? 1 : 0;
  return [
    { id: `${n}a`, x: 0, y: 0, w: at, h, role: roles[which % 4]! },
    { id: `${n}b`, x: at, y: 0, w: w - at + off, h, role: roles[where % 4]! },
  ];
}

/** An event that often fits what is there and sometimes does not. */
function eventFor(ledger: Ledger, events: readonly LedgerEvent[], s: Step, n: number): LedgerEvent {
  const base = { id: `e${n}`, day: '2026-11-05' };
  const page = `page${s.where % 2}`;
  const piece =
    nth(
      [...ledger.pieces.values()].filter((p) => p.where !== 'cut' || s.wild === 1),
      s.which,
    )?.id ?? 'none';
  const claim = ledger.pieces.get(piece)?.page ?? null;
  const lot = `lot${s.which % 3}`;
  const stock = s.where % 3 === 0 ? { lot, amounts: { '': 1 + (s.which % 4) } } : { piece };
  const acts = ['claimed', 'released', 'used', 'returned'] as const;
  switch (s.what) {
    case 0:
      return {
        ...base,
        type: 'received',
        lot,
        pieces: [
          {
            id: `${n}s`,
            w: 4 + (s.which % 9),
            h: 4 + (s.where % 9),
            ...(s.wild > 7 ? { missing: [{ x: 1, y: 1, w: 2, h: 2 }] } : {}),
          },
        ],
      };
    case 1:
      return { ...base, type: 'received', lot, amounts: { '': 1 + (s.which % 9) } };
    case 2:
      return { ...base, type: 'owed', lot, amounts: { '': 1 } };
    case 3:
      return { ...base, type: 'arrived', lot, amounts: { '': 1 } };
    case 4:
      return { ...base, type: 'counted', lot, change: { '': (s.where % 7) - 3 }, reason: 'count' };
    case 5:
    case 6:
      return { ...base, type: 'cut', piece, into: cutInTwo(ledger, piece, n, s), page: claim };
    case 7:
      return { ...base, type: nth(['given', 'sold', 'recycled'] as const, s.where)!, ...stock };
    case 8: {
      const earlier = nth(events, s.which);
      return earlier ? opposite(earlier, base.id, base.day) : { ...base, type: 'moved', lot, from: '', to: 'tray 2' };
    }
    case 12:
      return s.wild > 4
        ? { ...base, type: 'counted', piece, isFound: s.where % 2 === 0, reason: 'shelf' }
        : { ...base, type: 'back', ...stock };
    case 13:
      return { ...base, type: 'lent', to: 'a neighbour', ...stock };
    case 14: {
      const kit = ['own', 'other', null][s.wild % 3] ?? null;
      if (!('lot' in stock)) {
        const from = s.wild > 7 ? 'own' : (ledger.pieces.get(piece)?.kit ?? null);
        return { ...base, type: 'gathered', piece, from, to: kit };
      }
      const state = ledger.lots.get(lot);
      const amounts = s.wild > 7 ? { '': 1 + (s.which % 4) } : (state?.here ?? {});
      return { ...base, type: 'gathered', lot, amounts, from: state?.kits[''] ?? null, to: kit };
    }
    default:
      return { ...base, type: nth(acts, s.which + s.wild)!, page: claim ?? page, ...stock };
  }
}

/** Events that were accepted one by one, those that were refused, and the ledger they give. */
export interface Tale {
  readonly events: LedgerEvent[];
  readonly refused: LedgerEvent[];
  readonly ledger: Ledger;
}

export function tell(steps: readonly Step[], start: Ledger): Tale {
  const tale: Tale & { ledger: Ledger } = { events: [], refused: [], ledger: start };
  steps.forEach((s, n) => {
    const event = eventFor(tale.ledger, tale.events, s, n);
    const next = fold([event], tale.ledger);
    if (next.ok) {
      tale.events.push(event);
      tale.ledger = next.value;
    } else tale.refused.push(event);
  });
  return tale;
}

export const steps = fc.array(step, { minLength: 5, maxLength: 60 });
