import { ofDesign, receiptOf, unpack } from '../../../core/stock/listing';
import { decided, put, type Deciding, type NewEvent, type RecordWrite } from '../../../core/acts';
import type { Face, Lot } from '../../../core/stock/things';
import type { RowEffect, TableRow } from './readStashCsv';

type Added = Extract<RowEffect, { kind: 'added' }>;
type Changed = Extract<RowEffect, { kind: 'changed' }>;

/** The faces of a kit's papers: those of another are other papers, whatever they are called. */
const facesOfKit = (kit: string, lots: ReadonlyMap<string, Lot>, faces: ReadonlyMap<string, Face>): Face[] =>
  [...lots.values()]
    .filter((lot) => lot.kit === kit)
    .flatMap(({ front, back }) => [front, back])
    .flatMap((id) => faces.get(id ?? '') ?? []);

/** Takes what a table adds and changes, in one act; refused rows are left out. */
export const takeTable =
  (rows: readonly TableRow[]): Deciding =>
  ({ ledger, faces, lots: lotsNow }, { newId, day }) => {
    const events: NewEvent[] = [];
    const records: RecordWrite[] = [];
    const kits = new Map<string, string>();
    const move = (lot: string, from: string, to: string | null): void => {
      if (to !== null && to !== from) events.push({ type: 'moved', lot, from, to });
    };
    const kitOf = ({ kit: { id, name, month } }: Added): string => {
      if (id !== null) return id;
      const key = `${name} ${month}`;
      const begun = kits.get(key) ?? newId();
      if (!kits.has(key))
        records.push(put('kits', { id: begun, club: '', name, month: month || day.slice(0, 7), theme: [], list: '' }));
      kits.set(key, begun);
      return begun;
    };
    const known = new Map<string, Face[]>();
    const add = (effect: Added, row: number): void => {
      const kit = kitOf(effect);
      const own = known.get(kit) ?? facesOfKit(kit, lotsNow, faces);
      const unpacked = unpack(effect.item, row, kit, own, newId);
      known.set(kit, [...own, ...unpacked.faces]);
      records.push(
        ...unpacked.faces.map((face) => put('faces', face)),
        ...unpacked.lots.map((lot) => put('lots', lot)),
      );
      unpacked.lots.forEach((lot, i) => {
        const receipt = receiptOf(effect.item, ofDesign(effect.item.count, i, unpacked.lots.length), newId);
        events.push({ type: 'received', lot: lot.id, ...receipt });
        move(lot.id, '', effect.place || null);
      });
    };
    const moved = new Set<string>();
    const change = ({ lot, name, note, place, change: amounts, missed }: Changed): void => {
      const now: Lot = lotsNow.get(lot.id) ?? lot;
      if (name !== null || note !== null)
        records.push(put('lots', { ...now, name: name ?? now.name, note: note ?? now.note }));
      if (!moved.has(lot.id)) move(lot.id, ledger.lots.get(lot.id)?.place ?? '', place);
      if (place !== null) moved.add(lot.id);
      if (amounts) events.push({ type: 'counted', lot: lot.id, change: amounts, reason: 'from a table' });
      if (missed) events.push({ type: 'counted', piece: missed, isFound: false, reason: 'from a table' });
    };
    for (const { row, effect } of rows) {
      if (effect.kind === 'added') add(effect, row);
      if (effect.kind === 'changed') change(effect);
    }
    return decided('took-table', '', { events, records });
  };
