import type { Found } from '../../../core/kit/finding';
import type { LotKind } from '../../../core/stock/things';

/** What she looks for when she goes to the stash. */
export type Sort = 'all' | 'paper' | 'small' | 'letters' | 'rolls' | 'tools';

export const SORTS: readonly (readonly [Sort, string])[] = [
  ['all', 'everything'],
  ['paper', 'paper'],
  ['small', 'small things'],
  ['letters', 'letters'],
  ['rolls', 'rolls'],
  ['tools', 'tools and inks'],
];

const OF_KIND: Partial<Record<LotKind, Sort>> = {
  vellum: 'paper',
  acetate: 'paper',
  alpha: 'letters',
  washi: 'rolls',
  ribbon: 'rolls',
  twine: 'rolls',
  tool: 'tools',
  medium: 'tools',
};

export const sortOf = ({ lot, isPiece }: Pick<Found, 'lot' | 'isPiece'>): Sort =>
  OF_KIND[lot.kind] ?? (isPiece ? 'paper' : 'small');
