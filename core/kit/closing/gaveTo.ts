import type { Ledger, LedgerEvent } from '../../stock/ledger';
import { stands } from '../../stock/ledger';
import type { Kit, Page } from '../../stock/things';
import { lotsPutInto } from './belonging';
import type { Wrapped } from './leftOf';
import { throughKit } from './throughKit';

/** What a kit came to: the pages it gave to, in the order they were done, and its days. */
export interface Given {
  readonly pages: readonly Page[];
  /** The day it came; null: it is not known. */
  readonly came: string | null;
  /** The day the last of its pages was done; null: none is. */
  readonly lastDone: string | null;
}

const firstDay = ({ events }: Ledger, isOfKit: (event: LedgerEvent) => boolean): string | null => {
  let first: string | null = null;
  for (const event of events.values()) if (isOfKit(event) && (first === null || event.day < first)) first = event.day;
  return first;
};

/**
 * The pages on which something of a kit lies, glued or not, and the days from its parcel to the last of them. Of a kit
 * of her own: of what lay in it when it was taken out, and from the day it was gathered.
 */
export function gaveTo(
  { id }: Pick<Kit, 'id'>,
  { ledger, lots, pages }: Wrapped & { readonly pages: ReadonlyMap<string, Page> },
): Given {
  const isMine = (lot: string): boolean => lots.get(lot)?.kit === id;
  const on = new Set<string | null>();
  for (const { where, lot, page, kit } of ledger.pieces.values())
    if (where === 'used' && (kit === id || isMine(lot))) on.add(page);
  for (const { lot, used } of ledger.lots.values()) if (isMine(lot)) for (const page of Object.keys(used)) on.add(page);
  for (const lot of lotsPutInto(id, ledger))
    if (!isMine(lot)) for (const page of throughKit(id, lot, ledger, 0).pages) on.add(page);
  const given = [...pages.values()]
    .filter((page) => on.has(page.id))
    .sort((a, b) => (a.finished ?? '9').localeCompare(b.finished ?? '9'));
  return {
    pages: given,
    came: firstDay(
      ledger,
      (event) =>
        stands(ledger, event) &&
        ((event.type === 'received' && isMine(event.lot)) || (event.type === 'gathered' && event.to === id)),
    ),
    lastDone: given.reduce<string | null>((last, { finished }) => {
      if (!finished) return last;
      return last === null || finished > last ? finished : last;
    }, null),
  };
}
