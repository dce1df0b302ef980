import type { Kit, Lot, Note, Page } from '../../stock/things';
import { decided, put, refuse, type Deciding, type RecordWrite } from '../act';
import type { Bench } from '../../stock/bench';

/** What notes are of. */
export type Noted = 'pages' | 'kits' | 'lots';

/** A note with what it is of. */
export interface NoteOf {
  readonly table: Noted;
  readonly key: string;
  /** What it is called. */
  readonly name: string;
  readonly note: Note;
}

const nameOf = (record: Page | Kit | Lot): string => ('title' in record ? record.title : record.name);

/** The record with its notes changed. */
const withNotes =
  (table: Noted, key: string, change: (notes: readonly Note[]) => readonly Note[]): Deciding =>
  (bench) => {
    const record: Page | Kit | Lot | undefined = bench[table].get(key);
    if (!record) return refuse('gone');
    const before = record.notes ?? [];
    const notes = change(before);
    if (notes === before) return refuse('nothing-to-do', nameOf(record));
    return decided('noted', nameOf(record), { records: [put(table, { ...record, notes }) as RecordWrite] });
  };

/** Notes something of a page, a kit or a thing. */
export const keepNote =
  (table: Noted, key: string, { words, isForNext }: { words: string; isForNext: boolean }): Deciding =>
  (bench, now) =>
    withNotes(table, key, (notes) =>
      words.trim() === ''
        ? notes
        : [...notes, { id: now.newId(), day: now.day, words: words.trim(), ...(isForNext ? { isForNext } : {}) }],
    )(bench, now);

/** Brings a note back with the next page, or no longer. */
export const markNote = (table: Noted, key: string, id: string, isForNext: boolean): Deciding =>
  withNotes(table, key, (notes) =>
    notes.map((one) => {
      if (one.id !== id) return one;
      const { isForNext: _, ...note } = one;
      return isForNext ? { ...note, isForNext } : note;
    }),
  );

export const dropNote = (table: Noted, key: string, id: string): Deciding =>
  withNotes(table, key, (notes) => (notes.some((one) => one.id === id) ? notes.filter((one) => one.id !== id) : notes));

/** Notes that come back when a page is begun, the oldest first. */
export function notesForNext(bench: Bench): NoteOf[] {
  const of = (table: Noted): NoteOf[] =>
    [...bench[table].values()].flatMap((record: Page | Kit | Lot) =>
      (record.notes ?? [])
        .filter(({ isForNext }) => isForNext)
        .map((note) => ({ table, key: record.id, name: nameOf(record), note })),
    );
  return [...of('pages'), ...of('kits'), ...of('lots')].sort((a, b) => a.note.day.localeCompare(b.note.day));
}
