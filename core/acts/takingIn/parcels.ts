import { amountsOf, entriesOf, ofDesign, receiptOf, unpack, type ListItem, type ReadLine } from '../../stock/listing';
import { themeWords, type Draft, type Face, type Kit, type Lot } from '../../stock/things';
import { own, type Amounts } from '../../stock/ledger';
import { decided, drop, put, refuse, type Deciding, type NewEvent, type RecordWrite } from '../act';
import type { Bench } from '../../stock/bench';

const KEPT_APART = 'kept apart from those in a kit of your own';

interface EventsAndLots {
  readonly events: readonly NewEvent[];
  readonly lots: readonly Lot[];
}

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

/**
 * What comes of parts whose like is in a kit of her own by now: it belongs to the kit it was owed to, and is kept
 * apart, in a lot of its own. Where all that was put into her own kit is gone, the part goes back instead.
 */
function besideGathered(lot: Lot, owed: Amounts, { ledger }: Bench, newId: () => string): EventsAndLots {
  const { here = {}, kits = {} } = ledger.lots.get(lot.id) ?? {};
  const apart = Object.entries(owed).flatMap(([part, n]) => {
    const kit = own(kits, part);
    return kit === undefined ? [] : [{ part, n, kit, before: own(here, part) ?? 0 }];
  });
  const beside = apart.filter(({ before }) => before > 0);
  const other: Lot = { ...lot, id: newId() };
  const to = (one: (typeof apart)[number], n: number, from: string | null, into: string | null): NewEvent => ({
    type: 'gathered',
    lot: lot.id,
    amounts: { [one.part]: n },
    from,
    to: into,
  });
  return {
    events: [
      ...apart.map((one) => to(one, one.before + one.n, one.kit, null)),
      ...beside.flatMap((one): NewEvent[] => [
        { type: 'counted', lot: lot.id, change: { [one.part]: -one.n }, reason: KEPT_APART },
        to(one, one.before, null, one.kit),
        { type: 'counted', lot: other.id, change: { [one.part]: one.n }, reason: KEPT_APART },
      ]),
    ],
    lots: beside.length > 0 ? [other] : [],
  };
}

/** What is owed of a lot has come: sheets become pieces, the rest is counted in. */
export const arrive =
  (id: string): Deciding =>
  (bench, { newId }) => {
    const lot = bench.lots.get(id);
    const owed = bench.ledger.lots.get(id)?.owed ?? {};
    if (!lot || !isAnything(owed)) return refuse('nothing-to-do', lot?.name);
    const { size } = lot;
    if (lot.measure === 'sheets' && size) {
      const pieces = Array.from({ length: owed[''] ?? 0 }, () => ({ id: newId(), w: size.w, h: size.h }));
      return decided('arrived', lot.name, { events: [{ type: 'arrived', lot: id, pieces }] });
    }
    const { events, lots } = besideGathered(lot, owed, bench, newId);
    return decided('arrived', lot.name, {
      events: [{ type: 'arrived', lot: id, amounts: owed }, ...events],
      records: lots.map((one) => put('lots', one)),
    });
  };
