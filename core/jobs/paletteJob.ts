import { coverPalette, type PaletteItem, type PaletteMatch } from '../ground/colour';
import { ok, type Result } from '../ground/result';
import type { JobError } from './jobError';
import { checkIds } from './readLength';
import { round4 } from './round4';

/** A palette job as JSON, already found to match `docs/formats/palette.job.schema.json`. */
export interface JsonPaletteJob {
  target: string[];
  within?: number;
  items?: PaletteItem[];
}

/** What share of a target palette is owned, and with what; differences to four decimals. */
export function palette(job: JsonPaletteJob): Result<{ matches: PaletteMatch[]; covered: number }, JobError> {
  const items = job.items ?? [];
  const ids = checkIds(items, '/items');
  if (!ids.ok) return ids;
  const { matches, covered } = coverPalette(job.target, items, job.within ?? 10);
  return ok({
    matches: matches.map((m) => ({ ...m, difference: m.difference === null ? null : round4(m.difference) })),
    covered,
  });
}
