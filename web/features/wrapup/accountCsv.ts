import { accountOf, type Wrapped } from '../../../core/kit/closing';
import { TICKS_PER_INCH } from '../../../core/ground/length';
import type { Kit, Measure } from '../../../core/stock/things';
import { csvOf } from '../../ui/csv';
import { PARTS } from './accountParts';

const UNITS: Record<Measure, readonly [name: string, size: number]> = {
  sheets: ['sq in', TICKS_PER_INCH ** 2],
  length: ['in', TICKS_PER_INCH],
  count: ['pieces', 1],
  letters: ['pieces', 1],
  share: ['hundredths', 1],
};

const rounded = (n: number): number => Math.round(n * 100) / 100;

/** A kit's account as a table, see {@link csvOf}: what came and was counted anew is what became of it. */
export function accountCsv(kit: Pick<Kit, 'id' | 'name' | 'month'>, shelf: Wrapped): string {
  const { papers, counted } = accountOf(kit.id, shelf);
  return csvOf(
    [...papers, ...counted].map(({ lot, balance }) => {
      const [unit, size] = UNITS[lot.measure];
      return {
        kit: kit.name,
        month: kit.month,
        thing: lot.name,
        unit,
        came: rounded(balance.received / size),
        'counted anew': rounded(balance.corrected / size),
        ...Object.fromEntries(PARTS.map(([part, words]) => [words, rounded(balance[part] / size)])),
      };
    }),
  );
}
