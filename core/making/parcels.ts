import { amountsOf, entriesOf, ofDesign, receiptOf, unpack, type ListItem, type ReadLine } from '../listing';
import type { Draft, Face, Kit, Lot } from '../things';
import { decided, drop, put, refuse, type Deciding, type NewEvent, type RecordWrite } from './act';

/** How a line stands against the box. */
interface Checked {
  readonly here: number;
  /** Of those that are here. */
  readonly damaged: number;
  /** What is not here was used up long since. */
  readonly isOpened: boolean;
}

const isAnything = (amounts: Readonly<Record<string, number>>): boolean => Object.keys(amounts).length > 0;
const aboveZero = (amounts: Readonly<Record<string, number>>) =>
  Object.fromEntries(Object.entries(amounts).filter(([, n]) => n > 0));

/** What of a line came in, and what is owed of it: what is missing, and another for each that is damaged. */
function eventsOf(
  item: ListItem,
  lots: readonly Lot[],
  { here, damaged, isOpened }: Checked,
  newId: () => string,
): NewEvent[] {
  const owed = isOpened ? 0 : Math.max(0, item.count - here) + damaged;
  return lots.flatMap(({ id: lot }, i): NewEvent[] => {
    const [came, toCome] = [here, owed].map((n) => ofDesign(n, i, lots.length)) as [number, number];
    const receipt = came > 0 ? receiptOf(item, came, newId) : { amounts: {} };
    const amounts = aboveZero(item.measure === 'sheets' ? { '': toCome } : toCome > 0 ? amountsOf(item, toCome) : {});
    const received: NewEvent | null =
      'pieces' in receipt
        ? { type: 'received', lot, pieces: receipt.pieces }
        : isAnything(aboveZero(receipt.amounts))
          ? { type: 'received', lot, amounts: aboveZero(receipt.amounts) }
          : null;
    return [...(received ? [received] : []), ...(isAnything(amounts) ? [{ type: 'owed', lot, amounts } as const] : [])];
  });
}

const themeWords = (name: string): string[] => name.toLowerCase().split(/\s+/).filter(Boolean);

const kitOf = ({ id, club, name, month, list, isOpened }: Draft): Kit => ({
  id,
  club: club.trim(),
  name: name.trim(),
  month,
  theme: themeWords(name),
  list,
  ...(isOpened ? { isOpened } : {}),
});

const damagedLot = (lot: Lot, damaged: number): Lot =>
  damaged > 0 ? { ...lot, note: [lot.note, `${damaged} came damaged`].filter(Boolean).join(', ') } : lot;

/** Takes a parcel in: its kit, lots and faces, what is here as received, what is missing as owed. */
export const putParcelAway =
  (draft: Draft, lines: readonly ReadLine[]): Deciding =>
  (bench, { newId }) => {
    if (!bench.drafts.has(draft.id)) return refuse('gone', draft.name);
    const { isOpened = false } = draft;
    const faces: Face[] = [];
    const events: NewEvent[] = [];
    const lots: RecordWrite[] = [];
    for (const { key, line, item } of entriesOf(lines, draft.corrected, draft.unit)) {
      const unpacked = unpack(item, line + 1, draft.id, faces, newId);
      const damaged = draft.damaged?.[key] ?? 0;
      faces.push(...unpacked.faces);
      lots.push(...unpacked.lots.map((lot) => put('lots', damagedLot(lot, damaged))));
      events.push(...eventsOf(item, unpacked.lots, { here: draft.here[key] ?? 0, damaged, isOpened }, newId));
    }
    return decided('took-parcel-in', draft.name.trim(), {
      events,
      records: [
        drop('drafts', draft.id),
        put('kits', kitOf(draft)),
        ...lots,
        ...faces.map((face) => put('faces', face)),
      ],
    });
  };

/** Throws a list away that was being typed. */
export const dropDraft =
  (id: string): Deciding =>
  ({ drafts }) =>
    decided('dropped-list', drafts.get(id)?.name ?? '', { records: [drop('drafts', id)] });

/** What is owed of a lot has come: sheets become pieces, the rest is counted in. */
export const arrive =
  (id: string): Deciding =>
  ({ lots, ledger }, { newId }) => {
    const lot = lots.get(id);
    const owed = ledger.lots.get(id)?.owed ?? {};
    if (!lot || !isAnything(owed)) return refuse('nothing-to-do', lot?.name);
    const { size } = lot;
    const pieces =
      lot.measure === 'sheets' && size
        ? Array.from({ length: owed[''] ?? 0 }, () => ({ id: newId(), w: size.w, h: size.h }))
        : null;
    return decided('arrived', lot.name, {
      events: [{ type: 'arrived', lot: id, ...(pieces ? { pieces } : { amounts: owed }) }],
    });
  };
