import { own } from '../../../stock/ledger';
import type { Lot } from '../../../stock/things';
import { decided, drop, put, refuse, type Deciding, type RecordWrite } from '../../act';
import { WHOLE } from './anotherAccount';
import { facesFor } from './facesFor';
import { comes, isUntouched, takenBack, toldOf, type Told } from './retell';

/** Two things that are one: what is here and owed of the one goes to the other, and its line goes. */
export const joinLots =
  (one: string, into: string): Deciding =>
  (bench) => {
    const [gone, kept] = [bench.lots.get(one), bench.lots.get(into)];
    if (!gone || !kept || one === into) return refuse('gone', gone?.name);
    // Scraps put with sheets would count as never cut.
    const isAlike = gone.measure === kept.measure && (gone.isLeftover ?? false) === (kept.isLeftover ?? false);
    if (!isAlike) return refuse('not-alike', gone.name);
    if (!isUntouched(bench, one)) return refuse('in-use', gone.name);
    return decided('joined-lots', kept.name, {
      events: [
        ...takenBack(bench, one, true),
        ...comes(into, toldOf(bench, one)),
        { type: 'amended', lot: into, was: {}, now: { joined: gone.name } },
      ],
      records: [drop('lots', one), ...withNotes(kept, gone)],
    });
  };

/** What she noted of the one that goes is noted of the other. */
const withNotes = (kept: Lot, { notes = [] }: Lot): RecordWrite[] =>
  notes.length === 0 ? [] : [put('lots', { ...kept, notes: [...(kept.notes ?? []), ...notes] })];

/** One thing that is two: so many of it become a thing of their own, by another name. */
export const partLot =
  (id: string, count: number, name: string): Deciding =>
  (bench, { newId }) => {
    const lot = bench.lots.get(id);
    if (!lot) return refuse('gone');
    if (!isUntouched(bench, id)) return refuse('in-use', lot.name);
    const { pieces, here, owed } = toldOf(bench, id);
    const isSheets = lot.measure === 'sheets';
    const n = lot.measure === 'share' ? count * WHOLE : count;
    const there = isSheets ? pieces.length : (own(here, '') ?? 0);
    if (!Number.isSafeInteger(n) || n < 1 || n >= there) return refuse('nothing-to-do', lot.name);
    const stays = there - n;
    const other: Lot = { ...lot, id: newId(), name };
    // Its faces are the first one's too, so that by another name they are its own.
    const { front, back, writes } = facesFor(bench, other, { name }, newId);
    const some = (from: number, to: number): Omit<Told, 'owed'> =>
      isSheets ? { pieces: pieces.slice(from, to), here: {} } : { pieces: [], here: { '': to - from } };
    return decided('parted-lot', lot.name, {
      events: [
        ...takenBack(bench, id, false),
        ...comes(id, { ...some(0, stays), owed }),
        ...comes(other.id, { ...some(stays, there), owed: {} }),
        { type: 'amended', lot: id, was: {}, now: { parted: name } },
      ],
      records: [put('lots', { ...other, front, back }), ...writes.map((face): RecordWrite => put('faces', face))],
    });
  };
