import { TICKS_PER_INCH } from '../../../core/ground/length';
import type { KitOnPage } from '../../../core/acts';
import { csvOf } from '../../ui/csv';

const rounded = (value: number): string => String(Math.round(value * 100) / 100);

/** What is on a page, by kit, as a table, see {@link csvOf}. */
export function recordCsv(record: readonly KitOnPage[]): string {
  const rows = record.flatMap(({ kit, things, papers, rolls, letters }) => {
    const row = (thing: string, amount: string, unit: string) => ({
      kit: kit.name,
      month: kit.month,
      thing,
      amount,
      unit,
    });
    return [
      ...things.map(({ name, count }) => row(name, String(count), 'pieces')),
      ...papers.map(({ name, area }) => row(name, rounded(area / TICKS_PER_INCH ** 2), 'sq in')),
      ...rolls.map(({ name, length }) => row(name, rounded(length / TICKS_PER_INCH), 'in')),
      ...(letters > 0 ? [row('letters', String(letters), 'pieces')] : []),
    ];
  });
  return csvOf(rows);
}
