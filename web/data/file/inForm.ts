import type { Done, Refusal } from '../../../core/acts';
import { err, ok, type Result } from '../../../core/ground/result';
import { checkForm } from './benchFile';
import { EMPTY_FILE } from './contents';

/**
 * Whether all that an act writes is as the published schema has it; else it is refused: the file of everything could
 * not be read back with it.
 */
export function inForm({ entries, changes, bench }: Done): Result<null, Refusal> {
  const written = [
    ...changes.map(({ table, key }) => ({ table, row: bench[table].get(key) })),
    ...entries.map((row) => ({ table: 'events' as const, row })),
  ];
  for (const { table, row } of written) {
    if (row === undefined) continue;
    const checked = checkForm({ ...EMPTY_FILE, [table]: [row] });
    if (!checked.ok)
      return err({ kind: 'not-in-form', name: 'name' in row ? row.name : '', why: checked.error.message });
  }
  return ok(null);
}
