import { leftOf } from '../../kit/closing';
import type { Fate } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent } from '../act';

/** What is to become of some of what is left of a kit. */
export interface Decision {
  /** Ids of pieces and lots. */
  readonly keys: readonly string[];
  /** Null: she has not decided after all. */
  readonly fate: Fate | null;
  /** Where in the stash it is put; absent: it stays where it lies. A paper's pieces are kept together. */
  readonly place?: string;
}

/** Decides on things that are left of a kit and stay. */
export const decideOn =
  (kit: string, { keys, fate, place }: Decision): Deciding =>
  (bench) => {
    const record = bench.kits.get(kit);
    if (!record) return refuse('gone');
    const left = leftOf(record, bench);
    const there = new Set(left.flatMap((thing) => thing.keys));
    const chosen = new Set(keys.filter((key) => there.has(key)));
    if (chosen.size === 0) return refuse('gone');
    const things = left.filter((thing) => thing.keys.some((key) => chosen.has(key)));
    // What is no longer there needs no decision.
    const others = Object.entries(record.fates ?? {}).filter(([key]) => there.has(key) && !chosen.has(key));
    const fates = Object.fromEntries([...others, ...(fate ? [...chosen].map((key) => [key, fate] as const) : [])]);
    const moves = [...new Set(things.map(({ lot }) => lot.id))].flatMap((lot): NewEvent[] => {
      const from = bench.ledger.lots.get(lot)?.place ?? '';
      return place === undefined || place === from ? [] : [{ type: 'moved', lot, from, to: place }];
    });
    const [first, ...more] = things;
    return decided('decided-on', first && more.length === 0 ? first.lot.name : '', {
      count: things.length,
      events: moves,
      records: [put('kits', { ...record, fates })],
    });
  };

/** Closes a kit: everything that is left of it was decided on. */
export const closeKit =
  (kit: string): Deciding =>
  (bench, { day }) => {
    const record = bench.kits.get(kit);
    if (!record) return refuse('gone');
    if (record.closed !== undefined) return refuse('nothing-to-do');
    const undecided = leftOf(record, bench).find(({ fate }) => fate === null);
    if (undecided) return refuse('undecided', undecided.lot.name);
    return decided('closed-kit', record.name, { records: [put('kits', { ...record, closed: day })] });
  };

/** Opens a closed kit again; what was decided stays decided. */
export const openKit =
  (kit: string): Deciding =>
  (bench) => {
    const record = bench.kits.get(kit);
    if (record?.closed === undefined) return refuse(record ? 'nothing-to-do' : 'gone');
    const { closed: _, ...open } = record;
    return decided('opened-kit', record.name, { records: [put('kits', open)] });
  };
