import { nanoid } from 'nanoid';
import { ofDesign, receiptOf, unpack } from '../../../core/listing';
import type { Face } from '../../../core/things';
import { act } from '../../data/acts';
import type { Bench } from '../../data/bench';
import type { NewChange, NewEvent } from '../../data/ledgerStore';
import { today } from '../../data/today';
import type { RowEffect, TableRow } from './readStashCsv';

type Added = Extract<RowEffect, { kind: 'added' }>;
type Changed = Extract<RowEffect, { kind: 'changed' }>;

/** Takes what a table adds and changes, in one act; refused rows are left out. */
export function takeTable(
  rows: readonly TableRow[],
  { ledger, faces }: Pick<Bench, 'ledger' | 'faces'>,
): Promise<boolean> {
  const newId = (): string => nanoid(8);
  const events: NewEvent[] = [];
  const changes: NewChange[] = [];
  const kits = new Map<string, string>();
  const known: Face[] = [...faces.values()];
  const move = (lot: string, from: string, to: string | null): void => {
    if (to !== null && to !== from) events.push({ type: 'moved', lot, from, to });
  };
  const kitOf = ({ kit: { id, name, month } }: Added): string => {
    if (id !== null) return id;
    const key = `${name} ${month}`;
    if (!kits.has(key)) {
      kits.set(key, newId());
      changes.push({
        table: 'kits',
        key: kits.get(key)!,
        after: { id: kits.get(key)!, club: '', name, month: month || today().slice(0, 7), theme: [], list: '' },
      });
    }
    return kits.get(key)!;
  };
  const add = (effect: Added, row: number): void => {
    const { lots, faces: own } = unpack(effect.item, row, kitOf(effect), known, newId);
    known.push(...own);
    changes.push(
      ...own.map((face): NewChange => ({ table: 'faces', key: face.id, after: face })),
      ...lots.map((lot): NewChange => ({ table: 'lots', key: lot.id, after: lot })),
    );
    lots.forEach((lot, i) => {
      events.push({
        type: 'received',
        lot: lot.id,
        ...receiptOf(effect.item, ofDesign(effect.item.count, i, lots.length), newId),
      });
      move(lot.id, '', effect.place || null);
    });
  };
  const moved = new Set<string>();
  const change = ({ lot, name, note, place, change: amounts, missed }: Changed): void => {
    if (name !== null || note !== null)
      changes.push({
        table: 'lots',
        key: lot.id,
        change: (now) => ({ ...now, ...(name === null ? {} : { name }), ...(note === null ? {} : { note }) }),
      });
    if (!moved.has(lot.id)) move(lot.id, ledger.lots.get(lot.id)?.place ?? '', place);
    if (place !== null) moved.add(lot.id);
    if (amounts) events.push({ type: 'counted', lot: lot.id, change: amounts, reason: 'from a table' });
    if (missed) events.push({ type: 'counted', piece: missed, isFound: false, reason: 'from a table' });
  };
  for (const { row, effect } of rows) {
    if (effect.kind === 'added') add(effect, row);
    if (effect.kind === 'changed') change(effect);
  }
  return act({ label: 'Took a table in', events, changes });
}
