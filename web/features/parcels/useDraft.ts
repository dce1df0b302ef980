import { useDeferredValue, useMemo, useState } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import { alreadyOwn, type AlreadyOwned } from '../../../core/kit/finding';
import {
  entriesOf,
  readList,
  underRules,
  unpack,
  type Entry,
  type ReadLine,
  type Unpacked,
} from '../../../core/stock/listing';
import type { Bench } from '../../../core/stock/bench';
import type { Correction, Draft } from '../../../core/stock/things';
import { keepDraft } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { moveTicks } from './moveTicks';

/** A thing of the list with what it will be in the stash. */
export interface BoxEntry extends Entry, Unpacked {
  /** What she has of the same kind, size and colour; null: nothing. */
  readonly owned: AlreadyOwned | null;
}

/** What can be done with a draft; the same object for as long as it is on the screen. */
export interface DraftActs {
  readonly save: (some: Partial<Draft>) => void;
  readonly setList: (list: string) => void;
  readonly setHere: (key: string, n: number) => void;
  readonly setDamaged: (entry: Entry, n: number) => void;
  /** Null takes the correction back. */
  readonly correct: (key: string, correction: Correction | null) => void;
  /** Puts a text in the place of a stretch of a line. */
  readonly write: (line: number, from: number, to: number, text: string) => void;
  readonly putInstead: (entry: Entry, text: string) => void;
  /** Takes the last change of the list, its ticks or corrections back, or does it again; false: there is none. */
  readonly undo: () => boolean;
  readonly redo: () => boolean;
}

/** A list as it is typed, and as it is read. */
export interface ReadDraft {
  readonly draft: Draft;
  readonly lines: readonly ReadLine[];
  readonly entries: readonly Entry[];
}

export interface DraftState extends ReadDraft {
  /** To be shown: a moment behind what is typed, as the lines are. */
  readonly entries: readonly BoxEntry[];
  readonly acts: DraftActs;
  /** To the last letter typed: for what is done with all of it. */
  readonly asOfNow: () => ReadDraft;
  /** What is here where nothing else was said: all. */
  readonly allHere: () => Draft['here'];
}

const without = <T>(all: Readonly<Record<string, T>> | undefined, key: string): Record<string, T> =>
  Object.fromEntries(Object.entries(all ?? {}).filter(([one]) => one !== key));

/** What came instead stands below, and is here; what should have come is owed. */
function withInstead(draft: Draft, { key, line }: Entry, text: string): Partial<Draft> {
  const list = draft.list
    .split('\n')
    .toSpliced(line + 1, 0, text)
    .join('\n');
  const moved = moveTicks(draft, list);
  const came = entriesOf(readList(list, draft.unit)).filter((one) => one.line === line + 1);
  return {
    list,
    ...moved,
    damaged: { ...moved.damaged, [key]: 0 },
    here: { ...moved.here, [key]: 0, ...Object.fromEntries(came.map((one) => [one.key, one.item.count])) },
  };
}

/** @param change what is said of the draft as it is by then; typing goes on from what was typed before */
function actsOn(
  change: (of: (draft: Draft) => Partial<Draft>, isTyped?: boolean) => void,
): Omit<DraftActs, 'undo' | 'redo'> {
  const setList = (list: string): void => change((draft) => ({ list, ...moveTicks(draft, list) }), true);
  return {
    save: (some) => change(() => some),
    setList,
    setHere: (key, n) => change(({ here }) => ({ here: { ...here, [key]: n } })),
    // Damaged ones are here; a line not looked at yet has all of them.
    setDamaged: ({ key, item }, n) =>
      change(({ here, damaged }) => ({
        here: { ...here, [key]: Math.max(here[key] ?? item.count, n) },
        damaged: { ...damaged, [key]: n },
      })),
    correct: (key, correction) =>
      change(({ corrected }) => ({
        corrected: correction ? { ...corrected, [key]: correction } : without(corrected, key),
      })),
    write: (line, from, to, text) =>
      change((draft) => {
        const list = draft.list
          .split('\n')
          .map((one, i) => (i === line ? one.slice(0, from) + text + one.slice(to) : one))
          .join('\n');
        return { list, ...moveTicks(draft, list) };
      }),
    putInstead: (entry, text) => change((draft) => withInstead(draft, entry, text)),
  };
}

type Known = Pick<Bench, 'ledger' | 'lots' | 'kits' | 'faces'>;

