import { TICKS_PER_INCH } from '../../../core/ground/length';
import type { PieceState } from '../../../core/stock/ledger';
import type { Bench } from '../../../core/stock/bench';
import type { Lot } from '../../../core/stock/things';
import { amountWords } from '../../ui/amountWords';
import { kindWords } from '../../ui/lotWords';

const inches = (length: number): string => String(Math.round((length / TICKS_PER_INCH) * 10_000) / 10_000);

/** The columns of the stash's table, in order. */
export const STASH_COLUMNS = [
  'thing',
  'kind',
  'kit',
  'month',
  'front',
  'back',
  'width in',
  'height in',
  'amount',
  'state',
  'kept in',
  'last touched',
  'note',
  'id',
] as const;
export type StashColumn = (typeof STASH_COLUMNS)[number];

/** What a table says of a thing itself, a piece of paper or all else of a lot, as it is now. */
export function stashRow(
  lot: Lot,
  piece: PieceState | undefined,
  { ledger, kits, faces }: Pick<Bench, 'ledger' | 'kits' | 'faces'>,
): Readonly<Record<Exclude<StashColumn, 'state' | 'last touched'>, string>> {
  const kit = kits.get(lot.kit);
  const here = ledger.lots.get(lot.id);
  return {
    thing: lot.name,
    kind: kindWords(lot.kind),
    kit: kit?.name ?? '',
    month: kit?.month ?? '',
    front: faces.get(lot.front ?? '')?.name ?? '',
    back: faces.get(lot.back ?? '')?.name ?? '',
    'width in': piece ? inches(piece.w) : '',
    'height in': piece ? inches(piece.h) : '',
    amount: piece ? '1' : amountWords(lot, here?.here ?? {}, 'in'),
    'kept in': here?.place ?? '',
    note: lot.note,
    id: piece?.id ?? lot.id,
  };
}
