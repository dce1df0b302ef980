import type { Aim } from './aim';
import type { Fate } from './fate';
import type { Lot } from './lot';
import type { Note } from './note';

/** A box that a club posted, or that she put together herself. */
export interface Kit {
  readonly id: string;
  readonly club: string;
  readonly name: string;
  /** `2026-11`; `2022`: about that year; empty: older than anyone remembers. */
  readonly month: string;
  /** What it cost, in her money; absent: she has not said. */
  readonly price?: number | undefined;
  /** Words of its theme. */
  readonly theme: readonly string[];
  /** She gathered it herself from what was left of others: what it was begun with, in her words. */
  readonly gathered?: string;
  /** The packing list as it was typed. */
  readonly list: string;
  /** It was taken in as it was by then, half used. */
  readonly isOpened?: boolean;
  readonly notes?: readonly Note[];
  /** What was decided of things that are left of it, by the ids of pieces and lots. */
  readonly fates?: Readonly<Record<string, Fate>>;
  /** What she means to do with it. */
  readonly aims?: readonly Aim[];
  /** The day it was closed: nothing was left undecided. */
  readonly closed?: string;
}

/** The kits that faces come from. */
export function kitsOfFaces(faces: Iterable<string>, lots: Iterable<Pick<Lot, 'kit' | 'front' | 'back'>>): Set<string> {
  const wanted = new Set(faces);
  return new Set(
    [...lots].flatMap(({ kit, front, back }) => (wanted.has(front ?? '') || wanted.has(back ?? '') ? [kit] : [])),
  );
}

/** The month of the newest kit that a club sent; those of her own are made of older ones. Empty: there is none. */
export const newestMonth = (kits: Iterable<Pick<Kit, 'month' | 'gathered'>>): string =>
  [...kits].reduce((latest, { month, gathered }) => (gathered === undefined && month > latest ? month : latest), '');

/** A kit's month as a number of months; a year alone counts as before its first; null: it is not known. */
export const monthNumber = (month: string): number | null =>
  month === '' ? null : Number(month.slice(0, 4)) * 12 + Number(month.slice(5, 7));

/** Whether text is a kit's month as it is kept: a month, a year, or nothing. */
export const isMonth = (text: string): boolean => /^(\d{4}(-(0[1-9]|1[0-2]))?)?$/.test(text);
