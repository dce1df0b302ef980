import type { Balance } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Aim, Kit, Lot, Page } from '../../stock/things';
import { balanceIn } from './balanceIn';
import { gaveTo } from './gaveTo';
import type { Wrapped } from './leftOf';

/** How near an aim is. */
export interface AimStanding {
  readonly aim: Aim;
  /** The thing that it is about; null: it is about pages. */
  readonly lot: Lot | null;
  /** So many, in the thing's own measure: pieces, sheets' worth, inches of a roll, what nobody counts as one. */
  readonly done: number;
  readonly of: number;
  readonly isMet: boolean;
}

/** One of a thing, in the ledger's measure. */
function unitOf({ measure, size }: Lot): number {
  if (measure === 'sheets') return size ? size.w * size.h : 1;
  if (measure === 'length') return inches(1);
  return measure === 'share' ? 100 : 1;
}

const left = ({ left: here, gathered, onBench, lent }: Balance): number => here + gathered + onBench + lent;

function useStanding(kit: string, aim: Aim & { readonly kind: 'use' }, lot: Lot, { ledger }: Wrapped): AimStanding {
  const balance = balanceIn(kit, lot, ledger)[lot.measure === 'sheets' ? 'area' : 'count'];
  const unit = unitOf(lot);
  const done = balance.onPages / unit;
  // What was spoilt, given or sold can no longer be used: all of it is what there was of the rest.
  const all = (balance.onPages + left(balance)) / unit;
  const of = aim.atLeast ?? all;
  return { aim, lot, done, of, isMet: aim.atLeast === null ? left(balance) === 0 && done > 0 : done >= of - 1e-9 };
}

type Aimed = Wrapped & { readonly pages: ReadonlyMap<string, Page>; readonly kits: ReadonlyMap<string, Kit> };

/** What the aims of open kits want used, and that is not used so far; of one kit, or of all. */
export const lotsMeant = (bench: Aimed, kit: string | null = null): readonly Lot[] =>
  [...bench.kits.values()]
    .filter(({ id, closed }) => (kit === null ? closed === undefined : id === kit))
    .flatMap((one) => aimsOf(one, bench))
    .flatMap(({ lot, isMet }) => (lot && !isMet ? [lot] : []));

/** As {@link lotsMeant}: papers by their faces. */
export const facesMeant = (bench: Aimed, kit: string | null = null): readonly string[] =>
  lotsMeant(bench, kit).flatMap(({ front, back }) => [front, back].flatMap((face) => face ?? []));

/** How near a kit's aims are, in the order they were set; those of things that are gone are left out. */
export function aimsOf(
  { aims = [], ...kit }: Pick<Kit, 'id' | 'aims'>,
  bench: Wrapped & { readonly pages: ReadonlyMap<string, Page> },
): AimStanding[] {
  return aims.flatMap((aim): AimStanding[] => {
    if (aim.kind === 'pages') {
      const done = gaveTo(kit, bench).pages.filter(({ glued }) => glued !== null).length;
      return [{ aim, lot: null, done, of: aim.atLeast, isMet: done >= aim.atLeast }];
    }
    const lot = bench.lots.get(aim.lot);
    return lot ? [useStanding(kit.id, aim, lot, bench)] : [];
  });
}
