import { nanoid } from 'nanoid';
import { receiptOf, unpack, type ReadLine } from '../../../core/listing';
import type { Face } from '../../../core/things';
import { act } from '../../data/acts';
import type { Draft } from '../../data/bench';
import type { NewChange, NewEvent } from '../../data/ledgerStore';

/** Takes a parcel in: its kit, lots and faces, what is here as received, what is missing as owed; one act. */
export function putParcelAway(draft: Draft, lines: readonly ReadLine[]): Promise<boolean> {
  const newId = (): string => nanoid(8);
  const faces: Face[] = [];
  const events: NewEvent[] = [];
  const changes: NewChange[] = [
    { table: 'drafts', key: draft.id, after: null },
    { table: 'kits', key: draft.id, after: { id: draft.id, club: draft.club.trim(), name: draft.name.trim(), month: draft.month, theme: themeWords(draft.name), list: draft.list } },
  ];
  lines.forEach((line, i) => {
    if (line.status !== 'read') return;
    const { item } = line;
    const { lot, faces: own } = unpack(item, i + 1, draft.id, faces, newId);
    faces.push(...own);
    changes.push({ table: 'lots', key: lot.id, after: lot });
    const here = draft.here[i] ?? 0;
    if (here > 0) events.push({ type: 'received', lot: lot.id, ...receiptOf(item, here, newId) });
    const missing = item.count - here;
    const owed = item.measure === 'sheets' || item.measure === 'count' ? { '': missing } : item.letters ?? { '': item.length! };
    if (missing > 0) events.push({ type: 'owed', lot: lot.id, amounts: owed });
  });
  changes.push(...faces.map((face): NewChange => ({ table: 'faces', key: face.id, after: face })));
  return act({ label: `Put ${draft.name.trim()} away`, events, changes });
}

const themeWords = (name: string): string[] => name.toLowerCase().split(/\s+/).filter(Boolean);
