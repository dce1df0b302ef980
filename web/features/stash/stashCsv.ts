import type { Found } from '../../../core/finding';
import { TICKS_PER_INCH } from '../../../core/length';
import { amountWords } from '../../ui/amountWords';
import { csvOf } from '../../ui/csv';
import { kindWords } from '../../ui/lotWords';
import { type Bench } from '../../../core/making';

const inches = (length: number): string => String(Math.round((length / TICKS_PER_INCH) * 10_000) / 10_000);

/** Things found as a table, see {@link csvOf}. */
export function stashCsv(
  found: readonly Found[],
  { ledger, kits, faces }: Pick<Bench, 'ledger' | 'kits' | 'faces'>,
): string {
  const rows = found.map(({ id, lot, isPiece, states, place, touched }) => {
    const piece = isPiece ? ledger.pieces.get(id) : undefined;
    const kit = kits.get(lot.kit);
    return {
      thing: lot.name,
      kind: kindWords(lot.kind),
      kit: kit?.name ?? '',
      month: kit?.month ?? '',
      front: faces.get(lot.front ?? '')?.name ?? '',
      back: faces.get(lot.back ?? '')?.name ?? '',
      'width in': piece ? inches(piece.w) : '',
      'height in': piece ? inches(piece.h) : '',
      amount: piece ? '1' : amountWords(lot, ledger.lots.get(id)?.here ?? {}, 'in'),
      state: states.join(' '),
      'kept in': place,
      'last touched': touched ?? '',
      note: lot.note,
      id: id,
    };
  });
  return csvOf(rows);
}
