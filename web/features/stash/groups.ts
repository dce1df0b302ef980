import { FAMILIES, familyOf, type Family } from '../../../core/ground/colour';
import type { Found } from '../../../core/kit/finding';
import type { Ledger } from '../../../core/stock/ledger';
import { inches } from '../../../core/ground/length';
import type { Face, Kit } from '../../../core/stock/things';
import { monthWords } from '../../ui/dayWords';
import { FAMILY_NAMES } from '../../ui/familyNames';
import type { TableGroup } from './packRows';
import { heldIn } from '../../../core/ground/heldIn';
import { known } from '../../../core/ground/known';

export type Grouping = 'colour' | 'kit' | 'size' | 'age' | 'near';
export const GROUPINGS: readonly (readonly [Exclude<Grouping, 'near'>, string])[] = [
  ['colour', 'colour'],
  ['kit', 'kit'],
  ['size', 'size'],
  ['age', 'age'],
];

const PLAIN = '#e9e2d3';
export const familyOfLot = (front: string | null, faces: ReadonlyMap<string, Face>): Family =>
  familyOf(faces.get(front ?? '')?.colours[0]?.hex ?? PLAIN);

const SIZES: readonly (readonly [number, string])[] = [
  [inches(144), 'whole sheets'],
  [inches(36), 'large pieces'],
  [inches(9), 'middling pieces'],
  [0, 'small pieces'],
];
const squareInches = (solid: number): number => solid / inches(1);

/** Pieces in groups, the largest of each first; near a colour they are one group, the nearest first. */
export function groupPieces(
  pieces: readonly Found[],
  by: Grouping,
  ledger: Ledger,
  faces: ReadonlyMap<string, Face>,
  kits: ReadonlyMap<string, Kit>,
): TableGroup<Found>[] {
  if (by === 'near') return [{ name: 'the nearest first', items: pieces }];
  const solid = (found: Found): number => heldIn(ledger.pieces, found.id).solid;
  const inOrder = [...pieces].sort((a, b) => solid(b) - solid(a) || a.id.localeCompare(b.id));
  const grouped = <K>(
    keys: readonly K[],
    keyOf: (found: Found) => K,
    nameOf: (key: K) => string,
  ): TableGroup<Found>[] => {
    const own = new Map(keys.map((key): [K, Found[]] => [key, []]));
    for (const found of inOrder) own.get(keyOf(found))?.push(found);
    return [...own].map(([key, items]) => ({ name: nameOf(key), items }));
  };
  const kitOf = (found: Found): Kit | undefined => kits.get(found.lot.kit);
  switch (by) {
    case 'colour':
      return grouped(
        FAMILIES,
        ({ lot }) => familyOfLot(lot.front, faces),
        (family) => FAMILY_NAMES[family],
      );
    case 'kit':
      return grouped(
        [...kits.values()].sort((a, b) => b.month.localeCompare(a.month)).map(({ id }) => id),
        (found) => found.kits[0] ?? found.lot.kit,
        (id) => kits.get(id)?.name ?? '',
      );
    case 'size':
      return grouped(
        SIZES.map(([, name]) => name),
        (found) => known(SIZES, ([least]) => squareInches(solid(found)) >= least)[1],
        (name) => name,
      );
    case 'age':
      return grouped(
        [...new Set([...kits.values()].map(({ month }) => month))].sort(),
        (found) => kitOf(found)?.month ?? '',
        (month) => (month === '' ? 'older than known' : `since ${monthWords(month)}`),
      );
  }
}
