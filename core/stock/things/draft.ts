import type { Unit } from '../../ground/length';
import type { LotKind } from './lot';

/** What she says of a thing of the list, where it was read otherwise. */
export interface Correction {
  readonly kind?: LotKind;
  readonly count?: number;
  readonly name?: string;
  /** As text: `12x12`; empty: none. */
  readonly size?: string;
  /** By name. */
  readonly colours?: string;
  /** Of a set of letters, how many of each: `A3 E4 N2`. */
  readonly letters?: string;
  /** It was passed over, and is something all the same. */
  readonly isTakenIn?: boolean;
  /** It is nothing to take in. */
  readonly isLeftOut?: boolean;
}

/** A packing list being typed, kept at every stroke. */
export interface Draft {
  readonly id: string;
  readonly club: string;
  readonly name: string;
  readonly month: string;
  readonly list: string;
  /** What a size without a unit is in; absent: inches. */
  readonly unit?: Unit;
  /** How many of each line are in the box, by the line's number; absent: not looked at yet. */
  readonly here: Readonly<Record<string, number>>;
  /** How many of those that are here are damaged: they are kept, and others owed. */
  readonly damaged?: Readonly<Record<string, number>>;
  /** It is half used, and taken in as it is today: what is here is what is left, and nothing is owed. */
  readonly isOpened?: boolean;
  /** By the thing, as its ticks are kept. */
  readonly corrected?: Readonly<Record<string, Correction>>;
}
