import { coloursIn, type NamedColour } from '../../ground/colour';
import type { Size } from '../../ground/geometry';
import { parseSize, type Unit } from '../../ground/length';
import type { LotKind } from '../things';
import { clearColoursIn } from './colours';
import { readUnder } from './readList';
import type { Thing } from './thing';

/** A scrap as one line tells it: `4x6 leaf, red`. */
export interface ScrapLine {
  readonly size: Size;
  /** How much of a corner or edge is gone. */
  readonly gap: Size | null;
  readonly count: number;
  readonly kind: LotKind;
  /** Its front as it is called; empty: nothing is said, it is of the paper before. */
  readonly name: string;
  /** The other face; null: none is told. */
  readonly back: string | null;
  readonly colours: readonly NamedColour[];
}

const GAP = /[\s,;]+(?:gap|without|less|minus|missing)\s+(.+)$/i;
const KINDS: ReadonlySet<Thing['kind']> = new Set(['cardstock', 'vellum', 'acetate', 'cut-apart', 'card']);

const sizeIn = (text: string, unit: Unit): Size | null => {
  const read = parseSize(text, unit);
  return read.ok && read.value.w > 0 && read.value.h > 0 ? read.value : null;
};

/** A scrap is patterned paper, unless another kind is said: a size alone makes no card of it. */
const kindOf = ({ kind }: Thing): LotKind => (KINDS.has(kind) ? (kind as LotKind) : 'paper');

/**
 * Reads a line of a scrap; null: it tells no size, or none that can be read.
 * @param unit what a size without a unit is in
 */
export function readScrap(text: string, unit: Unit = 'in'): ScrapLine | null {
  const gapSaid = GAP.exec(text)?.[1] ?? null;
  const gap = gapSaid === null ? null : sizeIn(gapSaid, unit);
  if (gapSaid !== null && !gap) return null;
  const [head = '', ...tail] = text.replace(GAP, '').split(/\s*[,;]\s*/);
  const thing = readUnder('paper', head, unit).things[0];
  if (!thing?.size?.h) return null;
  const size = { w: thing.size.w, h: thing.size.h };
  if (gap && (gap.w > size.w || gap.h > size.h || (gap.w === size.w && gap.h === size.h))) return null;
  const said = coloursIn(tail.join(' '));
  return {
    size,
    gap,
    count: thing.count ?? 1,
    kind: kindOf(thing),
    name: thing.isNamed ? frontOf(thing) : '',
    back: thing.back,
    colours: [said, thing.colours, clearColoursIn(frontOf(thing))].find((all) => all.length > 0) ?? [],
  };
}

/** Without its kind's words where that leaves something: `ink cardstock` is ink. */
const frontOf = ({ label, back }: Thing): string =>
  back === null ? label : label.slice(0, Math.max(0, label.length - back.length - 3));
