import { nanoid } from 'nanoid';
import { amountsOf, ofDesign, receiptOf, unpack, type ListItem, type ReadLine } from '../../../core/listing';
import type { Face, Lot } from '../../../core/things';
import { act } from '../../data/acts';
import type { Draft } from '../../data/bench';
import type { NewChange, NewEvent } from '../../data/ledgerStore';

/** How a line stands against the box. */
interface Checked {
  readonly here: number;
  /** Of those that are here. */ readonly damaged: number;
}

/** What of a line came in, and what is owed of it: what is missing, and another for each that is damaged. */
function eventsOf(item: ListItem, lots: readonly Lot[], { here, damaged }: Checked, newId: () => string): NewEvent[] {
  const owed = Math.max(0, item.count - here) + damaged;
  return lots.flatMap((lot, i) => {
    const [came, toCome] = [here, owed].map((n) => ofDesign(n, i, lots.length)) as [number, number];
    return [
      ...(came > 0 ? [{ type: 'received', lot: lot.id, ...receiptOf(item, came, newId) } as NewEvent] : []),
      ...(toCome > 0
        ? [
            {
              type: 'owed',
              lot: lot.id,
              amounts: item.measure === 'sheets' ? { '': toCome } : amountsOf(item, toCome),
            } as NewEvent,
          ]
        : []),
    ];
  });
}

/** Takes a parcel in: its kit, lots and faces, what is here as received, what is missing as owed; one act. */
export function putParcelAway(draft: Draft, lines: readonly ReadLine[]): Promise<boolean> {
  const newId = (): string => nanoid(8);
  const faces: Face[] = [];
  const events: NewEvent[] = [];
  const changes: NewChange[] = [
    { table: 'drafts', key: draft.id, after: null },
    {
      table: 'kits',
      key: draft.id,
      after: {
        id: draft.id,
        club: draft.club.trim(),
        name: draft.name.trim(),
        month: draft.month,
        theme: themeWords(draft.name),
        list: draft.list,
      },
    },
  ];
  lines.forEach((line, i) => {
    if (line.status !== 'read') return;
    const { lots, faces: own } = unpack(line.item, i + 1, draft.id, faces, newId);
    const damaged = draft.damaged?.[i] ?? 0;
    faces.push(...own);
    changes.push(
      ...lots.map((lot): NewChange => ({
        table: 'lots',
        key: lot.id,
        after: damaged > 0 ? { ...lot, note: [lot.note, `${damaged} came damaged`].filter(Boolean).join(', ') } : lot,
      })),
    );
    events.push(...eventsOf(line.item, lots, { here: draft.here[i] ?? 0, damaged }, newId));
  });
  changes.push(...faces.map((face): NewChange => ({ table: 'faces', key: face.id, after: face })));
  return act({ label: `Put ${draft.name.trim()} away`, events, changes });
}

const themeWords = (name: string): string[] => name.toLowerCase().split(/\s+/).filter(Boolean);
