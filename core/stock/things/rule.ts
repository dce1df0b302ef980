import type { LotKind } from './lot';

/** What she says of every line of a list that has these words: of which kind it is; null: it is passed over. */
export interface Rule {
  readonly id: string;
  readonly words: string;
  readonly kind: LotKind | null;
}