/** Makes the things of a list as they go into the box; one whose line is as it was stays the same object. */
function rememberEntries() {
  let before = new Map<string, { of: readonly unknown[]; entry: BoxEntry }>();
  return (
    lines: readonly ReadLine[],
    { corrected, unit }: Pick<Draft, 'corrected' | 'unit'>,
    { ledger, lots, kits, faces }: Known,
  ) => {
    const now: typeof before = new Map();
    for (const read of entriesOf(lines, corrected, unit)) {
      const of = [lines[read.line], corrected?.[read.key], unit, ledger];
      const old = before.get(read.key);
      if (old?.of.every((one, i) => one === of[i])) {
        now.set(read.key, old);
        continue;
      }
      let n = 0;
      const unpacked = unpack(read.item, read.line + 1, 'draft', [], () => `draft-${read.key}-${++n}`);
      const { kind, size } = read.item;
      const colours = unpacked.faces[0]?.colours ?? [];
      const owned = alreadyOwn({ kind, size, colours }, { ledger, lots, kits }, faces);
      now.set(read.key, { of, entry: { ...read, ...unpacked, owned } });
    }
    before = now;
    return [...now.values()].map(({ entry }) => entry);
  };
}

interface Typed {
  readonly draft: Draft;
  readonly acts: DraftActs;
}

/** So many changes can be taken back. */
const REMEMBERED = 500;

/**
 * Lists of which something is still being written: who leaves one and comes back at once finds it as she left it, and
 * not as it was written last.
 */
const beingWritten = new Map<string, { readonly store: StoreApi<Typed>; writes: number }>();

async function writeBehind(store: StoreApi<Typed>, draft: Draft): Promise<void> {
  const own = beingWritten.get(draft.id) ?? { store, writes: 0 };
  beingWritten.set(draft.id, own);
  own.writes++;
  await keepDraft(draft);
  own.writes--;
  if (own.writes === 0) beingWritten.delete(draft.id);
}

/** The draft as it is typed; every change is written behind it, and can be taken back while it is on the screen. */
const draftStore = (given: Draft): StoreApi<Typed> =>
  createStore((set, get, store) => {
    const past: Draft[] = [];
    const future: Draft[] = [];
    let wasTyped = false;
    const show = (draft: Draft): void => {
      set({ draft });
      void writeBehind(store, draft);
    };
    const change = (of: (draft: Draft) => Partial<Draft>, isTyped = false): void => {
      const { draft } = get();
      if (!isTyped || !wasTyped) past.push(draft);
      if (past.length > REMEMBERED) past.shift();
      future.length = 0;
      wasTyped = isTyped;
      show({ ...draft, ...of(draft) });
    };
    const turn = (from: Draft[], to: Draft[]) => (): boolean => {
      const before = from.pop();
      if (!before) return false;
      to.push(get().draft);
      wasTyped = false;
      show(before);
      return true;
    };
    return { draft: given, acts: { ...actsOn(change), undo: turn(past, future), redo: turn(future, past) } };
  });

/** A parcel being unpacked, as it is typed and ticked: shown at once, and written behind it. */
export function useDraft(given: Draft): DraftState {
  const [store] = useState(() => beingWritten.get(given.id)?.store ?? draftStore(given));
  const [entriesFor] = useState(rememberEntries);
  const { draft, acts } = useStore(store);
  const { rules, ledger, lots, kits, faces } = useBench((b) => b);
  const { list, corrected, unit } = useDeferredValue(draft);
  const linesOf = useMemo(() => {
    const own = [...rules.values()];
    return (text: string, inUnit: Draft['unit']) => readList(text, inUnit).map((line) => underRules(line, own));
  }, [rules]);
  const lines = useMemo(() => linesOf(list, unit), [linesOf, list, unit]);
  const entries = useMemo(
    () => entriesFor(lines, { corrected, unit }, { ledger, lots, kits, faces }),
    [entriesFor, lines, corrected, unit, ledger, lots, kits, faces],
  );
  const asOfNow = (): ReadDraft => {
    const { draft: typed } = store.getState();
    const read = linesOf(typed.list, typed.unit);
    return { draft: typed, lines: read, entries: entriesOf(read, typed.corrected, typed.unit) };
  };
  return {
    draft,
    lines,
    entries,
    acts,
    asOfNow,
    allHere: () => {
      const now = asOfNow();
      return { ...Object.fromEntries(now.entries.map(({ key, item }) => [key, item.count])), ...now.draft.here };
    },
  };
}
