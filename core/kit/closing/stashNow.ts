import { FAMILIES, familyOf, type Family } from '../../ground/colour';
import { isPaper, monthNumber, type Face, type Kit } from '../../stock/things';
import type { Wrapped } from './leftOf';

/** How long ago paper came. */
export const AGES = ['under 3 months', '3 to 6', '6 to 12', '1 to 2 years', 'older', 'not known'] as const;
export type Age = (typeof AGES)[number];

function ageOf(month: string, now: string): Age {
  const [came, today] = [monthNumber(month), monthNumber(now)];
  if (came === null || today === null) return 'not known';
  const months = today - came;
  if (months < 3) return 'under 3 months';
  if (months < 6) return '3 to 6';
  if (months < 12) return '6 to 12';
  return months < 24 ? '1 to 2 years' : 'older';
}

/** The paper that lies in the stash, square ticks, by how old it is and by its hues. */
export interface StashNow {
  readonly ages: Readonly<Record<Age, number>>;
  /** Of both faces the one that is upward, each colour by its share; of faces not told of, nothing. */
  readonly hues: Readonly<Record<Family, number>>;
}

/** @param now the month, `2026-11` */
export function stashNow(
  now: string,
  bench: Wrapped & { readonly kits: ReadonlyMap<string, Kit>; readonly faces: ReadonlyMap<string, Face> },
): StashNow {
  const ages = Object.fromEntries(AGES.map((age) => [age, 0])) as Record<Age, number>;
  const hues = Object.fromEntries(FAMILIES.map((family) => [family, 0])) as Record<Family, number>;
  for (const { where, lot: id, solid } of bench.ledger.pieces.values()) {
    const lot = bench.lots.get(id);
    if (where !== 'here' || !lot || !isPaper(lot)) continue;
    ages[ageOf(bench.kits.get(lot.kit)?.month ?? '', now)] += solid;
    for (const { hex, share } of bench.faces.get(lot.front ?? lot.back ?? '')?.colours ?? [])
      hues[familyOf(hex)] += solid * share;
  }
  return { ages, hues };
}
