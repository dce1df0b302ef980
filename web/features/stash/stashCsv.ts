import type { Found } from '../../../core/kit/finding';
import type { Bench } from '../../../core/stock/bench';
import { csvOf } from '../../ui/csv';
import { STASH_COLUMNS, stashRow } from './stashRow';

/** Things found as a table, see {@link csvOf}. */
export const stashCsv = (found: readonly Found[], bench: Pick<Bench, 'ledger' | 'kits' | 'faces'>): string =>
  csvOf(
    found.map(({ id, lot, isPiece, states, place, touched }) => {
      const row = {
        ...stashRow(lot, isPiece ? bench.ledger.pieces.get(id) : undefined, bench),
        state: states.join(' '),
        'kept in': place,
        'last touched': touched ?? '',
      };
      return Object.fromEntries(STASH_COLUMNS.map((column) => [column, row[column]]));
    }),
  );
