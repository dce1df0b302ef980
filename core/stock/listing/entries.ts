import type { Unit } from '../../ground/length';
import type { Correction, Draft } from '../things';
import { correct } from './correct';
import { itemOf } from './itemOf';
import type { ListItem } from './listItem';
import { readLine, thingsIn } from './readList';
import type { Doubt, ReadLine, Thing } from './thing';

/** One thing of a list against the box. A line that tells of several has several. */
export interface Entry {
  /** By which its ticks are kept: the line's number from 0, and which of several it is. */
  readonly key: string;
  /** From 0. */
  readonly line: number;
  readonly item: ListItem;
  readonly doubts: readonly Doubt[];
}

/**
 * All things of a list, as they were read or as she says they are; what she left out is not among them.
 * @param unit what a size without a unit is in, of what was passed over and is taken in all the same
 */
export const entriesOf = (lines: readonly ReadLine[], corrected: Draft['corrected'] = {}, unit: Unit = 'in'): Entry[] =>
  lines.flatMap((read, line) =>
    thingsOf(read, corrected[keyOf(line, 0)], unit).flatMap((told, i): Entry[] => {
      const key = keyOf(line, i);
      const correction = corrected[key];
      if (correction?.isLeftOut) return [];
      const thing = correction ? correct(told, correction) : told;
      const { item, doubts } = itemOf(thing);
      return [{ key, line, item, doubts: correction ? [] : [...thing.doubts, ...doubts] }];
    }),
  );

/** Of a line that was passed over, what it tells of once she takes it in. */
const thingsOf = (
  { read, text, things }: ReadLine,
  correction: Correction | undefined,
  unit: Unit,
): readonly Thing[] =>
  (read === 'words' || read === 'heading') && correction?.isTakenIn ? thingsIn(text, unit) : things;

/** By which a thing's ticks are kept. @param i which of those that its line tells of */
export const keyOf = (line: number, i: number): string => (i === 0 ? String(line) : `${line}/${i}`);

/** The line that a tick belongs to. */
export const lineOfKey = (key: string): number => Number(key.split('/')[0]);

/** The first thing that one line by itself tells of; null: it tells of none. */
export const readItem = (text: string, unit: Unit = 'in'): ListItem | null =>
  entriesOf([readLine(text, unit)])[0]?.item ?? null;
