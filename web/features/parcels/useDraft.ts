import { useMemo, useState } from 'react';
import { alreadyOwn, type AlreadyOwned } from '../../../core/finding';
import { entriesOf, readItem, readList, unpack, type Entry, type ReadLine, type Unpacked } from '../../../core/listing';
import type { Correction, Draft } from '../../../core/things';
import { keepDraft } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { moveTicks } from './moveTicks';

/** A thing of the list with what it will be in the stash. */
export interface BoxEntry extends Entry, Unpacked {
  /** What she has of the same kind, size and colour; null: nothing. */
  readonly owned: AlreadyOwned | null;
}

export interface DraftState {
  readonly draft: Draft;
  readonly lines: readonly ReadLine[];
  readonly entries: readonly BoxEntry[];
  readonly save: (some: Partial<Draft>) => void;
  readonly setList: (list: string) => void;
  readonly setHere: (key: string, n: number) => void;
  readonly setDamaged: (entry: Entry, n: number) => void;
  /** Null takes the correction back. */
  readonly correct: (key: string, correction: Correction | null) => void;
  readonly putInstead: (entry: Entry, text: string) => void;
  /** What is here where nothing else was said: all. */
  readonly allHere: () => Draft['here'];
}

const without = <T>(all: Readonly<Record<string, T>> | undefined, key: string): Record<string, T> =>
  Object.fromEntries(Object.entries(all ?? {}).filter(([one]) => one !== key));

/** A parcel being unpacked, as it is typed and ticked: shown at once, and written behind it. */
export function useDraft(given: Draft): DraftState {
  const [draft, setDraft] = useState(given);
  const { kits, lots, ledger, faces } = useBench((b) => b);
  const save = (some: Partial<Draft>): void => {
    const next = { ...draft, ...some };
    setDraft(next);
    void keepDraft(next);
  };
  const lines = useMemo(() => readList(draft.list), [draft.list]);
  const read = useMemo(() => entriesOf(lines, draft.corrected), [lines, draft.corrected]);
  const entries = useMemo(
    () =>
      read.map((entry): BoxEntry => {
        let n = 0;
        const unpacked = unpack(entry.item, entry.line + 1, 'draft', [], () => `draft-${entry.key}-${++n}`);
        const { kind, size } = entry.item;
        const colours = unpacked.faces[0]?.colours ?? [];
        return { ...entry, ...unpacked, owned: alreadyOwn({ kind, size, colours }, { ledger, lots, kits }, faces) };
      }),
    [read, ledger, lots, kits, faces],
  );
  return {
    draft,
    lines,
    entries,
    save,
    setList: (list) => save({ list, ...moveTicks(draft, list) }),
    setHere: (key, n) => save({ here: { ...draft.here, [key]: n } }),
    // Damaged ones are here; a line not looked at yet has all of them.
    setDamaged: ({ key, item }, n) =>
      save({
        here: { ...draft.here, [key]: Math.max(draft.here[key] ?? item.count, n) },
        damaged: { ...draft.damaged, [key]: n },
      }),
    correct: (key, correction) =>
      save({ corrected: correction ? { ...draft.corrected, [key]: correction } : without(draft.corrected, key) }),
    // What came instead stands below, and is here; what should have come is owed.
    putInstead: ({ key, line }, text) => {
      const list = draft.list
        .split('\n')
        .toSpliced(line + 1, 0, text)
        .join('\n');
      const moved = moveTicks(draft, list);
      const came = readItem(text);
      save({
        list,
        ...moved,
        damaged: { ...moved.damaged, [key]: 0 },
        here: { ...moved.here, [key]: 0, ...(came ? { [line + 1]: came.count } : {}) },
      });
    },
    allHere: () => ({ ...Object.fromEntries(entries.map(({ key, item }) => [key, item.count])), ...draft.here }),
  };
}
