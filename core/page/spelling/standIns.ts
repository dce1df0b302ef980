import { groupBy } from '../../ground/groupBy';
import type { How, SpellJob } from './types';

/** A glyph that serves for a wanted one, at its cost. */
export interface Serving {
  readonly glyph: string;
  readonly cost: number;
  readonly how: How | null;
}

const pairs = (how: How, cost: number, told: string): [wanted: string, serving: Serving][] =>
  told.split(' ').map((pair) => [pair[0] ?? '', { glyph: pair[1] ?? '', cost, how }]);

/** Wanted, then given. Common practice, no source. */
const TABLE = groupBy(
  [
    ...pairs('turned', 1, 'MW WM NZ ZN un nu dp pd bq qb 69 96 i!'),
    ...pairs('alike', 1, 'O0 0O Il I1 lI l1 1I 1l S5 5S'),
    ...pairs('cut', 2, 'FE LE OQ PR PB VW vw'),
  ],
  ([wanted]) => wanted,
);

const eitherCase = (glyph: string): string[] => [...new Set([glyph, glyph.toLowerCase(), glyph.toUpperCase()])];

/** The letter without its marks; null: it has none. */
function unmarked(glyph: string): string | null {
  const bare = glyph.normalize('NFD').replace(/\p{M}/gu, '').normalize('NFC');
  return /\p{L}/u.test(glyph) && bare !== glyph && [...bare].length === 1 ? bare : null;
}

function standInsFor(forms: readonly string[]): Serving[] {
  return forms.flatMap((form) => {
    const bare = unmarked(form);
    return [
      ...(TABLE.get(form) ?? []).map(([, serving]) => serving),
      ...(bare === null ? [] : [{ glyph: bare, cost: 1, how: 'unmarked' as const }]),
    ];
  });
}

/** All glyphs that serve for a wanted one, each at its least cost, the letter itself first. */
export function servingFor(
  wanted: string,
  { isAnyCase, standIns }: Pick<SpellJob, 'isAnyCase' | 'standIns'>,
): readonly Serving[] {
  const forms = isAnyCase ? eitherCase(wanted) : [wanted];
  const all = [
    ...forms.map((glyph): Serving => ({ glyph, cost: 0, how: null })),
    ...(standIns ? standInsFor(forms) : []),
  ].sort((a, b) => a.cost - b.cost);
  return all.filter(({ glyph }, i) => all.findIndex((one) => one.glyph === glyph) === i);
}
